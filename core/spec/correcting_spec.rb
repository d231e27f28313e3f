# frozen_string_literal: true

RSpec.describe Peony::Reading::Correcting do
  let(:piece) { piece_of("- Open the dome\n- Point the tube at the Moon and lock it\n- Write the log\n") }
  let(:reading) { Peony::Proof::Readings.of(piece).first }
  let(:items) { Peony::Figures::Proposals.items(reading.best, reading.passage) }

  def edit(kind, index, list = items, **more) = described_class.apply(list, { "kind" => kind, "index" => index }.merge(more.transform_keys(&:to_s)), reading.passage)
  def titles(list) = list.map { |i| i["title"] }

  it "renames, drops and moves" do
    expect(titles(edit("rename", 0, title: "Open up"))).to eq ["Open up", *titles(items).drop(1)]
    expect(titles(edit("drop", 1))).to eq [titles(items)[0], titles(items)[2]]
    expect(titles(edit("move", 2, to: 0))).to eq titles(items).rotate(-1)
  end

  it "merges two with both their threads, and splits one at its natural break" do
    merged = edit("merge", 0)
    expect(merged.size).to eq 2
    expect(merged.first["refs"].map { |r| r["block"] }.uniq.size).to eq 2
    parted = edit("split", 1)
    expect(titles(parted)).to include("Point the tube", "Lock it")
    expect(parted.map { |i| i["id"] }.uniq.size).to eq 4
  end

  it "adds words that were marked, where they stand" do
    block = piece.notes.blocks[1]
    from = block.text.index("Moon")
    added = edit("add", 0, refs: [{ "block" => block.id, "start" => from, "end" => from + 4 }])
    expect(titles(added).index("Moon")).to eq 2
  end

  it "says what cannot be done" do
    expect { edit("drop", 0, items.first(1)) }.to raise_error(Peony::Error, /at least one item/)
    expect { edit("merge", 2) }.to raise_error(Peony::Error, /no item after/)
    expect { edit("rename", 0, title: " ") }.to raise_error(Peony::Error, /needs a name/)
    expect { edit("split", 0, edit("rename", 0, title: "x")) }.to raise_error(Peony::Error, /no place to part/)
    expect { edit("add", 0, refs: []) }.to raise_error(Peony::Error, /Mark the words/)
    expect { edit("paint", 0) }.to raise_error(Peony::Error)
    expect { edit("drop", 9) }.to raise_error(Peony::Error, /not there/)
  end

  describe "kept with the passage" do
    let(:corrected) { piece.apply({ "op" => "reading.correct", "blocks" => piece.notes.blocks.map(&:id), "family" => "cycle", "items" => edit("drop", 2) }).piece }

    it "comes first in the reading, with its reason" do
      found = Peony::Proof::Readings.of(corrected).first
      expect(found.best).to have_attributes(family: "cycle", fit: 1.0, reason: "2 items, as you put it right")
      expect(found.items.size).to eq 2
      expect(found.items.last.spans.first.text).to include("Point the tube")
    end

    it "stays when the text is edited elsewhere" do
      edited = corrected.apply({ "op" => "notes.splice", "at" => 0, "remove" => 0, "insert" => [{ "id" => "h9", "type" => "heading", "level" => 1, "text" => "Evenings" },
                                                                                                { "id" => "p9", "type" => "paragraph",
                                                                                                  "text" => "In 1990 we began. In 1995 we grew. In 1999 we built." },
                                                                                                { "id" => "h8", "type" => "heading", "level" => 1, "text" => "Steps" }] }).piece
      expect(Peony::Proof::Readings.of(edited).map { |r| r.best&.family }).to eq %w[timeline cycle]
    end

    it "goes again" do
      plain = corrected.apply({ "op" => "reading.correct", "blocks" => piece.notes.blocks.map(&:id) }).piece
      expect(plain.data).to eq piece.data
    end
  end
end

RSpec.describe Peony::Piece::Renewal do
  let(:piece) { piece_of("- Tickets: £400\n- Teas: £250\n- Books: £120\n", form: "cards") }
  let(:object) { edited.objects.first }
  let(:edited) do
    block = piece.notes.blocks[1]
    piece.apply({ "op" => "notes.splice", "at" => 1, "remove" => 1, "insert" => [block.to_h.merge("text" => "Teas and cakes: £310")] }).piece
  end

  it "tells for each item whether it would change" do
    steps = described_class.of(edited, object)
    expect(steps.map(&:state)).to eq %w[same changed same]
    expect(steps[1].new["title"]).to eq "Teas and cakes"
  end

  it "takes over what is ticked, keeps the rest and the person's colours" do
    painted = edited.apply({ "op" => "item.change", "id" => object["id"], "item" => object["items"][1]["id"], "set" => { "colour" => "signal" } }).piece
    figure = painted.objects.first
    expect(described_class.items(painted, figure, [])).to eq figure["items"]
    taken = described_class.items(painted, figure)
    expect(taken[1]).to include("title" => "Teas and cakes", "colour" => "signal")
  end

  it "calls no news what only stands elsewhere between title and detail" do
    parted = edited.apply({ "op" => "item.change", "id" => object["id"], "item" => object["items"][2]["id"], "set" => { "title" => "Books £120", "detail" => "" } }).piece
    expect(described_class.of(parted, parted.objects.first).map(&:state)).to eq %w[same changed same]
    expect(described_class.items(parted, parted.objects.first).last["title"]).to eq "Books £120"
  end

  it "notices what is new and what is gone" do
    shorter = piece.apply({ "op" => "notes.splice", "at" => 1, "remove" => 1, "insert" => [] }).piece
    figure = shorter.objects.first.merge("passage" => shorter.objects.first["passage"].merge("blocks" => shorter.notes.blocks.map(&:id)))
    expect(described_class.of(shorter, figure).map(&:state).tally).to include("gone" => 1, "same" => 2)
  end
end

RSpec.describe Peony::Piece::Filling do
  let(:items) { ["Visitors do", "What stops them", "What we change", "How we will know"].each_with_index.map { |t, i| { "id" => "i#{i}", "title" => t, "detail" => "old" } } }

  {
    "semicolons" => "Visitors do: wait in the rain; What stops them: one desk; What we change: a second desk; How we will know: shorter queue",
    "lines" => "Visitors do: wait in the rain\nWhat stops them: one desk\nWhat we change: a second desk\nHow we will know: shorter queue",
    "a list under each heading" => "# Visitors do\n- wait in the rain\n# What stops them\n- one desk\n# What we change\n- a second desk\n# How we will know\n- shorter queue\n"
  }.each do |how, text|
    it "fills every place by its name from #{how}" do
      filled = described_class.fill(items, text)
      expect(filled.items.map { |i| i["detail"] }).to eq ["wait in the rain", "one desk", "a second desk", "shorter queue"]
      expect(filled.left).to be_empty
    end
  end

  it "tells what found no place, and leaves the other places alone" do
    filled = described_class.fill(items, "What we change: a second desk; Budget: £400")
    expect(filled).to have_attributes(filled: ["What we change"], left: ["Budget"])
    expect(filled.items.map { |i| i["detail"] }).to eq ["old", "old", "a second desk", "old"]
  end

  it("asks for labels where there are none") { expect { described_class.fill(items, "just words") }.to raise_error(Peony::Error, /no labels/) }
end
