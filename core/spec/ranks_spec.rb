# frozen_string_literal: true

# Who stands below whom, and which kinds a kind has, in running text.
RSpec.describe Peony::Reading::Ranks do
  include WordsRead

  def tree(items) = items.to_h { |i| [i.title, tree(i.children)] }
  def hierarchy(words) = tree(found("hierarchy", words).items)

  {
    "Ms Varga runs the company. Production and sales report to her. Production has a paint shop and an assembly hall; sales has a team for shops and one for the web." =>
      { "Ms Varga" => { "Production" => { "Paint shop" => {}, "Assembly hall" => {} }, "Sales" => { "Team for shops" => {}, "Web" => {} } } },
    "The hospital is headed by a director. Three people report to the director: the chief doctor, the head nurse and the administrator. " \
    "The chief doctor is in charge of the surgeons and the physicians. The head nurse leads the ward teams. Cleaning, catering and IT belong to the administrator." =>
      { "Director" => { "Chief doctor" => { "Surgeons" => {}, "Physicians" => {} }, "Head nurse" => { "Ward teams" => {} },
                        "Administrator" => { "Cleaning" => {}, "Catering" => {}, "IT" => {} } } },
    "Ines Hartmann runs the agency. Under her work Paul Oster, who heads design, and Lea Brand, who heads text. Paul has two illustrators and a layout artist. Lea has three writers." =>
      { "Ines Hartmann" => { "Paul Oster" => { "Two illustrators" => {}, "Layout artist" => {} }, "Lea Brand" => { "Three writers" => {} } } },
    "The board approves the targets. Reporting to the board, the sustainability committee is chaired by Ilse Marrow and has three working groups: energy, materials and people." =>
      { "Board" => { "Sustainability committee" => { "Energy" => {}, "Materials" => {}, "People" => {} } } },
    "The kitchen is run by Pavel Dorn. He has a sous-chef, Mira, and three cooks. Mira looks after the apprentices and the stores." =>
      { "Pavel Dorn" => { "Mira" => { "Apprentices" => {}, "Stores" => {} }, "Three cooks" => {} } },
    "The head teacher is Ms Ott. Under her are two deputies, Mr Lund for the lower school and Ms Hale for the upper school. Mr Lund is in charge of four class teachers. " \
    "Ms Hale leads the departments of science, languages and arts." =>
      { "Ms Ott" => { "Mr Lund for the lower school" => { "Four class teachers" => {} },
                      "Ms Hale for the upper school" => { "Departments of science" => {}, "Languages" => {}, "Arts" => {} } } }
  }.each do |words, wanted|
    it("puts #{wanted.keys.first} over the others: #{words[0, 50]}…") { expect(hierarchy(words)).to eq(wanted) }
  end

  it "knows an office again by the thing that it is for" do
    words = "The council is led by a president. Under her are two officers: one for sport and one for food. " \
            "The sport officer has two captains and a timekeeper. The food officer looks after the tasters."
    expect(hierarchy(words)).to eq("President" => { "Sport" => { "Two captains" => {}, "Timekeeper" => {} }, "Food" => { "Tasters" => {} } })
  end

  it "leaves out the whole where its parts have parts" do
    words = "The museum is made up of three departments. Collections has a registrar and two conservators. " \
            "Learning is split into schools, families and adults. Operations covers security, the shop and the café."
    expect(hierarchy(words)).to eq("Collections" => { "Registrar" => {}, "Two conservators" => {} }, "Learning" => { "Schools" => {}, "Families" => {}, "Adults" => {} },
                                   "Operations" => { "Security" => {}, "Shop" => {}, "Café" => {} })
  end

  it "reads kinds, and what is said about one in passing does not matter" do
    words = "Seabirds fall into three groups. Auks, which fly badly and swim well, include puffins, guillemots and razorbills. " \
            "Gulls are divided into large gulls and small gulls. Terns can be marsh terns or sea terns."
    expect(hierarchy(words)).to eq("Auks" => { "Puffins" => {}, "Guillemots" => {}, "Razorbills" => {} }, "Gulls" => { "Large gulls" => {}, "Small gulls" => {} },
                                   "Terns" => { "Marsh terns" => {}, "Sea terns" => {} })
  end

  it "knows kinds again by what they are kinds of" do
    expect(hierarchy("# Types of leaves\n\nLeaves are simple or compound. Simple leaves can be round, heart-shaped or lobed. Compound leaves are feathered or shaped like a hand."))
      .to eq("Simple" => { "Round" => {}, "Heart-shaped" => {}, "Lobed" => {} }, "Compound" => { "Feathered" => {}, "Shaped like a hand" => {} })
  end

  it "knows the bottom as well as the top, and what is said of one in passing" do
    words = "At the top was the king. Below him stood the jarls, who owned land and ships. The karls were free farmers and craftsmen. At the bottom were the thralls, who had no rights."
    expect(hierarchy(words)).to eq("King" => { "Jarls" => {}, "Karls" => { "Free farmers" => {}, "Craftsmen" => {} }, "Thralls" => {} })
  end

  it "takes a name for one, though it could be a statement" do
    words = "The museum is run by Sefa Lind. Under her work Tomas Bray, who heads the workshop, and Una Fell, who heads the shop. " \
            "Tomas has three glass blowers and an apprentice. Una has four sellers."
    expect(hierarchy(words)).to eq("Sefa Lind" => { "Tomas Bray" => { "Three glass blowers" => {}, "Apprentice" => {} }, "Una Fell" => { "Four sellers" => {} } })
  end

  it "cuts every name from the words, and threads it to its place" do
    words = "The master owned the shop. Under him worked the foreman, who gave out the work to compositors, pressmen and proofreaders."
    walk = ->(items) { items.flat_map { |i| [i, *walk.call(i.children)] } }
    all = walk.call(found("hierarchy", words).items)
    expect(all.map(&:title)).to eq(%w[Master Foreman Compositors Pressmen Proofreaders])
    expect(all.map { |i| words[i.spans.first.from...i.spans.first.to] }).to eq(%w[master foreman compositors pressmen proofreaders])
  end

  it "makes no tree of statements that lead back to their beginning" do
    bo = described_class.new(text("Bo leads Ida and Kim. Ida leads Bo and Tom.")).roots.first
    expect(bo.children.map { |n| [n.name.text, n.children.map { |own| own.name.text }] }).to eq([["Ida", ["Tom"]], ["Kim", []]])
  end

  it "says nothing of texts that tell of no ranks" do
    expect(described_class.new(text("It rained all night. In the morning the river was high. We stayed at home and read.")).roots).to be_empty
  end
end
