# frozen_string_literal: true

module Peony
  module Scene
    # Where things are: bounding boxes of nodes, moving and mirroring them.
    module Boxes
      module_function

      # @return [Array(Float, Float, Float, Float), nil] left, top, right, bottom of a node
      def of(node)
        case node
        when Rect then [node.x, node.y, node.x + node.w, node.y + node.h]
        when Ellipse then [node.cx - node.rx, node.cy - node.ry, node.cx + node.rx, node.cy + node.ry]
        when Text then of_text(node)
        when Path then around(points(node).map { |x, y| [x, y, x, y] })
        else around(node.children.filter_map { |child| of(child) })
        end
      end

      def of_text(node)
        around(node.lines.map do |words, x, baseline|
          width = node.font.width(words, node.size)
          left = x - (width * { start: 0, middle: 0.5, end: 1 }.fetch(node.anchor))
          [left, baseline - (node.size * 0.78), left + width, baseline + (node.size * 0.22)]
        end)
      end

      def points(path) = path.commands.flat_map { |_, *numbers| numbers.each_slice(2).to_a }

      def around(boxes)
        return nil if boxes.empty?

        [boxes.map { |b| b[0] }.min, boxes.map { |b| b[1] }.min, boxes.map { |b| b[2] }.max, boxes.map { |b| b[3] }.max]
      end

      # @return [Object] the node moved by dx, dy px
      def moved(node, dx, dy) = mapped(node) { |x, y| [x + dx, y + dy] }

      # @return [Object] the node mirrored in a picture of this width: layout for right-to-left reading
      def mirrored(node, width)
        copy = mapped(node) { |x, y| [width - x, y] }
        flip(copy)
      end

      def flip(node)
        case node
        when Rect then node.x -= node.w
        when Text then node.anchor = { start: :end, end: :start, middle: :middle }.fetch(node.anchor)
        end
        node.children.each { |child| flip(child) } if node.respond_to?(:children)
        node
      end

      def mapped(node, &block)
        copy = node.dup
        case node
        when Rect then copy.x, copy.y = yield(node.x, node.y)
        when Ellipse then copy.cx, copy.cy = yield(node.cx, node.cy)
        when Text then copy.lines = node.lines.map { |words, x, y| [words, *yield(x, y)] }
        when Path then copy.commands = node.commands.map { |letter, *numbers| [letter, *numbers.each_slice(2).flat_map(&block)] }
        else copy.children = node.children.map { |child| mapped(child, &block) }
        end
        copy
      end
    end
  end
end
