# frozen_string_literal: true

module Peony
  class Piece
    # What the core works out about boxes: the height of texts, where a new figure goes, the grid of a page.
    module Layout
      # px at 1080 px page width and weight of leading for each text role.
      ROLES = { "title" => ["title", 55, 1.14], "heading" => ["title", 31, 1.2], "lead" => ["body", 25, 1.4], "body" => ["body", 18, 1.45],
                "label" => ["label", 16, 1.3], "source" => ["body", 14, 1.4] }.freeze

      module_function

      # @return [Float] px of the page for each px of the 1080 px design width
      def unit(piece) = (Math.sqrt(piece.width * [piece.height, piece.width * 1.4].min) / 1080.0).clamp(0.4, 4)

      # @return [Float] px, the margin of a page: a sixteenth of the short side
      def margin(piece) = [piece.width, piece.height].min / 16.0

      # Makes a text as tall as its words need, so that it never overflows.
      def settle(piece, object)
        Ties.connect(piece, object) if object["type"] == "connector"
        return unless object["type"] == "text"

        setting = text(piece, object)
        object["box"][3] = setting.sum(&:height).ceil.clamp(8, 20_000)
      end

      # @return [Array<Type::Setting>] the paragraphs of a text object
      def text(piece, object)
        font_role, size, leading = ROLES.fetch(object["role"] || "body")
        size = object["size"] || (size * unit(piece)).round
        font = piece.house.font(font_role)
        width = [object["box"][2], size].max
        object["text"].split("\n", -1).map do |line|
          line = " " if line.strip.empty?
          balance = %w[title heading].include?(object["role"])
          set = Type::Composing.text(line, font, size, width, leading: leading, balance: balance, hard: true)
          set&.lines&.any? ? set : Type::Setting.new(lines: [line], font: font, size: size, leading: leading)
        end
      end

      # The box for one more figure: the largest free stretch of the page's column, never over what is there.
      # @param share [Float] wished height as a share of the width of the column
      # @return [Array<Float>, nil] x, y, width, height; nil when the page is full
      def free_box(piece, page, share: 0.66)
        edge = margin(piece)
        width = piece.width - (edge * 2)
        taken = page["objects"].reject { |o| backdrop?(piece, o) || o["type"] == "connector" }.map { |o| [o["box"][1], o["box"][1] + o["box"][3]] }.sort
        from = edge
        gaps = taken.each_with_object([]) do |(a, b), list|
          list << [from, a - (edge * 0.5)] if a - (edge * 0.5) > from
          from = [from, b + (edge * 0.5)].max
        end
        gaps << [from, piece.height - edge]
        best = gaps.max_by { |a, b| b - a }
        room = best[1] - best[0]
        return nil if room < [piece.height * 0.12, 110].max

        height = page["objects"].empty? && piece.height < piece.width * 1.3 ? room : [room, [width * share, piece.height * 0.2].max].min
        [edge, best[0], width, height].map { |v| v.round(1) }
      end

      # A box drawn in as far as the figure in it leaves room unused, so that the next one finds it.
      # @return [Array<Float>]
      def snug(piece, object, box)
        x, y, w, h = box
        drawn = lambda do |height|
          Scene::Pages.drawing(piece, object.merge("box" => [x, y, w, height]), piece.house.colour("surface"))
        end
        full = drawn.call(h)
        used = full.nodes.filter_map { |node| Scene::Boxes.of(node)&.last }.max.to_f.ceil + 2
        return box if used > h * 0.94

        smallest = ->(drawing) { Scene::Picture.new(nodes: drawing.nodes).texts.map(&:size).min }
        found = [1.0, 1.2, 1.4].map { |share| (used * share).ceil }.find do |height|
          closer = height < h && drawn.call(height)
          closer && closer.cuts == full.cuts && smallest.call(closer) >= smallest.call(full) * 0.85
        end
        found ? [x, y, w, found.to_f] : box
      rescue Figures::Refusal
        box
      end

      # Shapes that lie behind everything (grounds, bands) are no obstacle.
      def backdrop?(piece, object)
        object["type"] == "shape" && object["box"][2] * object["box"][3] > piece.width * piece.height * 0.3
      end
    end
  end
end
