# frozen_string_literal: true

module Peony
  module Reading
    # Two who stand against each other in running text, with what each puts forward: "Karl says they pay. One gets to eat, he says. Mina has had enough of them.
    # The same four songs are wanted every time." What leads up to it, and what comes of it, is on neither side.
    class Standpoints
      # @!attribute name [Span] who stands there, or for what
      # @!attribute points [Array<Span>] what is put forward
      # @!attribute spans [Array<Span>] the sentences it is told in
      Side = Struct.new(:name, :points, :spans, keyword_init: true)

      # Where a side begins: who, what the sentence says besides, and how surely it is the other one.
      Stance = Struct.new(:name, :rest, :turn, keyword_init: true)

      include StanceWords

      SEMICOLON = /;\s+(?:and |but |besides,? |moreover,? )?/
      THAT = /(?:,? and |, )(?=that (?!(?:is|was)\b))/
      # Sentences before the first side that only lead up to it.
      MOST_BEFORE = 4

      # @param text [Reading::Text]
      # @return [Array<Side>, nil] two sides, or nil where it cannot be told who stands where
      def self.of(text) = new(text).sides

      def initialize(text)
        @text = text
        @list = text.sentences
      end

      def sides
        return nil unless @list.size.between?(2, 16)

        first = stances.keys.first
        return nil if first.nil? || first > MOST_BEFORE

        other = opposite(first)
        made = other ? [side(first, @list[first...other]), side(other, without_end(@list[other..]))] : on_the_other_hand(first)
        return nil if made.nil?

        made if made.all? { |s| s.points.any? } && made.sum { |s| s.points.size } > 2
      end

      private

      # @return [Hash{Integer => Stance}] by the place of the sentence
      def stances
        @stances ||= @list.each_index.to_h { |i| [i, stance(@list[i])] }.compact
      end

      # "It is calmer in the corridors. … On the other side, nobody can say when the bus has to leave": only of the second is it told that it is one.
      def on_the_other_hand(at)
        return nil unless stances[at].name.text.match?(/\bother (?:hand|side)\z/i)

        before = @list.first(at).drop_while { |s| s.text.match?(LEADS_UP) }
        return nil if before.empty?

        name, = Naming.of(@text, before.first, "opposition")
        place = @text.string.downcase.index(name.downcase, before.first.from) or return nil
        own = before.flat_map { |s| points(s) }
        [Side.new(name: @text.span(place, place + name.length), spans: before, points: own), side(at, without_end(@list[at..]))]
      end

      # The other side: of whom it is said most surely, else the next who speaks.
      def opposite(first)
        own = key(stances[first].name.text)
        others = stances.select { |i, s| i > first && (key(s.name.text) != own || s.turn) }
        (others.find { |_, s| s.turn } || others.first)&.first
      end

      def key(name) = name.downcase.sub(/\A(?:the|its|their|those|some) /, "")

      # @param sentence [Span]
      # @return [Stance, nil]
      def stance(sentence)
        words = sentence.text
        if (match = words.match(NEXT)) then return Stance.new(name: sentence.group(match, :who), rest: [], turn: true) end
        return nil if words.match?(NO_STANCE) && !words.match?(LABELLED)

        standing(sentence, words) || inverted(sentence, words) || held(sentence, words)
      end

      # "For it, according to the ones with the big cars: …", "On the other hand nobody can hear a child", "In the view of the younger half it would pay"
      def standing(sentence, words)
        match = words.match(STANDING) || words.match(IN_VIEW) or return nil
        rest = sentence.group(match, :rest)
        # "Against it a gentleman in tweed maintained that …"
        inner = held(rest, rest.text)
        return Stance.new(name: inner.name, rest: inner.rest, turn: turn?(words, words)) if inner

        taken(sentence, match, match.names.include?("who") && match[:who] ? :who : :stand)
      end

      # "It would fetch enough, say those in favour, the fence costs money"
      def inverted(sentence, words)
        match = words.match(INVERTED) || words.match(SOME_SAY) or return nil
        return nil if match[:who].match?(MEANT)

        before = @text.span(sentence.from, sentence.from + match.begin(0))
        after = @text.span(sentence.from + match.end(0), sentence.to)
        # "To take them out, said the one half, | would make room"
        told = @text.tokens_in(before).any?(&:finite?) ? statements(before) : []
        told += Sentences.clauses(after, SEMICOLON).flat_map { |part| statements(part, least: 2) } unless after.text.strip.empty?
        Stance.new(name: sentence.group(match, :who), rest: told.filter_map { |part| bare(part) }, turn: turn?(words, match[:who]))
      end

      # "Mina has had enough of them", "The rest would leave them as they are: …"
      def held(sentence, words)
        match = words.match(SAID_BY_THOSE) || words.match(HELD_BY_THOSE) || words.match(HELD) or return nil
        return nil if match[:who].match?(MEANT) || match[:who].sub(/\s+(?:who|that)\z/, "").match?(NOBODY) || match[:who].split.size > 11

        taken(sentence, match, :who)
      end

      def taken(sentence, match, name)
        rest = sentence.group(match, :rest)
        # "… think they should stay in the corridor: | you get to lessons faster"
        colon = rest.text.match(/\A[^:;]{3,60}:\s+(?=\S)/)
        rest = @text.span(rest.from + colon.end(0), rest.to) if colon
        # "They point to the climate, | to the curlew, | and to the floods"
        told = match.names.include?("said") && match[:said].to_s.match?(/\Apoint\w* to\b/i) ? Sentences.clauses(rest, /,\s+(?:and )?to\s+/).filter_map { |part| bare(part) } : points(rest)
        Stance.new(name: sentence.group(match, name), rest: rest.text.strip.empty? ? [] : told, turn: turn?(sentence.text, match[name]))
      end

      def turn?(words, name) = name.match?(OTHERS) || words.match?(TURNS) || words.match?(OF_ANOTHER_MIND)

      def side(index, sentences)
        stance = stances[index]
        told = stance.rest + sentences.drop(1).reject { |s| aside?(s) }.flat_map { |s| points(s) }
        # Two that stand in one sentence are told apart where there are hardly others.
        told = told.flat_map { |s| statements(s, least: 2).filter_map { |part| bare(part) } } if told.size < 3
        Side.new(name: named(stance.name), spans: sentences, points: told.reject { |s| aside?(s) })
      end

      # Without what leads to the name: "Then | Hanne", "those | who" would forbid it.
      def named(span)
        lead = span.text[/\A(?:(?:but|then|and|well|so)\s+(?=\S))*/i].length
        tail = span.text[/\s+(?:who|that|which)\z/i].to_s.length
        @text.span(span.from + lead, span.to - tail)
      end

      # What was agreed in the end, or is to be decided, is put forward by nobody.
      def without_end(list)
        list = list[0..-2] while list.size > 1 && list.last.text.match?(ENDING)
        at = (1...list.size).find { |i| list[i].text.match?(DECIDED) }
        at && at > 1 ? list.first(at) : list
      end

      def aside?(sentence) = sentence.text.match?(ASIDE)

      # What is put forward in a stretch, without who says it: one after the other behind semicolons and "that", or where three and more statements stand in a row.
      def points(span) = Sentences.clauses(span, SEMICOLON).flat_map { |part| statements(part) }.filter_map { |part| bare(part) }

      # @param least [Integer] so many make a row
      def statements(part, least: 3)
        that = Sentences.clauses(part, THAT)
        return that if that.size > 1

        row = around_attributions(Sentences.clauses(part, /,\s+(?:and\s+|or\s+)?/))
        told = row.count { |s| Series.subject_verb?(@text, s) || s.text.match?(/\A(?:there|who|what|how|it|they|you|one)(?:['’]s)? \S+/i) }
        row.size >= least && told >= [row.size - 1, 2].max && row.all? { |s| s.text.split.size > 2 } ? row : [part]
      end

      # "Confetti in the grass, she said, poisons the geese": one statement, though somebody says it.
      def around_attributions(row)
        row.each_with_object([]) do |part, list|
          if list.last && list.last.text.match?(ATTRIBUTION)
            said = list.pop
            goes_on = list.last && (@text.tokens_in(part).first&.finite? || @text.tokens_in(list.last).none?(&:finite?))
            goes_on ? list[-1] = @text.span(list.last.from, part.to) : list << part
            next said
          end
          list << part
        end.reject { |s| s.text.match?(ATTRIBUTION) }
      end

      # "One gets to eat, | he says", "they argue, | the heating is turned off", "that | nobody has been fined"
      def bare(part)
        words = part.text
        from = words[LEADS_ON].to_s.length
        to = words.length - words[TRAILS].to_s.length
        return nil if to - from < 3 || words[from...to].match?(ATTRIBUTION)

        @text.span(part.from + from, part.from + to)
      end
    end
  end
end
