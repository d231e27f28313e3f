# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # One quantity over several points in time.
      class Trend < Finder
        family "trend"

        NUMBER = "(?:#{Numbers::WORD}|\\d+|half an?|an?)".freeze
        # Time that is told without a date.
        LATER = /\b(?:#{NUMBER} (?:years?|decades?|weeks?|months?|days?|seasons?|minutes?|hours?) (?:on|later|after|ago|in)|(?:after|at|before) #{NUMBER} (?:minutes?|hours?|days?|weeks?|months?|years?)|(?:the )?(?:year|week|month|day|spring|summer|season|following \w+|next \w+) (?:after|before|later)|the (?:week|day|month|year|weekend) of the \w+|the following \w+(?:['’]s)?|that (?:year|spring|summer)|the (?:year|day|week|summer|spring|winter) (?:i|we|he|she|they|the [a-z]+) [a-z]+|last (?:year|week|month|summer|\w+day|reading|christmas)|this (?:year|spring|summer|autumn|winter|advent|lent|easter|christmas|term|season)|(?<!the )week \w+|(?:in )?(?:the|my|his|her) (?:first|second|third|fourth|fifth|sixth|last) (?:week|year|month|birthday)|when the count began|then|at (?:easter|christmas|first|birth)|as i write|today|now|yesterday|since (?:settled|then)|the turn of the century|the new century|the (?:year|winter|summer|spring|autumn) before last|the \w+ year|before the \w+|(?:at|by|from) the (?:very )?(?:start|end|finish|beginning|opening)(?: of (?:the )?\w+)?|to begin with|at (?:opening|closing)(?: time)?|(?:an?|half an|the next|the following) (?:hour|week|month|year|day) later|after (?:lunch|dinner|breakfast|supper|dark|the (?:first|second|third|fourth|fifth|last)(?: \w+)?)|after the (?:first|second|third|fourth|last)|during the \w+(?: \w+)?|(?:in|by) the (?:first|second|third|fourth|fifth|sixth|last)(?=[,.;]| and\b| (?:it|we|there|they|he|she)\b)|the (?:second|third|fourth|fifth|sixth) (?=brought\b|was\b|had\b|saw\b|came\b)|when (?:i|we|he|she|they|it|(?:the|my|our|his|her|its) \w+) [a-z]+(?: [a-z]+){0,2}|(?:at|on) (?:his|her|its|their|our|my|the) (?:first|second|third|last|next) \w+|at #{NUMBER} (?:hours?|minutes?|weeks?|months?|years?)|these days|in the beginning|(?:by|at|in) (?:mid)?(?:summer|winter)|(?:by|in) (?:the )?(?:spring|autumn)|by lunch(?:time)?|(?<=\d )by the [[:lower:]]{4,}(?=[,.;]| and\b)|(?:by|after|over|before) the [[:lower:]-]+(?=,? (?:there (?:was|were|are)|it (?:was|had|is)|i (?:had|counted)|we (?:had|were|counted)|they (?:had|were)|(?:she|he) (?:had|was))\b))\b/i

        # "At rest | it was 68", "after jogging | it went up to 134": when something was measured.
        LEAD = /\A(?:and |but |then )?((?:at|after|before|during|when|while) [^,.;\d]{2,40}?)(?=,? (?:it|he|she|they|we|i|there|his|her|its) )/i

        # What labels an entry as a point in time: "Q1", "Week 3", "Autumn term", "This spring".
        ENTRY = /\A(?:Q\d|(?:(?:this|last|next|first|second|third|the) )?(?:(?:spring|summer|autumn|winter|christmas|easter)(?: (?:term|holidays?|half-term))?|(?:week|day|month|term|year|lesson|season)s?(?: (?:\d+|#{Numbers::WORD}))?|(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*))(?=\s*[:–—(-]|\s+\d)/i

        STEP = /\A,? (?:and |then |and then )?to \z/
        # "Week by week:"
        ROW = /\b(minute|hour|day|night|week|month|term|year|decade) (?:by|after|for) \1\b[^:.]{0,40}:\s+|\b(?:per|each|every) (?:hour|day|night|week|month|quarter|term|year),? (?:were|was|came to|ran)\s+/i

        TO = /\A(?: ?%)? ?(?:to|→|->) [£€$]?\z/

        LED_IN = /\A(?:in|on|by|for|come|since(?! then)|from|until|during|every)\s+/i

        # A moment behind another number is that number's.
        BEYOND = 100
        # Among more numbers than this it is not asked which stands behind which.
        FEW = 20
        # "At the end of April, when the ducklings came, 9": the date tells it.
        UNDATED = 30

        Moment = Struct.new(:text, :from, :to, :sort, keyword_init: true)

        PASSED = /\b(?:passed|crossed|topped|broke|climbed over|went over|fell below|dropped below) (?:the )?\z/
        REACHED = /\A[^.;\d]{0,44}, (?:at|with|to|on|when it (?:reached|stood at|was)) \d/

        def find
          return nil if text.quantities.size < 3 || turned? || several?

          points = row || stretches.flat_map { |s, list| pairs(s, list) }
          points = (points + between(points)).sort_by { |p| p.spans.first.from } if points.size >= 3
          points = of_one_measure(framed(points) { |p| further_point(p) }.select(&:value))
          return nil if points.size < 3

          # "140 cm in 1984, two metres ten in 1996"
          Scales.level(points)

          dated = points.count(&:sort).to_f / points.size
          cover = [points.size.to_f / [text.ladder.size, 1].max, 1].min
          finding((((0.3 + (0.4 * dated)) * rising(points)) + (cue?(:rose_fell, :over_time) ? 0.2 : 0)) * cover, "one quantity at #{count(points.size, 'point')} in time", points)
        end

        private

        # "In April 41 % of the nights were sold, in May 63, in June 78": what is said of one point alone is said of all of them, and stands beside none.
        def mended(items)
          super
          few = items.first(MENDED)
          few.each { |item| item.naming { |i| i.detail = "" if few.count { |other| !other.detail.to_s.empty? } * 2 <= few.size } }
          items
        end

        # "Sales rose from €1,450 in 2024 to €2,980. In May there were 120 guests, in June 150 and in July 190": euros and guests are no one line;
        # nor are "The race froze twice this winter" and what was ground in three months.
        def of_one_measure(points)
          units = points.map(&:unit).reject { |unit| unit.to_s.empty? }.tally
          return points if units.size < 2

          most = units.max_by(&:last).first
          points.select { |p| p.unit.to_s.empty? || (Units.money?(p.unit) == Units.money?(most) && (p.unit == "times") == (most == "times")) }
        end

        # "Eggs, week by week: thirty, thirty-six, forty-eight": the numbers follow one another, and none says when.
        def row
          sentence = text.sentences.find { |s| s.text.match?(ROW) && text.moments_in(s).empty? } or return nil
          from = sentence.from + sentence.text.match(ROW).end(0)
          parts = Sentences.clauses(text.span(from, sentence.to), /,\s+(?:and )?(?:then )?|\s+and (?:then )?/).select { |s| text.quantities_in(s).one? }
          return nil if parts.size < 3

          parts.map { |s| text.ladder.find { |m| s.from <= m.quantity.from && m.quantity.to <= s.to }.then { |m| made_point(s.text, s, m || text.quantities_in(s).first, nil) } }
        end

        # "Year 7: 42 to 18": each entry tells a change of its own.
        def turned? = nodes.size >= 2 && nodes.map { |n| text.quantities_in(n.span) }.all? { |one, two, *more| two && more.empty? && text.string[one.to...two.from].match?(TO) }

        # "Trout: 2005 120, 2015 90", "Salmon: 2005 60, 2015 22": several quantities, each with points of its own, are no one line.
        # "On foot: 31 in 2019, 47 today"
        def several? = nodes.count { |n| text.quantities_in(n.span).size > 1 && text.dates_in(n.span).size + n.span.text.scan(/\b(?:today|now)\b/).size > 1 } > 1

        # "Then she had a cold and was down to 530": a number of the same kind amid those that are dated is a point too.
        def between(points)
          return [] if nodes.size >= 2

          from, to = points.flat_map(&:spans).then { |spans| [spans.map(&:from).min, spans.map(&:to).max] }
          stretches.select { |s, list| list.size == 1 && s.from > from && s.to < to && points.none? { |p| p.spans.any? { |own| own.from < s.to && s.from < own.to } } }
                   .map { |s, list| made_point(Titles.of(without(s, list.first.quantity)).first, s, list.first, nil) }
        end

        def further_point(point)
          number = amount(point)
          # "One should not read too much into four points": told of something else.
          moment = text.moments_in(point.span).first
          closing = point.span.from >= text.sentences.last.from || (point.span.from <= text.sentences.first.from && number&.value == 1)
          # "He wrote down 180, | of which three were on fire"
          return point_item(point) if number && (Ladder.limit?(text, number) || Ladder.some_of?(text, number) || passed?(number))

          other = number && number.said && number.unit != @usual && moment.nil?
          # "We tested it on four days": how long, beside what was measured.
          aside = other && ((closing && !point.text.match?(LATER)) || (HandedOn::TIME.include?(number.unit) && !HandedOn::TIME.include?(@usual)))
          made = aside ? point_item(point) : valued(point)
          lead = moment&.text || point.text[LEAD, 1]
          lead ? led(made, moment, lead) : made
        end

        # Called by when it was.
        def led(made, moment, lead)
          label = Titles.capital(lead.sub(LED_IN, ""))
          dated = moment.respond_to?(:sort) && made.value && @usual == made.unit
          made.date = label if dated
          made.sort = moment.sort if dated
          made.naming { |i| i.title = label }
        end

        def rising(points)
          sorts = points.filter_map(&:sort)
          sorts.size < 2 ? 1.0 : sorts.each_cons(2).count { |a, b| a < b }.to_f / (sorts.size - 1)
        end

        # The entries or sentences, each with its numbers.
        def stretches
          spans = nodes.size >= 2 ? nodes.map { |n| with_number(n) } : answered
          spans.map { |s| [s, text.ladder.select { |m| m.quantity.from >= s.from && m.quantity.to <= s.to && !passed?(m.quantity) }] }.reject { |_, list| list.empty? }
        end

        # "2019", and below it "14".
        def with_number(node)
          below = node.body.one? && text.moments_in(node.span).any? && text.quantities_in(node.body.first).one? && node.body.first.text.split.size <= 3
          below ? text.span(node.span.from, node.body.first.to) : node.span
        end

        # "In 2022 it passed three thousand for the first time, at 3,150": the mark is no point of its own.
        def passed?(quantity) = text.before(quantity, 16).match?(PASSED) && text.string[quantity.to, 60].to_s.match?(REACHED)

        # "Last year? 5,020.": question and answer are one.
        def answered
          text.sentences.each_with_object([]) do |s, list|
            list.last&.text&.match?(/\A[^.?!]{3,30}\?\z/) && text.moments_in(list.last).any? ? list[-1] = text.span(list.last.from, s.to) : list << s
          end
        end

        # Each number with its moment: one by one where there are as many, else the nearest that is free.
        def pairs(stretch, list)
          # "It went down, to forty-four, to thirty-one, to nineteen": one after the other, and none says when.
          return list.map { |m| made_point(m.quantity.text, m.span, m, nil) } if list.size >= 3 && list.each_cons(2).all? { |a, b| text.string[a.quantity.to...b.quantity.from].match?(STEP) }

          moments = moments(stretch, list)
          return [list.first].filter_map { |m| entry(stretch, m) } if moments.empty?

          taken = list.size == moments.size ? list.zip(moments) : nearest(list, moments)
          taken.each_index.filter_map do |i|
            measure, moment = taken[i]
            next point(stretch, list, measure, moment) if moment

            made_point(measure.quantity.text, measure.span, measure, nil) if amid?(taken, i)
          end
        end

        # "Then 9, 14, 22 and last year 28": what follows bare, with a moment before and behind it.
        def amid?(taken, index)
          before, own = taken.values_at(index - 1, index).map { |m, _| m.quantity }
          index.positive? && taken.drop(index + 1).any?(&:last) && before.unit == own.unit && text.string[before.to...own.from].match?(/\A(?:,|,? and) [£€$]?\z/) &&
            taken.first(index).any?(&:last)
        end

        def nearest(list, moments)
          taken = {}
          # The closest first, so that a number whose moment is not told does not take that of another.
          few = list.size <= FEW
          far = list.product(moments).map { |m, d| [m, d, apart(m.quantity, d) + undated(d) + (few && list.any? { |o| !o.equal?(m) && amid_them?(o.quantity, m.quantity, d) } ? BEYOND : 0)] }
          far.sort_by(&:last).each { |m, d, _| taken[m] = d unless taken.key?(m) || taken.value?(d) }
          list.map { |m| [m, taken[m]] }
        end

        def undated(moment)
          return 0 if moment.sort

          moment.text.match?(/\Awhen\b/i) ? UNDATED * 4 : UNDATED
        end

        def amid_them?(one, two, moment) = one.from.between?(*[two.from, moment.from].minmax)

        # How far a number stands from a moment; a comma between them parts them.
        def apart(quantity, moment)
          from, to = [quantity, moment].sort_by(&:from).then { |a, b| [a.to, b.from] }
          gap = text.string[from...[to, from].max].to_s
          gap.length + (gap.match?(/[,;]/) ? 40 : 0)
        end

        def moments(stretch, list)
          dates = text.dates_in(stretch).map { |d| Moment.new(text: d.text, from: d.from, to: d.to, sort: d.sort) }
          return dates if dates.size >= list.size && list.size == 1 && dates.size == 1

          position = 0
          while (match = stretch.text.match(LATER, position))
            position = match.end(0)
            from = stretch.from + match.begin(0)
            to = stretch.from + match.end(0)
            dates << Moment.new(text: match[0], from: from, to: to) unless dates.any? { |d| from < d.to && d.from < to }
          end
          # "Then 870 when the van came to Norrick"
          dates = dates.reject { |d| d.text.match?(/\Athen\z/i) }.then { |others| others.size >= list.size ? others : dates }
          told = dates.select(&:sort)
          told.size >= list.size ? told.sort_by(&:from) : dates.sort_by(&:from)
        end

        # "Q1: £3,100", "Week 3: 17": the label of an entry is its moment.
        def entry(stretch, measure)
          label = stretch.text[ENTRY]
          label && nodes.size >= 3 ? made_point(label, stretch, measure, nil) : nil
        end

        def point(stretch, list, measure, moment)
          made_point(moment.text, list.size > 1 ? clause(stretch, measure, moment) : stretch, measure, moment.sort)
        end

        # From the break before number and moment to the break behind them.
        def clause(stretch, measure, moment)
          from = [measure.quantity.from, moment.from].min
          to = [measure.quantity.to, moment.to].max
          lead = text.string[stretch.from...from]
          before = lead.rindex(/[,;:]\s|\s(?:and|to)\s/)
          tail = text.string[to...stretch.to].index(/[,;]\s|\s(?:and|to)\s|\.\z/)
          text.span(before ? stretch.from + before + 1 : stretch.from, tail ? to + tail : stretch.to)
        end

        # Whether a label of this span stands by itself, without the number.
        def beside?(label, span, number)
          from = span.text.index(label)&.+(span.from)
          !from.nil? && !number.from.between?(from, from + label.length - 1)
        end

        def made_point(label, span, measure, sort)
          number = measure.respond_to?(:quantity) ? measure.quantity : measure
          label = label.strip
          # "71 standing"; the third week stays "Week 3" where three came in it.
          label = label.delete_prefix("#{number.text} ").delete_suffix(" #{number.text}") unless beside?(label, span, number)
          told = label.sub(LED_IN, "").sub(/\A(when .+?) (?:to|in|at|on|of|from|with|and|the|an?|has|had|is|was|it|its)\z/i, '\1')
          Item.new(title: Titles.capital(told), detail: span.text.strip.sub(/\A[,;:]?\s*(?:and|to)\s+/, "").chomp("."), spans: [span], value: measure.value, unit: measure.unit,
                   date: sort && Titles.capital(told), sort: sort, children: [], aspects: [])
        end
      end
    end
  end
end
