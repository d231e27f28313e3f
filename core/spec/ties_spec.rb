# frozen_string_literal: true

RSpec.describe Peony::Piece::Ties do
  let(:piece) { piece_of("Aligning\n\n#{Samples::STEPS}", form: "numbered-column") }
  let(:label) { { "id" => "t1", "type" => "text", "text" => "Mind the lamp", "role" => "label", "box" => [700, 400, 200, 20], "tie" => { "object" => "f1", "item" => "i2", "at" => [500, 4] } } }
  let(:connector) { { "id" => "k1", "type" => "connector", "box" => [0, 0, 1, 1], "from" => { "object" => "f1", "item" => "i1" }, "to" => { "object" => "f1", "item" => "i4" } } }

  def with(object, to: piece) = to.apply({ "op" => "object.add", "page" => "p1", "object" => object }).piece
  def at(now, id) = now.find(id).last["box"]

  it "keeps a label beside its item when the figure moves, grows or changes its form, and back" do
    now = with(label)
    place = ->(p) { Peony::Scene::Places.of(p, p.pages.first, p.find("f1").last, "i2") }
    expect(at(now, "t1")[0] - place[now][0]).to be_within(0.2).of(500)
    box = now.find("f1").last["box"]
    change = now.apply({ "op" => "object.change", "id" => "f1", "set" => { "box" => [box[0], box[1] + 120, box[2], box[3]] } })
    expect(change.touched).to include("t1")
    expect(at(change.piece, "t1")[1] - at(now, "t1")[1]).to be_within(0.2).of(120)
    expect(change.piece.apply(change.inverse).piece.data).to eq now.data
    form = now.apply({ "op" => "object.change", "id" => "f1", "set" => { "form" => "staircase" } })
    expect(at(form.piece, "t1")[1] - place[form.piece][1]).to be_within(0.2).of(4)
  end

  it "takes the new place of a label that is moved by hand, and goes on from there" do
    now = with(label)
    x, y, w, h = at(now, "t1")
    moved = now.apply({ "op" => "object.change", "id" => "t1", "set" => { "box" => [x + 30, y - 10, w, h] } })
    expect(moved.piece.find("t1").last["tie"]["at"]).to eq [530.0, -6.0]
    expect(moved.piece.apply(moved.inverse).piece.data).to eq now.data
  end

  it "frees a label whose figure is taken away" do
    gone = with(label).apply({ "op" => "object.remove", "id" => "f1" })
    expect(gone.piece.find("t1").last).not_to have_key("tie")
  end

  it "leads a connector from item to item through no words, wherever the figure goes and whatever its form" do
    crossed = []
    drawn = 0
    %w[numbered-column staircase cards wheel steps spokes].select { |f| Peony::Figures::Form.members.key?(f) }.each do |form|
      now = with(connector, to: piece.apply({ "op" => "object.change", "id" => "f1", "set" => { "form" => form } }).piece)
      [%w[i1 i4], %w[i2 i3], %w[i5 i1]].each do |from, to|
        linked = now.apply({ "op" => "object.change", "id" => "k1", "set" => { "from" => { "object" => "f1", "item" => from }, "to" => { "object" => "f1", "item" => to } } }).piece
        way = linked.find("k1").last["way"]
        drawn += 1
        hit = Peony::Scene::Places.words(linked, linked.pages.first).count { |box| way.each_cons(2).any? { |a, b| Peony::Scene::Segments.crosses?(box, a, b) } }
        crossed << [form, from, to, hit] if hit.positive?
      end
    end
    expect(drawn).to be >= 12
    expect(crossed).to eq []
  end

  it "draws the connector with its head, and keeps it between figures of one page" do
    second = piece.find("f1").last.merge("id" => "f2", "box" => [72, 1300, 700, 400])
    now = with(connector.merge("to" => { "object" => "f2" }), to: with(second))
    svg = Peony::Paint::SVG.paint(Peony::Scene::Pages.all(now).first)
    expect(svg).to include('data-kind="connector"')
    expect(now.find("k1").last["way"].last[1]).to be > 1200
    Peony::Piece::Schemas.check(now.data)
  end
end
