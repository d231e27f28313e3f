# frozen_string_literal: true

module Peony
  module Reading
    # The things of an enumeration in a statement of {Ranks}: "a sous-chef, Mira, and three cooks", "two deputies: Bo and Ines", "crew (pump, ladder)".
    module RankedLists
      COUNT_LED = /\A(?:#{Numbers::WORD}|\d+) [[:lower:]]+(?: [[:lower:]]+)?,\s+(?=[[:upper:]]|one (?:for|of|on|in|over) )/
      # More words than this name nothing.
      LONGEST = 7

      private

      # @param span [Span]
      # @return [Array<RankedNames::Node>] in order; what stands "with" one of them is put below it
      def list(span)
        made = []
        with = inner = before = nil
        pieces(behind_count(span)).each do |piece|
          joined = before && !@text.string[before.to...piece.from].include?(",")
          # "The jarls, who owned land | and ships": what is said of them goes on.
          next tell_more(made.last, before, piece) if joined && before.text.match?(/\A(?:who|where)\b/) && !piece.text.match?(/\Awho\b/)

          before = piece
          if (own = held(piece)) then made << (inner = own)
          elsif inner && joined then put_with(inner, piece)
          elsif piece.text.match?(RankWords::GOES_ON) && made.any? then with = goes_on(made.last, piece) || with
          elsif with then put_with(with, piece)
          elsif who?(made.last, piece) then made[-1] = renamed(made.last, piece)
          elsif (own = thing(piece)) then made << own
          end
        end
        made
      end

      def tell_more(node, before, piece)
        node.told = @text.span(before.from, piece.to) if node&.told && node.told.from == before.from
      end

      # @return [RankedNames::Node, nil] the one below whom what follows stands, where it is said who stands "with" it
      def goes_on(node, piece)
        # "The kiln master, who has two helpers, and the shop"
        has = piece.text[/\Awho #{RankWords::HAS} (?=(?:#{Numbers::WORD}|\d+|an?) )/o]
        if has
          put_with(node, @text.span(piece.from + has.length, piece.to))
          return nil
        end
        unless piece.text.match?(/\Awith\b/i)
          node.told ||= piece
          return nil
        end

        put_with(node, @text.span(piece.from + 5, piece.to))
        node
      end

      # "Sales with Piet Lom | and Anka Rell": those below stand right behind it.
      def held(piece)
        match = piece.text.match(/\A(?<name>[^()]{2,40}?) with (?<rest>(?:[[:upper:]]|\d|#{Numbers::WORD} ).*)\z/o) or return nil
        thing(at(piece, match, :name))&.tap { |node| put_with(node, at(piece, match, :rest)) }
      end

      def put_with(node, piece) = @names.put(node, [thing(piece)].compact)

      # "Two deputies: Bo and Ines", "two deputies, Bo and Ines": the names stand behind how many they are.
      def behind_count(span)
        lead = span.text[/\A[^,:]{3,40}:\s+(?=\S)/] || span.text[COUNT_LED]
        lead ? @text.span(span.from + lead.length, span.to) : span
      end

      def pieces(span) = Series.split(span).flat_map { |s| Sentences.clauses(s, /\s+(?:and|or|plus)\s+(?!(?:the )?others?\b)/) }

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

      # "Luggers or smacks, and the smacks are called by their gear: | trawl smacks": no deed of a trawl.
      def kind_of_known?(name)
        kind = name.text[/\A[[:lower:]-]+ (?=[[:lower:]]+\z)/] or return false
        @names.known?(@text.span(name.from + kind.length, name.to))
      end

      # @return [RankedNames::Node, nil] nil for what is no thing
      def thing(span)
        inner = span.text.match(/\A(?<name>[^()]{2,40}?)\s*\((?<rest>[^()]+)\)?/)
        name = inner ? at(span, inner, :name) : span
        words = name.text.sub(/\A(?:and|or|both|either|then|also|finally)\s+/i, "")
        name = @text.span(name.to - words.length, name.to - words[/ (?:under|below|beneath) (?:him|her|it|them)\z/i].to_s.length)
        # "A cellaress | that nobody dared to cross"
        cut = name.text.index(RankWords::TELLS)
        told = @text.span(name.from + cut + 1, name.to) if cut
        name = @text.span(name.from, name.from + cut) if cut
        words = name.text
        # "Una Fell": a name, whatever its words say else.
        return nil if words.split.size > LONGEST || words.match?(RankWords::NO_THING) || (!words.match?(RankWords::CALLED) && !kind_of_known?(name) && Series.subject_verb?(@text, name))

        @names.node(name, told).tap { |n| @names.put(n, list(at(span, inner, :rest))) if inner }
      end
    end
  end
end
