# frozen_string_literal: true

module Peony
  module Scene
    # The single shapes and words of a drawing, each with a name under its item ("i1/title", "i2/shape1", "/shape3" where it belongs to none),
    # and what a person changed of them: hidden, in another colour, moved away from the computed place.
    module Parts
      module_function

      # @param nodes [Array] a drawing's nodes
      # @param changes [Hash{String => Hash}] {"hide", "colour", "move"} by name
      # @param house [Style::House]
      # @return [Array] nodes whose shapes know their names
      def applied(nodes, changes, house)
        counts = Hash.new(0)
        walk(nodes, "") do |node, item|
          kind = node.is_a?(Text) ? (node.part || "words") : "shape"
          number = counts["#{item}/#{kind}"] += 1
          name = kind == "shape" ? "shape#{number}" : kind
          change = changes["#{item}/#{name}#{".#{number}" if kind != 'shape' && number > 1}"]
          next nil if change && change["hide"]

          named = node.dup
          named.part = name
          change ? changed(named, change, house) : named
        end
      end

      # @yieldreturn [Object, nil] the node in place of it; nil takes it away
      def walk(nodes, item, &block)
        nodes.filter_map do |node|
          next yield(node, item) unless node.is_a?(Group)

          node.dup.tap { |group| group.children = walk(node.children, node.item || item, &block) }
        end
      end

      def changed(node, change, house)
        node = Boxes.moved(node, *change["move"]) if change["move"]
        change["colour"] ? coloured(node, change["colour"], house) : node
      end

      # Words stay legible on the surface; a shape takes the colour as it is, by its area or else by its line.
      def coloured(node, role, house)
        if node.is_a?(Text) then node.fill = house.ink(role: role, ratio: node.size >= 24 ? Colour::Mixing::LARGE : Colour::Mixing::TEXT)
        else
          node.fill = house.colour(role) if node.fill
          node.stroke = house.colour(role) if node.stroke && !node.fill
        end
        node
      end
    end
  end
end
