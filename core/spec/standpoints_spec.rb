# frozen_string_literal: true

# Two who stand against each other in running text.
RSpec.describe Peony::Reading::Standpoints do
  include WordsRead

  def sides(words) = described_class.of(text(words))&.to_h { |s| [s.name.text, s.points.map(&:text)] }

  {
    "those who say and those who think otherwise" =>
      ["Nobody in the club agrees about the new flag. Runa says it is cheap, and in advance. One sees it from afar, she says, and half of our guests asked for it. " \
       "Tomke has had enough of it. The old colours are wanted every year, the wind always wins, and you cannot dye it back. We took a vote, and it was two against two.",
       { "Runa" => ["it is cheap, and in advance", "One sees it from afar", "half of our guests asked for it"],
         "Tomke" => ["The old colours are wanted every year", "the wind always wins", "you cannot dye it back"] }],
    "who is for it in passing, and who is against it before a colon" =>
      ["Should the baths have music? Sefa, who is for it, says that silence frightens people who come alone. It covers the pumps. The guards would hum something else. " \
       "Jon is against it: one person's tune is the next one's toothache. It would have to be paid for. The trial is to last a week.",
       { "Sefa" => ["silence frightens people who come alone", "It covers the pumps", "The guards would hum something else"],
         "Jon" => ["one person's tune is the next one's toothache", "It would have to be paid for"] }],
    "who says it behind what is said" =>
      ["Whether the lamp should burn all winter has been argued in every kitchen. " \
       "Put it out, and a landing at two becomes an adventure, say its friends; the keeper would have to go, and it is the only light on the coast. " \
       "Its enemies have done sums. In February it burns for four people and a dog. The oil costs nine hundred a year.",
       { "its friends" => ["Put it out, and a landing at two becomes an adventure", "the keeper would have to go", "it is the only light on the coast"],
         "Its enemies" => ["In February it burns for four people and a dog", "The oil costs nine hundred a year"] }],
    "what is for it and what is against it" =>
      ["We are thinking of closing on Mondays. For it: hardly anybody comes, the staff could do with a day, and the bread would keep. " \
       "Against it: the few who come are old, the other shop would be pleased, and the lamps burn anyway. We shall decide in autumn.",
       { "For it" => ["hardly anybody comes", "the staff could do with a day", "the bread would keep"],
         "Against it" => ["the few who come are old", "the other shop would be pleased", "the lamps burn anyway"] }],
    "those who see it differently, and a remark put in between" =>
      ["So the evening went on until ten. In favour were the nurses, who walk home in the dark; and anyone with daughters. It would be paid for by the county. " \
       "Against it spoke the whole of Weir Street, where the thing would turn round. Then there's the driver, who would have to come from far off. No vote, it was too late.",
       { "In favour" => ["were the nurses, who walk home in the dark", "anyone with daughters", "It would be paid for by the county"],
         "Against it" => ["spoke the whole of Weir Street, where the thing would turn round", "Then there's the driver, who would have to come from far off"] }],
    "somebody's mind" =>
      ["There are two opinions in our house about camping. My father's is that one sleeps like a stone, that food tastes of something and that it costs nothing. " \
       "To my mother's mind the stone is what one sleeps on; everything tastes of smoke. We children were never asked.",
       { "My father" => ["one sleeps like a stone", "food tastes of something", "it costs nothing"],
         "my mother" => ["the stone is what one sleeps on", "everything tastes of smoke"] }]
  }.each do |what, (words, wanted)|
    it("knows #{what}") { expect(sides(words)).to eq(wanted) }
  end

  it "draws each side with its name and what it puts forward" do
    words = "Should the goats go on the green? Half of them are all for it: goats need no petrol, they are company on the bench, and think of the cheese. " \
            "The other half had brought photographs. Goats, they said, eat washing. They would be on the road by Tuesday. The vicar abstained."
    items = found("opposition", words).items
    expect(items.map(&:title)).to eq(["Half of them", "The other half"])
    expect(items.map { |i| i.children.size }).to eq([3, 2])
  end

  it "says nothing where nobody stands anywhere" do
    expect(sides("It rained all night. In the morning the river was high. We stayed at home and read.")).to be_nil
  end

  it "takes no longer for many who say, or for one who never stops" do
    ["#{'Some say yes, ' * 4_000}.", ("Others want it; " * 4_000), ("Those who say " * 4_000)].each do |words|
      expect(seconds { described_class.of(text(words)) }).to be < 10
    end
  end
end
