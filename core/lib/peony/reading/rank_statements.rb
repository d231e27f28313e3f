# frozen_string_literal: true

module Peony
  module Reading
    # What each statement of {Ranks} says about who stands below whom.
    module RankStatements
      # Statements that tell of parts and kinds, not of who takes orders from whom.
      PARTS = %i[down parted in kinds to sorted].freeze

      private

      # @return [RankedNames::Node, nil] who is spoken of then; nil where it is no such statement
      def take(form, clause, match)
        case form
        when :top, :boss, :hangs, :it_is then top(clause, match, form)
        when :owner then @crowned = @meant = @head = node(at(clause, match, :up))
        when :more then more(clause, match)
        when :there then announced(clause, match)
        when :called then @meant = node(at(clause, match, :low))
        when :handed then handed(clause, match)
        when :bottom then bottom(clause, match)
        when :led then led(clause, match)
        when :reporting then reporting(clause, match)
        when :owned then owned(clause, match)
        when :beside then @head && @names.put(@head, list(at(clause, match, :low)))
        when :more_under then more_under(clause, match)
        when :under_one then under_one(clause, match) || below(clause, match, form)
        else below(clause, match, form)
        end
      end

      # "At the top is the supreme court", "Captain Osei is in command"
      def top(clause, match, form)
        return nil if form == :boss && at(clause, match, :low).text.match?(RankWords::NO_ONE)

        first, *others = list(at(clause, match, :low))
        @names.drop(others)
        return nil unless first

        first.told ||= called(first)
        @crowned = @head = @last = @meant = first
      end

      # "The station manager, Sallow, answers for all of it"
      # @return [Span, nil] who that is
      def called(node)
        name = @text.string[node.name.to, 60][/\A, (#{RankForms::PERSON})(?=,)/, 1]
        @text.span(node.name.to + 2, node.name.to + 2 + name.length) if name
      end

      # "The upper face is Gus's, with the drillers and the blaster", "Rooms are Yolanda's"
      def owned(clause, match)
        @last = upper = node(at(clause, match, :up))
        low = at(clause, match, :low)
        rest = match[:rest] && !low.text.match?(/ and /)
        @names.put(upper, list(rest ? at(clause, match, :rest) : low)) if rest || !low.text.match?(/\A(?:everything|all|the rest)\b/i)
        upper.told ||= low
        @meant = upper
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
        @last = @names.add(@subject) if @unread && @subject
        return nil unless @last

        lowers = list(at(clause, match, :low))
        @names.put(@last, lowers)
        @meant = lowers.one? ? lowers.first : @last
        @last if lowers.any?
      end

      # "The marshals carry towels | but answer to the referee": of whom the sentence tells.
      def more_under(clause, match)
        return nil unless @subject && (upper = upper(at(clause, match, :up)))

        @names.put(upper, [@names.add(@subject)])
        @last = @meant = @subject
      end

      # "Under it the director, Ysolde Marr, runs three sections", "beneath him the prior kept the house and the cellarer kept the land": who does it stands there.
      def under_one(clause, match)
        doers = Sentences.clauses(at(clause, match, :low), /,? and (?=(?:the|an?) )/).filter_map { |part| doer(part) }
        return nil if doers.empty? || (upper = upper(at(clause, match, :up))).nil?

        lowers = doers.map { |name| node(name) }
        @names.put(upper, lowers)
        read(at(clause, match, :low))
        @row = lowers if lowers.size > 1
        @meant = @last = lowers.last
      end

      # @return [Span, nil] who does something
      def doer(part)
        tokens = @text.tokens_in(part)
        verb = tokens.index(&:finite?)
        name = @text.span(part.from, tokens[verb - 1].to) if verb&.positive? && tokens.first(verb).any?(&:noun?)
        name && @text.span(name.from, name.from + name.text[/\A[^,]+/].length)
      end

      # "They fall into two classes. There are the open ones and the decked ones."
      def announced(clause, match)
        return introduced(clause, match) unless @announced && @meant && @meant.children.empty? && @meant.equal?(@counted)

        lowers = list(at(clause, match, :low))
        return none(lowers) unless lowers.size == Numbers.count(@announced)

        @names.put(@meant, @row = lowers)
        @meant
      end

      # "There is the queen. Under her …", "there are two great halves, food and flowers", and below one who is over all: "Then there's Bram, who has the collections"
      def introduced(clause, match)
        lowers = list(at(clause, match, :low))
        alone = lowers.first if lowers.one? && @names.tops.empty?
        return @meant = alone if alone && !alone.name.text.match?(RankWords::MANY)

        # "There are three kinds of rock."
        @announced ||= alone.name.text[/\A\S+/] if alone
        return none(lowers) unless clause.text.match?(/\Athen /i) && @head

        @names.put(@head, lowers)
        @head
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
        own = rest.text.match(RankForms::FORMS[:down])
        @last = lower = own ? node(at(rest, own, :up)) : node(at(clause, match, :low))
        @names.put(upper, [lower])
        own ? read(rest) : @meant = lower
        lower
      end

      def below(clause, match, form)
        above = at(clause, match, :up)
        low = at(clause, match, :low)
        return leading(form, above) if low.text.match?(RankWords::ALL_OF_THEM) && %i[runs up].include?(form)

        return families(low, above) if form == :up && above.text.match?(RankWords::COUNTED)

        @last = upper = upper(above) or return nil
        upper = titled(upper, low) if stand_in?(upper)
        part = PARTS.include?(form) && !above.text.match?(RankWords::PERSON)
        lowers, counted = lower(low).partition { |n| !n.name.text.match?(RankWords::COUNTED) || n.children.any? }
        @names.drop(counted)
        return counted.any? ? announce(upper, counted, part) : nil if lowers.empty?
        return only(form, upper, lowers, low) if lowers.one? && only?(form, upper, lowers.first, low)

        upper.whole = part if upper.children.empty?
        stand_below(upper, lowers, low)
        in_a_row(upper, above, lowers)
        # "Anna is responsible for sales. She ...": sales are nobody.
        @meant = lowers.one? && low.text.match?(/\A(?:[[:upper:]]|(?:an?|the|one) )/) ? lowers.first : upper
        @last = @meant if form == :up
        @meant
      end

      def stand_below(upper, lowers, low)
        upper.told ||= called(upper)
        @listing = upper if low.text.include?(": ")
        @names.put(upper, lowers)
      end

      # Those of whom it is told further on who they are, or which of them.
      def in_a_row(upper, above, lowers)
        if lowers.one? then so_many(lowers.first)&.then { |many| expect(upper, many, leaf: lowers.first) }
        elsif !of_row?(upper, above)
          @row = lowers
          @expected = nil
        end
      end

      # "Rooms are Yolanda's, and she answers to Maud as well"
      def lower(low)
        return [meant(low)].compact if low.text.match?(/\A(?:she|he)\z/i)

        who_runs(low) || list(low)
      end

      # "The second is in charge of the dry side: mangles, irons and the airing loft": it is called by what stands before the colon.
      def titled(upper, low)
        name = low.text[/\A[^,:]{3,40}(?=: )/]
        return upper if name.nil? || name.match?(RankWords::SO_MANY)

        called_by(upper, @names.add(@names.fresh(@text.span(low.from, low.from + name.length))))
      end

      # "The first has ...", "the window captain had ...": one of several that were told of together.
      def of_row?(upper, above) = above.text.match?(RankWords::PLACE) || @row.to_a.any? { |n| n.equal?(upper) }

      # "Ines is over all of them", "all three report to Ida Larch"
      def leading(form, above)
        @crowned = form == :up ? @names.node(above) : node(above)
        @meant = @head = over_all(@crowned, those: :all)
      end

      # One thing that is none below: another name for the one above, or the whole that it runs.
      def only?(form, upper, lower, low)
        form == :kinds || whole?(form, lower, low) || (stand_in?(upper) && (form == :up || lower.children.any?))
      end

      def only(form, upper, lowers, low)
        return called_by(upper, lowers.first) if stand_in?(upper) && (%i[kinds up].include?(form) || lowers.first.children.any?)
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

      # "Instruments belong to four families"
      def families(low, above)
        whole = node(low)
        announce(whole, [@names.fresh(above)], true)
      end

      # "Clouds come in three families": so many follow.
      def announce(upper, counted, part)
        upper.whole = part if upper.children.empty?
        @announced ||= counted.first.name.text[/\A\S+/]
        expect(upper, Numbers.count(@announced)) unless upper.whole
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
    end
  end
end
