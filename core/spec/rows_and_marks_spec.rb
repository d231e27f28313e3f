# frozen_string_literal: true

# Lines as people type them: with all sorts of marks, strokes and columns, and without any.
RSpec.describe "Reading rows and marks" do
  include WordsRead

  def items(words) = Peony::Notes::Text.read(words).blocks.select(&:item?).map(&:text)

  it "takes boxes, arrows and squares in front of lines for the marks of entries" do
    %w[☐ ☑ ■ ◆ ● → ► »].each do |mark|
      expect(items("Before it goes to print\n#{mark} names spelled\n#{mark} photo credits\n#{mark} the number, rung once\n")).to eq(["names spelled", "photo credits", "the number, rung once"])
    end
  end

  it "takes names and their numbers line by line, in small letters too" do
    words = "Tickets for \"The Salt Wife\", 480 seats\nfull price 190\npupils 140\nfriends of the house 96\nfree, for the fire brigade and aunts 54\n"
    expect(told("parts", words)).to eq([["Full price", 190], ["Pupils", 140], ["Friends of the house", 96], ["Free, for the fire brigade and aunts", 54]])
    expect(read(words).best.family).to eq("parts")
  end

  it "takes a head with a colon over such lines for their head" do
    words = "A T-shirt at 20 euros: who gets what\ncotton farmer 0.60\nsewing 0.40\ntransport and customs 2.20\nbrand 5.80\nshop 7.80\ntax 3.20\n"
    expect(told("parts", words).first).to eq(["Cotton farmer", 0.6])
    expect(read(words).quantities.map(&:unit).uniq).to eq(["EUR"])
  end

  it "reads hours line by line, with and without minutes" do
    words = "Open day\nfrom 10 – tours of the dairy, every half hour\n11 – how butter is made (children)\n12.30 – soup\n2 – the cows come down\n3.15 – prize for the loudest moo\n"
    expect(found("timeline", words).items.map { |i| [i.date, i.title] }.first(3)).to eq([["10", "Tours of the dairy"], ["11", "How butter is made"], ["12.30", "Soup"]])
    expect(read("Rows\n1 – apples\n2 – pears\n3 – plums\n").quantities.size + text("Rows\n1 – apples\n2 – pears\n3 – plums\n").moments.size).to be <= 3
  end

  it "reads dates before a stroke, and periods from one month to the next" do
    words = "Artist in residence\n4–8 May | talks with the classes\n11 May | studio open to all\n1 June | party in the underpass\n"
    expect(found("timeline", words).items.map { |i| [i.date, i.title] }).to eq([["4–8 May", "Talks with the classes"], ["11 May", "Studio open to all"], ["1 June", "Party in the underpass"]])
    expect(text("3 March: mock exam\n28 April to 2 May: the real thing\n20 May: orals\n").dates.map(&:text)).to eq(["3 March", "28 April to 2 May", "20 May"])
  end

  it "reads two bare numbers to a line by the heads of both" do
    points = found("relation", "Lessons taken / faults in the test\n10 / 14\n15 / 9\n20 / 6\n30 / 5\n").items
    expect(points.map { |i| i.aspects.to_h }.first).to eq("Lessons taken" => "10", "faults in the test" => "14")
    expect(points.map(&:unit).uniq).to eq([""])
  end

  it "leaves out of how many where it is the same for all" do
    points = found("relation", "Salt in the water and eggs that float\n5 g: 0 of 10\n20 g: 1 of 10\n40 g: 6 of 10\n60 g: 10 of 10\n").items
    expect(points.map { |i| i.aspects.map(&:last) }).to eq([%w[5 0], %w[20 1], %w[40 6], %w[60 10]])
  end

  it "takes the heading for what all rows are in" do
    words = "How children come to school (per cent)\non foot: 31 in 2019, 47 today\nby bike: 9 in 2019, 21 today\nby car: 60 in 2019, 32 today\n"
    expect(read(words).best.family).to eq("change")
    expect(read(words).items.map { |i| [i.title, i.value, i.unit] }).to eq([["On foot", 47, "%"], ["By bike", 21, "%"], ["By car", 32, "%"]])
    posts = "Our posts in May, by hearts\nLamb asleep in a boot — 2,114\nNew opening hours — 388\nThe baker's hands — 341\n"
    expect(read(posts).quantities.map(&:unit).uniq).to eq(["hearts"])
    expect(read("Welding for beginners\n- 1,900 saw the post\n- 240 opened the form\n- 61 filled it in\n").quantities.map(&:unit).uniq).to eq(["people"])
  end

  it "takes a first row of names for the heads of columns" do
    bikes = read("Model: Lark, Heron\nWeight: 11 kg, 16 kg\nGears: 3, 8\nPrice: 640, 890\n")
    expect(bikes.best.family).to eq("comparison")
    expect(bikes.items.map { |i| [i.title, i.aspects] }).to eq([["Lark", [["Weight", "11 kg"], %w[Gears 3], %w[Price 640]]], ["Heron", [["Weight", "16 kg"], %w[Gears 8], %w[Price 890]]]])
    expect(bikes.quantities.last(2).map(&:unit)).to eq(["", ""])
  end

  it "keeps the first of lines that are led alike, and an assessment by its letters" do
    expect(titles("overlap", "Only bats: fur, milk\nOnly birds: feathers, eggs\nBats and birds: wings, warm blood\n")).to eq(["Only bats", "Only birds", "Bats and birds"])
    letters = read("Mobile library, looked at coldly\nS: the driver knows everybody\nW: the bus is from 1994\nO: two new villages ask for it\nT: the bridge takes 7 tonnes, we are 7.2\n")
    expect([letters.best.family, letters.items.map(&:title)]).to eq(["quadrant", %w[S W O T]])
  end

  it "takes a longer head among short ones for a head" do
    words = "Getting permission\n\nAsk before you lift the camera\nA nod is enough in the street.\n\nShow the picture\nOn the spot.\n\nFile it\nWith the date.\n"
    expect(Peony::Notes::Text.read(words).blocks.count { |b| b.heading? && b.level == 3 }).to eq(3)
  end

  it "knows what was before and is now in each row" do
    words = "New website\n- seconds until the page stands: 6.1, before; 1.4, now\n- orders: 480, before; 730, now\n"
    expect(found("change", words).items.map { |i| i.aspects.map(&:last) }).to eq([%w[6.1 1.4], %w[480 730]])
  end

  it "does not add up shares at several points" do
    words = "The longer our subject line the fewer people open the mail. With 20 characters it is 41 per cent, with 35 it is 33, with 50 still 24, and beyond 70 hardly 12."
    expect(read(words).queries).to be_empty
    expect(found("relation", words).items.map { |i| i.aspects.map(&:last) }).to eq([%w[20 41], %w[35 33], %w[50 24], %w[70 12]])
  end

  it "sets what the old one did against what its successor does, in the same order" do
    words = "The old fridge in the staff room hummed at 51 decibels and used a kilowatt hour and a half a day; its successor manages with 34 and 0.4."
    expect(amounts(words)).to eq([[51, "decibels"], [1.5, "kWh"], [34, "decibels"], [0.4, "kWh"]])
    expect(found("change", words).items.map { |i| i.aspects.map(&:last) }).to eq([["51 decibels", "34"], ["a kilowatt hour and a half", "0.4"]])
  end

  it "names who is first by what comes behind, whatever they are the first of" do
    words = "Longest of our four rivers is the Ouzel at 61 km. The Tarn makes 44, if you count the bend. The Lisk is 27 km long, and the Small Lisk, which everybody takes for a ditch, 6."
    expect(found("ranking", words).items.map { |i| [i.title, i.value, i.unit] }).to eq([["Ouzel", 61, "km"], ["Tarn", 44, "km"], ["Lisk", 27, "km"], ["Small Lisk", 6, "km"]])
    choir = "Measured from the third row, the organ was loudest with 104 decibels. The brass band reached 99, the children's choir, to everybody's surprise, 97, and the vicar 71."
    expect(titles("ranking", choir)).to eq(["Organ", "Brass band", "Children's choir", "Vicar"])
  end

  it "takes eight of ten people who were asked for a ratio" do
    expect(read("Ask ten people in Port Maren what the statue in the square is holding and eight of them will say a fish.").best.family).to eq("ratio")
  end
end
