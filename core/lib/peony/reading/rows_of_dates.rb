# frozen_string_literal: true

module Peony
  module Reading
    # What tells a moment only in a row of its like, or among others of its kind: "Mon 4,000, Tue 6,500", "We load till 8".
    module RowsOfDates
      # "6.30 stalls go up; 9.00 gates": in a row of them that rises a number with two digits behind its point is a time.
      HOURS = /(?<=; |: |, |\. |\A|\n)(\d{1,2})\.([0-5]\d)(?= (?!%|km|kg|m\b|#{Dates::AMOUNTS})[[:alpha:]])/

      # "from 10 – tours", "12.30 – soup", line by line: hours, where one of them tells minutes.
      LINES = /(?:(?<=\A)|(?<=\n))(?:from )?(\d|1\d|2[0-4])(?:[.:]([0-5]\d))?(?= ?(?:[–—,|→-]|->) [[:alpha:]])/

      # "3.3. posters", "03/04: tasting", line by line.
      DAY_MONTH = %r{(?:(?<=\A)|(?<=\n)|(?<=, ))(\d{1,2})(?:\. ?(\d{1,2})\.|/(\d{1,2})(?:/\d{2,4})?)(?=[\s:–—,|→-])}
      # "12th century: ...", line by line.
      CENTURY_LEADS = /(?:(?<=\A)|(?<=\n))(?:(?:early|mid|late)[ -])?(\d{1,2}(?:st|nd|rd|th)) century\b/i
      # "1st quarter"
      QUARTER = /(?:(?<=\A)|(?<=\n))(1st|2nd|3rd|4th|first|second|third|fourth|last) quarter\b/i

      # "1995 25", "2005 = 38", line by line.
      YEARS_LEAD = /(?:(?<=\A)|(?<=\n))(#{Dates::YEAR})(?= (?:(?:=|…|\.{2,}|→|->|[–—-]) )?\(?[£€$]?\d[\d.,]*(?: ?[%[:alpha:]]+)?\)?(?:\n|\z))/

      # Among clock times: "From 19.20 teachers can be found in their rooms."
      DOTTED = /\b(?:[Aa]t|[Bb]y|[Ff]rom|[Uu]ntil|[Tt]ill) (\d{1,2})\.([0-5]\d)(?= [[:lower:]]+s\b)(?! (?:litres|metres|tonnes|miles|hours|points|pounds|euros|dollars)\b)/

      # Among years a number like one is one: "built 1911 by the rowing club, roof lost 1947".
      BARE = /(?<![\d£€$.,–-])\b(#{Dates::YEAR})\b(?!,\d|\s?%|\s+(?:of |[a-z]+ )?(?:people|children|men|women|[a-z]{3,}s)\b)/

      # Among clock times a bare hour is one: "Operations are between eleven and two", "At nine Mrs Bray locks up".
      CLOCKED = /\b(?:at|by|until|till|from|since|between|about|around|after|before) (#{Dates::HOUR})(?: and #{Dates::HOUR})?+\b(?! (?:(?-i:[[:lower:]-]+s)|hundred|thousand|million|per|of|in every)\b)(?!#{Dates::PER})/i
      # Among months a name alone is one: "April stayed dry. May, as every year, was wet."
      NAMED = /(?<=[.;:!?] )(#{Dates::IN_FULL})(?: (?:and|to) #{Dates::IN_FULL})?(?=,? [[:lower:]])(?! (?:i|we|you|he|she|they|the|it)\b)/

      # "March, loans agreed; April, labels written; 12 May, painters in": months beside days, each before its words.
      NAMED_IN_ROW = /(?<=: |; |\A|\n)(#{Dates::IN_FULL})(?=(?:,|:) [[:lower:]])/

      # "Michaelmas found him at 79 and Christmas, after the goose, at 84", among months.
      FEAST = /(?<=[.;:!?] |and |, )(#{Dates::FEASTS.keys.join('|')})(?=,? [[:lower:]])(?! (?:[[:lower:]]+s?) (?:and|,))/

      # "Five: we would like to go home", among clock times.
      HOUR_LEADS = /(?<=\A|\n|[.;] )(#{Dates::HOUR})(?=: )/i

      # "Mon 4,000, Tue 6,500": in a row of them.
      SHORT_DAYS = /\b(#{Dates::SHORT_DAY})\b\.?/
      # "Van's here at 7. We load till 8": in a row of them.
      BARE_HOURS = /\b(?:[Aa]t|[Tt]ill|[Uu]ntil|[Bb]y|[Ff]rom) (\d|1[0-2])(?=[,.;]?(?:\s+(?:and|to|then|we|I|it|the|doors|but|there|you|they|all|everyone)\b|\s*\z|[.;,]\s))(?!\.\d)/
      # "From 620 until the raiders came in 793", among years of four digits.
      # "Rose from 320 to 655", "rose by 250" and "about 300 words" tell no year.
      OLD_YEARS = /\b(?:(?:in|until|till|since)(?= \d\d\d(?! (?:of|an?|per|out|every)\b))|from(?= \d\d\d(?! (?:in|to|at|an?|per|last|this)\b))|(?:by|about|around)(?= \d+ (?:the|his|her|its?|they)\b(?! (?:next|following|year)\b))) ([2-9]\d\d)\b(?! ?(?:%|[[:alpha:]]+s\b(?<!was|has|is|its|his|monks)))/i

      # "Up at two. The dough is turned out by half past": past the hour that was told last.
      HALF_PAST = /\b(?:by|at) half past\b(?! #{Numbers::WORD})/i
      # "It was out by breakfast", among clock times.
      MEALS = { "dawn" => 6.0, "breakfast" => 8.0, "lunch" => 12.5, "lunchtime" => 12.5, "teatime" => 16.5, "dusk" => 18.5, "supper" => 19.0 }.freeze
      BY_MEAL = /\b(?:by|at|before|after) (#{MEALS.keys.join('|')})\b/i

      # "From 12 to 14 and from 18 to 20 o'clock"
      HOURS_OPEN = /\bfrom (\d|1\d|2[0-4]) (?:to|till|until) (?:\d|1\d|2[0-4])\b(?=[,.;]|\z| (?:and|or)\b)/i

      # "Monday | 10 to 4, | Sat | 9 – 1"
      DAYS_OPEN = /\b(?:#{Dates::DAYS.join('|')}|Mon|Tues?|Wed|Thu(?:rs?)?|Fri|Sat|Sun)s?:? \K(\d|1\d|2[0-4])(?: (?:to|till|until) | ?[–-] ?)(?:\d|1\d|2[0-4])(?=[,.;)\n]|\z| and\b)/i

      # In a row of them a month alone leads what it brings: "February first flights, April swarming starts, June main flow".
      LEADS = /(?<=, |: |; |\A|\n)(#{Dates::IN_FULL})(?= [[:lower:]])/

      # "Jan 12, Feb 25, Mar 31", where the numbers are known to be amounts.
      MONTHS_LEAD = /(?<=, |: |; |and |\A|\n)(#{Dates::MONTH})(?=:? [£€$]?\d)/
      # "12 birds in spring, 25 in summer", "in autumn 31", where something is counted.
      SEASONS = /\b[Ii]n (?:the )?(#{Dates::SEASONS.keys.join('|')})\b(?! (?:of )?#{Dates::YEAR})/
      # "On day 1 it was 12 mm tall, on day 5 25"
      NUMBERED = /\b(?:[Ii]n|[Oo]n) (?:day|week|month|year|lesson|round) (\d{1,2})\b(?=[^.,;\d]{0,40}[£€$]?\d)/
      # "Week one I did 2 km. By week three it was five", in a row of them.
      IN_WORDS = /\b(?:(?:in|by|on) )?(?:week|day|month|year|lesson|round) (#{(Numbers::ONES.keys.drop(1) + Numbers::TENS.keys).sort_by { |w| -w.length }.join('|')})\b(?! (?:in|of|out|per)\b)/i
      # "km 1–10: happy, much too fast", line by line.
      LEGS = /(?:(?<=\A)|(?<=\n))(?:km|miles?|laps?|rounds?|minutes?|pages?|chapters?) (\d{1,3}) ?(?:–|-|to) ?\d{1,3}(?=:)/i
      # "At nine 25", beside a clock time.
      CLOCKED_NUMBER = /(?<=[Aa]t )(#{Dates::HOUR})(?= \d)/

      # "In the eleventh century letters were made of clay, metal type was cast in the fourteenth": beside one that is told in full.
      CENTURY = /\bin the (#{Dates::CENTURIES.keys.join('|')}|1\dth|20th)(?=[.,;]|\z| and\b)/i

      # "From 9.30 to 15.00", "between 7.00 and 9.30", where it is told of hours.
      NO_AMOUNT = "(?![\\d%]|\\s?(?:%|[£€$]|km|k?g\\b|m\\b|c?m\\b|(?!hours)[a-z]{3,}s\\b|million|billion|per\\b))"
      BETWEEN = /\b(?:between|from) ([01]?\d|2[0-4])\.([0-5][05])(?= (?:and|to|till|until) (?:[01]?\d|2[0-4])\.[0-5][05]#{NO_AMOUNT})/i
      BETWEEN_END = /(?<=\d\.\d[05] and |\d\.\d[05] to |\d\.\d[05] till |\d\.\d[05] until )([01]?\d|2[0-4])\.([0-5][05])#{NO_AMOUNT}/i

      # What tells a moment only in a row of its like, among others of its kind, or beside one; or where it is told of hours. Last, what the words must hold: see {Dates::NEEDED}.
      ALL = [
        [DAY_MONTH, :day, ->(m) { (month = (m[2] || m[3]).to_i).between?(1, 12) ? Dates.ordinal(nil, month, m[1]) : nil }, :row, :digit],
        [CENTURY_LEADS, :decade, ->(m) { Dates.century(nil, m[1]) }, :row, :century],
        [QUARTER, :count, ->(m) { m[1].to_i.nonzero? || ((Dates::ORDINALS.index(m[1].downcase) || 3) + 1) }, :row],
        [YEARS_LEAD, :year, ->(m) { m[1].to_f }, :row, :year],
        [LINES, :time, ->(m) { Dates.clock(m[1], m[2] || "0", nil) }, :lines, :digit],
        [BETWEEN, :time, ->(m) { Dates.clock(m[1], m[2], nil) }, :hours, :dotted], [BETWEEN_END, :time, ->(m) { Dates.clock(m[1], m[2], nil) }, :beside, :dotted],
        [SHORT_DAYS, :weekday, ->(m) { Dates::DAYS.index { |d| d.start_with?(m[1][0, 3].downcase) }.to_f }, :row], [BARE_HOURS, :time, ->(m) { Dates.hour(m[1]) }, :row, :digit],
        [HOURS, :time, ->(m) { Dates.clock(m[1], m[2], nil) }, :rising, :dotted], [LEADS, :month, ->(m) { Dates.month(m[1]).to_f }, :row, :month],
        [MONTHS_LEAD, :month, ->(m) { Dates.month(m[1]).to_f }, :row, :month], [SEASONS, :month, ->(m) { Moments.in_months(Dates::SEASONS.fetch(m[1].downcase)) }, :counted, :season],
        [NUMBERED, :count, ->(m) { m[1].to_f }, :counted, :digit], [LEGS, :count, ->(m) { m[1].to_f }, :row, :digit], [Countdown::SO_LONG, :count, ->(m) { Countdown.sort(m) }, :row, :countdown],
        [IN_WORDS, :count, ->(m) { Numbers.spelled(m[1]).to_f }, :row], [CLOCKED_NUMBER, :time, ->(m) { Dates.hour(m[1]) }, :beside, :clock],
        [HALF_PAST, :time, ->(m) { m.pre_match.scan(/\b#{Dates::HOUR}\b/i).last.then { |word| word && (Dates.hour(word) + 0.5) } }, :among],
        [BARE, :year, ->(m) { m[1].to_f }, :among], *%i[row among].map { |where| [OLD_YEARS, :year, ->(m) { m[1].to_f }, where, :digit] }, [CLOCKED, :time, ->(m) { Dates.hour(m[1]) }, :among],
        *{ NAMED => :among, NAMED_IN_ROW => :days }.map { |pattern, where| [pattern, :month, ->(m) { Dates.month(m[1]).to_f }, where] },
        [FEAST, :month, ->(m) { Dates::FEASTS.fetch(m[1]) }, :among],
        [DOTTED, :time, ->(m) { Dates.clock(m[1], m[2], nil) }, :among, :dotted], [CENTURY, :decade, ->(m) { Dates.century(nil, m[1]) }, :beside],
        *{ HOURS_OPEN => :beside, DAYS_OPEN => :hours }.map { |pattern, where| [pattern, :time, ->(m) { Dates.hour(m[1]) }, where] },
        [HOUR_LEADS, :time, ->(m) { Dates.hour(m[1]) }, :among], [BY_MEAL, :time, ->(m) { MEALS.fetch(m[1].downcase) }, :among]
      ].freeze
    end
  end
end
