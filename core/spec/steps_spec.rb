# frozen_string_literal: true

# Steps between a table and a chart: what they give, and that everything follows.
RSpec.describe Peony::Tables::Steps do
  NIGHTS = "Date,Gate,Visitors,Income\n2024-01-06,North,10,£20\n2024-01-13,South,30,£60\n2024-02-03,North,20,£35\n2025-01-06,North,15,£30\n2025-02-03,South,25,£55\n"

  def table(text) = Peony::Tables::Reader.table(Peony::Tables::Sheet.new(name: nil, rows: Peony::Tables::Readers::Delimited.rows(text)))
  def worked(text, *steps, others: {}) = described_class.rows(table(text), steps.map { |s| s.transform_keys(&:to_s) }, ->(id) { table(others.fetch(id)) })

  it "keeps rows by a word, a number, a date or part of the words" do
    expect(worked(NIGHTS, { do: "filter", column: "Gate", how: "is", value: "south" }).drop(1).map(&:last)).to eq(["£60", "£55"])
    expect(worked(NIGHTS, { do: "filter", column: "Gate", how: "not", value: "South" }).size).to eq(4)
    expect(worked(NIGHTS, { do: "filter", column: "Visitors", how: "more", value: "20" }).drop(1).map { |r| r[2] }).to eq(%w[30 25])
    expect(worked(NIGHTS, { do: "filter", column: "Date", how: "less", value: "1 February 2024" }).size).to eq(3)
    expect(worked(NIGHTS, { do: "filter", column: "Gate", how: "has", value: "or" }).size).to eq(4)
  end

  it "puts rows together by a word, or by month, year and day of the week in their order" do
    expect(worked(NIGHTS, { do: "group", column: "Gate", by: "", how: "sum" })).to eq([%w[Gate Visitors Income], %w[North 45 85], %w[South 55 115]])
    expect(worked(NIGHTS, { do: "group", column: "Date", by: "month", how: "mean" }).first(2)).to eq([["Month", "Visitors, average", "Income, average"], %w[2024-01 20 40]])
    expect(worked(NIGHTS, { do: "group", column: "Date", by: "year", how: "count" })).to eq([%w[Year Rows], %w[2024 3], %w[2025 2]])
    expect(worked(NIGHTS, { do: "group", column: "Date", by: "weekday", how: "largest" }).drop(1).map(&:first)).to eq(%w[Monday Saturday])
  end

  it "gives shares that add up to a hundred as they are printed" do
    random = Random.new(4)
    40.times do
      values = Array.new(random.rand(2..9)) { random.rand(1..90) }
      cells = worked("Name,Count\n#{values.each_with_index.map { |v, i| "n#{i},#{v}" }.join("\n")}\n", { do: "share", column: "Count" }).drop(1).map(&:last)
      expect(cells.sum { |c| c.delete(" %").to_r }).to eq(100)
      cells.each_with_index { |c, i| expect(c.to_f).to be_within(0.1).of(100.0 * values[i] / values.sum) }
    end
  end

  it "adds up in the order of time, wherever the rows stand" do
    cells = worked("Month,Sold\n2025-03,5\n2025-01,10\n2025-02,7\n", { do: "running", column: "Sold" })
    expect(cells.first.last).to eq("Sold, running total")
    expect(cells.drop(1).map(&:last)).to eq(%w[22 10 17])
  end

  it "sets a row against the one a year before" do
    expect(worked(NIGHTS, { do: "year ago", column: "Visitors" }).drop(1).map(&:last)).to eq(["", "", "", "50 %", "25 %"])
  end

  it "joins another table where a column agrees, whatever its case" do
    gates = "Name,Warden\nnorth,Ida\nSouth,Bram\n"
    cells = worked(NIGHTS, { do: "join", table: "gates", column: "Gate", on: "Name" }, others: { "gates" => gates })
    expect(cells.first.last).to eq("Warden")
    expect(cells.drop(1).map(&:last)).to eq(%w[Ida Bram Ida Ida Bram])
    expect(worked(NIGHTS, { do: "join", table: "gates", column: "Gate" }, others: { "gates" => gates }).first.last).to eq("Warden")
  end

  it "keeps the largest rows and puts the others together" do
    list = ("a".."f").each_with_index.map { |n, i| "#{n},#{(i + 1) * 10}" }.join("\n")
    expect(worked("Name,Count\n#{list}\n", { do: "top", column: "Count", count: "3" }).drop(1)).to eq([%w[f 60], %w[e 50], %w[d 40], ["Others (3)", "60"]])
  end

  it "takes several steps one after the other" do
    cells = worked(NIGHTS, { do: "filter", column: "Gate", how: "is", value: "North" }, { do: "group", column: "Date", by: "year", how: "sum" }, { do: "share", column: "Visitors" })
    expect(cells).to eq([["Year", "Visitors", "Income", "Share of Visitors"], ["2024", "30", "55", "66.7 %"], ["2025", "15", "30", "33.3 %"]])
  end

  it "says plainly what does not go" do
    { { do: "filter", column: "Gate", how: "is", value: "West" } => /No row is left/,
      { do: "share", column: "Gate" } => /holds no numbers/, { do: "running", column: "Nobody" } => /There are: Date/,
      { do: "filter", column: "Visitors", how: "more", value: "lots" } => /Write a number/ }.each do |step, words|
      expect { worked(NIGHTS, step) }.to raise_error(Peony::Error) { |e| expect(e.full).to match(words) }
    end
    expect { worked("Name,Count\na,1\nb,2\n", { do: "year ago", column: "Count" }) }.to raise_error(Peony::Error, /dates/)
    expect { worked(NIGHTS, { do: "join", table: "gates", column: "Gate" }, others: { "gates" => "Name,Warden\nEast,Ida\nWest,Bram\n" }) }.to raise_error(Peony::Error, /No row/)
  end

  it "says each step in words" do
    said = [{ "do" => "filter", "column" => "Gate", "how" => "is", "value" => "North" }, { "do" => "group", "column" => "Date", "by" => "month", "how" => "sum" }].map do |s|
      described_class.said(s)
    end
    expect(said).to eq(["only rows where Gate is North", "sums by month of Date"])
  end

  describe "in a piece" do
    let(:piece) do
      Peony::Piece.parse(File.read(File.expand_path("../../demo/pieces/nights.peony", __dir__)))
                  .apply({ "op" => "table.add", "table" => { "id" => "raw", "name" => "Nights", "cells" => NIGHTS } }).piece
                  .apply({ "op" => "table.add",
                           "table" => { "id" => "by", "name" => "By gate", "cells" => "", "of" => "raw",
                                        "steps" => [{ "do" => "group", "column" => "Gate", "by" => "", "how" => "sum" }] } }).piece
    end

    it "works out again what was made from a table that changes, and takes it back with it" do
      change = piece.apply({ "op" => "table.cells", "id" => "raw", "cells" => [[1, 2, "100"]] })
      expect(change.piece.table("by")["cells"]).to include("North,135")
      expect(change.piece.apply(change.inverse).piece.table("by")["cells"]).to eq(piece.table("by")["cells"])
    end

    it "draws with charts that follow the steps" do
      object = Peony::Piece::Placing.chart(piece.table("by"), chart: "bar", column: "Visitors").merge("id" => "c9", "box" => [40, 40, 600, 400])
      drawn = piece.apply({ "op" => "object.add", "page" => piece.pages.first["id"], "object" => object }).piece
      after = drawn.apply({ "op" => "table.change", "id" => "by",
                            "set" => { "steps" => [{ "do" => "filter", "column" => "Visitors", "how" => "more", "value" => "10" },
                                                   { "do" => "group", "column" => "Gate", "by" => "", "how" => "sum" }] } })
      expect(JSON.generate(after.piece.find("c9").last["data"])).to include("35").and include("55")
      expect(after.touched).to include("c9")
    end

    it "keeps its cells where a step no longer goes, and cannot be typed over or go in a circle" do
      expect(piece.apply({ "op" => "table.columns", "id" => "raw", "at" => 1, "remove" => 1, "insert" => [] }).piece.table("by")["cells"]).to eq(piece.table("by")["cells"])
      expect { piece.apply({ "op" => "table.cells", "id" => "by", "cells" => [[1, 1, "3"]] }) }.to raise_error(Peony::Error, /worked out/)
      expect { piece.apply({ "op" => "table.change", "id" => "raw", "set" => { "steps" => [] } }) }.to raise_error(Peony::Error, /not worked out/)
      circle = { "op" => "table.change", "id" => "by", "set" => { "steps" => [{ "do" => "join", "table" => "by", "column" => "Gate" }] } }
      expect { piece.apply(circle) }.to raise_error(Peony::Error, /itself/)
    end
  end
end
