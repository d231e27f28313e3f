# frozen_string_literal: true

module Peony
  module Reading
    # The statements of {Ranks} that tell who is over all, whose something is, and who is spoken of: "At the top is the supreme court", "The upper face is Gus's".
    module RankTops
      private

      # "At the top is the supreme court", "Captain Osei is in command"
      def top(clause, match, form)
        return nil if form == :boss && clause.group(match, :low).text.match?(RankWords::NO_ONE)

        first, *others = list(clause.group(match, :low))
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
        @last = upper = node(clause.group(match, :up))
        low = clause.group(match, :low)
        rest = match[:rest] && !low.text.match?(/ and /)
        @names.put(upper, list(rest ? clause.group(match, :rest) : low)) if rest || !low.text.match?(/\A(?:everything|all|the rest)\b/i)
        upper.told ||= low
        @meant = upper
      end

      # "They have put Captain Orrin at the head of the fleet and Miss Tarn at the head of the office"
      def put(clause, match)
        upper = upper(clause.group(match, :up)) or return nil
        lowers = [%i[low told], %i[other over]].filter_map do |name, told|
          match[name] && node(clause.group(match, name)).tap { |n| n.told ||= clause.group(match, told) }
        end
        @names.put(upper, lowers)
        @row = lowers if lowers.size > 1
        @meant = upper
      end

      # "At the bottom were the thralls": below whoever is over all, or was told of last where each stands below the one before.
      def bottom(clause, match)
        @names.put(@chain || @head, list(clause.group(match, :low))) if @head
        @head
      end

      # "At the top stood the king. He gave land to dukes and bishops. They lent some of it to knights": each below the one before.
      def handed(clause, match)
        upper = @head && upper(clause.group(match, :up)) or return nil
        low = clause.group(match, :low)
        length = low.text[/\A[^,;]+/].to_s.length
        @chain = @names.node(@text.span(low.from, low.from + length), (@text.span(low.from + length + 2, low.to) if length < low.text.length))
        @names.put(upper, [@chain])
        @meant = @chain
      end

      # "... and has three groups": who was spoken of last has them.
      def more(clause, match)
        @last = @names.add(@subject) if @unread && @subject
        return nil unless @last

        lowers = list(clause.group(match, :low))
        @names.put(@last, lowers)
        @meant = lowers.one? ? lowers.first : @last
        @last if lowers.any?
      end

      # "The marshals carry towels | but answer to the referee": of whom the sentence tells.
      def more_under(clause, match)
        return nil unless @subject && (upper = upper(clause.group(match, :up)))

        @names.put(upper, [@names.add(@subject)])
        @last = @meant = @subject
      end

      # "Under it the director, Ysolde Marr, runs three sections", "beneath him the prior kept the house and the cellarer kept the land": who does it stands there.
      def under_one(clause, match)
        doers = Sentences.clauses(clause.group(match, :low), /,? and (?=(?:the|an?) )/).filter_map { |part| doer(part) }
        return nil if doers.empty? || (upper = upper(clause.group(match, :up))).nil?

        lowers = doers.map { |name| node(name) }
        @names.put(upper, lowers)
        read(clause.group(match, :low))
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

        lowers = list(clause.group(match, :low))
        return none(lowers) unless lowers.size == Numbers.count(@announced)

        @names.put(@meant, @row = lowers)
        @meant
      end

      # "There is the queen. Under her …", "there are two great halves, food and flowers", and below one who is over all: "Then there's Bram, who has the collections"
      def introduced(clause, match)
        lowers = list(clause.group(match, :low))
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
        lower = clause.group(match, :low)
        upper = clause.group(match, :up)
        return over_all(@names.node(upper)) if lower.text.match?(/\A(?:all|everything|everybody|everyone)\b/i)

        own = known(lower)
        if own&.above || @head
          @last = own || node(lower)
          # "The planting crew is | led by Piet Lowe"
          by = @text.string[lower.to...upper.from][/\A (?:is|are|was|were) /].to_s.length
          @last.told ||= @text.span(lower.to + [by, 1].max, upper.to)
        else
          @last = node(upper)
        end
        @meant = @last
      end

      # "Reporting to the board, the committee has three groups: ..."
      def reporting(clause, match)
        upper = upper(clause.group(match, :up)) or return nil
        rest = clause.group(match, :rest)
        own = rest.text.match(RankForms::FORMS[:down])
        @last = lower = own ? node(rest.group(own, :up)) : node(clause.group(match, :low))
        @names.put(upper, [lower])
        own ? read(rest) : @meant = lower
        lower
      end
    end
  end
end
