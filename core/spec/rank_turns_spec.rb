# frozen_string_literal: true

# The many ways in which running text puts one over others, and what it says besides.
RSpec.describe "Ranks told in prose" do
  include WordsRead

  def tree(items) = items.to_h { |i| [i.title, tree(i.children)] }
  def hierarchy(words) = tree(found("hierarchy", words)&.items.to_a)
  def self.none(*names) = names.to_h { |name| [name, {}] }

  {
    "whoever has the last word" =>
      ["It is not written down anywhere. The skipper has the last word on everything. Under him come two mates. The first mate has the nets and the winch. " \
       "The second mate looks after the stores and the galley.",
       { "Skipper" => { "First mate" => { "Nets" => {}, "Winch" => {} }, "Second mate" => { "Stores" => {}, "Galley" => {} } } }],
    "whoever stands over everything, though that is told behind a remark" =>
      ["People write to the wrong person, so here is how the fair is run. Over everything stands the council, which meets in the barn. Below it there are two wardens. " \
       "The field warden has the stalls and the ropes. " \
       "To the gate warden belong the cashbox and the two girls who stamp hands.",
       { "Council" => { "Field warden" => { "Stalls" => {}, "Ropes" => {} }, "Gate warden" => { "Cashbox" => {}, "Two girls" => {} } } }],
    "the one on whom everything hangs, and the first and the second of two" =>
      ["Everything hangs on the head gardener. She has two helpers. The first is in charge of the glasshouses: figs, vines and orchids. " \
       "The second runs the open ground, that is to say the beds and the orchard.",
       { "Head gardener" => { "Glasshouses" => none("Figs", "Vines", "Orchids"), "Open ground" => none("Beds", "Orchard") } }],
    "whoever answers to no one, where others stand below her" =>
      ["Olla keeps the inn and answers to no one. Below her are the cook and the cellarman. The cook has two boys and a girl for the salads. " \
       "The cellarman looks after the casks and the yard.",
       { "Olla" => { "Cook" => none("Two boys", "Girl for the salads"), "Cellarman" => none("Casks", "Yard") } }],
    "what is somebody's" =>
      ["Above everyone stands Mrs Tarn. She has two foremen. The lower field is Jory's, with the mowers, the dryers and a boy who whistles. " \
       "To Sil belongs the upper field: the sheep, the dogs and the hut.",
       { "Mrs Tarn" => { "Jory" => none("Mowers", "Dryers", "Boy"), "Sil" => { "Upper field" => none("Sheep", "Dogs", "Hut") } } }],
    "names behind a colon that stand between semicolons" =>
      ["At the very top is the assembly. It elects a council of seven. The council employs Perrin as director. " \
       "He has three heads under him: Una for the trails, with the rangers and the signs; " \
       "Bastian for the visitors, so the shop and the tea room; and Corin for money, who works alone.",
       { "Assembly" => { "Council of seven" => { "Perrin" => { "Una for the trails" => none("Rangers", "Signs"), "Bastian for the visitors" => none("Shop", "Tea room"),
                                                               "Corin for money" => {} } } } }],
    "a director behind a colon, and whom each section has in brackets" =>
      ["New from May. Director: Lune Arden. Reporting to her: Print (Osric), Web (Tilda), Fairs (Bram). Osric has the press and the store. Tilda has two writers and an artist. " \
       "Bram has the van, the tent and the banners.",
       { "Lune Arden" => { "Print" => none("Press", "Store"), "Web" => none("Two writers", "Artist"), "Fairs" => none("Van", "Tent", "Banners") } }],
    "who does what below whom" =>
      ["Abbot Ferrin was over all of it. Beneath him the prior kept the rule and the steward kept the land. The prior had the novices and the singers. " \
       "To the steward belonged the mill, the ponds and six farms.",
       { "Abbot Ferrin" => { "Prior" => none("Novices", "Singers"), "Steward" => none("Mill", "Ponds", "Six farms") } }],
    "those to whom others answer" =>
      ["Everything goes back to the spring meeting. The meeting chooses a chair, this year Odile, to whom two wardens answer. The hedge warden has the shears and the ladder. " \
       "Under the pond warden are the nets, the sluice and a quarrelsome swan.",
       { "Spring meeting" => { "Chair" => { "Hedge warden" => none("Shears", "Ladder"), "Pond warden" => none("Nets", "Sluice", "Quarrelsome swan") } } }],
    "another of the same name" =>
      ["The harbour master has the say. Under her are the captain of the tug and the captain of the dredger. The captain of the tug has a mate and two deckhands. " \
       "On the dredger there is a mate and a digger.",
       { "Harbour master" => { "Captain of the tug" => none("Mate", "Two deckhands"), "Captain of the dredger" => none("Mate", "Digger") } }],
    "two of one post, each for something" =>
      ["At the top there is an assembly of members. It chooses a chairwoman, who has a deputy for water and a deputy for peace. " \
       "Under the deputy for water come the pump steward and four tap wardens. The deputy for peace has a hedge inspector.",
       { "Assembly of members" => { "Chairwoman" => { "Deputy for water" => none("Pump steward", "Four tap wardens"), "Deputy for peace" => none("Hedge inspector") } } }],
    "parts told of a second time by other names" =>
      ["Ground is made of two kinds of thing: what was once stone, and what was once alive. The stony part comes in three sizes, sand, silt and clay. " \
       "To the living part belong roots, leaves and everything that crawls.",
       { "Stony part" => none("Sand", "Silt", "Clay"), "Living part" => none("Roots", "Leaves", "Everything that crawls") }],
    "what each half means" =>
      ["Chief Orrel answers for all of it. Two people report to him: Sunna, who has the hill, and Ferg, who has the road. " \
       "The hill means a search party, a party for ropes and the dogs with their handlers. To Ferg belong the cars and the stores.",
       { "Chief Orrel" => { "Sunna" => { "Hill" => none("Search party", "Party for ropes", "Dogs with their handlers") }, "Ferg" => none("Road", "Cars", "Stores") } }]
  }.each do |what, (words, wanted)|
    it("knows #{what}") { expect(hierarchy(words)).to eq(wanted) }
  end

  it "leaves out those who belong to nobody, and what is said of them" do
    words = "Top dog is the president. Under her there's the ground committee and the bar committee. Ground's got the mowers and the rollers. " \
            "The bar committee has the taps and the raffle. " \
            "Coaches? They don't answer to anyone. They've got whistles."
    expect(hierarchy(words)).to eq("President" => { "Ground committee" => { "Mowers" => {}, "Rollers" => {} }, "Bar committee" => { "Taps" => {}, "Raffle" => {} } })
  end

  it "does not believe what somebody only fancies" do
    words = "Solveig owns it. Under her there's Ragna, who runs everything. Ragna has the bar and the kitchen. The bar has two students. The cat thinks it is over Solveig."
    expect(hierarchy(words)).to eq("Solveig" => { "Ragna" => { "Bar" => { "Two students" => {} }, "Kitchen" => {} } })
  end

  it "says who leads a crew that is known already" do
    words = "The committee chooses a warden. Under her work two crews: the bank crew and the planting crew. " \
            "The bank crew has two mowers, and the planting crew is led by Piet Lowe and has six volunteers."
    crews = found("hierarchy", words).items.first.children.first.children
    expect(crews.map { |c| [c.title, c.detail] }).to eq([["Bank crew", ""], ["Planting crew", "led by Piet Lowe"]])
  end

  it "keeps what is told of a name as its detail" do
    words = "The station manager, Sellick, answers for all of it. Two editors work for her. The morning editor has three reporters and the weather. " \
            "The evening editor has the music library and Mr Fell, who talks to people who cannot sleep."
    top = found("hierarchy", words).items.first
    expect([top.title, top.detail]).to eq(["Station manager", "Sellick"])
    expect(top.children.last.children.last.detail).to eq("who talks to people who cannot sleep")
  end

  it "takes no longer for a row of remarks in brackets or a chain of colons" do
    ["The chief has two clerks. #{'the box: ' * 3_000}", ("Over everything stands the board; " * 3_000), ("It has a lid (red; blue; green " * 2_000)].each do |words|
      expect(seconds { Peony::Reading::Ranks.new(text(words)) }).to be < 10
    end
  end
end
