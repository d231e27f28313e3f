# frozen_string_literal: true

# Which forms are proposed first for what was read, and what they say.
RSpec.describe "Forms that fit" do
  include WordsRead

  def forms(words, family) = Peony::Figures::Proposals.for(read(words), family: family).map(&:form)

  def words_in(form, items)
    drawing = Peony::Figures.draw(form, items, house: Peony::Style.fetch("Dome"), width: 560, height: 420)
    Peony::Figures.picture(drawing, Peony::Style.fetch("Dome")).texts.flat_map { |t| t.lines.map(&:first) }
  end

  it "shows a tree of three levels by a form that keeps who stands below whom" do
    tree = "Staff\n\nThe manager is Ruth. Reporting to her are the head of pool, Bram Lund, and the gym supervisor, Ines Amadi. " \
           "Bram has eight lifeguards and four teachers. Ines has three instructors and a cleaner."
    nested = Peony::Figures::Form.members.select { |_, form| form.facts.nested }.keys
    expect(nested).to include(*forms(tree, "hierarchy").first(2))
  end

  it "draws no way through cases that only stand side by side" do
    cases = "Which class?\n\nIf you have never exercised before, start with Gentle Mondays. If you have bad knees, try aqua. People who are fit already can go straight to circuits."
    asked = "Will it go?\n\nIs the wind under 25 knots? If so, the boat goes. If not, is the tide in? Then it goes late. Otherwise it stays."
    expect(forms(cases, "decision").first).to eq "question-cards"
    expect(forms(asked, "decision").first(2)).to include(a_string_starting_with("flow"))
    # A chain would lead from "say sorry" on to the next question.
    expect(Peony::Figures::Form.fetch("cause-chain").facts.also).not_to include("decision")
  end

  it "writes numbers that are told in words in digits where they are drawn" do
    told = "Three hundred and forty people came, up from 265 the year before. The queue used to take an hour and ten and now takes five minutes."
    drawn = words_in("before-after", Peony::Figures::Proposals.for(read(told), family: "change").find { |p| p.form == "before-after" }.items)
    expect(drawn).to include("265", "340", "70\u2009min", "5\u2009min")
  end

  it "gives one share a form that fills its place, and keeps all words of a row of people inside" do
    mill = "Seven out of ten first-time visitors to the mill come back within a year."
    expect(forms(mill, "ratio").first(3)).to include("half-ring", "share-ring")
    drawing = Peony::Figures.draw("icon-row", read(mill).best.items.map { |i| i.to_h.compact.transform_keys(&:to_s) }, house: Peony::Style.fetch("Dome"), width: 560, height: 420)
    tops = Peony::Figures.picture(drawing, Peony::Style.fetch("Dome")).texts.flat_map { |t| t.lines.map { |_, _, base| base - (t.size * 0.8) } }
    expect(tops.min).to be >= 0
  end

  it "indents no title that has no icon of its own" do
    shares = [["Grandparents", 36, nil], ["Schools", 34, "school"], ["Others", 30, nil]].map { |title, value, icon| { "title" => title, "value" => value, "unit" => "%", "icon" => icon }.compact }
    drawing = Peony::Figures.draw("blocks", shares, house: Peony::Style.fetch("Dome"), width: 900, height: 700)
    texts = Peony::Figures.picture(drawing, Peony::Style.fetch("Dome")).texts
    left = ->(words) { texts.flat_map(&:lines).find { |line, *| line == words }[1] }
    expect(left["Grandparents"]).to eq(left["36"])
  end

  it "says in the middle of a ring how many there are, or the largest share" do
    counts = [["Showers", 38], ["Parking", 24], ["Music", 17]].map { |title, value| { "title" => title, "value" => value, "unit" => "complaints" } }
    expect(words_in("ring", counts)).to include("79")
    shares = [["Paper", 60], ["Glass", 40]].map { |title, value| { "title" => title, "value" => value, "unit" => "%" } }
    expect(words_in("ring", shares).count("60")).to eq 2
  end

  describe "overlapping circles" do
    let(:groups) { ["The bell-ringers", "The bee people", "The bakers"].map { |title| { "title" => title } } }
    let(:shared) do
      [["Sugar", "The bakers and the bee people live by sugar"], ["Ropes", "Between bee people and ringers it is ropes"], ["Deaf", "All of them are deaf in the left ear"]]
        .map { |title, detail| { "title" => title, "detail" => detail } }
    end

    # Where words stand, x and y.
    def placed(words)
      house = Peony::Style.fetch("Dome")
      drawing = Peony::Figures.draw("circles", groups + shared, house: house, width: 720, height: 440)
      Peony::Figures.picture(drawing, house).texts.flat_map(&:lines).select { |line, _, _| line == words }.map { |_, x, y| [x, y] }
    end

    it "say in a key what each two of three share, and lead to it by numbers" do
      expect(words_in("circles", groups + shared)).to include("Sugar", "Ropes", "Deaf")
      # Each number stands in the circles and in the key.
      %w[1 2 3].each { |number| expect(placed(number).size).to eq 2 }
      sugar, ropes, deaf = %w[1 2 3].map { |number| placed(number).min_by(&:first) }
      # Ringers above, bee people right, bakers left: sugar below between the two, ropes on the right, what all share in the middle of them.
      expect(sugar.last).to be > deaf.last
      expect(ropes.first).to be > deaf.first
      expect(sugar.first).to be_within(2).of(deaf.first)
    end

    it "are proposed where words tell which two of three share it" do
      words = "The bell-ringers, the bee people and the bakers of Upper Gill keep one another's hours. Ringers and bakers get up before anybody else. " \
              "The bakers and the bee people live by sugar. Between bee people and ringers it is ropes. All of them are deaf in the left ear."
      expect(forms(words, "overlap").first(3)).to include("circles")
      plain = Peony::Figures.items(groups + %w[Salt Rope Wind].map { |title| { "title" => title } })
      expect(Peony::Figures::Form.fetch("circles").filled(plain, "overlap")).to be < 0.5
    end
  end
end
