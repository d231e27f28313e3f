# frozen_string_literal: true

module Peony
  module Reading
    # Those whom {Ranks} has met, known again by their names, and who stands below whom.
    class RankedNames
      # One who or which stands somewhere in a tree.
      class Node
        # @return [Span] the name, without article
        attr_reader :name
        # @return [Array<String>] the words by which it is known again
        attr_reader :key
        # @return [Span, nil] what is said of it right there: "who looks after events"
        attr_accessor :told
        # @return [Node, nil]
        attr_accessor :above
        # @return [Boolean] whether those below are its parts or kinds, not who takes orders from it
        attr_accessor :whole
        # @return [Array<Node>]
        attr_reader :children

        def initialize(name, key, told = nil)
          @name = name
          @key = key
          @told = told
          @children = []
        end

        # @return [Integer] it and all below it
        def count = 1 + children.sum(&:count)

        # @return [Integer] how many levels it and those below it take up
        def depth = 1 + (children.map(&:depth).max || 0)

        # @param other [Node]
        # @return [Boolean] whether it stands over another, at whatever distance
        def over?(other) = !other.above.nil? && (other.above.equal?(self) || over?(other.above))
      end

      # No figure holds more.
      MOST = 120

      # @param text [Reading::Text]
      def initialize(text)
        @text = text
        @nodes = []
      end

      # @return [Boolean] whether there is room for no more
      def full? = @nodes.size >= MOST

      # @param span [Span]
      # @return [Node] the one known by this name, or a new one
      def node(span, told = nil) = known(span) || add(fresh(span, told))

      # "Simple leaves" are the simple ones among leaves.
      # @param also [Node, nil] one who was spoken of, but stands nowhere yet
      # @return [Node, nil]
      def known(span, also: nil)
        own = key(span)
        return nil if own.empty?

        all = [*@nodes, *([also] if also)]
        found = all.find { |n| called?(n, span) } || all.find { |n| (own - n.key).empty? || ((n.key - own).empty? && (one_for?(n) || (n.above && (own - n.key - n.above.key).empty?))) }
        found ||= @nodes.find { |n| looks_after?(n, span) }
        found && add(found)
      end

      # @param span [Span]
      # @return [Boolean] whether one of just this name has been met
      def known?(span) = key(span).then { |own| own.any? && @nodes.any? { |n| n.key == own } }

      # @return [Boolean] whether it goes by just these words
      def called?(node, span) = node.name.text.casecmp?(bare(span).text)

      # "Joris for the glasshouses", "Sunniva, who has the hill": what is in the glasshouses stands below Joris.
      def looks_after?(node, span)
        name = span.text.downcase.sub(RankWords::ARTICLE, "").sub(/\W+\z/, "")
        return true if node.above && node.told&.text&.casecmp?(name)
        return true if node.above && name.length > 3 && node.told&.text.to_s.downcase.match?(/\Awho (?:has|have|had|runs|does|keeps) (?:the |our )?#{Regexp.escape(name)}\z/)

        node.above && name.length > 3 && node.name.text.downcase.then { |held| held.end_with?(" #{name}") && held.delete_suffix(name).match?(/ (?:for|in charge of|over) (?:the |our )?\z/) }
      end

      # @return [Node] one that stands nowhere yet
      def fresh(span, told = nil) = bare(span).then { |name| Node.new(name, key(name), told) }

      # Without article and what trails behind it.
      def bare(span)
        from = span.text[RankWords::ARTICLE].to_s.length
        to = span.text.sub(/[\s,.;:]+\z/, "").sub(RankWords::TAIL, "").length
        @text.span(span.from + [from, to].min, span.from + to)
      end

      def add(node) = node.tap { @nodes << node unless @nodes.any? { |n| n.equal?(node) } }
      def drop(nodes) = @nodes.reject! { |n| nodes.any? { |gone| gone.equal?(n) } }

      # @param upper [Node]
      # @param lowers [Array<Node>] what stands below something already, or above this one, stays there
      def put(upper, lowers)
        lowers.each do |lower|
          next if lower.above || lower.equal?(upper) || lower.over?(upper)

          lower.above = upper
          upper.children << lower
        end
      end

      # @return [Array<Node>] those with nothing above and something below them
      def tops = @nodes.select { |n| n.above.nil? && n.children.any? }

      # "Three heads: stage, house and workshop. The head of house has ..."
      HEAD_OF = /\A(?:the )?(?:heads?|leaders?|chiefs?) of (?=[[:lower:]])/i

      # The words that name it, without what it is for.
      # @param span [Span]
      # @return [Array<String>]
      def key(span)
        words = span.text.sub(HEAD_OF, "").sub(RankWords::TAIL, "").sub(/\s(?:for|with|in|on|at|who|which|that)\s.*/m, "").downcase.scan(/[[:alpha:]-]+/)
        words.reject { |w| Words::STOP.include?(w) || w == "ones" || w.match?(RankWords::TITLE) }.map { |w| w.delete_suffix("s") }
      end

      private

      # "One for sport": the sport officer.
      def one_for?(node) = @text.before(node.name, 16).match?(/\b(?:one|another) (?:for|of) (?:the )?\z/i)
    end
  end
end
