# frozen_string_literal: true

module Peony
  module Reading
    # A passage seen as language: its sentences, list entries, quantities and dates, each worked out once.
    class Text
      # A list entry with its place and depth.
      Entry = Struct.new(:span, :level, :ordered, :children, keyword_init: true)

      attr_reader :passage, :string

      # @param passage [Notes::Passage]
      def initialize(passage)
        @passage = passage
        @string = passage.text[0, LONGEST]
      end

      # @return [Array<Span>] sentences of all blocks that are not list entries, in order
      def sentences = @sentences ||= stretches.reject { |s| s.block.item? }.flat_map { |s| Sentences.of(string, s.from, s.to) }

      # @param first [#from] a span, a quantity, a token
      # @param last [#to] the end of what is looked for, where it is more than one thing
      # @return [Span, nil] the sentence in which all of it stands
      def sentence_of(first, last = first) = sentences.find { |s| s.from <= first.from && last.to <= s.to }

      # @return [Array<Entry>] list entries, nested ones included
      def entries
        @entries ||= begin
          above = []
          stretches.select { |s| s.block.item? }.map do |s|
            entry = Entry.new(span: span(s.from, s.to), level: s.block.level.to_i, ordered: s.block.ordered, children: [])
            above.pop while above.any? && above.last.level >= entry.level
            above.last&.children&.push(entry)
            above.push(entry).last
          end
        end
      end

      # @return [Array<Entry>] entries of the outermost level
      def outer = @outer ||= entries.select { |e| e.level.zero? }

      # @return [Array<Entry>] entries directly below one
      def below(entry) = entry.children

      # @return [Array<Quantity>] without years, dates, clock times and list numbers
      def quantities = @quantities ||= Quantities.in(self)

      # @return [Array<Quantity>] those of the heading; they have no place in the words
      def heading_quantities
        # "Sugar in our apples, grams per 100 g": of what it is told.
        told = passage.heading&.sub(/ per \d[\d,.]* ?[[:alpha:]]*\s*\z/, "") if passage.heading&.match?(Quantities::COUNTS)
        @heading_quantities ||= told ? Text.new(Notes::Passage.new([Notes::Block.new(type: "paragraph", text: told)])).quantities.each { |q| q.from = q.to = 0 } : []
      end

      # @return [Array<Dates::Moment>]
      def dates = @dates ||= Dates.in(string, four_digits)

      # @return [Array<Range>] where digits that look like a year count something
      def four_digits = @four_digits ||= FourDigits.amounts(string, passage.heading.to_s)

      # @return [Array<Dates::Moment>] dates, and what is told from them: "two years later"
      def moments = @moments ||= Moments.of(string, dates)

      def moments_in(span) = moments.empty? ? moments : within(:moments, moments, span)
      def quantities_in(span) = quantities.empty? ? quantities : within(:quantities, quantities, span)
      def dates_in(span) = dates.empty? ? dates : within(:dates, dates, span)

      # What lies in a stretch. Units are filled in while the list is being made, so the things in it are the same, whenever they are asked for.
      def within(kind, list, span) = at(kind, span.from, span.to) { list.select { |x| x.from >= span.from && x.to <= span.to }.freeze }

      # @return [Array<Measures::Measure>] numbers that can be set against each other
      def ladder = once(:ladder) { Ladder.of(self) }

      # @return [Array<Totals::Total>] a total and the numbers that make it
      def totals = once(:totals) { Totals.of(self) }

      # @param thing [#from] a quantity, a stretch, a word
      # @param most [Integer] how many characters
      # @return [String] what stands right before it
      def before(thing, most) = string[[0, thing.from - most].max...thing.from]

      # @return [Span]
      def span(from, to) = Span.new(string[from...to], from, to)

      # A sentence in clauses, each joined to the one before it unless the block finds that it begins anew.
      # @yieldparam before [Span]
      # @yieldparam clause [Span]
      # @return [Array<Span>]
      def clauses(sentence, pattern)
        Sentences.clauses(sentence, pattern).each_with_object([]) do |clause, parts|
          if parts.empty? || yield(parts.last, clause) then parts << clause
          else
            parts[-1] = span(parts.last.from, clause.to)
          end
        end
      end

      # @return [String] heading and words, lower case: for cues
      def all_words = @all_words ||= "#{passage.heading}\n#{string}".downcase

      # @return [String] heading, and the sentences before or after a list
      def frame = @frame ||= "#{passage.heading} #{sentences.map(&:text).join(' ')}".downcase

      # @return [Array<Tree::Node>] what stands side by side; empty in running text
      def tree = @tree ||= Tree.of(self)

      # @return [Array<Points::Point>] what running text says one after the other
      # @param family [String] read as which family
      def points(family = "list") = once([:points, family]) { Points.of(self, family) }

      # @return [Array<String>] the two that the heading sets beside each other: "Tasting van against tram posters"; else none
      def headed_two = once(:headed_two) { passage.heading.to_s.match(TWO)&.captures.to_a }
      TWO = /\A(?:the |our )?([^?:,]{2,32}?) (?:against|versus|vs\.?|or|and|beside|compared with) (?:the |our )?([^?:,]{2,32})\??\z/i

      # @return [Array(Array<String>, Array<Crossed::Column>), nil] rows and columns of entries with several values each: "chess: 4 / 11"
      def loose_columns = once(:loose_columns) { LooseColumns.of(self) }

      # What a document brought is kept without its grid: there the rows are known by the heads that come again in each.
      # @return [Boolean] whether the entries are the rows of a table: "Tram posters: Contacts 210,000, Bottles sold 1,900"
      def table?
        once(:table) { stretches.any? { |s| s.block.table } || heads_again? }
      end

      # In small letters only where no row says that something is done: "keeps 90 %, wants 20 minutes".
      def heads_again?
        return false unless entries.size > 1

        heads = entries.map { |e| e.span.text.scan(HEADS).flatten }
        return false unless heads.first.size > 1 && heads.uniq.one?

        heads.first.all? { |head| head.match?(/\A[[:upper:]]/) } || entries.none? { |e| tokens_in(e.span).any?(&:finite?) }
      end
      HEADS = /[:,]\s+(?!(?:before|after|then|now|was|is|from|to|up|down|about|only)\b)([[:alpha:]]+(?: [[:lower:]]+)*) (?=[£€$+−-]?\d)/

      # @return [Array<Array<Span>>] things named one after the other in one sentence, the longest first
      def series = @series ||= sentences.map { |s| Series.in(self, s) }.select { |parts| parts.size >= 3 && !within_word?(parts.first.from) }.sort_by { |parts| -parts.size }

      # @return [Array<Range>] the places of what parts rows from each other: see {Limits.classes}
      def classes = once(:classes) { Limits.classes(string) }

      # "Ca|n't": nothing begins there.
      def within_word?(place) = place.positive? && string[place - 1, 2].match?(/[[:alpha:]][[:alpha:]]/)

      # @return [Hash{Symbol => Integer}] how often each cue stands in the heading and the words
      def cues = @cues ||= Cues.counts(all_words)

      # @return [Integer] how many words a stretch has
      def count_in(span) = at(:count, span.from, span.to) { span.text.split.size }

      # @return [Boolean] whether a stretch speaks of what somebody feels
      def felt?(span) = at(:felt, span.from, span.to) { Cues.felt?(span.text) }

      # @return [Array<String>] the beginnings of the longer words of a stretch, each once
      def stems_in(span) = at(:stems, span.from, span.to) { span.text.downcase.scan(/[[:alpha:]]{4,}/).reject { |w| Words::STOP.include?(w) }.map { |w| w[0, 5] }.uniq.freeze }

      # @return [Boolean] whether a stretch tells somebody to do something
      def told?(span) = at(:told, span.from, span.to) { Words.imperative?(span.text) }

      # @return [Array<Rivals::Side>, nil] things told of in turn
      def rivals = once(:rivals) { Rivals.of(self) }

      # What several finders ask for, worked out once.
      # @param key [Symbol, Array]
      def once(key) = (@once ||= {}).fetch(key) { @once[key] = yield }

      # The same for a stretch, which is asked for so often that making a key would cost more than finding it.
      # @param kind [Symbol]
      def at(kind, from, to)
        held = (@at ||= {})[kind] ||= {}
        key = (from << 16) | to
        known = held[key]
        known.nil? && !held.key?(key) ? held[key] = yield : known
      end

      # Lets go of what was worked out on the way: a reading is kept, and what it still needs is found again.
      # @return [void]
      def forget = @at = @once = nil

      # @return [Array<Float>, nil] where the words lie among all words
      def middle = once(:middle) { Vectors.middle(Manner.content(self, span(0, string.length))) }

      # @return [Array<Measures::Measure>] quantities with the words they belong to
      def measures = @measures ||= Measures.of(self)

      # @return [Array<Pairs::Pair>] quantities that go from one value to another
      def changes
        @changes ||= quantities.size < 2 ? [] : told_pairs || [ThenNow.method(:changes), Pairs.method(:implied)].lazy.map { |way| apart(way.call(self)) }.find(&:any?) || []
      end

      # Those that are told outright, unless as many as stand in one sentence stand in the next.
      def told_pairs
        told = [apart(Pairs.changes(self)), tree.size > 2 ? [] : apart(ThenNow.row(self))].max_by.with_index { |pairs, i| [pairs.size, -i] }
        told if told.any?
      end

      # "£3.20, or £2.90" are no change, nor are five of a class of 28.
      def apart(pairs) = pairs.reject { |pair| Pairs.choice?(self, pair) || (Pairs.of_ratio?(self, pair.one) && !string[[0, pair.one.from - 5].max...pair.one.from].end_with?("from ")) }

      # @return [Array<Tokens::Token>] words with their parts of speech
      def tokens = @tokens ||= Tokens.of(string)

      # @return [Array<Tokens::Token>]
      def tokens_in(span) = tokens_between(span.from, span.to)

      # @return [Array<Tokens::Token>] that begin between two places
      def tokens_between(from, to)
        at(:tokens, from, to) do
          first = tokens.bsearch_index { |t| t.from >= from } || tokens.size
          last = tokens.bsearch_index { |t| t.from >= to } || tokens.size
          tokens[first...last].freeze
        end
      end

      # @return [Array<Tokens::Token>] the next words after a place
      def tokens_after(position, most = 7)
        first = tokens.bsearch_index { |t| t.from >= position }
        first ? tokens[first, most] : []
      end

      # @return [Array<Notes::Passage::Stretch>] the blocks with their places
      def stretches = @stretches ||= passage.stretches.select { |s| s.from < string.length }.map { |s| s.to > string.length ? s.dup.tap { |cut| cut.to = string.length } : s }
    end
  end
end
