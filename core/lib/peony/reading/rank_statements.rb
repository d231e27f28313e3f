# frozen_string_literal: true

module Peony
  module Reading
    # What each statement of {Ranks} says about who stands below whom.
    module RankStatements
      # Statements that tell of parts and kinds, not of who takes orders from whom.
      PARTS = %i[down parted in kinds to sorted].freeze
      # Forms that are read in a way of their own, called like them.
      BY_NAME = %i[more handed bottom led reporting owned put more_under].freeze

      private

      # @return [RankedNames::Node, nil] who is spoken of then; nil where it is no such statement
      def take(form, clause, match)
        return send(form, clause, match) if BY_NAME.include?(form)

        case form
        when :top, :boss, :hangs, :it_is then top(clause, match, form)
        when :owner then @crowned = @meant = @head = node(clause.group(match, :up))
        when :there then announced(clause, match)
        when :called then @meant = node(clause.group(match, :low))
        when :beside then @head && @names.put(@head, list(clause.group(match, :low)))
        when :crowned then @unread && @subject && (@crowned = @head = @last = @meant = @names.add(@subject))
        when :under_one then under_one(clause, match) || below(clause, match, form)
        else below(clause, match, form)
        end
      end

      def below(clause, match, form)
        above = clause.group(match, :up)
        low = clause.group(match, :low)
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

        own = thing(span.group(match, :own)) or return nil
        @names.put(own, list(span.group(match, :low)))
        [own]
      end
    end
  end
end
