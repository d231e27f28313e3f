# frozen_string_literal: true

module Peony
  module Figures
    module Finishes
      # Sheets laid over each other: every area casts an edge of a darker tone, drawn, not filtered.
      class CutPaper < Finish
        finish "cut paper", sees: "sheets of paper, each with the edge it casts"

        # Smaller shapes cast none.
        LEAST = 12

        def framed(house, width, height)
          depth = [[width, height].min / 180.0, 2].max
          drawing = yield(house, width - depth, height - depth)
          edge = Colour::Mixing.tint(house.colour("ink"), house.colour("surface"), 0.24)
          Drawing.new(nodes: drawing.nodes.flat_map { |node| laid(node, edge, depth) }, width: width, height: height, cuts: drawing.cuts)
        end

        def area(house, role, strength, line, words: true) = Finish.fetch("flat").area(house, role, strength, line, words: words)

        private

        # The node, with its edge before it.
        def laid(node, edge, depth)
          return [node.dup.tap { |group| group.children = node.children.flat_map { |child| laid(child, edge, depth) } }] if node.respond_to?(:children)
          return [node] unless sheet?(node)

          cast = Scene::Boxes.moved(node, depth * 0.7, depth)
          cast.fill = edge
          cast.stroke = nil
          [cast, node]
        end

        def sheet?(node)
          return false unless node.respond_to?(:fill) && node.fill && !node.is_a?(Scene::Text)

          box = Scene::Boxes.of(node)
          [box[2] - box[0], box[3] - box[1]].min >= LEAST
        end
      end
    end
  end
end
