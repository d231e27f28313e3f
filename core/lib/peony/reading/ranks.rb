# frozen_string_literal: true

module Peony
  module Reading
    # Who stands below whom in running text, and which kinds a kind has: "The board chooses a director. Under her work two heads: Osei for events and Marit for books."
    # Every statement is read as "these stand below that" ({RankWords}), and from all of them trees are grown. What says nothing of the kind is passed over.
    class Ranks
      include RankedLists

      # Statements that tell of parts and kinds, not of who takes orders from whom.
      PARTS = %i[down parted in kinds to sorted].freeze

      # @return [RankedNames::Node, nil] who or what the beginning puts over all the others
      attr_reader :head

      # @param text [Reading::Text]
      def initialize(text)
        @text = text
        @names = RankedNames.new(text)
        # How many sentences behind the first say nothing of who stands where.
        @silent = 0
        text.sentences.each_with_index { |sentence, index| @names.full? ? @silent += 1 : tell(sentence, index) }
      end

      # @return [Array<RankedNames::Node>] those with nothing above and something below them; a single thing below another beside trees is a remark
      def roots = @names.tops.then { |tops| tops.size > 1 ? tops.reject { |n| n.count == 2 } : tops }

      # The trees worth drawing: one under who is over all, or those of the parts or kinds of a whole.
      # @param kinds [Boolean] whether it is told of kinds
      # @return [Array<RankedNames::Node>, nil] nil where too little is said, or too much besides
      def trees(kinds:)
        tops = roots
        tops = [over_all(head)] if !kinds && head && head.above.nil? && (tops.size > 1 || elected?(tops))
        tops = tops.first.children if tops.one? && (kinds || tops.first.whole) && tops.first.children.count { |n| n.children.any? } >= [2, tops.first.children.size / 2.0].max
        tops if tops.any? && !strange?(tops) && tops.sum(&:count) - tops.size >= 3 && tops.map(&:depth).max >= (tops.one? ? 3 : 2)
      end

      private

      # "The members elect the board. The board appoints a director."
      def elected?(tops)
        first = @text.sentences.first.text
        tops.one? && !tops.first.equal?(head) && first.match?(/\b(?:elect|appoint|choose)s?\b/) && first.include?(tops.first.name.text)
      end

      # Not as many as were announced, or too many sentences that say something else.
      def strange?(tops)
        return true if tops.size > 1 && @announced && tops.size != Numbers.count(@announced)

        return @silent > [1, @text.sentences.size / 3].max if tops.map(&:depth).max > 2

        # "A raft is no boat at all.": a last remark, behind as many as were announced.
        @silent > (tops.size > 1 && @announced ? 1 : 0)
      end

      # Puts all that stands over something, and under nothing, under one.
      def over_all(upper)
        below = @names.tops.reject { |n| n.equal?(upper) }
        # What stands over kinds and parts is their whole.
        upper.whole = below.all?(&:whole) && !upper.name.text.match?(RankWords::PERSON) if upper.children.empty?
        @names.put(upper, below)
        upper.children.sort_by! { |n| n.name.from }
        upper
      end

      def tell(sentence, index)
        @subject = subject_of(sentence)
        stated = parts(sentence).map { |clause| read(clause) }.any?
        # "The abbess stood over the house. Beneath her ...": who was spoken of is meant.
        @meant = @subject if @subject && !stated
        @head ||= @meant if index.zero? && !stated
        @silent += 1 unless stated || index.zero? || (index == 1 && @text.told?(sentence))
      end

      # The statements of a sentence: behind a semicolon, and behind a comma or "and" where another one begins.
      def parts(sentence)
        # "Design is led by Aylin Sand and consists of three designers" tells one thing.
        return [sentence] if sentence.text.match?(RankWords::FORMS[:team])

        Sentences.clauses(sentence, /;\s+(?:and |but |while )?/).flat_map do |clause|
          # "Production | and sales report to her": where nothing was said yet, the "and" joins things.
          @text.clauses(clause, RankWords::ANOTHER) { |before, _| before.text.match?(RankWords::SAYS) }.flat_map { |s| Sentences.clauses(s, RankWords::AS_WELL) }
        end
      end

      # @return [Boolean] whether it is a statement
      def read(clause)
        words = clause.text.sub(/[.!;\s]+\z/, "")
        return false if words.match?(RankWords::POST)

        RankWords::FORMS.any? { |form, pattern| (match = words.match(pattern)) && take(form, clause, match) }
      end

      # @return [RankedNames::Node, nil] who is spoken of then; nil where it is no such statement
      def take(form, clause, match)
        case form
        when :top, :boss then top(clause, match, form)
        when :owner then @meant = @head = node(at(clause, match, :up))
        when :more then more(clause, match)
        when :there then announced(clause, match)
        when :called then @meant = node(at(clause, match, :low))
        when :handed then handed(clause, match)
        when :bottom then bottom(clause, match)
        when :led then led(clause, match)
        when :reporting then reporting(clause, match)
        else below(clause, match, form)
        end
      end

      # "At the top is the supreme court", "Captain Osei is in command"
      def top(clause, match, form)
        return nil if form == :boss && at(clause, match, :low).text.match?(RankWords::NO_ONE)

        first, *others = list(at(clause, match, :low))
        @names.drop(others)
        @head = @last = @meant = first if first
      end

      # "At the bottom were the thralls": below whoever is over all, or was told of last where each stands below the one before.
      def bottom(clause, match)
        @names.put(@chain || @head, list(at(clause, match, :low))) if @head
        @head
      end

      # "At the top stood the king. He gave land to dukes and bishops. They lent some of it to knights": each below the one before.
      def handed(clause, match)
        upper = @head && upper(at(clause, match, :up)) or return nil
        low = at(clause, match, :low)
        length = low.text[/\A[^,;]+/].to_s.length
        @chain = @names.node(@text.span(low.from, low.from + length), (@text.span(low.from + length + 2, low.to) if length < low.text.length))
        @names.put(upper, [@chain])
        @meant = @chain
      end

      # "... and has three groups": who was spoken of last has them.
      def more(clause, match)
        return nil unless @last

        lowers = list(at(clause, match, :low))
        @names.put(@last, lowers)
        @last if lowers.any?
      end

      # "They fall into two classes. There are the open ones and the decked ones."
      def announced(clause, match)
        return nil unless @announced && @meant && @meant.children.empty? && @meant.equal?(@counted)

        lowers = list(at(clause, match, :low))
        return none(lowers) unless lowers.size == Numbers.count(@announced)

        @names.put(@meant, @row = lowers)
        @meant
      end

      # "The council is led by a president": she stands over what follows. Of one who is known already it is only said who leads it.
      def led(clause, match)
        lower = at(clause, match, :low)
        upper = at(clause, match, :up)
        return over_all(@names.node(upper)) if lower.text.match?(/\A(?:all|everything|everybody|everyone)\b/i)

        own = known(lower)
        if own&.above || @head
          @last = own || node(lower)
          @last.told ||= @text.span(lower.to + 1, upper.to)
        else
          @last = node(upper)
        end
        @meant = @last
      end

      # "Reporting to the board, the committee has three groups: ..."
      def reporting(clause, match)
        upper = upper(at(clause, match, :up)) or return nil
        rest = at(clause, match, :rest)
        own = rest.text.match(RankWords::FORMS[:down])
        @last = lower = own ? node(at(rest, own, :up)) : node(at(clause, match, :low))
        @names.put(upper, [lower])
        own ? read(rest) : @meant = lower
        lower
      end

      def below(clause, match, form)
        above = at(clause, match, :up)
        low = at(clause, match, :low)
        return leading(form, above) if low.text.match?(RankWords::ALL_OF_THEM) && %i[runs up].include?(form)

        @last = upper = upper(above) or return nil
        part = PARTS.include?(form) && !above.text.match?(RankWords::PERSON)
        lowers, counted = (who_runs(low) || list(low)).partition { |n| !n.name.text.match?(RankWords::COUNTED) || n.children.any? }
        @names.drop(counted)
        return announce(upper, counted, part) if lowers.empty? && counted.any?
        return none(lowers) if lowers.empty?
        return single(form, upper, lowers, low) if lowers.one? && (form == :kinds || whole?(form, lowers.first, low))

        upper.whole = part if upper.children.empty?
        @names.put(upper, lowers)
        @row = lowers if lowers.size > 1 && !of_row?(upper, above)
        # "Anna is responsible for sales. She ...": sales are nobody.
        @meant = lowers.one? && low.text.match?(/\A(?:[[:upper:]]|(?:an?|the|one) )/) ? lowers.first : upper
      end

      # "The first has ...", "the window captain had ...": one of several that were told of together.
      def of_row?(upper, above) = RankWords::PLACES.key?(above.text.downcase) || @row.to_a.any? { |n| n.equal?(upper) }

      # "Ines is over all of them", "all three report to Ida Larch"
      def leading(form, above)
        @meant = @head = over_all(form == :up ? @names.node(above) : node(above))
      end

      def single(form, upper, lowers, low)
        return whole(upper, lowers) unless form == :kinds

        low.text.match?(RankWords::CALLED) ? named(upper, lowers, low) : none(lowers)
      end

      # "Ms Ferrow runs the firm": the whole is no part of it.
      def whole?(form, lower, low) = form == :runs && low.text.match?(/\Athe [[:lower:] ]+\W*\z/) && !Words.plural?(lower.name.text[/\S+\z/])

      # "The centre manager is Ruth": a post and who holds it.
      def named(upper, lowers, low)
        if upper.above || upper.children.any?
          @names.drop(lowers)
          upper.told ||= low
          return @meant = upper
        end

        @names.drop([upper])
        lowers.first.told ||= upper.name
        @head ||= lowers.first
        @meant = lowers.first
      end

      # What was read is no statement after all.
      def none(lowers)
        @names.drop(lowers)
        nil
      end

      # "Clouds come in three families": so many follow.
      def announce(upper, counted, part)
        upper.whole = part if upper.children.empty?
        @announced ||= counted.first.name.text[/\A\S+/]
        @counted = @meant = upper
      end

      def whole(upper, lowers)
        @names.drop(lowers)
        @head ||= upper if @names.tops.empty?
        @meant = upper
      end

      # "The foreman, who gave out the work to compositors and pressmen": these stand below him.
      def who_runs(span)
        match = span.text.match(RankWords::WHO_RUNS)
        return nil if match.nil? || match[:low].match?(/, and (?:the|an?|his|her|its) /)

        own = thing(at(span, match, :own)) or return nil
        @names.put(own, list(at(span, match, :low)))
        [own]
      end

      def at(clause, match, name) = @text.span(clause.from + match.begin(name), clause.from + match.end(name))

      # What stands above: a name, or somebody meant by "her".
      def upper(span)
        return @meant && @names.add(@meant) if span.text.match?(RankWords::MEANT)

        span = @text.span(span.from + span.text[RankWords::WHAT_WE_CALL].to_s.length, span.to)
        return nil if span.text.match?(RankWords::MODAL)

        place = RankWords::PLACES[span.text.downcase]
        return @row[place] if place && @row

        node(span) if !span.text.match?(RankWords::NO_ONE) && @names.key(span).any?
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

        span = at(sentence, match, :name)
        @names.known(span, also: @meant) || @names.fresh(span)
      end
    end
  end
end
