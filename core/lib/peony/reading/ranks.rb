# frozen_string_literal: true

module Peony
  module Reading
    # Who stands below whom in running text, and which kinds a kind has: "The board chooses a director. Under her work two heads: Osei for events and Marit for books."
    # Every statement is read as "these stand below that" ({RankWords}), and from all of them trees are grown. What says nothing of the kind is passed over.
    class Ranks
      include RankedLists
      include RankStatements
      include RankTops
      include RanksToCome

      # @return [RankedNames::Node, nil] who or what the beginning puts over all the others
      attr_reader :head

      # @param text [Reading::Text]
      def initialize(text)
        @text = text
        @names = RankedNames.new(text)
        # How many sentences behind the first say nothing of who stands where.
        @silent = 0
        text.sentences.each_with_index { |sentence, index| @names.full? ? @silent += 1 : tell(sentence, index) }
        settle
      end

      # @return [Array<RankedNames::Node>] those with nothing above and something below them; a single thing below another beside trees is a remark
      def roots
        tops = @names.tops
        tops = tops.drop(1) if tops.size > 2 && named_again?(*tops)
        tops.size > 1 ? tops.reject { |n| n.count == 2 } : tops
      end

      # The trees worth drawing: one under who is over all, or those of the parts or kinds of a whole.
      # @param kinds [Boolean] whether it is told of kinds
      # @return [Array<RankedNames::Node>, nil] nil where too little is said, or too much besides
      def trees(kinds:)
        tops = roots
        tops = [over_all(head)] if !kinds && stands_alone?(tops)
        tops = tops.first.children if tops.one? && frame?(tops.first, kinds)
        tops if tops.any? && !strange?(tops) && tops.sum(&:count) - tops.size >= 3 && tops.map(&:depth).max >= (tops.one? ? 3 : 2)
      end

      private

      # "Soil is made of two kinds of thing: what was once rock, and what was once alive. The rocky part comes in … To the living part belong …"
      def named_again?(whole, *others)
        many = @text.string[whole.name.to...whole.children.first.name.from].to_s[/\b(#{Numbers::WORD}|\d+)\b/o]
        many && Numbers.count(many) == others.size && whole.children.size == others.size && whole.children.all? { |n| n.children.empty? } && others.all? { |n| n.count > 2 }
      end

      # Whether the one over all still has to be put over the others.
      def stands_alone?(tops)
        return false if head.nil? || head.above

        tops.size > 1 || elected?(tops) || (tops.any? && @crowned.equal?(head) && !tops.first.equal?(head))
      end

      # A whole whose parts have parts themselves: what it is called stands over the figure.
      def frame?(top, kinds)
        parted = top.children.count { |n| n.children.any? }
        (top.whole || kinds) && !top.equal?(@crowned) && parted >= [2, top.children.size / 2.0].max
      end

      # "The members elect the board. The board appoints a director."
      def elected?(tops)
        first = @text.sentences.first.text
        tops.one? && !tops.first.equal?(head) && first.match?(/\b(?:elect|appoint|choose)s?\b/) && first.include?(tops.first.name.text)
      end

      # Not as many as were announced, or too many sentences that say something else.
      def strange?(tops)
        return true if tops.size > 1 && @announced && tops.size != Numbers.count(@announced)

        few = [1, @text.sentences.size / 3].max
        return @silent > [few, tops.sum(&:count) / 2].max if tops.map(&:depth).max > 2

        # "A raft is no boat at all.": a last remark, behind as many as were announced.
        @silent > (tops.size > 1 && (@announced || tops.all? { |n| n.children.any? }) ? few : 0)
      end

      # Puts all that stands over something, and under nothing, under one.
      def over_all(upper, those: upper.equal?(@crowned) ? :after : :all)
        # What was told before anybody was said to be over all only sets the scene.
        below = @names.tops.reject { |n| n.equal?(upper) || (those == :after && n.name.from < upper.name.from) }
        # What stands over kinds and parts is their whole.
        upper.whole = !upper.equal?(@crowned) && below.all?(&:whole) && !upper.name.text.match?(RankWords::PERSON) if upper.children.empty?
        @names.put(upper, below)
        upper.children.sort_by! { |n| n.name.from }
        upper
      end

      def tell(sentence, index)
        @subject = subject_of(sentence)
        @unread = false
        @person = @listing = nil
        stated = parts(sentence).map { |clause| read(clause).tap { |told| @unread = true unless told } }.any?
        # "The abbess stood over the house. Beneath her ...": who was spoken of is meant.
        @meant = @subject if @subject && !stated
        @head ||= @meant if index.zero? && !stated
        @silent += 1 unless stated || index.zero? || (index == 1 && @text.told?(sentence))
      end

      # The statements of a sentence: behind a semicolon, and behind a comma or "and" where another one begins.
      def parts(sentence)
        # "Design is led by Aylin Sand and consists of three designers" tells one thing.
        return [sentence] if sentence.text.match?(RankForms::FORMS[:team])

        Sentences.clauses(sentence, /;\s+(?:and |but |while )?(?![^()]{0,200}\))/).flat_map do |clause|
          # "Production | and sales report to her": where nothing was said yet, the "and" joins things.
          @text.clauses(clause, RankWords::ANOTHER) { |before, _| before.text.match?(RankWords::SAYS) }.flat_map { |s| Sentences.clauses(s, RankWords::AS_WELL) }
        end
      end

      # @return [Boolean] whether it is a statement
      def read(clause)
        words = clause.text.sub(/[.!;\s]+\z/, "")
        return false if words.match?(RankWords::POST) || words.match?(RankWords::FANCIED)
        return of_nobody? if words.match?(RankWords::DENIED)

        RankForms::FORMS.any? { |form, pattern| (match = words.match(pattern)) && take(form, clause, match) } || listed?(clause)
      end

      # "She has three heads: Oda for the reserves; | Nils for everything with visitors; | and Wen for money"
      def listed?(clause)
        lowers = @listing && clause.text.match?(/\A(?:and )?(?:[[:upper:]]|(?:the|an?|one) )/) ? list(@text.span(clause.from, clause.to - clause.text[/[.;\s]*\z/].length)) : []
        @names.put(@listing, lowers)
        lowers.any?
      end

      # "The cook answers to no one.": said of one who belongs to no tree, and so is what follows.
      def of_nobody?
        @meant = @last = nil
        @loner = @subject
        true
      end

      # What stands above: a name, or somebody meant by "her".
      def upper(span)
        return meant(span) if span.text.match?(RankWords::MEANT)

        span = @text.span(span.from + span.text[RankWords::WHAT_WE_CALL].to_s.length, span.to)
        return nil if span.text.match?(RankWords::MODAL)

        return placed(span) if span.text.match?(RankWords::PLACE)

        node(span) if !span.text.match?(RankWords::NO_ONE) && @names.key(span).any?
      end

      # "She's got the bar, and she's got the kitchen": the same one all through a sentence; and in "Nobody knows why Visitors is a department, but it has a shop"
      # none of those told of before.
      def meant(span)
        node = @unread ? @subject : @meant
        node = (@person ||= node) if span.text.match?(/\A(?:she|he)\z/i)
        # "Hetty answers to no one. Below her sit the section leaders": she is over all.
        node = @crowned = @head = @loner if node.nil? && @loner && span.text.match?(/\Ah(?:im|er)\z/i)
        node && @names.add(node)
      end

      def node(span) = in_row(span) || known(span) || @names.node(span)

      # "Two captains, one for the window side and one for the palms. The window captain had ..."
      def in_row(span)
        own = @names.key(span)
        alike = own.size > 1 && @row ? @row.select { |n| n.key.first == own.first } : []
        alike.first if alike.one?
      end

      def known(span) = @subject && @subject.key == @names.key(span) ? @names.add(@subject) : @names.known(span, also: @meant)

      # Who the sentence is about.
      def subject_of(sentence)
        match = sentence.text.match(RankWords::SUBJECT)
        return nil if match.nil? || match[:name].match?(RankWords::NO_SUBJECT)

        span = sentence.group(match, :name)
        @names.known(span, also: @meant) || @names.fresh(span)
      end
    end
  end
end
