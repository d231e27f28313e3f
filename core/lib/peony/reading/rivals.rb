# frozen_string_literal: true

module Peony
  module Reading
    # Two or three things that a passage tells of in turn: "Gravel or bark? Gravel lasts ten years … Bark has to be topped up …; it is kind to knees".
    # Of all pairs of names the one by which most of the passage falls to one side or the other; what names none goes on about the last.
    module Rivals
      Side = Struct.new(:name, :spans, keyword_init: true)

      GOES_ON = /\A(?:it|they|he|she|this|that|these|those|its|their|there|here|his|her)\b/i
      # "Badges are needed for the second, but not for the first": told of both of them, and of nothing else.
      ALL = /\bfor the (?:first|second|former|latter|one|other)\b.*\bfor the (?:first|second|former|latter|other)\b/i
      # Of the sentences that name one of them, how many must speak of it alone.
      LEAST = 0.75
      # By how much three things must tell a passage apart better than two.
      MORE = 0.08
      # More names than this are not tried against each other.
      MOST = 6

      extend RivalNames

      module_function

      # @param text [Reading::Text]
      # @return [Array<Side>, nil] in order, where each is told of in sentences of its own
      def of(text)
        # "A bowline makes a loop; a reef knot joins two ropes; a clove hitch holds on a post": one sentence of several statements.
        return nil unless text.sentences.size.between?(2, 14) || text.sentences.first&.text.to_s.count(";").between?(1, 5)

        found = quoted(text)
        return found if found

        spans = answered(text).flat_map { |s| Sentences.clauses(s, /;\s+(?:and |but )?|,\s+(?:while|whereas|but) /) }
        heads = of_heading(text, spans.map { |s| subject(text, s) unless all?(text, s) || of_last?(text, s) })
        return nil if heads.compact.uniq.size < 2

        told = told(text, spans, heads)
        two = best(text, told, 2)
        found = more(text, told, two) || two
        found && found.first >= LEAST ? found.last : nil
      end

      # "The Fell is stiff; | rain runs off it for a day": of the one before.
      def of_last?(text, span) = text.string[[0, span.from - 2].max, 2] == "; " && span.text.match?(OF_LAST)
      OF_LAST = /\A(?:its|his|her) |\A(?!(?:the|an?|our|my|that|this|one)\b)[[:lower:]]+ [[:lower:]]+(?: [[:lower:]]+)? (?:it|him|her)\b/

      # "The bread? A good deal softer.": question and answer tell of the last.
      def answered(text)
        text.sentences.each_with_object([]) do |s, list|
          list.size > 1 && (s.text.match?(ASIDE) || list.last.text.match?(ASIDE)) ? list[-1] = text.span(list.last.from, s.to) : list << s
        end
      end
      ASIDE = /(?:\A|[.!] )(?:And |But )?(?:The|Its|His|Her|Their) [[:lower:] ]{3,24}\?\z/

      # "Tasting van against tram posters": the heading names the two, and nothing else is told of by itself.
      def of_heading(text, heads)
        named = text.headed_two
        last = named.map { |name| name.downcase[/[[:alpha:]'’-]+\z/].to_s.delete_suffix("s")[0, 6] }
        return heads unless named.size == 2
        return heads.map { |head| head if last.include?(head) } if (last - heads).empty?

        # "Wooden or plastic dinghies?": wood, and plastic.
        first = named.map { |name| name.downcase[/\A[[:alpha:]]{4}/] }
        first.all? && first.uniq.size == 2 && first.all? { |word| heads.any? { |head| head&.start_with?(word) } } ? heads.map { |head| head if head&.start_with?(*first) } : heads
      end

      # Where all is told of one of two, a third has nothing to add, unless what is told before them is one of their like.
      def more(text, told, two)
        return best(text, told, 3) if two.nil?
        return nil if two[1].zero? && !behind?(text, two.last)

        three = best(text, told, 3) or return nil
        three if of_their_like?(text, two, three) || (two[1].positive? && two.first + MORE < three.first)
      end

      # "\"Spring is here\" was opened by 31 %. \"Sale now on\" was opened by 24 %": each sentence is about the words that it quotes first, or goes on about them.
      QUOTED = /\A["“‘](?<name>[^"“”’]{2,48})["”’],? (?!(?:said|says|asks|asked|wrote|writes)\b)[[:lower:]]/

      # @return [Array<Side>, nil]
      def quoted(text)
        return nil unless text.sentences.first.text.match?(QUOTED)

        sides = text.sentences.slice_when { |_, s| s.text.match?(QUOTED) }.map { |list| Side.new(name: list.first.text[QUOTED, :name], spans: list) }
        sides if sides.size.between?(2, 3) && sides.all? { |side| side.spans.drop(1).all? { |s| s.text.match?(GOES_ON) } }
      end

      # Whether something is told before two sides.
      def behind?(text, sides) = sides.first.spans.first.from > text.sentences.first.to

      # "Tadpoles are beginners. Frogs train twice a week. Otters swim in contests": the first is a side like the others, and introduces nothing.
      def of_their_like?(text, two, three)
        return false unless three[1] <= two[1] && behind?(text, two.last) && two.last.map(&:name) == three.last.drop(1).map(&:name)

        spans = three.last.map { |side| side.spans.first }
        forms = spans.map { |s| form(text, s) }
        return false if !of_one_form?(text, spans) || forms.any? { |f| headed(text).include?(stem(f.last)) }

        first, *others = forms.map { |f| Vectors.middle([f.last.low, f.last.low.delete_suffix("s")]) }
        first.nil? || others.all? { |other| other.nil? || Vectors.cosine(first, other) >= LIKE }
      end

      def of_one_form?(text, spans)
        forms = spans.map { |s| form(text, s)&.first(2) }
        forms.all? && forms.uniq.one? && spans.none? { |s| s.text.match?(OF_ANOTHER) }
      end

      # "Slugs are their favourite"
      OF_ANOTHER = /\A\S+ (?:is|are|was|were) (?:their|its|his|her)\b/i
      # How near in meaning the first must be to the others.
      LIKE = 0.25

      # @return [Array(Boolean, Boolean, Tokens::Token), nil] whether a stretch begins with an article, whether its verb is said of one, and its first noun
      def form(text, span)
        tokens = text.tokens_in(span)
        verb = tokens.first(5).find(&:finite?)
        noun = tokens.first(4).drop_while { |t| RivalNames::LEADING.include?(t.low) }.find(&:noun?)
        verb && noun && [Words::ARTICLES.include?(tokens.first.low), verb.tag == "vbz" || verb.low == "was", noun]
      end

      # Stretches with what each is about (its place among the names, nil where it is none of them), which of the names it holds (a bit for each), and how many words it has;
      # which names the heading holds, and which of them tell things of one kind apart (owned: by their names).
      Told = Struct.new(:spans, :heads, :about, :held, :sizes, :names, :headed, :owned, :kinds, keyword_init: true)

      # @return [Told]
      def told(text, spans, heads)
        names = heads.compact.uniq.first(MOST)
        bits = ->(list) { names.each_index.sum { |k| list.include?(names[k]) ? 1 << k : 0 } }
        Told.new(spans: spans, heads: heads, about: heads.map { |head| head && names.index(head) }, held: spans.map { |s| bits[names(text, s)] }, names: names,
                 sizes: spans.map { |s| text.count_in(s) }, headed: bits[headed(text)], owned: bits[owned(text).map { |name| name[0, 6] }], kinds: bits[kinds(text).map { |name| name[0, 6] }])
      end

      # "The shore crab … The hermit crab", "Team Heron … Team Otter": two of one kind, which are hardly told in turn for anything but to be compared.
      # @param sides [Array<Side>]
      def of_one_kind?(sides)
        words = sides.map { |s| s.name.downcase.split }
        words.all? { |list| list.size > 1 } && %i[first last].any? { |at| words.map { |list| list.public_send(at).delete_suffix("s") }.uniq.one? }
      end

      # @return [Array(Float, Float, Array<Side>), nil] see {weigh}
      def best(text, told, count) = told.names.each_index.to_a.combination(count).filter_map { |group| weigh(text, told, group) }.max_by(&:first)

      # @param group [Array<Integer>] places of names
      # @return [Array(Float, Float, Array<Side>), nil] how well the passage falls apart into those named, how much of it is strange to them, and all of them
      def weigh(text, told, group)
        bits = group.sum { |k| 1 << k }
        first = begun(text, told, group, bits) or return nil
        common = [told.headed, *told.held.first(2)].any? { |held| held & bits == bits }
        sides, strange = deal(text, told, group, bits, first[0])
        return nil if scant?(told, sides)

        kinds = of_kinds?(text, told, bits, sides)
        return nil unless common || numbered?(text, told.spans, first) || full?(text, told, sides, strange) || told.owned & bits == bits || (kinds && sides.size > 2)

        strange += skipped(text, told, common ? 0 : first[0])
        [1 - (strange / (told.spans.size - first[0]).to_f) + (common ? 0.2 : 0) + (kinds ? 0.2 : 0), strange,
         sides.zip(group).map { |list, k| Side.new(name: called(text, told.spans[list.first], told.names[k]), spans: told.spans.values_at(*list)) }]
      end

      # "Bone glue ... White glue ... Resin ...": a third is called by a name of its own.
      def of_kinds?(text, told, bits, sides)
        told.kinds & bits == bits || (sides.size == 3 && (told.kinds & bits).digits(2).sum == 2 && of_one_form?(text, sides.map { |list| told.spans[list.first] }))
      end

      # @return [Array<Integer>, nil] where each is told of first
      def begun(text, told, group, bits)
        alone = told.about.each_index.select { |i| group.include?(told.about[i]) && one_bit?(told.held[i] & bits) }
        first = group.map { |k| alone.find { |i| told.about[i] == k } }
        first unless first.any?(&:nil?) || first != first.sort || halfway?(text, told.spans.values_at(*first))
      end

      # At most one.
      def one_bit?(bits) = bits.nobits?(bits - 1)

      # Where several sentences tell of others first, these are hardly what it is about; one may lead to it.
      # @return [Float] how strange they are to it
      def skipped(text, told, from)
        own = (0...from).select { |i| told.heads[i] && text.sentences.any? { |s| s.from == told.spans[i].from } }
        # "Start is for fewer than 50 products. Grow is for 500. Full has no limit and costs 5,200": what is told with numbers like the others leads to none of them.
        alike = told.spans.all? { |s| text.quantities_in(s).any? } && own.all? { |i| text.quantities_in(told.spans[i]).size > 1 }
        [own.map { |i| told.heads[i] }.uniq.size - (alike ? 0 : 1), 0].max * SKIPPED
      end
      SKIPPED = 0.5

      def all?(text, span) = text.once(:told_of_all) { text.sentences.select { |s| s.text.match?(ALL) } }.any? { |s| s.from <= span.from && span.to <= s.to }

      # A side that says hardly anything, or only sums up.
      # @param sides [Array<Array<Integer>>] places of stretches
      def scant?(told, sides) = sides.any? { |list| words(told, list) < 4 } || sums_up?(sides, told.spans)

      COMPARED = /\b(?:lower|higher|cheaper|dearer|larger|smaller|longer|shorter|better|worse|further|nearer|the same)\W*\z/i

      # "The old office had 14 rooms. Mill Lane has 9. The rent is 1,100 euros lower.": the rent is no third.
      def sums_up?(sides, spans) = sides.size > 2 && sides.last == [spans.size - 1] && spans.last.text.match?(COMPARED)

      # Each is begun with more than a few words, in two sentences where all that follows goes on about one of them.
      def full?(text, told, sides, strange)
        most = strange.zero? ? 2 : 1
        said = ->(lists) { lists.sum { |list| [words(told, list.first(most)), 12].min } }
        return true if said[sides] > 10 * sides.size

        # Three of which all is told in the same way need not be told of at such length.
        sides.size > 2 && of_one_form?(text, sides.map { |list| told.spans[list.first] }) && said[sides.map { |list| with_more(told, list) }] > 9 * sides.size
      end

      # "Old Halm has lain for a year; | it crumbles and tastes of nuts": with what goes on about it.
      def with_more(told, list)
        list.flat_map { |i| [i, *((i + 1)...told.spans.size).take_while { |j| told.heads[j].nil? && told.held[j].zero? && told.spans[j].text.match?(GOES_ON) }] }
      end

      def words(told, list) = list.sum { |i| told.sizes[i] }

      # Each is told of with numbers, and nothing before them is but how many they are.
      def numbered?(text, spans, first) = spans.first(first[0]).none? { |s| text.quantities_in(s).any? { |q| q.value > first.size } } && first.all? { |i| text.quantities_in(spans[i]).any? }

      # A third that is first told of within a sentence, where the others begin one, belongs to what the sentence is about.
      def halfway?(text, spans) = spans.size > 2 && text.sentences.size > 1 && spans.map { |s| text.sentences.any? { |own| own.from == s.from } }.uniq.size > 1

      # Gives every stretch to the side it names; one that names none and does not go on is strange to all.
      # @return [Array(Array<Array<Integer>>, Float)]
      def deal(text, told, group, bits, from)
        sides = group.map { [] }
        current = nil
        strange = 0.0
        last = told.spans.size - 1
        (from..last).each do |i|
          held = told.held[i] & bits
          single = one_bit?(held)
          next if told.heads[i].nil? && (!single || all?(text, told.spans[i]))

          own = group.index(told.about[i]) || (group.index { |k| held[k] == 1 } if single)
          if own then current = own
          elsif !told.spans[i].text.match?(GOES_ON)
            strange += i == last ? 0.3 : 0.6
            # A remark at the end, unless it tells a number.
            next if i == last && text.quantities_in(told.spans[i]).empty?
          end
          sides[current] << i if current && single
        end
        [sides, strange]
      end

      def headed(text) = text.once(:headed) { text.passage.heading.to_s.downcase.scan(/[[:alpha:]]{3,}/).map { |w| w.delete_suffix("s")[0, 6] } }
    end
  end
end
