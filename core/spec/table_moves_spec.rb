# frozen_string_literal: true

RSpec.describe "Moving rows and columns of a table" do
  def with(rows) = Peony::Piece.blank(title: "T").apply({ "op" => "table.add", "table" => { "id" => "t1aaaa", "name" => "T", "cells" => Peony::Tables::Cells.text(rows) } }).piece
  def rows_of(piece) = Peony::Tables::Cells.rows(piece.table("t1aaaa")["cells"])
  def move(piece, what, at, count, to) = piece.apply({ "op" => "table.move", "id" => "t1aaaa", "what" => what, "at" => at, "count" => count, "to" => to })

  it "is what taking out and putting in would be, and is taken back to the letter, wherever from and to" do
    random = Random.new(11)
    30.times do
      wide = 1 + random.rand(5)
      rows = Array.new(2 + random.rand(8)) { |r| Array.new(wide) { |c| random.rand < 0.2 ? "a, \"b\" #{r}#{c}" : "#{r}.#{c}" } }
      what = %w[rows columns].sample(random: random)
      size = what == "rows" ? rows.size : wide
      count = 1 + random.rand(size)
      at, to = Array.new(2) { random.rand(size - count + 1) }
      before = with(rows)
      change = move(before, what, at, count, to)
      list = what == "rows" ? rows.dup : rows.transpose
      taken = list.slice!(at, count)
      list.insert(to, *taken)
      expect(rows_of(change.piece)).to eq(what == "rows" ? list : list.transpose)
      expect(change.piece.apply(change.inverse).piece.data).to eq before.data
    end
  end

  it "refuses in words what is not there, and cells that come from elsewhere" do
    piece = with([%w[a b], %w[1 2], %w[3 4]])
    expect { move(piece, "rows", 2, 2, 0) }.to raise_error(Peony::Error, /no such row/)
    expect { move(piece, "columns", 0, 1, 2) }.to raise_error(Peony::Error, /no such column/)
    live = piece.apply({ "op" => "table.change", "id" => "t1aaaa", "set" => { "source" => { "at" => "x.csv" } } }).piece
    expect { move(live, "rows", 1, 1, 2) }.to raise_error(Peony::Error)
  end

  it "takes the chart along: the same numbers under the same names" do
    table = [%w[Gate Balls], %w[North 35], %w[South 20], %w[East 5]]
    piece = with(table)
    chart = Peony::Piece::Placing.chart(piece.table("t1aaaa"), chart: "column").merge("id" => "c1aaaa", "box" => [0, 0, 400, 300])
    piece = piece.apply({ "op" => "object.add", "page" => "p1", "object" => chart }).piece
    moved = move(piece, "columns", 0, 1, 1).piece
    data = ->(p) { p.find("c1aaaa").last["data"].then { |d| [d["x"]["keys"], d["series"][0]["values"]].transpose.to_h } }
    expect(data[moved]).to eq data[piece]
    expect(data[move(piece, "rows", 1, 1, 3).piece]).to eq data[piece]
  end
end
