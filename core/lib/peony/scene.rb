# frozen_string_literal: true

module Peony
  # Positioned primitives, and a picture made of them.
  module Scene
    # The primitives that painters know. All lengths in px of the picture, colours "#rrggbb" or nil.
    # +tip+: what a group says when one points at it; +clock+: what a running clock needs to know, as JSON.
    Group = Struct.new(:children, :id, :kind, :item, :label, :tip, :clock, keyword_init: true)
    Rect = Struct.new(:x, :y, :w, :h, :radius, :fill, :stroke, :line, :part, keyword_init: true)
    Ellipse = Struct.new(:cx, :cy, :rx, :ry, :fill, :stroke, :line, :part, keyword_init: true)
    # commands: [["M", x, y], ["L", x, y], ["C", x1, y1, x2, y2, x, y], ["Z"]]
    Path = Struct.new(:commands, :fill, :stroke, :line, :dash, :cap, :part, keyword_init: true)
    # lines: [[text, x, baseline]]; anchor :start, :middle or :end; part names what of an item it is (title, detail, value ...)
    Text = Struct.new(:lines, :font, :size, :fill, :anchor, :part, :cut, :leading, keyword_init: true)

    # A picture: its size and its nodes, back to front.
    # +numbers+: the tables behind its charts, each [title, columns, rows], for readers who cannot see them.
    Picture = Struct.new(:width, :height, :nodes, :title, :description, :lang, :numbers, keyword_init: true) do
      # @yield [node] every node, depth first
      def walk(list = nodes, &block)
        list.each do |node|
          yield node
          walk(node.children, &block) if node.respond_to?(:children)
        end
      end

      # @return [Array<Text>]
      def texts = [].tap { |found| walk { |node| found << node if node.is_a?(Text) } }
    end
  end
end
