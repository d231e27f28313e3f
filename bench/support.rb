# frozen_string_literal: true

require "bundler/setup"
require "peony"
require "open3"
require "tmpdir"

# Small tools for the benchmarks.
module Bench
  ROOT = File.expand_path("..", __dir__)
  NOTES = <<~TEXT
    # Handbook

    ## Aligning

    Point the main tube at a lamp at least 400 m away. Centre it in the low-power eyepiece. Without moving the tube, look through the finder. Turn its three screws until the lamp sits on the cross. Swap to high power and check before locking everything.

    ## Who came

    45 % came with a school, 28 % on star nights, 17 % in the holidays and 10 % for talks.

    ## The evening

    - 19:30 Doors open, tickets at the gate
    - 19:40 Welcome and safety
    - 20:00 First group up the stairs
    - 22:00 We close, and count the torches

    ## Safety

    - Red light only: white torches stay in the basket
    - Hands on the rail: the stairs are steep
    - Nobody under the slit while it moves

    ## Hire

    - Pocket: 4 kg, 5 minutes, £12
    - Garden: 11 kg, 15 minutes, £19
    - Meadow: 24 kg, 40 minutes, £34

    ## Numbers

    86 % of open nights had a full team. 4,212 guests came in all. 301 people stood in the meadow.
  TEXT
  FORMS = { "Aligning" => "staircase", "Who came" => "ring", "The evening" => "rail", "Safety" => "cards", "Hire" => "aspects-table",
            "Numbers" => "numbers" }.freeze

  module_function

  # @return [Float] milliseconds
  def time
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) * 1000
  end

  # @return [Hash] best, p50, p95 and worst of many runs, in ms; the best tells what the work costs where nothing else runs on the host
  def spread(values)
    sorted = values.sort
    { best: sorted.first, p50: sorted[sorted.size / 2], p95: sorted[(sorted.size * 0.95).floor], worst: sorted.last }.transform_values { |v| v.round(1) }
  end

  def runs(count, &block) = spread(Array.new(count) { time(&block) })
  def row(name, values, bound = nil) = puts("| #{name} | #{values.values_at(:best, :p50, :p95, :worst).join(' | ')} | #{bound || ''} |")

  # @return [Peony::Piece] one page with six figures
  def piece
    data = Peony::Piece.blank(title: "Bench").data
    data["notes"] = Peony::Notes::Markdown.read(NOTES).blocks.map(&:to_h)
    base = Peony::Piece.new(data)
    Peony::Reading::Passages.of(base.notes).each_with_index.reduce(base) do |now, (passage, i)|
      reading = Peony::Reading.of(passage)
      box = [60 + (490 * (i % 2)), 60 + (600 * (i / 2)), 470, 560]
      object = Peony::Piece::Placing.figure(now, reading, form: FORMS.fetch(passage.heading)).merge("id" => "f#{i}", "box" => box)
      now.apply({ "op" => "object.add", "page" => "p1", "object" => object }).piece
    end
  end
end
