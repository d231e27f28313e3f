# frozen_string_literal: true

module Peony
  module Reading
    # Moments told from the one before them: "half an hour later", "the following spring", "that August". They count only among dates.
    module Moments
      HOURS = { "minute" => 1 / 60.0, "hour" => 1, "day" => 24, "night" => 24, "week" => 168, "fortnight" => 336, "month" => 730, "year" => 8766, "decade" => 87_660, "century" => 876_600,
                # "Two summers later": each comes once a year.
                "term" => 2922, "summer" => 8766, "winter" => 8766, "spring" => 8766, "autumn" => 8766 }.freeze
      YEAR = 8766.0
      NUMBER = /\d+|an?|half an?|a few|several|#{Numbers::WORD}(?:[- ]#{Numbers::WORD})?/i
      SPAN = /#{HOURS.keys.join('|')}|decades|centuries/
      LATER = /\b(?:only |just |about |barely |some )?(?<number>#{NUMBER}) (?<unit>#{SPAN})s?,? (?:later|afterwards?|on(?=[ ,])|after (?:that|this)|after(?=[.,;]|\z))\b/i
      AGE = /\b(?:at birth|when (?:it|she|he|we|they|i) (?:started|began|opened|was born)\b|at the (?:start|beginning)\b|(?:at|after|by) (?:only |just )?(?<number>\d+|an?|#{Numbers::WORD}(?:-#{Numbers::WORD})?)(?: (?<unit>minute|day|week|month|year)s?\b|(?=[,.;]| and\b)))/i
      # "In week 1", "in the sixth month", "on the third day", beside ages: so far into it.
      INTO = /\b(?:in|on|from|by|during|until) (?:(?<unit>day|week|month|year) (?<number>\d{1,2}|#{Numbers::WORD})|the (?<number>#{Dates::ORDINALS.join('|')}|\d{1,3}(?:st|nd|rd|th)) (?<unit>day|week|month|year|minute))\b/i
      NEXT = /\b(?:(?:in |on |by |during )?(?:the (?:following|next|same)|that(?: same)?) (?<what>#{Dates::SEASONS.keys.join('|')}|#{Dates::MONTHS.join('|')}|morning|evening|day|night|week|month|year)|the (?<what>day|night|week|month|year|spring|summer|autumn|winter) after(?: that\b|(?! the\b))|(?<=\A|[.;] )same (?<what>morning|evening|day|night))\b/i
      # A time that is told without a year, between those that have one.
      TURN = /\b(?:at |by |in |towards )?the (?<part>beginning|start|turn|middle|end) of the (?<century>next|following) century\b|\b(?:around|about|by|in|towards) the (?<part>middle|end) of the (?<century>century)\b/i
      CENTURY_PARTS = { "middle" => 50.0, "end" => 90.0 }.freeze
      WAR = /\b(?:(?:during|in|after) the (?<war>(?:first |second |last |great )?(?:world )?war)|(?:between the (?:two )?|(?:in|during|for the (?:length|whole) of) both )(?<war>wars)|(?<=\A|[.;] )both (?<war>wars)|(?:through(?:out)?|during|in) (?:the whole of )?the (?:first|second) world (?<war>war))\b/i
      # The end of a row of years: "since last year there has been a café".
      NOW = 2101.0
      RECENT = /\b(?:the (?:year|spring|summer|autumn|winter) before last|last (?:year|month|week|spring|summer|autumn|winter|easter|christmas)|this (?:year|month|week))\b(?! (?:before|after)\b)|(?<=\A|[.;\n]|[.;] )(?:(?:today|now)(?=:)|nowadays\b)/i
      # "A skylight was put in eight years ago": behind what was told before it.
      AGO = /\b(?<ago>#{NUMBER}) years ago\b/i
      # "It started in January 2012. By the summer there was no getting in": of the same year.
      BY_THEN = /(?<=\A|[.;] )By the (?<what>#{Dates::SEASONS.keys.join('|')})\b(?! of)/
      # "Left school at fourteen": so many years after a birth that is dated.
      AGED = /\b(?:at(?: the age of)?|aged) (?<age>\d\d?|#{Numbers::WORD}(?:-#{Numbers::WORD})?)\b(?! (?:o['’]clock|in the|every|each|per|%|percent)|\.\d)(?=[,.;]| (?:she|he|they|and|to|with|for|as|in)\b)/i
      AGE_ALONE = /\b(?:at|aged) (?<age>\d\d?|#{Numbers::WORD}(?:-#{Numbers::WORD})?)\b(?!\.\d)(?=[,.;]|\z| (?:an?|he|she|they|the|his|her|and|who|there|it|about|close|\d)\b)/i
      # "A child of two knows 300 words. At three it is 1,000, at four 1,600": of the young, and each with what was measured.
      YOUNG = /\b(?:child(?:ren)?|bab(?:y|ies)|boys?|girls?|toddlers?|kittens?|pupp(?:y|ies)|lambs?|cal(?:f|ves)|foals?)\b/i
      MEASURED = /\A[^.;]{0,64}?\d/
      MONTH = /(?<=[.;] )(?<what>#{Dates::IN_FULL})(?=,? [a-z])/
      # "The wires go up over the summer": among months, where it fits between those beside it.
      SEASON = /\b(?:over|during|in|through(?:out)?|by|before|after) (?:the )?(?<what>#{Dates::SEASONS.keys.join('|')})\b(?! (?:of )?\d)/i
      SHARE_OF_DAY = { "morning" => 8, "evening" => 10, "night" => 12 }.freeze

      module_function

      # @param string [String]
      # @param dates [Array<Dates::Moment>] in order
      # @return [Array<Dates::Moment>] with those told from the one before them, in order
      def of(string, dates)
        return ages(string) if dates.empty?

        row = dates.all? { |d| d.kind == :time } ? ages_alone(string) : []
        return row if row.any?
        return dates if dates.size < 2

        dates = of_told_years(string, dates)
        told(string, dates).each_with_object(dates.dup) do |match, all|
          before = all.select { |d| d.to <= match.begin(0) }.max_by(&:from) or next
          all << Dates::Moment.new(text: match[0], from: match.begin(0), to: match.end(0), sort: sort(match, before, dates), kind: before.kind)
        end.sort_by(&:from)
      end

      # "Work began in April 1881, and it was opened in August of the year after": a month of a year that is told from the one before.
      OF_YEAR = /\A of (?:(?<next>the (?:year after|(?:following|next) year))|(?:that|the same) year)\b/i

      def of_told_years(string, dates)
        dates.map do |date|
          own = date.kind == :month && date.sort > 1000 && string[date.to, 26].to_s.match(OF_YEAR) or next date
          date.dup.tap { |d| told_of_year(d, own) }
        end
      end

      def told_of_year(date, match)
        date.sort += 1 if match[:next]
        date.text += match[0]
        date.to += match[0].length
      end

      # @return [Array<MatchData>] in order
      def told(string, dates)
        patterns = [LATER, NEXT, MONTH, WAR, TURN]
        patterns << AGED if dates.first.kind == :year && string.match?(/\bborn\b/i)
        found = patterns.flat_map { |pattern| matches(string, pattern) } + seasons(string, dates)
        found = found.reject { |m| dates.any? { |d| m.begin(0) < d.to && d.from < m.end(0) } }
        found += matches(string, RECENT) + matches(string, AGO) + matches(string, BY_THEN) if dates.count { |d| d.sort > 1000 } >= 3
        found.sort_by { |m| m.begin(0) }
      end

      def sort(match, before, dates)
        if match.names.empty? then NOW
        elsif match.names.include?("century") then century(match, before)
        elsif %w[war ago].any? { |name| match.names.include?(name) } then before.sort + 0.5
        elsif match.names.include?("age") then dates.first.sort + Numbers.count(match[:age]).to_f
        elsif match.names.include?("number") then later(before, match)
        else following(before, match.captures.compact.first.downcase)
        end
      end

      # "By the middle of the century", "at the turn of the next century"
      def century(match, before)
        into = CENTURY_PARTS.fetch(match[:part].downcase, 0)
        own = (before.sort / 100).floor * 100.0
        match[:century].casecmp?("century") && own + into > before.sort ? own + into : own + 100 + into
      end

      # "At birth a lamb gets its tag. It is dipped at three weeks and shorn after a year": so long after a beginning; three of them make a row.
      def ages(string)
        found = matches(string, AGE)
        found = (found + matches(string, INTO)).sort_by { |m| m.begin(0) } if found.any?
        return [] if found.size < 3

        unit = found.filter_map { |m| m[:unit] }.first or return []
        found.map do |m|
          amount = m[:unit].nil? && m[:number].nil? ? 0 : place(m[:number]) || Numbers.amount(m[:number]) || 1
          Dates::Moment.new(text: m[0], from: m.begin(0), to: m.end(0), sort: amount * HOURS.fetch((m[:unit] || unit).downcase.delete_suffix("s")) / 24.0, kind: :count)
        end
      end

      def place(word) = word.to_s.match?(/\A\d+[a-z]/i) ? word.to_i : Dates::ORDINALS.index(word.to_s.downcase)&.succ

      # "At seven he became a page, at fourteen a squire, and a knight at twenty-one": hours end at twelve.
      def ages_alone(string)
        found = matches(string, AGE_ALONE)
        years = found.map { |m| Numbers.count(m[:age]).to_f }
        return [] unless found.size > 2 && years.all? { |y| y < 110 } && years.each_cons(2).all? { |a, b| a < b }
        return [] unless years.any? { |y| y > 12 } || (string.match?(YOUNG) && found.all? { |m| string[m.end(0)..].match?(MEASURED) })

        found.zip(years).map { |m, age| Dates::Moment.new(text: m[0], from: m.begin(0), to: m.end(0), sort: age, kind: :count) }
      end

      def seasons(string, dates)
        months = dates.select { |d| d.kind == :month && d.sort < 13 }
        return [] if months.size < 2

        matches(string, SEASON).select do |m|
          before = months.select { |d| d.to <= m.begin(0) }.max_by(&:from)
          after = months.select { |d| d.from >= m.end(0) }.min_by(&:from)
          before && after && in_months(Dates::SEASONS.fetch(m[:what].downcase)).between?(before.sort, after.sort)
        end
      end

      def matches(string, pattern)
        at = 0
        [].tap do |found|
          while (match = string.match(pattern, at))
            found << match
            at = match.end(0)
          end
        end
      end

      def later(before, match)
        number = match[:number].downcase
        amount = if number.match?(/\d/) then number.to_f
                 elsif number.start_with?("half") then 0.5
                 else Numbers.spelled(number) || (number.match?(/few|several/) ? 3 : 1)
                 end
        before.sort + (amount * HOURS.fetch(match[:unit].downcase.sub("centuries", "century").delete_suffix("s")) / hours(before))
      end

      # How many hours one step of a moment's order stands for.
      def hours(moment)
        return 1 if moment.kind == :time
        return YEAR / 12 if moment.kind == :month && moment.sort < 13

        moment.kind == :weekday ? 24 : YEAR
      end

      # A share of a year on the scale of the months, January is 1.
      def in_months(part) = (part * 12) + 1

      def following(before, what)
        part = Dates::SEASONS[what] || Dates::MONTHS.index(what)&.fdiv(12)
        return before.sort + (HOURS.fetch(what) { SHARE_OF_DAY.fetch(what) } / hours(before)) unless part
        return in_months(part) if before.kind == :month && before.sort < 13

        at = before.sort.floor + part
        at > before.sort || before.kind == :year ? at : at + 1
      end
    end
  end
end
