# frozen_string_literal: true

module Peony
  module Reading
    # The plural that a bare number counts, when neither its label nor the numbers around it tell: what the sentence, the heading or the passage is about. Part of {HandedOn}.
    module HandedPlurals
      BROUGHT = /\bwhat people (?=(?:bring|brought|buy|bought|lose|lost|leave|left|throw|threw|borrow|borrowed|eat|drink|carry|sold?|need)\b)/i
      MONTHS = %w[months years weeks days nights hours minutes seconds].freeze
      NAMED = /\A(?:number of |most |how many )?([[:alpha:]]{3,}s) (?:a year|a month|a week|by|per|to|at|on|sold|borrowed|counted)\b|,? by ([[:lower:]]{3,}s)(?:\.|\z)|\b(?:in|counted in|of)\s+(?!(?:numbers|figures|facts|pictures|brackets|thousands|hundreds|millions|tens|dozens)\b)([[:lower:]]{3,}s)\s*(?::|\z)|\b(points|votes|marks|visitors|guests|people|hours|copies|sales)\b/i
      # "From the villages", "one flight of stairs": not they are counted.
      NOT_THEY = /\b(?:from|for) (?:the )?[[:alpha:]]+s\b|\b(?:flight|pair|row|pile|bag|box|cup|glass|piece|kind|sort) of [[:alpha:]]+s\b|\b[[:alpha:]]+ (?:minutes|hours|days|weeks|months|years) (?:later|after|ago)\b|\b[[:alpha:]]+ (?=(?:have |had |has )?(?:counted|measured|weighed|collected|noted|recorded) (?:the |all |all the )?[[:lower:]]+s\b)/i

      TO_SPEND = /\btook in \d|\d (?:left |more )?to (?:spend|pay)\b|\b(?:a|the|our|its) budget (?:of|was|is)\b/

      MEASURED_IN = /,\s+(?:in )?([[:alpha:]°%]{1,12})(?: per [^.,]{1,24}| (?:at|by|in|on|after|before) [^.,\d]{1,24})?(?=\.|\n|\z)/

      # "Wettest places (mm)", "what draws most power (kWh a year)", "how fast animals run, in km/h"
      IN_UNITS = %r{\((?:in\ )?([[:alpha:]°%/²³]{1,12})(?:\ (?:an?|per|each|every|at|by|in|after|before)\ [^()\d]{1,24})?\)|
                    \bin\ ([[:alpha:]°%/²³]{1,8})(?:\ (?:an?|per)\ [[:lower:]][^.,:\d]{1,24})?(?=[:.]?\s*(?:\n|\z))}x

      HOW_MANY = /\bhow many (?:of )?(?:the |our |these |those )?(?:[[:lower:]]+ )??([[:lower:]]+s|people|children)\b|\b(?:(?:count(?:s|ed|ing)?|tally of|numbers? of) (?:up )?(?:all )?(?:the |our |these |those |his |her |their )|the (?:number|count|tally) of )(?!(?:days|weeks|months|years|hours|minutes)\b)([[:lower:]]+s)\b/

      # "Have gone up, | from two a month to five"
      MOVED_FROM = /\b(?:(?:gone|went)(?: (?:up|down))?|(?:come|came) (?:up|down)|become (?:fewer|rarer|scarcer|more)|doubled|halved|trebled|#{Turned::MOVED}),? (?:(?:again|slightly|less|more|too|as well|only a little),? )?from (?:about |only )?\z/

      # "Longest queues, minutes at noon: post office 23, canteen 17"
      ROW_IN = /\A[^,:.;\d]{3,64},\s+(?:in )?([[:alpha:]]+)(?: (?:at|per|in|on|for|of|after|before|a|each|every) [^,:;.\d]{1,20})?:\s/

      private

      # What the heading and the words before the list count.
      def header
        @header ||= begin
          # "What people bring": not they are counted.
          above, first = [text.passage.heading&.sub(BROUGHT, ""), text.sentences.first&.text].map { |words| words.to_s.gsub(NOT_THEY, "") }
          # "Nights booked at the hostel", and below the rows "We count children as whole people."
          words = plural_of_all(above) && remark? ? above : [above, first].reject(&:empty?).join(". ")
          { named: named_in(words), plural: plural_of_all(above) || plural_of_all(first) }
        end
      end

      def plural_of_all(words) = told_in(Tokens.of(words).reject { |t| HandedOn::VAGUE.include?(t.low) || t.low == @left })

      # Whether the first sentence stands below the rows.
      def remark? = text.sentences.any? && text.entries.any? && text.sentences.first.from > text.entries.first.span.from

      # "(per cent)", "(crates)", "votes", "by hearts": what all numbers are said to count.
      def named_in(words)
        # "Level of the Tarn, metres", "Sugar in our apples, grams per 100 g"
        measure = [MEASURED_IN, IN_UNITS].flat_map { |told| words.match(told)&.captures.to_a }.compact.filter_map { |word| Units::MEASURES[word.downcase] unless word == "a" }.first
        return measure if measure

        match = [/\((?:in )?()(per cent|percent|%)\)/, /\(()([[:lower:]]{3,}s)\)/, NAMED].lazy.filter_map { |said| words.match(said) }.first
        unit = match && match.captures.compact.reject(&:empty?).first&.downcase
        Units::MEASURES.fetch(unit, unit)
      end

      def told_in(tokens)
        tokens.find { |t| t.tag == "nns" && Words.plural?(t.low) && !MONTHS.include?(t.low) }&.low ||
          tokens.find { |t| Words.plural?(t.low) && t.text.match?(/\A[A-Z]/) && !%w[vbz det prp in].include?(t.tag) }&.low
      end

      # A plural that can be counted; "feet" are seldom a measure where no number stands before them.
      def thing?(token)
        return false if token.low == @left || [HandedOn::VAGUE, Units::VERBS].any? { |list| list.include?(token.low) }

        token.tag == "nns" && Words.plural?(token.low) && !does?(token) && !none?(token) && !opening?(token)
      end

      # "Opening hours": of a door, and none that are counted.
      def opening?(token) = "#{text.before(token, 10)}#{token.low}".match?(/#{HandedOn::OPENING_HOURS}\z/o)

      # "Who bakes next week?"
      def does?(token) = text.before(token, 5).match?(/\b(?:who|she|he|it) \z/i)

      # "No prizes, just to see"
      def none?(token) = text.before(token, 3).match?(/\bno \z/i)

      # "Membership over the years: 2019 310, 2020 288"
      def over_time?(token) = HandedOn::TIME.include?(token.low) && text.before(token, 10).match?(/\b(?:over|through|down) the \z/)

      # "Below 5 euros": what is paid there is not what is counted elsewhere.
      def paid_in?(token) = Units::CURRENCIES.key?(token.low) && text.string[0...token.from].match?(/\d \z/)

      # The plural that the sentence, or else the first line, is about.
      def series_unit(quantity)
        sentence = text.sentence_of(quantity)
        kept_count_of || (sentence && measured_in(sentence, quantity)) || how_many(quantity) || plural_before(sentence, quantity)
      end

      # "He wrote down his hours and got to | sixty. … seven hours": what is measured all through.
      def kept_count_of
        unit = only_unit
        unit if unit && Units::MEASURES.value?(unit) && text.all_words.match?(/\b(?:his|her|our|their|my) #{Regexp.escape(unit)}\b/)
      end

      def plural_before(sentence, quantity)
        head = sentence && text.tokens_between(sentence.from, quantity.from)
        # "7,200 to spend": money, whatever its coin.
        return "" if text.all_words.match?(TO_SPEND)

        noun = head&.reverse&.find { |t| told_of?(t) && !Units::MEASURES.key?(t.low) && !Units::VERBS.include?(t.low) && !right_before?(t, quantity) }
        noun ||= first_told_of(quantity, sentence)
        noun&.low || often || header[:plural].to_s
      end

      def told_of?(token) = thing?(token) && !not_they?(token)

      # What comes behind a number is no more what it counts than anything else.
      def first_told_of(quantity, sentence)
        text.tokens.take_while { |t| t.from < quantity.from }.find { |t| told_of?(t) && !over_time?(t) && !paid_in?(t) && !counted_later?(t, sentence) }
      end

      # "I counted how often each dog barked. Pip: 212. Duke only nine times"
      def often = ("times" if text.all_words.match?(/\bhow often\b/) && @said.any? { |q| q.unit == "times" })

      # "Some readers wonder how many of the lost cats are found. Of every eight, five came home."
      def how_many(quantity)
        @how_many ||= [text.string.match(HOW_MANY)]
        told = @how_many.first
        word = told.captures.compact.first if told && told.end(0) <= quantity.from
        word if word && Words.plural?(word) && !HandedOn::VAGUE.include?(word)
      end

      # "Each of the six tugs was asked how many ships it brought in": of these there are so many, whoever was asked.
      def asked_for(quantity, last)
        word = Units.counted?(last.unit) && how_many(quantity) or return nil
        at = @how_many.first.begin(0)
        word if last.said && last.to <= at && text.sentences.any? { |s| s.from <= last.from && at < s.to }
      end

      # "The quarry breaks some nine thousand": what is done, though it may be a thing.
      def right_before?(token, quantity)
        text.string[token.to...quantity.from].match?(/\A (?:some |about |nearly |only |just |over )?\z/) && Tokens.deed?(token.low) && text.tokens_between(token.from - 24, token.from).last&.noun?
      end

      def measured_in(sentence, quantity)
        measure = text.string[sentence.from...quantity.from][ROW_IN, 1].to_s.downcase
        Units::MEASURES[measure] || Units::CURRENCIES[measure]
      end

      # "Sick days on the night crew have gone up, from two a month to five": what moved is told before it.
      def moved(quantity)
        lead = text.before(quantity, 120)
        # "The number of cats, from none to four"
        counted = lead[/\bnumber of ([[:lower:]]+s),? from (?:about |only )?\z/, 1]
        return counted if counted && Words.plural?(counted)
        # "From about thirty | in a bad week | to eleven"
        return nil if !lead.match?(MOVED_FROM) || text.string[quantity.to, 7].to_s.match?(/\A in (?!an? )/)

        tokens = what_moved(quantity, lead)
        # "Bicycle stands have gone from 40 to 130": whatever stands before "have" is no verb.
        ends = tokens.index { |t| t.low.match?(/\A(?:have|had)\z/) } || tokens.index(&:finite?) || tokens.size
        noun = tokens.first(ends).find { |t| (plural?(t) || (t.equal?(tokens[ends - 1]) && Words.plural?(t.low) && t.tag == "vbz")) && t.low != "numbers" }
        noun.low if noun && !noun.low.match?(HandedShares::AMOUNTS)
      end

      def what_moved(quantity, lead)
        from = quantity.from - (lead.length - (lead.rindex(/[.;:!?]\s/)&.+(2) || 0))
        from += text.string[from...quantity.from][/\A(?:since|after|when|with|because|once|as|before)\b[^,]*, /i].to_s.length
        tokens = text.tokens_between(from, quantity.from)
        # "Wait down to 12 minutes (was 25), passengers per day up from 310"
        comma = tokens.rindex { |t| t.text == "," }
        tokens = tokens.drop(comma + 1) if comma && tokens.drop(comma + 1).any? { |t| plural?(t) }
        # "Lost gloves went down from 61"
        tokens.first&.verb? && tokens[1]&.noun? ? tokens.drop(1) : tokens
      end

      def plural?(token) = token.noun? && Words.plural?(token.low)

      # Where they come from is not what they are, and how long it took is not what is measured.
      def not_they?(token)
        @not_they ||= text.string.match?(NOT_THEY) ? text.string.enum_for(:scan, NOT_THEY).map { Regexp.last_match.then { |m| m.begin(0)...m.end(0) } } : []
        @not_they.any? { |range| range.cover?(token.from) }
      end

      # "There were 34 in a class and one cupboard. Today we have eleven cupboards": beside a cupboard something else was counted.
      def counted_later?(token, sentence) = sentence && token.from >= sentence.to && @said.any? { |q| q.said && q.unit == token.low && q.from >= sentence.from && q.to <= sentence.to }
    end
  end
end
