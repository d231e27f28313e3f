# frozen_string_literal: true

module Peony
  module Scene
    # Free texts of a page, and the notice where a figure cannot be drawn.
    module Texts
      module_function

      # @param under [String] hex of what lies behind
      # @return [Array] nodes
      def nodes(piece, object, under)
        x, y, w, h = object["box"]
        pen = Builder.new
        if object["plate"]
          under = piece.house.colour(object["plate"])
          pad = 8 * Piece::Layout.unit(piece)
          pen.rect(x - pad, y - pad, w + (pad * 2), h + (pad * 2), fill: under)
        end
        lines(piece, object, under, pen)
        pen.nodes
      end

      def lines(piece, object, under, pen)
        x, y, w, = object["box"]
        anchor = (object["align"] || "start").to_sym
        at = x + (w * { start: 0, middle: 0.5, end: 1 }.fetch(anchor))
        role = object["colour"] || (object["role"] == "source" ? "ink-2" : "ink")
        Piece::Layout.text(piece, object).each do |setting|
          ratio = setting.size >= 28 ? Colour::Mixing::LARGE : Colour::Mixing::TEXT
          pen.text(setting, at, y, fill: piece.house.ink(under, role: role, ratio: ratio), anchor: anchor, part: "text")
          y += setting.height
        end
      end

      # Where a form refuses its items the page says so, in place; the proof says it too.
      def notice(piece, object, under, refusal)
        x, y, w, h = object["box"]
        house = piece.house.on(under)
        size = [14 * Piece::Layout.unit(piece), 12].max
        pen = Builder.new
        pen.rect(x, y, w, h, fill: house.colour("surface-2"), stroke: house.colour("line"), line: 1.5)
        set = Type::Composing.text("#{refusal.message} #{refusal.hint}", house.font("body"), size, [w - 24, 40].max, hard: true)
        pen.text(set, x + 12, y + 12, fill: house.ink(house.colour("surface-2")), part: "notice") if set && set.height < h
        pen.nodes
      end
    end
  end
end
