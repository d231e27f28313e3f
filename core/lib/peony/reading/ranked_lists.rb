# frozen_string_literal: true

module Peony
  module Reading
    # The things of an enumeration in a statement of {Ranks}: "a sous-chef, Mira, and three cooks", "two deputies: Bo and Ines", "crew (pump, ladder)".
    module RankedLists
      COUNT_LED = /\A(?!one (?:for|of|on|in|over) )(?:only |just )?(?:#{Numbers::WORD}|\d+) [[:lower:]]+(?: [[:lower:]]+)?(?: (?:under|below|beneath) (?:h[ei][rm]|it|them))?,\s+(?=[[:upper:]]|one (?:for|of|on|in|over) )/
      # More words than this name nothing.
      LONGEST = 7

      private

      # @param span [Span]
      # @return [Array<RankedNames::Node>] in order; what stands "with" one of them is put below it
      def list(span)
        if (match = own_parts(span))
          return [thing(span.group(match, :name))].compact.each { |node| @names.put(node, list(span.group(match, :low))) }
        end

        row = Row.new([], nil, nil, nil)
        pieces(behind_count(span)).each { |piece| add(row, piece) }
        row.made
      end

      # @!attribute made [Array<RankedNames::Node>] so far
      # @!attribute with [RankedNames::Node, nil] below whom what follows stands
      # @!attribute inner [RankedNames::Node, nil] below whom what an "and" joins to the last stands
      # @!attribute before [Span, nil] what was read last
      Row = Struct.new(:made, :with, :inner, :before)

      def add(row, piece)
        joined = row.before && !@text.string[row.before.to...piece.from].include?(",")
        # "The jarls, who owned land | and ships": what is said of them goes on.
        return tell_more(row.made.last, row.before, piece) if joined && told_on?(row.before, piece)

        row.before = piece
        # "Ruth for the plots, she's got the rents, | and then Nils"
        row.with = nil if piece.text.match?(/\Athen\b/)
        if (own = held(piece)) then row.made << (row.inner = own)
        elsif row.inner && joined then put_with(row.inner, piece)
        elsif piece.text.match?(RankWords::GOES_ON) && row.made.any? then add_on(row, piece)
        elsif row.with then put_with(row.with, piece)
        elsif who?(row.made.last, piece) then row.made[-1] = renamed(row.made.last, piece)
        elsif (own = thing(piece)) then row.made << own
        end
      end

      def add_on(row, piece)
        row.with = goes_on(row.with || row.made.last, piece) || row.with
        # "A chairwoman, who has a deputy for water | and a deputy for peace"
        row.inner = row.made.last if piece.text.match?(/\Awho #{RankForms::HAS} an? /o)
      end

      # "Who owned land | and ships", "a telephone that is answered day | and night by volunteers"
      def told_on?(before, piece)
        return !piece.text.match?(/\Awho\b/) if before.text.match?(/\A(?:where\b|who\b(?! #{RankForms::HAS} an? ))/o)

        before.text.match?(RankWords::TELLS) && !piece.text.match?(/\A(?:(?:the|an?|his|her|its|their|#{Numbers::WORD}|\d+) |who|[[:upper:]])/o)
      end

      def tell_more(node, before, piece)
        node.told = @text.span(before.from, piece.to) if node&.told && node.told.from == before.from
      end

      # @return [RankedNames::Node, nil] the one below whom what follows stands, where it is said who stands "with" it
      def goes_on(node, piece)
        # "The kiln master, who has two helpers, and the shop", "the wet side, that is to say the boilers"
        if (has = piece.text[RankWords::THAT_IS])
          @names.put(node, list(@text.span(piece.from + has.length, piece.to)))
          return has.match?(/\Awho/) ? nil : node
        end
        if (low = piece.text[/\Ato (?:whom|which) (.+?) (?:answer|report|belong|look)s?\z/, 1])
          put_with(node, @text.span(piece.from + piece.text.index(low), piece.from + piece.text.index(low) + low.length))
          node.children.each { |n| (many = so_many(n)) && expect(node, many, leaf: n) }
          return nil
        end
        unless piece.text.match?(/\Awith\b/i)
          node.told ||= piece unless piece.text.match?(/\A(?:since|though|although|if|when|but)\b/i)
          return nil
        end

        put_with(node, @text.span(piece.from + 5, piece.to))
        node
      end

      # "Sales with Piet Lom | and Anka Rell": those below stand right behind it.
      def held(piece)
        match = piece.text.match(/\A(?<name>[^()]{2,40}?) with (?<rest>(?:[[:upper:]]|\d|(?:his|her|its|#{Numbers::WORD}) ).*)\z/o) or return nil
        thing(piece.group(match, :name))&.tap { |node| put_with(node, piece.group(match, :rest)) }
      end

      def put_with(node, piece) = @names.put(node, [thing(piece)].compact)

      # "Two deputies: Bo and Ines", "two deputies, Bo and Ines": the names stand behind how many they are.
      def behind_count(span)
        return span if own_parts(span)

        lead = span.text[/\A[^,:]{3,60}:\s+(?=\S)/] || span.text[COUNT_LED] || as_many(span)
        lead ? @text.span(span.from + lead.length, span.to) : span
      end

      # "The lower yard: the saws, the crane and the polishing shed": one thing with what it has.
      # @return [MatchData, nil]
      def own_parts(span)
        match = span.text.match(/\A(?<name>(?:the|his|her|its) (?:[[:lower:]-]+ )?(?<thing>[[:lower:]-]+)):\s+(?<low>[^:]+)\z/m)
        match if match && !Words.plural?(match[:thing]) && !match[:thing].match?(/\A(?:following|rest)\z/)
      end

      # "Two great branches, the hulled and the naked": as many as announced.
      def as_many(span)
        lead = span.text[/\A(?:only |just )?(?:#{Numbers::WORD}|\d+) [[:lower:]-]+(?: [[:lower:]-]+)?,\s+(?=\S)/o] or return nil
        lead if pieces(@text.span(span.from + lead.length, span.to)).count { |p| !p.text.match?(RankWords::GOES_ON) } == Numbers.count(lead[/\A(?:only |just )?(\S+)/, 1])
      end

      def pieces(span) = Series.split(span).flat_map { |s| Sentences.clauses(s, /\s+(?:and|or|plus|as well as)\s+(?!(?:the )?others?\b)/) }

      # "A sous-chef, | Mira": who that is.
      def who?(post, piece)
        # "The ringmaster, who ..., and Goran": another one.
        return false if @text.before(piece, 5).match?(/,? and \z/)
        return false unless post && post.children.empty? && piece.text.match?(RankWords::CALLED) && post.name.text.match?(/\A[[:lower:]]/)

        @text.before(post.name, 4).match?(/\b(?:an?|the|one) \z/i)
      end

      def renamed(post, piece)
        @names.drop([post])
        @names.node(piece, post.name)
      end

      # "Collections (Ferris)": who has them; "crew (pump, ladder)": what they are.
      def in_brackets(node, rest)
        rest.text.match?(RankWords::CALLED) ? node.told ||= rest : @names.put(node, list(rest))
      end

      # "The pump crew has a driver. With the ladder there is a driver as well": another one.
      def own_or_other(name, told)
        met = @names.known(name) if name.text.match?(/\A(?:an?|another|those|any(?:one|body)|#{Numbers::WORD}|\d+) /o)
        met && (met.above || !@names.called?(met, name)) ? @names.add(@names.fresh(name, told)) : @names.node(name, told)
      end

      # "Una Fell", "the polishing shed", "trawl smacks": a name, whatever its words say else.
      def plain?(name) = name.text.match?(RankWords::CALLED) || name.text.match?(RankWords::NAMELESS) || name.text.match?(/\A(?:the|an?|his|her|its) (?:\S+ )?\S+\z/) || kind_of_known?(name)

      # "Luggers or smacks, and the smacks are called by their gear: | trawl smacks": no deed of a trawl.
      def kind_of_known?(name)
        kind = name.text[/\A[[:lower:]-]+ (?=[[:lower:]]+\z)/] or return false
        @names.known?(@text.span(name.from + kind.length, name.to))
      end

      # @return [RankedNames::Node, nil] nil for what is no thing
      def thing(span)
        inner = span.text.match(/\A(?<name>[^()]{2,40}?)\s*\((?<rest>[^()]+)\)?/)
        name = inner ? span.group(inner, :name) : span
        words = name.text.sub(/\A(?:(?:and|or|both|either|then|also|finally|over|only|just|that['’]s|that is)\s+)+/i, "")
        name = @text.span(name.to - words.length, name.to - words[/ (?:under|below|beneath) (?:him|her|it|them)\z/i].to_s.length)
        # "A cellaress | that nobody dared to cross"
        cut = name.text.index(RankWords::TELLS)
        cut = nil if cut && name.text[0...cut].match?(RankWords::NAMELESS) && name.text.split.size <= LONGEST
        told = @text.span(name.from + cut + 1, name.to) if cut
        name = @text.span(name.from, name.from + cut) if cut
        words = name.text
        return nil if words.split.size > LONGEST || words.match?(RankWords::NO_THING) || (!plain?(name) && Series.subject_verb?(@text, name))

        own_or_other(name, told).tap { |n| in_brackets(n, span.group(inner, :rest)) if inner }
      end
    end
  end
end
