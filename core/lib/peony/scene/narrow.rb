# frozen_string_literal: true

module Peony
  module Scene
    # A page laid out anew for a phone: one column, figures drawn for its width, words at a size that reads.
    # Pages without figures (posters) are pictures as wholes and stay as they are.
    class Narrow
      WIDTH = 420.0
      EDGE = 22.0
      # Text of a page scaled to a phone below this is too small to read.
      LEAST = 11.0
      SHARES = [0.6, 0.8, 1.0, 1.3, 1.7, 2.2, 3.0, 4.0].freeze

      # @param piece [Piece]
      # @return [Array<Picture>] one for each page
      def self.all(piece)
        piece.pages.zip(Pages.all(piece)).map { |page, wide| needed?(page, wide) ? new(piece, page).picture : wide }
      end

      # @param wide [Picture] the page as it is
      def self.needed?(page, wide)
        smallest = wide.texts.map(&:size).min
        page["objects"].any? { |o| Drawn.type?(o) } && smallest && smallest * WIDTH / wide.width < LEAST
      end

      def initialize(piece, page)
        @piece = piece
        @page = page
        @pen = Builder.new
        @y = 0.0
        @ground = nil
      end

      # @return [Picture]
      def picture
        ordered.each { |object, under| place(object, under) }
        close(EDGE)
        base = Pages.ground_of(@piece, @page)
        back = Rect.new(x: 0, y: 0, w: WIDTH, h: @y, radius: 0, fill: base)
        Picture.new(width: WIDTH, height: @y.ceil, nodes: [back, *@pen.nodes], title: @piece.title, lang: @piece.data["lang"])
      end

      private

      # Figures and texts from top to bottom, each with what lies behind it.
      def ordered
        list = @page["objects"].each_with_index.filter_map do |object, index|
          [object, Pages.ground_under(@piece, @page, object, index)] unless %w[shape connector].include?(object["type"])
        end
        list.sort_by { |object, _| [object["box"][1].round(-1), object["box"][0]] }
      end

      def place(object, under)
        if under != @ground
          close(@ground ? EDGE : 0)
          @ground = under
          @top = @y
          @outer = @pen
          @pen = Builder.new
          @y += EDGE
        end
        case object["type"]
        when "text" then text(object, under)
        when "clock" then clock(object, under)
        else figure(object, under)
        end
      end

      # A clock keeps its shape in the middle of the column.
      def clock(object, under)
        w = WIDTH * 0.62
        h = w * (object["box"][3] / object["box"][2].to_f).clamp(0.3, 1.2)
        @pen.nodes.concat(Clocks.nodes(@piece.house.on(under), object.merge("box" => [(WIDTH - w) / 2, @y, w, h])))
        @y += h + 12
      end

      # Ends a stretch of one ground: its rectangle goes behind what was drawn on it.
      def close(space)
        return unless @outer

        @y += space
        @outer.rect(0, @top, WIDTH, @y - @top, fill: @ground)
        @outer.nodes.concat(@pen.nodes)
        @pen = @outer
        @outer = nil
      end

      def text(object, under)
        role = Piece::Layout::ROLES.fetch(object["role"] || "body")
        size = Piece::Layout.text(@piece, object).first.size * (object["role"] == "source" ? 0.7 : 0.52)
        size = size.clamp(object["role"] == "source" ? 12.5 : 15, 34)
        title = %w[title heading].include?(object["role"])
        # A title's own line breaks were made for the wide page.
        (title ? [object["text"].tr("\n", " ")] : object["text"].split("\n")).each do |line|
          setting = Type::Composing.text(line, @piece.house.font(role[0]), size, WIDTH - (EDGE * 2), leading: role[2], balance: title, hard: true)
          colour = object["colour"] || (object["role"] == "source" ? "ink-2" : "ink")
          @pen.text(setting, EDGE, @y, fill: @piece.house.ink(under, role: colour), part: "text")
          @y += setting.height
        end
        @y += 8
      end

      def figure(object, under)
        drawing = fitting(object, under)
        nodes = drawing.nodes.map { |node| Boxes.moved(node, EDGE, @y + 12) }
        @pen.nodes << Group.new(children: nodes, id: object["id"], kind: "figure", label: object["description"])
        @y += (nodes.filter_map { |node| Boxes.of(node)&.last }.max || @y) - @y + 20
      end

      # The lowest height at which nothing has to be shortened.
      def fitting(object, under)
        width = WIDTH - (EDGE * 2)
        tries = SHARES.lazy.filter_map { |share| attempt(object, under, width, width * share) }
        tries.find { |drawing| drawing.cuts.empty? } || tries.to_a.last || refused(object, under, width)
      end

      def attempt(object, under, width, height)
        Drawn.of(object, @piece.house.on(under), width, height)
      rescue Figures::Refusal
        nil
      end

      # A form that no phone can hold gives its items to a plain list.
      def refused(object, under, width)
        (object["form"] && attempt(object.merge("form" => "ruled-list"), under, width, width * 4)) || Figures::Drawing.new(nodes: [], width: width, height: 0, cuts: [])
      end
    end
  end
end
