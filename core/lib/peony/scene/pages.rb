# frozen_string_literal: true

module Peony
  module Scene
    # The scene of a piece's pages. Drawings are kept by what they depend on, so a change redraws only what it touches.
    module Pages
      CACHE = 600
      @drawn = {}
      @lock = Mutex.new

      module_function

      # @param piece [Piece]
      # @param number [Integer, String, nil] only this page, counted from 1
      # @return [Array<Picture>]
      # @raise [Peony::Error] when there is no such page
      def all(piece, ground: true, number: nil)
        pages = piece.pages
        if number
          raise Error.new("There is no page #{number.to_i}.", hint: "The piece has #{pages.size}.") unless number.to_i.between?(1, pages.size)

          pages = [pages[number.to_i - 1]]
        end
        pages.map { |page| picture(piece, page, ground: ground) }
      end

      # @param page [Hash]
      # @param ground [Boolean] whether the page's own ground is painted
      # @return [Picture]
      def picture(piece, page, ground: true)
        nodes = objects(piece, page).map(&:last)
        nodes.unshift(back(piece, page)) if ground
        number = piece.pages.index(page).to_i + 1
        title = piece.pages.size > 1 ? "#{piece.title}, page #{number}" : piece.title
        Picture.new(width: piece.width, height: piece.height, nodes: nodes, title: title, lang: piece.data["lang"], numbers: numbers(page))
      end

      # @return [Array<Array>] title, names of columns and rows of each chart
      def numbers(page) = page["objects"].select { |o| o["type"] == "chart" }.map { |o| Charts::Describing.table(o) }

      # @return [Rect] the ground of a page
      def back(piece, page) = Rect.new(x: 0, y: 0, w: piece.width, h: piece.height, radius: 0, fill: ground_of(piece, page))

      # @return [Array<Array(Hash, Group)>] each object with its nodes, back to front
      def objects(piece, page)
        base = ground_of(piece, page)
        page["objects"].each_with_index.map do |object, index|
          under = object["type"] == "shape" ? base : ground_under(piece, page, object, index)
          [object, Group.new(children: nodes(piece, object, under, base), id: object["id"], kind: object["type"], label: label(object))]
        end
      end

      def ground_of(piece, page) = piece.house.colour(page["ground"] || "surface")

      # The colour behind an object: of the topmost filled shape below it that holds its middle.
      # @return [String] hex
      def ground_under(piece, page, object, index)
        x, y, w, h = object["box"]
        shape = page["objects"].first(index).reverse.find { |o| covers?(o, x + (w / 2.0), y + (h / 2.0)) }
        shape ? shape_fill(piece, shape, ground_of(piece, page)) : ground_of(piece, page)
      end

      def covers?(object, x, y)
        return false unless object["type"] == "shape" && object["fill"] && object["shape"] != "line"

        left, top, w, h = object["box"]
        x.between?(left, left + w) && y.between?(top, top + h)
      end

      def shape_fill(piece, shape, base)
        colour = piece.house.colour(shape["fill"])
        shape["share"] ? Colour::Mixing.tint(colour, base, shape["share"]) : colour
      end

      def nodes(piece, object, under, base)
        case object["type"]
        when "figure", "chart" then figure(piece, object, under)
        when "text" then Texts.nodes(piece, object, under)
        when "clock" then Clocks.nodes(piece.house.on(under), object)
        when "connector" then Shapes.connector(piece, object, under)
        else Shapes.nodes(piece, object, base)
        end
      end

      def figure(piece, object, under)
        drawing(piece, object, under).nodes.map { |node| Boxes.moved(node, object["box"][0], object["box"][1]) }
      rescue Figures::Refusal => e
        Texts.notice(piece, object, under, e)
      end

      # @return [Figures::Drawing]
      # @raise [Figures::Refusal]
      def drawing(piece, object, under)
        key = [object.values_at(*Drawn::FIELDS), object["box"][2], object["box"][3],
               piece.data["style"], under]
        found = @lock.synchronize { @drawn[key] }
        return found if found

        house = piece.house.on(under)
        drawn = Drawn.of(object, house, object["box"][2], object["box"][3], least: [12, (13 * Piece::Layout.unit(piece)).floor].max)
        @lock.synchronize do
          @drawn.shift while @drawn.size >= CACHE
          @drawn[key] = drawn
        end
      end

      def label(object) = object["description"]
    end
  end
end
