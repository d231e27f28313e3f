# frozen_string_literal: true

# Two things set side by side in running text, one after the other.
RSpec.describe Peony::Reading::Compared do
  include WordsRead

  def names(words) = described_class.of(text(words))&.map(&:name)

  {
    "begins with the other though it was not spoken of before" =>
      ["Our mill can be reached by two paths and guests are told about both. The dyke path is a mile long. It takes twenty minutes and is closed in a gale. " \
       "By the lane it is two miles. You will need half an hour and meet cows. " \
       "Those who live at the mill have no choice.", ["dyke path", "lane"]],
    "begins where it is in both" =>
      ["My two jobs could hardly be more different. At the observatory I sit alone from dusk and speak to nobody. What I do there may be of use some day. " \
       "In the bakery we are nine, we shout, and it is cash on Friday. Both begin when the trams do not run.", %w[observatory bakery]],
    "takes nothing that belongs to the first for the other" =>
      ["Varn keeps two engines, and visitors ask which is better. Old Tabitha carries 900 litres and gets up the bank in eleven minutes. She needs a crew of six. " \
       "Her ladder reaches the second floor.\n\n" \
       "The new one, Corrie, carries 1,600 litres and can be managed by three. With its ladder we could reach the fourth. It has broken down twice.", ["Old Tabitha", "Corrie"]],
    "calls people by their names" =>
      ["The archive is kept by two people who have never been seen to agree. Miss Ferro files by date. " \
       "She works in gloves.\n\nBram, whose desk is opposite, files by what he calls smell. His sleeves are rolled up. The cat goes to both.",
       ["Miss Ferro", "Bram"]],
    "calls one and the other by what they do" =>
      ["There were two candidates for the boiler. One burns wood chips. It would cost £38,000 and needs a shed. The other takes its warmth out of the ground. " \
       "For that two holes would have to be drilled. It makes no noise.",
       ["burns wood chips", "takes its warmth"]],
    "tells the one from the other by where they are" =>
      ["Two schools of soup divide the valley, and you cannot choose. The people of Saltings make theirs so that a spoon will stand. It takes an afternoon. " \
       "In Upper Gill soup is clear. One sees the bottom of the plate.",
       ["people of Saltings", "Upper Gill"]]
  }.each do |what, (words, wanted)|
    it(what) { expect(names(words)).to eq(wanted) }
  end

  it "leaves alone what announces no two, and what tells of three" do
    expect(names("The pots are in the shed. The lids are on the shelf. The kiln is cold. It rained all night.")).to be_nil
    expect(names("There are two rivals on the shelf. Meadow costs 2.29 and tastes sweet. Barley costs 1.79 but is thin. Ours will cost 1.99 and foams.")).to be_nil
  end

  it "draws both with what is told of them" do
    words = "Two lights stand on the dyke and you could not confuse them. Ormay burns white and turns once in twelve seconds. Its keeper left long ago. The light of Dunlin floats. " \
            "It is red and blinks when it feels like it."
    items = found("comparison", words).items
    expect(items.map(&:title)).to eq(["Ormay", "Light of Dunlin"])
    expect(items.last.detail).to include("blinks when it feels like it")
  end
end
