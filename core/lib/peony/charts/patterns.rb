# frozen_string_literal: true

module Peony
  module Charts
    # Hatching over the areas of a chart, another one for each colour, so that they are told apart without colours too.
    module Patterns
      # Angles of the lines for each colour in turn; the first stays plain.
      ANGLES = [[], [45], [-45], [0], [90], [45, -45]].freeze

      private

      def patterned(nodes)
        return nodes if job.finish.hatched?

        @fills = []
        nodes.flat_map { |node| pattern(node) }
      end

      def pattern(node)
        if node.is_a?(Scene::Group)
          node.children = node.children.flat_map { |child| pattern(child) }
          return [node]
        end
        lines = area?(node) ? lines_on(node) : []
        [node, *lines]
      end

      # A filled area that stands for numbers: not the paper, no dot of a line.
      def area?(node)
        return false unless node.respond_to?(:fill) && node.fill && !node.is_a?(Scene::Text) && node.fill != surface

        left, top, right, bottom = Scene::Boxes.of(node)
        right - left > 5 && bottom - top > 5
      end

      def lines_on(node)
        @fills << node.fill unless @fills.include?(node.fill)
        rings = Scene::Outlines.of(node).map { |ring| ring.first == ring.last ? ring : [*ring, ring.first] }
        ink = Colour::Mixing.legible(surface, node.fill, 1.6)
        ANGLES[@fills.index(node.fill) % ANGLES.size].filter_map do |angle|
          commands = Scene::Hatch.commands(rings, angle, [7 * unit, 5].max)
          Scene::Path.new(commands: commands, stroke: ink, line: [1.4 * unit, 1].max) if commands.any?
        end
      end
    end
  end
end
