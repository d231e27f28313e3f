# frozen_string_literal: true

module Peony
  module Reading
    # Those of whom {Ranks} hears first how many they are: "She has two deputies. The first looks after the pumps …", "Three officers report to her. The treasurer …".
    module RanksToCome
      # @!attribute above [RankedNames::Node] who has them
      # @!attribute leaf [RankedNames::Node, nil] what stands for all of them until they are named
      # @!attribute places [Array<RankedNames::Node>] those met by their place in the row
      Announced = Struct.new(:above, :leaf, :count, :places, keyword_init: true)

      private

      # @param leaf [RankedNames::Node, nil]
      def expect(above, count, leaf: nil)
        (@to_come ||= []) << (@expected = Announced.new(above: above, leaf: leaf, count: count, places: []))
      end

      # "Two deputies", and not who they are.
      # @return [Integer, nil]
      def so_many(node)
        many = node.children.empty? && node.name.text[RankWords::SO_MANY, :many] or return nil
        Numbers.spelled(many.downcase) || many.to_i
      end

      # "The first …", "one …", "the other …": one of those that were announced, or named in a row.
      # @return [RankedNames::Node, nil]
      def placed(span)
        word = span.text[RankWords::PLACE, :place]&.downcase or return nil
        return @row && @row[RankWords::PLACES[word]] unless @expected

        at = %w[one other latter last].include?(word) ? @expected.places.compact.size : RankWords::PLACES[word]
        @expected.places[at] ||= stand_in(span) if at < @expected.count
      end

      def stand_in(span)
        called = @text.string[span.to, 60].match(RankWords::CALLED_SO)
        span = @text.span(span.to + called.begin(:name), span.to + called.end(:name)) if called
        @names.add(@names.fresh(span)).tap do |node|
          forget(@expected)
          @names.put(@expected.above, [node])
        end
      end

      def forget(announced)
        leaf = announced.leaf or return
        leaf.above&.children&.delete(leaf)
        @names.drop([leaf])
        announced.leaf = nil
      end

      # @return [Boolean] whether it only stands for one that has no name yet
      def stand_in?(node) = !node.above.nil? && node.name.text.match?(RankWords::PLACE)

      # "One runs the wet side, that is to say the boilers and the tubs": it is called by what it runs.
      def called_by(node, lower)
        node.above.children.map! { |own| own.equal?(node) ? lower : own }
        lower.above = node.above
        @expected.places.map! { |own| own.equal?(node) ? lower : own } if @expected
        @names.drop([node])
        @last = @meant = lower
      end

      # Those that stand nowhere at the end are those that were announced before them.
      def settle
        @to_come.to_a.each do |announced|
          missing = announced.count - met(announced)
          top = top_of(announced.above)
          loose = @names.tops.select { |n| !n.equal?(top) && n.name.from > announced.above.name.from }.first(missing) if missing.positive?
          next unless loose&.any? && loose.size >= (missing < announced.count ? missing : [2, missing - 1].max)

          forget(announced)
          @names.put(announced.above, loose)
        end
      end

      # "The captain has two officers. The mate answers to him": those who were told to stand below since.
      def met(announced)
        return announced.places.compact.size if announced.places.any? || announced.leaf.nil?

        announced.above.children.count { |n| n.name.from > announced.leaf.name.from }
      end

      def top_of(node) = node.above ? top_of(node.above) : node
    end
  end
end
