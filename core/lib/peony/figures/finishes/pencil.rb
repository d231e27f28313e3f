# frozen_string_literal: true

module Peony
  module Figures
    module Finishes
      # A steady hand: lines that waver a little, areas hatched. The same words always give the same lines.
      class Pencil < Finish
        finish "pencil", sees: "a steady hand-drawn line, areas hatched"

        def hatched? = true

        def framed(house, width, height)
          drawing = yield(house, width, height)
          Drawing.new(nodes: drawing.nodes.map { |node| sketched(node, house) }, width: width, height: height, cuts: drawing.cuts)
        end

        # Stronger areas are hatched more closely; words stand on the paper's own tone.
        def area(house, role, strength, line, **)
          fill = house.tint(role, 0.04 + (0.14 * strength))
          Area.new(fill: fill, stroke: Colour::Mixing.legible(house.colour(role), house.colour("surface"), Colour::Mixing::TEXT), line: [line * 0.7, 1.2].max, ground: fill)
        end

        private

        def sketched(node, house)
          return node.dup.tap { |group| group.children = node.children.map { |child| sketched(child, house) } } if node.respond_to?(:children)
          return node if node.is_a?(Scene::Text) || !worth?(node)

          Scene::Group.new(kind: "sketch", children: Hand.drawn(node, house.colour("surface")))
        end

        def worth?(node)
          box = Scene::Boxes.of(node)
          box && [box[2] - box[0], box[3] - box[1]].max >= 14
        end
      end
    end
  end
end
