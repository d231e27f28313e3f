# frozen_string_literal: true

require "csv"
require "date"
require "SVG/Graph/DataPoint"
require "SVG/Graph/Line"
require_relative "support"

module Bench
  # Tables: read, understood and charted, beside Ruby's CSV on the same file; a chart drawn again after a change of one cell.
  module Tables
    NAMES = %w[North South East].freeze

    module_function

    def run
      Dir.mktmpdir do |dir|
        { 100_000 => "1000", 1_000_000 => "6000" }.each do |rows, limit|
          path = File.join(dir, "#{rows}.csv")
          write(path, rows)
          times = rows > 500_000 ? 1 : 5
          Bench.row("table of #{rows} × 6 read, understood and charted", Bench.runs(times) { whole(path) }, limit)
          Bench.row("reference: Ruby's CSV.read of the same file", Bench.runs(times) { CSV.read(path) })
          Bench.row("reference: File.read and split of the same file", Bench.runs(times) { File.read(path).split("\n").map { |line| line.split(",") } })
        end
      end
      Bench.row("chart drawn again after a change of one cell of 92 rows (60)", edits, "20")
      drawn
    end

    def write(path, rows)
      random = Random.new(3)
      File.open(path, "w") do |file|
        file.puts "Date,Visitors,Takings,Gate,Weather,Note"
        rows.times { |i| file.puts "#{Date.new(1900, 1, 1) + (i % 60_000)},#{100 + random.rand(50)},£#{format('%.2f', random.rand * 900)},#{NAMES[random.rand(3)]},#{random.rand(30)},n#{i}" }
      end
    end

    def whole(path)
      shape = Peony::Tables::Shape.new(Peony::Tables::Reader.table(Peony::Tables.open(path).first))
      Peony::Charts::Proposals.for(shape, said: Peony::Tables::Finding.all(shape))
    end

    # A line of 92 nights to SVG, beside a general-purpose charting library on the same numbers.
    def drawn
      chart = Peony::Piece.parse(File.read(File.join(ROOT, "demo/pieces/nights.peony"))).objects.find { |o| o["chart"] == "line" }
      house = Peony::Style.fetch("Dome")
      Bench.row("a line of 92 nights with its marks, to SVG", Bench.runs(30) do
        drawing = Peony::Charts.draw("line", chart["data"], house: house, width: 800, height: 500, heading: chart["heading"], marks: chart["marks"])
        Peony::Paint::SVG.paint(Peony::Figures.picture(drawing, house))
      end)
      Bench.row("reference: svg-graph, the same numbers to SVG", Bench.runs(30) do
        graph = SVG::Graph::Line.new(width: 800, height: 500, fields: chart["data"]["x"]["keys"], show_data_values: false)
        graph.add_data(data: chart["data"]["series"][0]["values"], title: "Guests")
        graph.burn_svg_only
      end)
    end

    def edits
      piece = Peony::Piece.parse(File.read(File.join(ROOT, "demo/pieces/nights.peony")))
      Bench.spread(Array.new(60) do |i|
        Bench.time do
          piece = piece.apply({ "op" => "table.cells", "id" => "visitor-nights", "cells" => [[5 + i, 1, (40 + i).to_s]] }).piece
          Peony::Scene::Pages.all(piece)
        end
      end)
    end
  end
end

if $PROGRAM_NAME == __FILE__
  puts "| what | best | p50 | p95 | worst | must be |\n|---|---|---|---|---|---|"
  Bench::Tables.run
end
