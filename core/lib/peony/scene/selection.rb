# frozen_string_literal: true

module Peony
  module Scene
    # One figure, or one item of it, as a picture of its own: on a light or dark ground, or on none.
    module Selection
      GROUNDS = %w[light dark none].freeze
      # Room around a single item, px.
      MARGIN = 12

      module_function

      # @param piece [Piece]
      # @param id [String] a figure
      # @param item [String, nil] one item of it
      # @param ground [String] light, dark or none
      # @return [Picture]
      # @raise [Peony::Error]
      def picture(piece, id, item: nil, ground: "light")
        raise Error.new("A picture can stand on #{GROUNDS.join(', ')}.", hint: "Choose one of these grounds.") unless GROUNDS.include?(ground)

        _, object = piece.find(id)
        raise Error.new("Only figures and charts can be taken along by themselves.", hint: "Publish the page for the rest.") unless Drawn.type?(object)

        house = ground == "dark" ? piece.house.on(piece.house.night) : piece.house
        drawing = drawn(object, house)
        nodes, width, height = item ? single(drawing, item) : [drawing.nodes, drawing.width, drawing.height]
        back = ground == "none" ? [] : [Rect.new(x: 0, y: 0, w: width, h: height, radius: 0, fill: house.colour("surface"))]
        Picture.new(width: width, height: height, nodes: back + nodes, title: object["heading"] || object["description"], description: object["description"], lang: piece.data["lang"])
      end

      def drawn(object, house) = Drawn.of(object, house, object["box"][2], object["box"][3])

      # Everything that belongs to the item, cut out.
      def single(drawing, item)
        groups = [].tap { |list| Picture.new(nodes: drawing.nodes).walk { |node| list << node if node.is_a?(Group) && node.item == item } }
        left, top, right, bottom = Boxes.around(groups.filter_map { |group| Boxes.of(group) }) || raise(Error.new("That item is not in the figure any more.", hint: "Choose another one."))
        moved = groups.map { |group| Boxes.moved(group, MARGIN - left, MARGIN - top) }
        [moved, right - left + (MARGIN * 2), bottom - top + (MARGIN * 2)]
      end
    end
  end
end
