# frozen_string_literal: true

RSpec.describe Peony::Piece do
  let(:piece) { piece_of("Aligning\n\n#{Samples::STEPS}", form: "staircase") }

  def apply(operation = nil, to: piece, **fields) = to.apply(operation || fields.transform_keys(&:to_s))

  def text(words = "Hello", **more)
    { "id" => "t1", "type" => "text", "text" => words, "role" => "body", "box" => [80, 900, 400, 10] }.merge(more.transform_keys(&:to_s))
  end

  it "begins with one empty page of the chosen kind" do
    described_class::KINDS.each_key do |kind|
      blank = described_class.blank(title: "New", kind: kind)
      expect(blank.pages.size).to eq 1
      expect(blank.width).to eq described_class::KINDS[kind][:width]
    end
  end

  it "refuses an unknown kind and a size that is no size" do
    expect { described_class.blank(title: "x", kind: "banner") }.to raise_error(Peony::Error, /no kind/)
    expect { described_class.blank(title: "x", kind: "own", size: { "width" => 3, "height" => 3 }) }.to raise_error(Peony::Error)
  end

  it "is read again from its own text, with fields it does not know" do
    kept = described_class.parse(JSON.generate(piece.data.merge("later" => { "a" => 1 })))
    expect(kept.data["later"]).to eq("a" => 1)
    expect(kept.data["pages"]).to eq piece.data["pages"]
  end

  it "says what is wrong with something that is no piece" do
    expect { described_class.parse("[]") }.to raise_error(Peony::Error, /not a Peony piece/)
    expect { described_class.parse("{") }.to raise_error(Peony::Error, /not a Peony piece/)
    expect { described_class.parse('{"peony":1}') }.to raise_error(Peony::Error)
  end

  describe "operations" do
    let(:second) { { "id" => "p2", "ground" => "surface", "objects" => [] } }
    def table(id) = { "id" => id, "name" => "Nights", "cells" => "Night,Guests\n2025-08-01,46\n2025-08-02,88\n2025-08-03,61\n" }

    let(:with_table) do
      held = apply(op: "table.add", table: table("t1")).piece
      chart = described_class::Placing.chart(held.table("t1"), chart: "column").merge("id" => "c1", "box" => [80, 1200, 800, 400])
      held.apply({ "op" => "object.add", "page" => "p1", "object" => chart }).piece
    end

    let(:samples) do
      with_text = apply(op: "object.add", page: "p1", object: text).piece
      {
        "piece.change" => [piece, { "set" => { "title" => "Other", "size" => { "width" => 1080, "height" => 1080, "unit" => "px" } } }],
        "notes.splice" => [piece, { "at" => 1, "remove" => 1, "insert" => [{ "id" => "n1", "type" => "paragraph", "text" => "Other words." }] }],
        "style.change" => [with_text, { "style" => { "name" => "Dusk", "roles" => { "accent-1" => "#123456" }, "finish" => "line" } }],
        "page.add" => [piece, { "page" => second, "at" => 0 }],
        "page.remove" => [apply(op: "page.add", page: second).piece, { "id" => "p1" }],
        "page.change" => [apply(op: "page.add", page: second).piece, { "id" => "p2", "ground" => "ink", "to" => 0 }],
        "object.add" => [piece, { "page" => "p1", "object" => text, "at" => 0 }],
        "object.remove" => [with_text, { "id" => "f1" }],
        "object.change" => [with_text,
                            { "id" => "t1",
                              "set" => { "text" => "Many more words than before, so that it takes several lines of the narrow box", "size" => 44 } }],
        "object.order" => [with_text, { "id" => "f1", "to" => 1 }],
        "item.add" => [piece, { "id" => "f1", "new" => { "id" => "ix", "title" => "One more" }, "at" => 2 }],
        "item.remove" => [piece, { "id" => "f1", "item" => "i3" }],
        "item.change" => [piece, { "id" => "f1", "item" => "i1", "set" => { "title" => "Aim", "strong" => true, "detail" => nil } }],
        "item.move" => [piece, { "id" => "f1", "item" => "i5", "to" => 0 }],
        "item.merge" => [piece, { "id" => "f1", "item" => "i2" }],
        "item.split" => [piece, { "id" => "f1", "item" => piece.objects.first["items"].find { |i| i["detail"].to_s.size > 3 || i["title"].include?(" and ") }["id"], "new" => "ix" }],
        "item.nest" => [piece, { "id" => "f1", "item" => "i2", "to" => "in" }],
        "remark.accept" => [piece, { "check" => "description", "object" => "f1", "state" => "", "reason" => "It is decoration" }],
        "reading.correct" => [piece, { "blocks" => [piece.data["notes"].first["id"]], "family" => "cycle", "items" => [{ "id" => "i1", "title" => "Aim" }] }],
        "icon.add" => [piece, { "icon" => { "name" => "own-boat", "title" => "Boat", "paths" => ["M10 10L200 10L100 200Z"] } }],
        "icon.remove" => [apply(op: "icon.add", icon: { "name" => "own-boat", "paths" => ["M10 10L200 10Z"] }).piece, { "name" => "own-boat" }],
        "table.add" => [piece, { "table" => table("t2"), "at" => 0 }],
        "table.remove" => [with_table, { "id" => "t1" }],
        "table.change" => [with_table, { "id" => "t1", "set" => { "name" => "Other", "correct" => { "kinds" => { "Guests" => "money" } } } }],
        "table.cells" => [with_table, { "id" => "t1", "cells" => [[1, 1, "900"], [9, 2, "new"]] }],
        "table.rows" => [with_table, { "id" => "t1", "at" => 1, "remove" => 2, "insert" => [%w[2025-08-09 40]] }],
        "table.columns" => [with_table, { "id" => "t1", "at" => 1, "remove" => 1, "insert" => [%w[Visitors 4 5 6], ["Note"]] }],
        "table.move" => [with_table, { "id" => "t1", "what" => "columns", "at" => 0, "count" => 1, "to" => 1 }],
        "batch" => [piece,
                    { "operations" => [{ "op" => "object.remove", "id" => "f1" }, { "op" => "object.add", "page" => "p1", "object" => text }] }]
      }
    end

    it "are all tried here" do
      expect(samples.keys).to match_array(Peony::Piece::Operation.members.keys)
    end

    Peony::Piece::Operation.members.each_key do |name|
      it "#{name} changes something, names what it touched, and its inverse takes it back to the letter" do
        before, fields = samples.fetch(name)
        copy = JSON.generate(before.data)
        change = before.apply({ "op" => name }.merge(fields))
        expect(change.piece.data).not_to eq before.data
        expect(change.touched).not_to be_empty
        expect(JSON.generate(before.data)).to eq copy
        restored = change.piece.apply(change.inverse).piece.data
        expect(restored.reject { |k, v| k == "accepted" && v.empty? }).to eq before.data
        Peony::Piece::Schemas.check(change.piece.data)
      end

      it "#{name} refuses what is malformed" do
        expect { piece.apply({ "op" => name, "nonsense" => 1 }) }.to raise_error(Peony::Error)
      end
    end

    it "reaches items that are parts of others: changes, moves, brings out and removes them" do
      nested = piece.apply({ "op" => "item.nest", "id" => "f1", "item" => "i2", "to" => "in" }).piece
      nested = nested.apply({ "op" => "item.nest", "id" => "f1", "item" => "i3", "to" => "in" }).piece
      expect(nested.objects.first["items"].map { |i| i["id"] }).to eq %w[i1 i4 i5]
      expect(nested.objects.first["items"].first["children"].map { |i| i["id"] }).to eq %w[i2 i3]
      [{ "op" => "item.change", "item" => "i3", "set" => { "title" => "Deep" } }, { "op" => "item.move", "item" => "i3", "to" => 0 }, { "op" => "item.remove", "item" => "i2" },
       { "op" => "item.nest", "item" => "i3", "to" => "out" }].each do |operation|
        change = nested.apply(operation.merge("id" => "f1"))
        expect(change.piece.data).not_to eq nested.data
        expect(change.piece.apply(change.inverse).piece.data).to eq nested.data
      end
      expect(nested.apply({ "op" => "item.nest", "id" => "f1", "item" => "i3", "to" => "out" }).piece.objects.first["items"].map { |i| i["id"] }).to eq %w[i1 i3 i4 i5]
    end

    it "hides, recolours and moves single parts of a figure, and forgets them with the form" do
      svg = ->(now) { Peony::Paint::SVG.paint(Peony::Scene::Pages.all(now).first) }
      before = svg[piece]
      title = piece.objects.first["items"].first["title"].split.first
      hidden = apply(op: "object.change", id: "f1", set: { "parts" => { "i1/title" => { "hide" => true } } })
      expect([before, svg[hidden.piece]].map { |drawn| drawn.scan(">#{title}").size }.then { |a, b| a - b }).to eq 1
      moved = apply(op: "object.change", id: "f1", set: { "parts" => { "i1/shape1" => { "move" => [40, 0], "colour" => "signal" } } }).piece
      expect(svg[moved]).to include(piece.house.colour("signal"))
      expect(svg[moved]).not_to eq before
      other = moved.apply({ "op" => "object.change", "id" => "f1", "set" => { "form" => "numbered-column" } })
      expect(other.piece.objects.first).not_to have_key("parts")
      expect(other.piece.apply(other.inverse).piece.data).to eq moved.data
    end

    it "does and undoes a long random walk" do
      random = Random.new(5)
      now = piece
      inverses = []
      60.times do |n|
        ids = now.objects.map { |o| o["id"] }
        operation = case random.rand(5)
                    when 0 then { "op" => "object.add", "page" => "p1", "object" => text("Words #{n}", id: "t#{n}") }
                    when 1 then { "op" => "object.change", "id" => ids.sample(random: random),
                                  "set" => { "box" => [random.rand(100), random.rand(900), 300 + random.rand(500), 400] } }
                    when 2 then { "op" => "object.order", "id" => ids.sample(random: random), "to" => random.rand(ids.size) }
                    when 3 then { "op" => "item.move", "id" => "f1", "item" => "i1", "to" => random.rand(5) }
                    else { "op" => "style.change", "style" => { "name" => Peony::Style.all.keys.sample(random: random) } }
                    end
        change = now.apply(operation)
        inverses.unshift(change.inverse)
        now = change.piece
      end
      expect(inverses.reduce(now) { |p, inverse| p.apply(inverse).piece }.data).to eq piece.data
    end

    it "refuses what is not there, twice the same name, and the last page or item" do
      one = apply(op: "item.remove", id: "f1", item: "i1").piece
      only = %w[i2 i3 i4].reduce(one) { |p, id| p.apply({ "op" => "item.remove", "id" => "f1", "item" => id }).piece }
      { -> { apply(op: "object.remove", id: "gone") } => /not there/, -> { apply(op: "object.add", page: "p1", object: text(id: "f1")) } => /already/,
        -> { apply(op: "page.remove", id: "p1") } => /at least one page/, lambda {
                                                                            apply({ "op" => "item.remove", "id" => "f1", "item" => "i5" }, to: only)
                                                                          } => /at least one item/,
        -> { apply(op: "style.change", style: { "name" => "Plaid" }) } => /no house style/, lambda {
                                                                                              apply(op: "object.change", id: "f1", set: { "form" => "spiral" })
                                                                                            } => /no form/,
        -> { apply(op: "object.change", id: "f1", set: { "box" => [1, 2] }) } => /not as it should be/, -> { apply(op: "fly") } => /no operation/,
        -> { apply(op: "notes.splice", at: 40, remove: 1, insert: []) } => /changed since/ }.each { |act, words| expect(&act).to raise_error(Peony::Error, words) }
    end
  end

  describe Peony::Piece::Layout do
    it "makes a text as tall as its words, in any style" do
      long = apply(op: "object.add", page: "p1", object: text("word " * 60)).piece
      short = apply(op: "object.add", page: "p1", object: text("word")).piece
      expect(long.find("t1").last["box"][3]).to be > short.find("t1").last["box"][3] * 5
    end

    it "finds free room under what is there, and none on a full page" do
      page = piece.pages.first
      box = described_class.free_box(piece, page)
      expect(box[1]).to be >= 680
      expect(box[1] + box[3]).to be <= piece.height
      full = piece.apply({ "op" => "object.change", "id" => "f1", "set" => { "box" => [60, 60, 960, 1800] } }).piece
      expect(described_class.free_box(full, full.pages.first)).to be_nil
    end
  end

  describe Peony::Scene::Pages do
    it "keeps figures and words legible on any page ground" do
      %w[ink accent-1 accent-3 signal surface-2].each do |ground|
        dark = apply(op: "page.change", id: "p1", ground: ground).piece
        dark = dark.apply({ "op" => "object.add", "page" => "p1", "object" => text }).piece
        expect(Peony::Proof.of(dark).remarks.map(&:check)).not_to include("contrast")
      end
    end

    it "says in place when a form cannot hold its items" do
      small = apply(op: "object.change", id: "f1", set: { "box" => [80, 80, 260, 130] }).piece
      expect(words_in(Peony::Paint.svg(described_class.picture(small, small.pages.first)))).to include("too little room")
    end
  end
end
