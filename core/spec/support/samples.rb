# frozen_string_literal: true

# Made-up material of the sample world, and pieces made of it.
module Samples
  STEPS = "Point the main tube at a lamp at least 400 m away. Centre it in the low-power eyepiece. Without moving the tube, look through the finder. " \
          "Turn its three screws until the lamp sits on the cross. Swap to high power and check before locking everything."
  SHARES = "Of all guests, 45 % came with a school, 28 % on star nights, 17 % in the holidays and 10 % for talks."
  SLIP = "Of 4,200 visitors, 45 % came with a school, 30 % on star nights, 20 % on holidays and 10 % for talks."
  DATES = "In 1931 the schoolmaster bought a broken refractor. In 1952 the joiners built the first dome. In 1998 the society bought the meadow."
  HIRE = "- Pocket: 4 kg, 5 minutes, £12\n- Garden: 11 kg, 15 minutes, £19\n- Meadow: 24 kg, 40 minutes, £34"

  def items(count, **more)
    Array.new(count) do |i|
      { "id" => "i#{i + 1}", "title" => "Step number #{i + 1}", "detail" => "what to do at this point", "value" => 10 + i, "unit" => "%",
        "date" => (2000 + i).to_s }.merge(more)
    end
  end

  def house(name = "Dome") = Peony::Style.fetch(name)

  # @return [Peony::Piece] with the notes in blocks and one figure of its only passage
  def piece_of(text, form: nil, box: [80, 80, 900, 600], **more)
    data = Peony::Piece.blank(title: "Trial", **more).data
    data["notes"] = Peony::Notes::Text.read(text).blocks.map(&:to_h)
    piece = Peony::Piece.new(data)
    form ? add_figure(piece, form, box) : piece
  end

  def add_figure(piece, form, box, id: "f1")
    reading = Peony::Proof::Readings.of(piece).first
    object = Peony::Piece::Placing.figure(piece, reading, form: form).except("heading").merge("id" => id, "box" => box)
    piece.apply({ "op" => "object.add", "page" => "p1", "object" => object }).piece
  end

  def reading(text) = Peony.read(text)

  # @return [String] all words painted in an SVG, in order
  def words_in(svg)
    svg.gsub(%r{<style.*?</style>}m, "").scan(/>([^<]+)</).flatten.map(&:strip).reject(&:empty?).join(" ").then { |t| CGI.unescapeHTML(t) }
  end
end
