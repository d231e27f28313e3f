# frozen_string_literal: true

# Notes of mills, festivals and offices: which number goes with which moment, who is who, what is on no side.
RSpec.describe "Notes of mills and festivals" do
  include WordsRead

  it "keep each number with its own moment, and those of another kind apart" do
    expect(valued("The sunflower! In spring it had six leaves. Come June I counted ten, by the holidays there were nineteen, and now, with the nights " \
                  "drawing in, it stares over the fence with twenty-six."))
      .to eq([["Spring", 6], ["June", 10], ["The holidays", 19], ["Now", 26]])
    frozen = "The race froze twice this winter. In January we ground 400 kg of flour, in February 310 kg, in March 520 kg and in April 680 kg."
    expect(valued(frozen)).to eq([["January", 400], ["February", 310], ["March", 520], ["April", 680]])
    expect(read(frozen).derived.map(&:unit)).not_to include("times")
  end

  it "call people by their names, and what comes at the end by what it is" do
    expect(names("The further out you live, the longer you sleep. Of our four drivers, Hob rides 4 stops and sleeps 3 minutes, Gesa 9 stops and 11 " \
                 "minutes, Rolf 15 and 20, Mirre 22 stops and 34 minutes.").first).to eq("Hob rides")
    expect(told("ranking", "Crime leads with 61 books. Travel follows with 24, then come tales about love (19).").last).to eq(["Tales about love", 19])
  end

  it "count neither what there was none of, nor who paid" do
    expect(amounts("212 members, eleven boats afloat and not one soul in the water.")).to eq([[212, "members"], [11, "boats"]])
    expect(amounts("Longest queues, minutes at noon: post office 23, canteen 17, library 4.").map(&:last).uniq).to eq(["minutes"])
    expect(amounts("34 schools have booked. So far 31 of those classes came.").last).to eq([31, "classes"])
    paid = "The bell cost £4,800 in the end. The county gave half of that. £1,100 came out of our savings, the tombola and two concerts brought £450, and " \
           "a lady sent the remaining £850."
    expect(valued(paid)).to eq([["The county", 2400], ["Savings", 1100], ["The tombola and two concerts", 450], ["A lady", 850]])
  end

  it "put a question that is asked of all on no side, and lead with who speaks" do
    sides = read("Should the shop open on Mondays? Those who say yes point to the ferry that comes in at ten. Parents who work early ask who would mind " \
                 "the children, and the baker fears for his sleep.")
    expect(sides.best.family).to eq("opposition")
    expect(sides.items.map { |i| i.named.title }).to eq(["Those who say yes", "Parents who work early"])
    expect(sides.items.first.detail).not_to include("?")
  end

  it "ask what is to be asked, and say what is done then" do
    expect(read("Will it rain? If it does, we sing in the barn. If not, look at the grass: dry, and the choir stands by the pond; still wet, and we take " \
                "the yard.").items.size).to eq(5)
    sick = read("Should you stay at home? Got a fever? Stay in bed and ring me. No fever but you're coughing over everyone? Work from home. Just tired? " \
                "Then come in, and we'll find you a quiet room.").items.map(&:named)
    expect(sick.size).to eq(3)
    expect([sick.first.title, sick.first.detail]).to eq(["Got a fever?", "Stay in bed and ring me"])
  end

  it "tell as many below as are announced" do
    tree = read("The fair is run by a board of five, with Tarik in the chair. Below the board come three crews. Rhea's crew builds the stages. The " \
                "kitchen is led by Pim, who has a baker. Money and tickets are Ansel's.").items
    expect(tree.size).to eq(1)
    expect(tree.first.children.map { |c| c.named.title }.size).to eq(3)
  end

  it "keep an answer with what is told of, and causes with what they come to" do
    told = read("People ask about the two bakeries. Wend's opens at five and sells nothing but rye, and you pay in coins. The Oven, down at the quay, " \
                "takes cards and has eleven kinds of bun. The bread? A good deal softer.").items
    expect(told.last.named.detail).to end_with("The bread? A good deal softer.")
    causes = read("Late edition: late copy from sports; then a jam in the press; then a driver off sick. Result: 900 readers without a paper.")
    expect(causes.best.family).to eq("cause")
    expect(causes.items.size).to eq(3)
  end

  it "say under a number what stands under it" do
    items = read("The print shop in one week\n\n340 posters\nMore than in any week of the year.\n\n2,150 km\nThat is how far the paper would reach, sheet " \
                 "to sheet.\n\n6 hours\nof overtime, all on the Friday.\n").items.map(&:named)
    expect(items.map { |i| [i.title, i.value] }).to eq([["posters", 340], ["How far the paper would reach", 2150], ["overtime, all on the Friday", 6]])
    expect(items.first.detail).to start_with("More than in any week")
  end
end
