# frozen_string_literal: true

module Peony
  module Reading
    # The unit of a bare number: what its line, its list or the words before it count.
    #   "160 people came; 96 stayed", "Visitors: 2018 4,100, 2019 4,650", "from 31 hours to 19", "Buckets in the attic: 11 before, 0 after"
    class HandedOn
      include HandedShares
      include HandedAges
      include HandedAsides
      include HandedPairs
      include HandedPrices
      include HandedWords
      include HandedColumns
      include HandedPlurals
      include HandedSizes
      include HandedNouns
      include HandedTurns
      include HandedEntries
      include HandedSubjects
      include HandedClauses
      include HandedAgain
      include HandedPeople
      include HandedDeeds
      include HandedThemes

      TIME = %w[years months fortnights weeks days hours minutes seconds decades].freeze
      SEASONS = %w[seasons terms summers winters springs autumns].freeze
      PASSING = /\A(?: (?:years?|months?|weeks?|days?|hours?|minutes?|seconds?|decades?|(?:spring|summer|autumn|winter|night|term|season)s?))?,? (?:on(?! average\b| (?!the\b|it\b|they\b|we\b|he\b|she\b|there\b|i\b)[[:lower:]]+ )|ago|later|after|before|old|earlier)\b/
      # "It took three quarters of an hour before tickets were sold by the clock": how long it took.
      LASTED = /\b(?:takes?|took|lasts?|lasted|needs?|needed|waited) (?:about )?\z/i
      # "Requests came to 1,480": the subject is what is counted.
      CAME_TO = /\A[[:upper:]][[:lower:]]+s (?:came|come|ran|run|amount(?:ed)?) to (?:about |only |just )?\z/
      COUNTING = /\b(?:of (?:whom|which)|there (?:are|were|was)|number(?:ed|s)?)\b/i
      # Words that are counted by nobody; "the year eights" are no eights.
      VAGUE = %w[thousands hundreds millions figures numbers things facts results ones others hers ours theirs yours feet fours fives sixes sevens eights nines tens elevens twelves].freeze

      OPENING_HOURS = /\b(?:opening|visiting|office) hours\b/i
      SO_LONG = /\b(?:\d+|#{Numbers::WORD}) (?:#{TIME.join('|')})\b/i

      # @return [Boolean] whether a quantity is time that goes by: "ten years on", "two weeks later"
      def self.passing?(text, quantity)
        return false unless TIME.include?(quantity.unit) || SEASONS.include?(quantity.unit) || Moments::HOURS.key?(quantity.unit.delete_suffix("s"))

        text.string[quantity.to, 24].to_s.match?(PASSING) && !text.before(quantity, 12).match?(LASTED)
      end

      # @param text [Reading::Text]
      # @param list [Array<Quantity>] in order; units are filled in
      def initialize(text, list)
        @text = text
        @list = list
      end

      # @return [Array<Quantity>]
      def fill
        @list.each do |q|
          q.unit = "pH" if q.unit.empty? && text.before(q, 24).match?(ACIDITY)
          q.unit = "pounds" if weighed?(q)
          q.said = q.unit != ""
        end
        unverbed
        done_alike
        summed
        aged
        frozen
        limited
        lapsed
        in_turn
        coupled
        linked
        hand_on
        done_by_people
        counted_alike
        themed
        fitted
        shorten
      end

      private

      attr_reader :text

      def hand_on
        last = other = nil
        @said = @list.reject { |q| q.unit.empty? }
        @list.each_with_index do |q, i|
          q.unit = handed(q, last && age_told?(last) && there_were?(q) ? other : last, i) if q.unit.empty?
          other = q if q.unit != "" && !age_told?(q)
          if q.unit.empty? && last && told_there?(q, last)
            @left = last.unit
            last = nil
          end
          last = q if handing_on?(q, i, last)
        end
      end

      # "One moth trap, one summer. On the first night 22 ...": a single thing hands nothing on.
      def handing_on?(quantity, index, last)
        return false if ["", "times"].include?(quantity.unit) || quantity.text.match?(/\Aone\b/i) || text.before(quantity, 20).match?(MEMBERS)

        (quantity.unit != "%" || share_on?(quantity, index)) && !aside?(quantity, last)
      end

      def handed(quantity, last, index)
        told = turned(quantity, @list[index - 1], index) || unit(quantity, last)
        # "Two children have the longest way of all with 7.3": what has decimals is measured, where things are.
        told = measured_before(quantity) || told if quantity.text.match?(/\d\.\d/) && Units.counted?(told)
        @other_side[quantity] == told && told != "" ? "" : Units::CURRENCIES.fetch(told, told)
      end

      def measured_before(quantity)
        @said.reverse.find { |q| q.from < quantity.from && q.value.is_a?(Float) && Units::MEASURES.value?(q.unit) && [*TIME, "%", "times"].none?(q.unit) }&.unit
      end

      # "At the top it was minus 7": below zero is the cold, where it is measured.
      def frozen
        degrees = @list.map(&:unit).find { |u| u.match?(/\A(?:°[CF]|degrees)\z/) } or return
        @list.each { |q| q.unit = degrees if q.unit.empty? && (q.value.negative? || text.before(q, 6).match?(/\bplus \z/i)) }
      end

      def unit(quantity, last)
        before = text.before(quantity, 48)
        # "Visits rose by 18% to 46,200": more than all is no share.
        last = nil if (last&.unit == "%" && (quantity.value > 100 || no_share?(quantity))) || VAGUE.include?(last&.unit)
        # "One part in a hundred", "one in ten" beside shares or lengths: neither number is one.
        told = outright(quantity, before)
        return told if told
        return of_so_many(quantity, last) if last && !Units.counted?(last.unit) && one_in_so_many?(quantity)
        return "years" if age?(quantity, before, last)
        return "" if marked?(quantity) || [*@bare, *@summed].any? { |q| q.equal?(quantity) }

        # "At 20 cents a go. Gus 46 times. Hanne, 31"
        return "times" if so_often?(quantity, before, last)

        told = told_by_words(quantity, before, last)
        return told if told

        entry = text.entries.find { |e| e.span.from <= quantity.from && quantity.to <= e.span.to }
        entry ? in_entry(quantity, last, entry) : in_prose(quantity, last)
      end

      def of_so_many(quantity, last) = some_of_all(quantity, last) || (last.unit == "%" ? "" : counted_before(quantity).to_s)

      def told_by_words(quantity, before, last)
        of_the_sum(quantity) || moved(quantity) || led_by_noun(quantity, last) || by_subject(quantity, last) || some_of_all(quantity, last) || labelled(quantity) || whose(quantity) ||
          sold_or_said(quantity, before, last) || led_by(quantity, before, last)
      end

      def one_in_so_many?(quantity)
        return true if quantity.value == 100 && text.before(quantity, 3) == "in "

        @list.each_cons(2).any? { |a, b| (a.equal?(quantity) || b.equal?(quantity)) && a.value < b.value && text.string[a.to...b.from].match?(Ratios::STRICT) }
      end

      def passing?(quantity) = self.class.passing?(text, quantity)

      def in_prose(quantity, last)
        return gone_on(quantity, last) || series_unit(quantity) if last.nil?
        return last.unit if led_alike?(quantity, last)

        asked = asked_for(quantity, last)
        return asked if asked

        other = gone_on(quantity, last) || same_deed(quantity) || paired(quantity, last) || own_subject(quantity, last)
        return other if other
        return "" if told_there?(quantity, last)
        return last.unit if Units.counted?(last.unit) || near?(last, quantity)

        counted_before(quantity) || only_unit || series_unit(quantity)
      end

      # "The grant of 80,000 euros: half goes on the boat, 22,000 on two posts, and 6,000 stays in reserve": a bare amount that goes somewhere is money, where the first told is.
      def of_the_sum(quantity)
        sum = @list.first
        return nil unless sum.said && Units.money?(sum.unit) && quantity.value >= 100 && quantity.value < sum.value

        behind = text.string[quantity.to, 14].to_s
        led = text.before(quantity, 4).match?(/(?:[,;.] |and )\z/)
        sum.unit if led && behind.match?(/\A (?:on|for|to|into|stays?|goes|went|remains?|is left)\b/)
      end

      # "96 minutes on short films, 71 on messages": the same small word behind both.
      def led_alike?(quantity, last)
        word = text.string[last.to, 12].to_s[Measures::LED]
        word && last.said && !Units.counted?(last.unit) && text.string[quantity.to, word.length] == word
      end

      # "It is 24 degrees. There were 140 a week": where it says that there were so many, nothing is measured.
      def told_there?(quantity, last)
        lead = text.string[last.to...quantity.from]
        return false if text.string[quantity.to, 20].to_s.match?(Units::OF_KIND)

        Units::MEASURES.value?(last.unit) && lead.match?(/[.!?]\s/) && lead.match?(/\bthere (?:is|are|was|were|had been) (?:only |about )?\z/i) && !lead.match?(/\bthe [[:lower:]]+ there is \z/)
      end

      def counted_before(quantity) = @list.take_while { |q| q.from < quantity.from }.reverse.find { |q| Units.counted?(q.unit) && !passing?(q) }&.unit

      # Where one thing is measured all through, a number far behind measures it too.
      def only_unit = @said.reject { |q| passing?(q) || q.unit == "times" }.map(&:unit).uniq.then { |units| units.first if units.one? && units.first != "%" }

      # "It takes 16 minutes. Volunteers, of whom there were 22": what a new sentence is about is counted, not what was measured before.
      def own_subject(quantity, last)
        sentence = text.sentence_of(quantity)
        lead = sentence && text.string[sentence.from...quantity.from]
        return nil if sentence.nil? || last.from >= sentence.from

        first = first_word(sentence)
        return came_to(first, last) if lead.match?(CAME_TO)
        return nil if !lead.match?(COUNTING) || (Units.counted?(last.unit) && !lead.match?(/\bnumber(?:ed)?\b/))

        noun = text.tokens_between(sentence.from, quantity.from).first(3).find(&:noun?)
        noun.low if noun && noun.tag.start_with?("nns") && Words.plural?(noun.low) && !Units::MEASURES.key?(noun.low) && !TIME.include?(noun.low)
      end

      # "Requests came to 1,480"; but "catering takes 960 euros, printing 420. Decorations come to 180": money, where all else is.
      def came_to(first, last)
        money = Units.money?(last.unit) && @list.count { |q| q.unit == last.unit } > 1
        first if !money && last.unit != "%" && Units.counted?(first) && !TIME.include?(first)
      end

      def first_word(span) = text.tokens_in(span).first&.low.to_s

      # Money and measures are handed on only from close by: they are printed as if they had been said.
      def near?(last, quantity)
        gap = text.string[last.to...quantity.from]
        gap.scan(/[.!?]\s/).size <= 1 && gap.length < 160
      end

      # One passage writes a unit in one way: "20 m" and "ninety metres" are both m.
      def shorten
        # "Forty-one kilos are burned, and seventeen eaten"
        @list.each { |q| q.unit = Units::MEASURES.fetch(q.unit, q.unit) if q.unit.length > 2 }
        Units::SHORT.each { |long, short| @list.each { |q| q.unit = short if q.unit == long } if @list.any? { |q| q.unit == short } }
        @list
      end
    end
  end
end
