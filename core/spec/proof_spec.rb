# frozen_string_literal: true

RSpec.describe Peony::Proof do
  let(:good) do
    piece = piece_of("Who came\n\n#{Samples::SHARES}", form: "ring")
    piece.apply({ "op" => "object.change", "id" => "f1", "set" => { "description" => "Where the guests came from" } }).piece
  end

  def remarks(piece) = described_class.of(piece).remarks
  def checks(piece) = remarks(piece).map(&:check)
  def change(piece, set, id: "f1") = piece.apply({ "op" => "object.change", "id" => id, "set" => set }).piece
  def add(piece, object) = piece.apply({ "op" => "object.add", "page" => "p1", "object" => object }).piece

  # Mends the only remark of a check and expects it to be gone.
  def expect_mended(piece, check, which = 0)
    remark = remarks(piece).find { |r| r.check == check }
    expect(remark).not_to be_nil
    mended = piece.apply(described_class.mend(piece, remark.id, which)).piece
    expect(checks(mended)).not_to include(check)
    mended
  end

  it "has nothing to say of a piece that is in order, and says what it looked at" do
    report = described_class.of(good)
    expect(report.remarks).to be_empty
    expect(report.orderly.size).to eq Peony::Proof::Check.members.size
  end

  it "proposes to say both of what was measured together" do
    items = [["On a calm day", 2, 140], ["Nine knots", 9, 95]].map do |title, one, two|
      { "title" => title, "value" => two, "unit" => "people", "aspects" => [["knots", one.to_s], ["people", two.to_s]] }
    end
    words = Peony::Proof::Checks::Description.words({ "type" => "figure", "family" => "relation", "heading" => "Wind", "items" => items })
    expect(words).to eq("Wind: On a calm day 2 knots, 140 people; 9 knots, 95 people.")
  end

  it "proposes to say each year once" do
    items = [[2023, 4000], [2024, -2500], [2025, 7400]].map { |year, value| { "title" => year.to_s, "date" => year.to_s, "value" => value, "unit" => "GBP" } }
    words = Peony::Proof::Checks::Description.words({ "type" => "figure", "heading" => "The mill", "items" => items })
    expect(words).to eq("The mill: 2023 £4,000; 2024 −£2,500; 2025 £7,400.")
  end

  it "asks for a description, proposes one of the figure's own words, and takes it" do
    bare = change(good, { "description" => nil })
    expect(remarks(bare).first.detail).to include("Came with a school 45")
    expect(expect_mended(bare, "description").find("f1").last["description"]).to include("For talks")
  end

  it "points out words too small, on screens in px and on paper in points" do
    small = { "id" => "t1", "type" => "text", "text" => "tiny", "size" => 7, "box" => [80, 900, 300, 10] }
    expect_mended(add(good, small), "text-size")
    paper = add(piece_of("x", kind: "a4"), small.merge("box" => [80, 600, 300, 10]))
    expect(remarks(paper).first.detail).to include("8 pt")
  end

  it "points out words across two grounds, and puts a plate behind them" do
    straddling = add(good, { "id" => "s1", "type" => "shape", "shape" => "rectangle", "fill" => "accent-4", "box" => [0, 1000, 300, 300] })
    straddling = add(straddling,
                     { "id" => "t1", "type" => "text", "text" => "half in the dark and half in the light", "role" => "heading",
                       "box" => [100, 1100, 700, 10] })
    expect_mended(straddling, "contrast")
  end

  it "points out shares that make more than the whole, in the figure and in the notes" do
    wrong = good.apply({ "op" => "item.change", "id" => "f1", "item" => "i1", "set" => { "value" => 60 } }).piece
    expect(remarks(wrong).map(&:title)).to eq ["These shares make 115 %"]
    notes = piece_of("Who came\n\n#{Samples::SLIP}")
    expect(remarks(notes).first).to have_attributes(check: "numbers", page: nil, title: "These shares make 105 %.")
  end

  it "says a slip once, at the figure, when the figure shows it" do
    slip = change(piece_of("Who came\n\n#{Samples::SLIP}", form: "ring"), { "description" => "x" })
    expect(checks(slip)).to eq ["numbers"]
  end

  describe "a passage that changed" do
    let(:edited) do
      block = good.data["notes"].last
      good.apply({ "op" => "notes.splice", "at" => 1, "remove" => 1,
                   "insert" => [block.merge("text" => block["text"].sub("45 % came with a school", "40 % came by boat").sub("10 %", "15 %"))] }).piece
    end

    it "is pointed out with what would change, and taken over" do
      expect(remarks(edited).first.detail).to include("2 items would change")
      mended = expect_mended(edited, "passage")
      expect(mended.find("f1").last["items"].map { |i| i["value"] }).to eq [40, 28, 17, 15]
    end

    it "may be kept as it is" do
      kept = expect_mended(edited, "passage", 1)
      expect(kept.find("f1").last["items"].first["value"]).to eq 45
    end

    it "is not pointed out when other words change" do
      other = good.apply({ "op" => "notes.splice", "at" => 2, "remove" => 0,
                           "insert" => [{ "id" => "z", "type" => "paragraph", "text" => "More." }] }).piece
      expect(checks(other)).to be_empty
    end

    it "is pointed out when its words are gone" do
      gone = good.apply({ "op" => "notes.splice", "at" => 1, "remove" => 1, "insert" => [] }).piece
      expect(remarks(gone).first.title).to eq "Its notes are gone"
      expect_mended(gone, "passage")
    end
  end

  it "points out shortened words, and makes room where there is some" do
    long = items(5).each { |i| i["detail"] = "a detail that goes on with many more words than there is room for in this low box, which is a pity" }
    cut = add(good, { "id" => "f2", "type" => "figure", "form" => "cards", "box" => [80, 800, 700, 260], "items" => long, "description" => "x" })
    expect(checks(cut)).to include("cut-words")
    expect_mended(cut, "cut-words")
  end

  it "points out a figure that cannot be drawn at all" do
    expect(remarks(change(good, { "box" => [80, 80, 130, 100] })).map(&:title)).to include("It cannot be drawn")
  end

  it "points out what leaves the page or lies on something, and brings it in" do
    expect_mended(change(good, { "box" => [700, 80, 900, 600] }), "placement")
    twice = add(good, good.find("f1").last.merge("id" => "f2"))
    expect(remarks(twice).map(&:title)).to include("Two things overlap")
  end

  it "does not repeat what was accepted, until it is another case" do
    bare = change(good, { "description" => nil })
    remark = remarks(bare).first
    accepted = bare.apply({ "op" => "remark.accept", "check" => remark.check, "object" => remark.object, "state" => remark.state,
                            "reason" => "decoration" }).piece
    expect(remarks(accepted)).to be_empty
    wrong = good.apply({ "op" => "item.change", "id" => "f1", "item" => "i1", "set" => { "value" => 60 } }).piece
    r = remarks(wrong).first
    calm = wrong.apply({ "op" => "remark.accept", "check" => r.check, "object" => r.object, "state" => r.state }).piece
    expect(remarks(calm)).to be_empty
    again = calm.apply({ "op" => "item.change", "id" => "f1", "item" => "i1", "set" => { "value" => 70 } }).piece
    expect(checks(again)).to eq ["numbers"]
  end

  it "says so when a remark to mend is settled already" do
    expect { described_class.mend(good, "nothing") }.to raise_error(Peony::Error, /settled/)
  end

  it "proposes to say of a change what it was and what it is, and asks no question with a colon" do
    boats = { "title" => "Boats mended", "value" => 22, "unit" => "boats", "aspects" => [%w[before 9], %w[after 22]] }
    object = { "heading" => "What did Ken do?", "items" => [boats, { "title" => "Fees", "value" => 88, "unit" => "%" }] }
    expect(Peony::Proof::Checks::Description.words(object)).to eq("What did Ken do? Boats mended from 9 to 22; Fees 88\u2009%.")
  end
end
