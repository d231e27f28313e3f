# frozen_string_literal: true

module Peony
  module Reading
    # How a passage is laid out: its entries, nested, and the stretches that stand under a line of their own.
    module Tree
      # +span+ is the node's own words, +body+ the stretches of running text below it, +children+ nodes.
      Node = Struct.new(:span, :level, :ordered, :children, :body, keyword_init: true) do
        # @return [Array<Span>] its own words and all that stands below
        def spans = [span, *body, *children.flat_map(&:spans)]

        # @return [String] all words below it
        def inside = [*body.map(&:text), *children.flat_map { |c| c.spans.map(&:text) }].join(" ")
      end

      LEAD = 9

      module_function

      # @param text [Reading::Text]
      # @return [Array<Node>] what stands side by side: groups where at least two lines lead something, else the entries
      def of(text)
        groups = headings(text) || grouped(text)
        return groups if groups.size >= 2 && groups.size >= text.outer.size * 0.2

        text.outer.any? ? nodes(text.outer) : labelled(text)
      end

      LABEL = /\A(?:[SWOT]|[^:.!?;]{2,42}):\s+\S/

      # Running text in which every sentence has a label of its own: "Oil: cheap to fit, dirty. Pellets: dear to fit, clean."
      def labelled(text)
        sentences = text.sentences
        told = sentences.select { |s| s.text.match?(LABEL) }
        # "We sort the letters by two questions: is it urgent, and is it ours?": asked before all that has a label.
        told.shift if told.size > 3 && told.first.text.end_with?("?")
        return [] unless told.size >= 2 && told.size >= sentences.size * 0.8 && told.all? { |s| s.text.split.size <= 24 }

        told.map { |s| Node.new(span: s, level: 0, ordered: false, children: [], body: []) }
      end

      def nodes(entries) = entries.map { |e| Node.new(span: e.span, level: e.level, ordered: e.ordered, children: nodes(e.children), body: []) }

      # Headings with headings below them, and nothing else.
      # @return [Array<Node>, nil]
      def headings(text)
        list = text.stretches
        levels = list.map { |s| s.block.level.to_i if s.block.heading? }
        return nil unless list.size > 3 && levels.all? && levels.uniq.size > 1 && levels.first == levels.min && levels.count(levels.min) > 1

        above = []
        list.zip(levels).each_with_object([]) do |(stretch, level), tops|
          above.pop while above.any? && above.last.level >= level
          node = Node.new(span: text.span(stretch.from, stretch.to), level: level, ordered: false, children: [], body: [])
          (above.any? ? above.last.children : tops) << node
          above << node
        end
      end

      def grouped(text)
        groups = []
        list = text.stretches
        list.each_with_index do |stretch, index|
          if lead?(stretch, list[index + 1])
            groups << Node.new(span: text.span(stretch.from, stretch.to), level: 0, ordered: false, children: [], body: [])
          elsif groups.any?
            if stretch.block.item?
              entry = text.outer.find { |e| e.span.from == stretch.from }
              groups.last.children.concat(nodes([entry])) if entry
            elsif groups.last.children.empty? then groups.last.body << text.span(stretch.from, stretch.to)
            end
          end
        end
        groups.reject! { |g| g.children.empty? && g.body.empty? }
        # "Riding", the last of several heads, with nothing below it yet.
        last = list.last
        groups << Node.new(span: text.span(last.from, last.to), level: 0, ordered: false, children: [], body: []) if groups.size >= 2 && last.block.heading?
        groups
      end

      # A heading inside the passage, or a short line before entries.
      def lead?(stretch, following)
        return following && !following.block.heading? if stretch.block.heading?

        stretch.block.type == "paragraph" && following&.block&.item? && stretch.block.text.split.size <= LEAD && !stretch.block.text.match?(/[.!?]\z/)
      end
    end
  end
end
