# frozen_string_literal: true

module Peony
  module Reading
    # So many in so many, and sums towards a goal.
    module Ratios
      Ratio = Struct.new(:part, :whole, :goal, keyword_init: true)

      IN = /\A\s*(?:[[:alpha:]'’-]+ ){0,3}(?:in|out of|of every|in every|of the|of|for every|for)\s+(?:(?:every|the|all|our|her|his|my|their|its|your)\s+)?[£€$]?\z/
      STRICT = /\A\s*(?:(?:[[:alpha:]'’-]+ )?(?:in|of every|in every|for every|per)|(?:[[:alpha:]'’-]+ ){0,3}out of)\s+(?:every\s+)?\z/
      # "One young barn owl in four is alive after a year"
      ONE_OF_A_KIND = /\A(?: (?!of\b|in\b|for\b|is\b|was\b|and\b|or\b|the\b)[[:lower:]'’-]+){2,4} (?:in|out of) (?:every )?\z/
      # "In one of five houses the light stays on"
      IN_ONE_OF = /\A of \z/
      # "One dentist for 4,100 people"
      ONE_FOR = /\A(?: [[:alpha:]-]+)? (?:for|to) (?:every |each )?\z/
      GOAL = /\b(?:goal|as of (?=[[:alpha:]]+,? (?:there|it|we)\b)|what we(?:['’]ve| have) (?:got|raised|saved|collected) (?:so far )?(?:is|comes to|makes)|stood at|(?:must|(?:has|have|had) to) (?:find|raise|reach|collect|sell|plant|gather)|we(?:['’]re| are) at|sponsored|requires?|(?:is|are|['’]s|['’]re) going to be (?=\d)|have (?:sewn|knitted|laid|painted|walked|baked|built|folded|filled|dug) (?=\d)|to be (?:had (?:for|under)|bought|sold|found|filled|planted|collected)|yielded|target|so far|still to|raised|needed|needs?|appeal|fund|pledge|(?:will|would|is to|was to) cost|will take(?= [£€$]?\d)|(?:seats|places|beds|tickets)\b.{0,40}\b(?:taken|gone|left|full|sold|booked|filled|reserved)|are (?:here|in)\b|asked for|taken|gone already|set out to|stands? at|wants?(?= [£€$]?\d)|(?:wants?|hopes?|plans?|promised) to (?:sell|plant|collect|raise|find|read|walk|swim|knit|bake|fold)|(?:is|are) wanted\b|wanted(?= [£€$]?\d)|aim(?:ed|ing)? (?:for|at)|it takes (?=\d[\d,.]*(?:[.;]|\z))|holds (?=[^.;]{0,40}\b(?:has|have|with) (?:only |just )?\d)|(?:half|part of the|most of the) way|hop(?:ed|ing) for|['’]ve got (?=[£€$]?\d)|we (?:already |now )?have (?=[£€$]?\d)|tally|signed|promised|passed|planted|collected|towards)(?:\b|(?=[£€$]))/

      REACHED = /\b(?:goal (?:of|is|was)|target|so far|signed|sponsored|raised|promised|planted|collected|still to|appeal|pledge|taken|gone|full|left|sold|booked|filled|reserved|towards)\b/

      # "It is £11,000, and we have £4,400 of it."
      OF_IT = /\d(?: [[:lower:]]+)?, of (?:which|that) (?:we have )?[£€$]?\d|(?:[£€$]\d[\d,.]*k?|\d (?:euros?|pounds?|dollars?)) of (?:it|that|this|them)\b/
      # "The doors cost 30,000 euros, and we have 21,000 of them."
      OF_THEM = /\bcosts? (?:about )?(?:[£€$]\d|\d[\d,.]* (?:euros|pounds|dollars))[^.]{0,60}\b(?:have|has|got) (?:only |just |already )?\d[\d,.]* of (?:it|them)\b/

      # "It needs 400 hours of hammering, and 130 are done": here hours are what is wanted.
      WORK = /\b(?:needs?|needed|goal of|target of|promised) (?:about )?(?:\d[\d,.]*|#{Numbers::WORD}(?: hundred)?) (?:hours|days|minutes) of\b/

      module_function

      # @param text [Reading::Text]
      # @return [Array<Ratio>]
      def of(text) = text.once(:ratios) { found(text) }

      # "Ask ten people what it is, and eight of them will say a fish", "if ten people stand in front of it, seven take the lift"
      def of_them(text)
        text.sentences.filter_map do |s|
          a, b = text.quantities_in(s).first(2)
          next unless b && Units.counted?(a.unit) && b.value < a.value && b.value.positive?

          asked = text.string[a.to...b.from].match?(/\A [[:lower:]]+ were asked[;:,.] \z/)
          next Ratio.new(part: b, whole: a, goal: false) if asked && !b.said

          of_these = text.string[b.to, 9].to_s.match?(/\A of them\b/) || (!b.said && text.string[a.to...b.from].match?(/,\s\z/))
          next unless of_these && text.string[s.from...a.from].match?(/(?:\b(?:ask (?:any )?|asked )|\A(?:if|when|take|imagine) )\z/i)

          Ratio.new(part: b, whole: a, goal: false)
        end
      end

      # How a share is told.
      WAYS = %i[direct among of_them reversed lines ordinals each shares came_of of_those only_some].freeze

      def found(text)
        said = WAYS.flat_map { |way| send(way, text) }.uniq { |r| [r.part.from, r.whole.from] }
        goals = goals(text, said.flat_map { |r| [r.part, r.whole] }).reject { |r| said.any? { |o| o.part.equal?(r.part) || same?(o, r) } }
        (goals + said).sort_by { |r| [r.part.from, r.whole.from].min }
      end

      def same?(one, goal) = one.whole.unit == goal.whole.unit && !Units.money?(goal.whole.unit) && !rate?(one, goal)

      # "One in eight" of them, beside 215 of the 500 that are wanted: told of each of them.
      def rate?(ratio, goal) = ratio.whole.value <= 20 && goal.whole.value > ratio.whole.value * 5

      # "one in eight", "112 of the 140 seats", "£18,400 of the £25,000"
      def direct(text)
        text.quantities.each_cons(2).filter_map do |a, b|
          gap = text.string[a.to...b.from]
          next Ratio.new(part: a, whole: b, goal: true) if beyond_goal?(a, b, gap)
          next unless a.value < b.value && a.value.positive? && a.unit != "%" && b.unit != "%"
          # "One fall in two years": how often, not how many of how many.
          next if HandedOn::TIME.include?(b.unit) && gap.match?(/\A [[:alpha:]]+ in \z/)

          in_one = a.value == 1 && gap.match?(IN_ONE_OF) && text.before(a, 4).match?(/\b[Ii]n \z/)
          strict = gap.match?(STRICT) || in_one || (a.value == 1 && (gap.match?(ONE_FOR) || gap.match?(ONE_OF_A_KIND)))
          Ratio.new(part: a, whole: b, goal: !strict) if strict || (gap.match?(IN) && (a.unit == b.unit || gap.match?(/\bof (?:the|every|all|our|her|his|my|their|its|your)\b/)))
        end
      end

      # "€410 of €400": more than was asked for.
      def beyond_goal?(part, whole, gap)
        gap == " of " && Units.money?(part.unit) && part.unit == whole.unit && part.said && whole.said && part.value.between?(whole.value, whole.value * 3)
      end

      # "In a class of 28 there are now, on average, five with hay fever"
      def among(text)
        text.quantities.each_cons(2).filter_map do |a, b|
          next unless b.value < a.value && b.value.positive? && text.before(a, 30).match?(/\b(?:in|out of|of) (?:an?|every|each|our|the) [[:alpha:]]+ of \z/i)

          Ratio.new(part: b, whole: a, goal: false) if text.string[a.to...b.from].match?(/\A (?:there (?:are|is|were|was)|we have)\b[^.;:]{0,30}\z/i)
        end
      end

      # "One in ten", "three in four": beside shares it is one too.
      # @param list [Array<Quantity>] in order
      # @return [Array<Quantity>] in per cent
      def in_hundred(text, list)
        list.each_cons(2).filter_map do |a, b|
          next unless [a, b].none? { |q| q.unit == "%" } && a.value < b.value && text.string[a.to...b.from].match?(STRICT)

          Quantity.new(value: Numbers.plain((100.0 * a.value / b.value).round(1)), unit: "%", text: text.string[a.from...b.to], from: a.from, to: b.to)
        end
      end

      NTH = %w[second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth thirteenth fourteenth fifteenth sixteenth seventeenth eighteenth nineteenth
               twentieth].each_with_index.to_h do |word, i|
        [word, i + 2]
      end.freeze

      # "A third of all letters begin so": alone in its passage.
      SHARE = /\b(an?|one|two|three|four|seven|nine) (#{Numbers::PARTS.keys.join('|')}) of (?:all|the|our|those|these|my|your|their|everyone|every)\b/i

      EVERY = /\bevery (#{NTH.keys.join('|')}|\d{1,2}(?:nd|rd|th))\b(?! (?:day|week|month|year|hour|minute|#{Dates::DAYS.join('|')}))/i

      # "Every ninth call": one in nine.
      def ordinals(text)
        text.string.to_enum(:scan, EVERY).map do
          match = Regexp.last_match
          one, whole = [1, NTH[match[1].downcase] || match[1].to_i].map { |v| Quantity.new(value: v, unit: "", text: match[0], from: match.begin(0), to: match.end(0)) }
          Ratio.new(part: one, whole: whole)
        end
      end

      def shares(text)
        match = text.quantities.size == 1 ? text.string.match(SHARE) : nil
        return [] unless match

        values = [Numbers.spelled(match[1].downcase).to_i.clamp(1, 9), Numbers::PARTS.fetch(match[2].downcase)]
        one, whole = values.map { |v| Quantity.new(value: v, unit: "", text: match[0], from: match.begin(0), to: match.end(2)) }
        [Ratio.new(part: one, whole: whole)]
      end

      # "We sowed 20 seeds and 17 came up": some of those that were sown, sent or asked.
      def came_of(text)
        text.sentences.filter_map do |s|
          a, b, more = text.quantities_in(s)
          next unless more.nil? && some?(a, b) && !b.said

          sent = text.string[s.from...a.from].match?(/\A(?:we|they|i|she|he|the [[:lower:]]+) (?:sowed|planted|sent|asked|invited|tested|tried|printed|wrote to|rang|put out|laid) (?:out )?\z/i)
          Ratio.new(part: b, whole: a, goal: false) if sent && text.string[a.to...b.from].match?(/\A [[:lower:]]+,? (?:and|but)(?: only| just)? \z/) && text.tokens_after(b.to, 1).first&.finite?
        end
      end

      # Whether the second can be some of those that the first counts.
      def some?(one, two) = one && two && one.said && Units.counted?(one.unit) && two.value < one.value && two.value.positive?

      # "There are fifteen streets in our quarter; only two have trees."
      def only_some(text)
        text.sentences.filter_map do |s|
          a, b, more = text.quantities_in(s)
          next unless more.nil? && some?(a, b) && !b.said

          Ratio.new(part: b, whole: a, goal: false) if text.string[a.to...b.from].match?(/\A [^.;\d]{3,60}; (?:but )?(?:only|just) \z/)
        end
      end

      # "44 boats lie in the harbour. Three of them are new."
      def of_those(text)
        text.sentences.each_cons(2).filter_map do |before, after|
          a, other = text.quantities_in(before)
          b, more = text.quantities_in(after)
          next unless other.nil? && more.nil? && some?(a, b)

          # "80 families were written to. 62 have answered."
          told = before.text.match?(/\b(?:were|was|been) (?:asked|invited|written to|rung|sent|tested|sown|planted)\b/) && b.from == after.from && !b.said
          Ratio.new(part: b, whole: a, goal: false) if told || (b.from - after.from < 8 && text.string[b.to, 9].to_s.match?(/\A of them\b/))
        end
      end

      # "For every hour at sea the crew spends four on maintenance", "for every teacher there are 19 pupils": so many of the one for each of the other.
      def each(text)
        text.sentences.filter_map do |s|
          next unless (match = s.text.match(/\A(?:and |but )?for (?:every|each) ([a-z]+)\b[^,;.]{3,60}/i)) && Numbers.spelled(match[1]).to_i.zero?

          whole = text.quantities_in(s).find { |q| q.from >= s.from + match.begin(1) && q.value > 1 } or next
          one = Quantity.new(value: 1, unit: "#{match[1].downcase}s", text: "every #{match[1]}", from: s.from + match.begin(0), to: s.from + match.end(1))
          Ratio.new(part: one, whole: whole) if whole.from <= s.from + match.end(0) + 3
        end
      end

      # "Sown: 120 grains" over "Sprouted: 108": two lines, and nothing else is counted.
      def lines(text)
        a, b, more = text.quantities
        return [] unless b && more.nil? && text.tree.size.between?(2, 3) && text.tree.none? { |n| n.children.any? } && a.unit == b.unit && b.value.positive? && b.value < a.value && a.unit != "%"

        [Ratio.new(part: b, whole: a, goal: text.all_words.match?(/\bwe (?:need|want)|\b(?:needed|wanted|goal|target)\b/))]
      end

      FIRST = /(?:\A(?:and |but )?|\bthat |it, |[:;] |, and )(?:(?:of|out of)(?: (?:every|each|those|these|the|our|all|all the))?(?: [[:alpha:]]+['’]s?)?|(?:for|from|in) (?:every|each)|among(?: the| our| these)?)\s*\z/i

      # "Of every ten cats … seven have never seen a vet", "Thirty of the forty beds"
      def reversed(text)
        text.sentences.filter_map do |s|
          a, b = text.quantities_in(s).first(2)
          next unless b && a.unit != "%" && b.value < a.value && b.value.positive? && b.unit != "%" && text.string[s.from...a.from].match?(FIRST)

          Ratio.new(part: b, whole: a)
        end
      end

      # "To force a debate it needs five thousand names. By Sunday 3,250 had signed": two amounts, one a goal.
      # @param told [Array<Quantity>] those of shares that are told otherwise
      def goals(text, told = [])
        return [] if text.heading_quantities.size + text.quantities.size < 2 || !(text.all_words.match?(GOAL) || text.string.match?(OF_IT) || text.string.match?(OF_THEM))

        list = (text.heading_quantities + text.quantities).reject { |q| q.unit == "%" || (HandedOn::TIME.include?(q.unit) && !text.string.match?(WORK)) || told.any? { |t| t.equal?(q) } }
        kinds = list.group_by { |q| Units.kind(q.unit) }
        pair = kinds.values.map { |l| l.max_by(2, &:value) }.select { |l| l.size == 2 && goal?(text, *l) }.max_by { |l| l[0].value }
        pair && list.size <= 5 ? [Ratio.new(part: pair[1], whole: pair[0], goal: true)] : []
      end

      # "From seven to twenty" is how many there may be.
      def goal?(text, whole, part)
        # "A place costs 310 euros from August. So far it was 275."
        return false if text.before(part, 24).match?(/\b(?:so far|until now) (?:it|they) (?:was|were|cost|took) (?:only )?[£€$]?\z/i)
        return false unless part.value.positive? && part.value < whole.value && part.value > whole.value * 0.02
        # "We want 500 new members. We have 1,840 now.": they come on top.
        return false if text.string[part.to, 12].to_s.match?(/\A (?:new|more|further|additional|extra)\b/)
        # "It carried sixty warriors. The other needed a crew of six": things of two kinds, unless one of them is told to be reached.
        return false if part.unit != whole.unit && part.said && whole.said && !text.all_words.match?(REACHED)

        !text.string[[whole, part].map(&:to).min...[whole, part].map(&:from).max].match?(/\A ?(?:to|or|–|-) ?\z/)
      end
    end
  end
end
