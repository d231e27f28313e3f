# frozen_string_literal: true

module Peony
  module Reading
    # Dates, periods and clock times with their places, sortable.
    module Dates
      # +sort+ is a number that orders moments of one kind; +kind+ is :time, :day, :month, :year, :decade, :weekday or :count.
      Moment = Struct.new(:text, :from, :to, :sort, :kind, keyword_init: true)

      MONTHS = %w[january february march april may june july august september october november december].freeze
      MONTH = "(?:January|February|March|April|May|June|July|August|September|October|November|December|(?:Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept|Sep|Oct|Nov|Dec)\\b\\.?)(?![a-z])"
      # A month by its whole name, for patterns.
      IN_FULL = "(?:#{MONTHS.map(&:capitalize).join('|')})".freeze
      DAYS = %w[monday tuesday wednesday thursday friday saturday sunday].freeze
      DAY = "(?:#{DAYS.map(&:capitalize).join('|')})s?".freeze
      YEAR = "(?:1[0-9]|20)\\d\\d"
      HOUR = "(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)"
      PER = " an? (?:day|week|month|year|hour|minute|head|time)\\b"
      AFTER_HOUR = "the|an?|he|she|they|we|you|it|i|I|in the|and|until|till|sharp|or|there|on|every|all|everyone|everybody|nobody"
      ORDINALS = %w[first second third fourth fifth sixth seventh eighth ninth tenth].freeze
      SEASONS = { "spring" => 0.2, "summer" => 0.45, "autumn" => 0.7, "winter" => 0.9 }.freeze

      # Where in its month a part of it lies.
      PARTS = { "first" => 0.1, "beginning" => 0.05, "start" => 0.05, "second" => 0.35, "middle" => 0.5, "third" => 0.6, "last" => 0.85, "end" => 0.9 }.freeze

      # Feasts among the months, by the month in which they mostly fall.
      FEASTS = { "New Year" => 1.0, "Lent" => 3.0, "Lady Day" => 3.8, "Easter" => 4.2, "Whitsun" => 5.7, "Midsummer" => 6.8, "Michaelmas" => 9.9, "Advent" => 12.0, "Christmas" => 12.8 }.freeze

      CENTURIES = %w[eleventh twelfth thirteenth fourteenth fifteenth sixteenth seventeenth eighteenth nineteenth twentieth twenty-first].each_with_index.to_h { |word, i| [word, i + 11] }.freeze

      DECADES = %w[twenties thirties forties fifties sixties seventies eighties nineties].freeze

      PART_OF_TEN = "(?<part>early |mid[ -]|late )?"
      TEN = "(?<ten>#{DECADES.join('|')})\\b".freeze

      SHORT_DAY = "(?:Mon|Tues?|Wed|Thu(?:rs?)?|Fri|Sat|Sun)"
      # What is paid or measured is no time of day.
      AMOUNTS = "euros?|pounds?|dollars?|pence|cents|litres|metres|tonnes"
      AHEAD = "(?:(?:(?:#{SHORT_DAY}|#{DAY}),? |(?:[Tt]he )?[Ww]eek (?:of|from|beginning) )(?:the )?)?".freeze

      IN_WHICH = "[Ii]n |[Cc]ome |[Bb]y |[Uu]ntil |[Tt]ill |[Ss]ince |[Ff]rom |[Dd]uring |[Ee]arly |[Ll]ate |[Mm]id-"

      PATTERNS = {
        /\b(#{YEAR})-(\d\d)-(\d\d)\b/ => [:day, :year, ->(m) { ordinal(m[1], m[2].to_i, m[3]) }],
        # "28 April to 2 May"
        /\b#{AHEAD}(\d{1,2})(?:st|nd|rd|th)? (#{MONTH})(?: to | until | ?[–-] ?)\d{1,2}(?:st|nd|rd|th)? #{MONTH}(?:,? (#{YEAR}))?/ => [:day, :month, ->(m) { ordinal(m[3], month(m[2]), m[1]) }],
        # "Mon 3 March", "the week of 10 March"
        /\b#{AHEAD}(?:(\d{1,2})(?:st|nd|rd|th)?(?: to | and | ?[–-] ?))?(\d{1,2})(?:st|nd|rd|th)?(?: of)? (#{MONTH})(?:,? (#{YEAR}))?/ => [:day, :month, ->(m) { ordinal(m[4], month(m[3]), m[1] || m[2]) }],
        /\b(#{ORDINALS.join('|')})(?: day)? of (#{MONTH})(?:,? (#{YEAR}))?/i => [:day, :month, ->(m) { ordinal(m[3], month(m[2]), ORDINALS.index(m[1].downcase) + 1) }],
        /\b(#{MONTH}) (\d{1,2})(?:st|nd|rd|th)?\b(?!\d|[.,]\d| ?(?:%|°|per cent|km\b|m\b|cm\b|mm\b|kg\b|g\b|kWh\b|litres\b|hours\b|tonnes\b))(?:,? (#{YEAR}))?/ => [:day, :month, ->(m) { ordinal(m[3], month(m[1]), m[2]) }],
        /\b(?:(?:[Ii]n )?[Tt]he )?(#{MONTH})(?:,| of)? (#{YEAR})\b/ => [:month, :month, ->(m) { ordinal(m[2], month(m[1]), 1) }],
        /\b(\d{1,2})[.](\d{1,2}|[ivx]+)[.](#{YEAR})\b/ => [:day, :year, ->(m) { ordinal(m[3], roman(m[2]), m[1]) }],
        /\b(?:(?:[Ii]n|[Aa]t|[Bb]y|[Ss]ince|[Uu]ntil|[Ff]rom|[Ii]nto) )?(?:[Tt]he )?(?<part>first (?:week|half|days?)|beginning|start|middle|second (?:week|half)|third week|last (?:week|days?)|[Ee]nd) (?:of|in) (?<month>#{MONTH})(?:,? (?<year>#{YEAR}))?/ => [:month, :month, lambda { |m|
          m[:year] ? ordinal(m[:year], month(m[:month]), (PARTS[m[:part].downcase[/\A\w+/]] * 30) + 1) : month(m[:month]) + PARTS.fetch(m[:part].downcase[/\A\w+/])
        }],
        /\b(?:on )?(Easter|Whit) (?:Monday|Sunday)(?: of)? (#{YEAR})/ => [:year, :year, ->(m) { m[2].to_f + (FEASTS[m[1].sub("Whit", "Whitsun")] / 12.0) }],
        /\b(?:Easter|Christmas|Whitsun|Lent|Michaelmas|New Year)(?: of)? (#{YEAR})\b/ => [:year, :year, ->(m) { m[1].to_f }],
        /\bQ([1-4]),? (#{YEAR})\b/ => [:month, :year, ->(m) { m[2].to_f + ((m[1].to_i - 1) / 4.0) }],
        /(?<=\d\d\d\d to |\d\d\d\d and |\d\d\d\d or |\d\d\d\d until )(#{YEAR})\b/ => [:year, :year, ->(m) { m[1].to_f }],
        /\b(?:in |by |since |during |until )?the (?:(early|mid|late)[ -])?(#{CENTURIES.keys.join('|')}|\d{1,2}(?:st|nd|rd|th)) century\b/i => [:decade, :century, ->(m) { century(m[1], m[2]) }],
        /\b(#{YEAR})s\b/ => [:decade, :year, ->(m) { m[1].to_f }],
        /\b(spring|summer|autumn|winter)(?: of)? (#{YEAR})\b/i => [:month, :year, ->(m) { m[2].to_f + SEASONS.fetch(m[1].downcase) }],
        # "The last Sunday of October"
        /\b(?:[Oo]n )?[Tt]he (?<which>first|second|third|last) (?:#{DAY}) (?:of|in) (?<month>#{MONTH})\b/ => [:month, :month, ->(m) { month(m[:month]) + PARTS.fetch(m[:which]) }],
        # "About 1900", "c. 1934", at the beginning of a line
        /(?:(?<=\A)|(?<=\n))(?:[Aa]bout|[Aa]round|[Cc]irca|[Cc]a?\.) (#{YEAR})\b(?!,\d| [[:lower:]]+s\b)/ => [:year, :year, ->(m) { m[1].to_f }],
        %r{\b(\d{1,2})/(\d{1,2})/(#{YEAR})\b} => [:day, :year, ->(m) { (m[2].to_i > 12 ? [m[1], m[2]] : [m[2], m[1]]).then { |month, day| month.to_i.between?(1, 12) ? ordinal(m[3], month.to_i, day) : nil } }],
        # "1921–1934", at the beginning of a line
        /(?:(?<=\A)|(?<=\n))(#{YEAR}) ?[–-] ?#{YEAR}\b(?![\d,.]*\d| ?%)/ => [:year, :year, ->(m) { m[1].to_f }],
        # "2019/20", a school year or a season
        %r{(?<![\d/])(#{YEAR})/(\d\d)(?![\d/]|,\d)} => [:year, :year, ->(m) { (m[1].to_i + 1) % 100 == m[2].to_i ? m[1].to_f : nil }],
        # "1962–65"
        /\b(?:(?:[Ii]n|[Ff]rom|[Bb]etween|[Uu]ntil) )?(#{YEAR})[–-]\d\d\b(?![\d,.]*\d| ?%)/ => [:year, :year, ->(m) { m[1].to_f }],
        # "Since 2019 trams run all night": no 2,019 of them.
        /\b[Ss]ince (#{YEAR})\b(?!,\d)/ => [:year, :year, ->(m) { m[1].to_f }],
        /\b(?:[Ii]n |[Bb]y |[Uu]ntil |[Ff]rom |[Bb]efore |[Aa]fter |[Dd]uring )(#{YEAR})\b(?!\s?(?:%|[a-z]+s\b(?<!was|has|is)))/ => [:year, :year, lambda { |m|
          m[1].to_f
        }],
        /(?<![\d£€$.,])\b(#{YEAR})\b(?=\s*(?:[:–—,.;)]|\z|-|to\b|and\b|the\b|was\b|saw\b|brought\b|\n))(?!,\d)/ => [:year, :year, ->(m) { m[1].to_f }],
        /(?:(?<=\A)|(?<=\n)|(?<=[.;!?] ))In (#{YEAR})\b(?= [a-z]+s [a-z]+(?:ed|[^s]t|ew|an|ook|ame|ell|ade)\b)/ => [:year, :year, ->(m) { m[1].to_f }],
        /\b(?:(?:[Ii]n|[Bb]y|[Aa]bout|[Aa]round|[Uu]ntil|[Ff]rom) )?the year (\d{3,4})\b(?!,\d)/ => [:year, :digit, ->(m) { m[1].to_f }],
        /(?<=\bof )(#{YEAR})\b/ => [:year, :year, ->(m) { m[1].to_f }],
        /(?<!\d)['’](\d\d)\b(?!s)/ => [:year, :digit, ->(m) { 1900.0 + m[1].to_i }],
        # "Ines won in 7:41, ahead of Wen (7:46)": how long it took.
        /\b(\d{1,2}):(\d\d)(?:\s?([ap])\.?m\b\.?)?(?!\d)(?: ?[–-] ?\d{1,2}:\d\d(?:\s?[ap]\.?m\b\.?)?(?!\d))?/ => [:time, :colon, ->(m) { m.pre_match.match?(TOOK) && m.string.match?(RACE) ? nil : clock(m[1], m[2], m[3]) }],
        /(?<![£€$\d])\b(\d{1,2})\.(\d\d)\s?([ap])\.?m\b\.?/ => [:time, :dotted, ->(m) { clock(m[1], m[2], m[3]) }],
        /(?:(?<=[Aa]t )|(?<=[Uu]ntil )|(?<=[Ff]rom )|(?<=[Bb]y ))(\d{1,2})\.([0-5]\d)(?![\d%]|\s?(?:%|[a-z]+s\b|[£€$]|km|m\b|[a-z]?g\b|litre))/ => [:time, :dotted, lambda { |m|
          # "It was 12.10 euros in 2021 and stands at 15.20 today": money, where money is told so.
          PRICED.match?(m.pre_match) || (m.post_match.match?(TO_NUMBER) && (m.pre_match.match?(PRICE_MOVED) || m.post_match.match?(/\A to \d+\.[6-9]/))) ? nil : clock(m[1], m[2], nil)
        }],
        /(?<![£€$\d.,])\b(\d{1,2})\.([0-5]\d)(?= (?:in the (?:morning|afternoon|evening)|at night|sharp)\b)/ => [:time, :dotted, ->(m) { clock(m[1], m[2], nil) }],
        /(?:(?<=\A)|(?<=\n)|(?<=; ))(\d{1,2})\.([0-5]\d)(?= [a-z]{3})(?! (?:#{AMOUNTS}|points|per)\b)/ => [:time, :dotted, ->(m) { clock(m[1], m[2], nil) }],
        # "8.00 – 8.10 settling down", at the beginning of a line
        /(?:(?<=\A)|(?<=\n))(\d{1,2})\.([0-5]\d) ?[–-] ?\d{1,2}\.[0-5]\d(?=:?,? [[:alpha:]])(?! (?:#{AMOUNTS}|points|per)\b)/ => [:time, :dotted, ->(m) { clock(m[1], m[2], nil) }],
        /(?:(?<=\A)|(?<=\n))(\d{1,2})\.([0-5]\d)(?=\s*[:–—]\s)/ => [:time, :dotted, ->(m) { clock(m[1], m[2], nil) }],
        /\b(\d{1,2})\s?([ap])\.?m\b\.?/ => [:time, :half_day, ->(m) { clock(m[1], 0, m[2]) }],
        /\bfrom (\d{1,2}) (?:to|till|until) \d{1,2} o['’]clock\b/i => [:time, :clock, ->(m) { hour(m[1]) }],
        # "The Early: leaves at 6, three hours"
        /\b(?:leaves?|starts?|opens?|closes?|begins?|sails|arrives|departs) at \K([1-9]|1\d|2[0-3])(?=[,.;]|\n|\z| and )(?![.,]\d)/i => [:time, :digit, ->(m) { m[1].to_f }],
        /(?<=[Aa]t )(\d{1,2}|#{HOUR}) sharp\b/ => [:time, nil, ->(m) { hour(m[1]) }],
        /\b(\d{1,2}|#{Numbers::WORD}) o['’]clock\b/i => [:time, :clock, ->(m) { hour(m[1]) }],
        /\bhalf past (#{Numbers::WORD})\b/i => [:time, :half, ->(m) { hour(m[1]) + 0.5 }],
        /\b(?=[ft])(five|ten|twenty|twenty-five) (to|past) (#{HOUR})\b/i => [:time, nil, lambda { |m|
          hour = Numbers.spelled(m[3]) + (Numbers.spelled(m[3]) < 7 ? 12.0 : 0)
          hour + ((m[2].downcase == "to" ? -1 : 1) * Numbers.spelled(m[1]) / 60.0)
        }],
        /\b(?:a )?quarter (to|past) (#{Numbers::WORD})\b/i => [:time, :quarter, ->(m) { Numbers.spelled(m[2]) + 12 + (m[1].downcase == "to" ? -0.25 : 0.25) }],
        /(?<=; |: |\A|\n)(#{YEAR})(?= (?!(?:[a-z]+ )?(?:people|children|men|women|[a-z]+s)\b)[[:alpha:]])/ => [:year, :year, ->(m) { m[1].to_f }],
        # "By 1801 boats could get there": what leads a sentence is when it was.
        /(?:(?<=\A)|(?<=\n)|(?<=[.!?;] ))(?:In|By|Until|From) (#{YEAR})(?= [a-z]{3,}s (?:could|can|would|were|was|had|have|did|got|came|went|began|started|stopped|might|no longer)\b)/ =>
          [:year, :year, ->(m) { m[1].to_f }],
        /(?<=: |, |; )(#{YEAR})(?= [£€$]?\d)/ => [:year, :year, ->(m) { m[1].to_f }],
        /\b(?![Bb]y one\b|[Ff]rom one\b)(?:[Aa]t|[Bb]y|[Uu]ntil|[Tt]ill|[Ff]rom|[Ss]ince) (#{HOUR})\b(?=[,.;:!?]|\z| (?:#{AFTER_HOUR})\b)(?! (?:and|or) (?:#{HOUR})\b)(?!#{PER})/ =>
          [:time, nil, ->(m) { amount?(m.pre_match, m[0]) ? nil : hour(m[1]) }],
        /\b(?:around |about |in |by |some |only )?(\d{1,3}(?:,\d{3})+|\d{2,5}) (?:BC|BCE)\b/ => [:year, :era, ->(m) { -Numbers.digits(m[1]) }],
        /\b(?:[Ii]n |[Bb]y |[Aa]round |[Aa]bout )?AD (\d{1,4})\b|\b(?:in |by |around |about )?(\d{1,4}) AD\b/ => [:year, :era, ->(m) { (m[1] || m[2]).to_f }],
        /\b(?:around |about |some |only )?(\d[\d,.]*|#{Numbers::WORD}(?:-#{Numbers::WORD})?) (thousand|million|billion) years (?:ago|back)\b/i => [:year, :ago, ->(m) { 2000 - (Numbers.amount(m[1]) * Numbers::SCALES.fetch(m[2].downcase)) }],
        /\b(?:around |about |some |only )?(\d{1,3}(?:,\d{3})+) years (?:ago|back)\b/ => [:year, :ago, ->(m) { 2000 - Numbers.digits(m[1]) }],
        /(?:(?<=\A)|(?<=\n)|(?<=[.;:!?] )|(?<=at )|(?<=by )|(?<=from )|(?<=until )|(?<=till )|(?<=about )|(?<=around ))(#{HOUR}|\d|1[0-2]) in the (morning|afternoon|evening)\b/i => [:time, :part_of_day, ->(m) { m[2].downcase == "morning" ? (Numbers.count(m[1]) % 12).to_f : (Numbers.count(m[1]) % 12) + 12.0 }],
        /\b(?:noon|midday) (?:to|till|until) (?:\d{1,2}|#{HOUR})\b/i => [:time, :noon, ->(_) { 12.0 }],
        /\b(?:at|by|from|till|until|about|before|after) half (#{HOUR})\b/i => [:time, :half, ->(m) { hour(m[1]) + 0.5 }],
        /\b(?:noon|midday)\b/i => [:time, :noon, ->(_) { 12.0 }],
        /\bmidnight\b/i => [:time, :noon, ->(_) { 24.0 }],
        /\b(?:on )?(Easter|Whit) (?:Monday|Sunday)\b/ => [:month, :day, ->(m) { FEASTS[m[1].sub("Whit", "Whitsun")] }],
        /\b(?:on |every )?(#{DAY})\b(?:(?: to | until | and | ?[–-] ?)#{DAY}\b)?/ => [:weekday, :day, ->(m) { DAYS.index(m[1].downcase.delete_suffix("s")).to_f }],
        /\b(?:[Ff]rom|[Bb]y|[Uu]ntil|[Aa]fter) (?:day|week|month|lesson) (\d{1,2})\b/ => [:count, :digit, ->(m) { m[1].to_f }],
        /\b(?:Day|Week|Month|Year(?! \d{1,2},? [[:lower:]])|Quarter|Term|Lesson)s? (\d{1,2})(?:(?: and | to | ?[-–] ?)\d{1,2})?\b/ => [:count, :digit, ->(m) { m[1].to_f }],
        /\b(?:#{IN_WHICH}|[Ff]or (?=[[:alpha:]]+ (?:we|it|there|they)\b)|\A|(?<=\n)|(?<=\())(#{IN_FULL})\b(?:(?: and | or | to |[–-])#{IN_FULL}\b(?! \d))?/ =>
          [:month, :month, ->(m) { month(m[1]).to_f }],
        /(?<=[.,;:] )(January|February|March|April|May|June|July|August|September|October|November|December)(?= (?:the same|[£€$]?\d))/ => [:month, :month, ->(m) { month(m[1]).to_f }],
        # "June: new shop online. September: warehouse moved."
        /(?<=[.!?;] )(#{IN_FULL})(?:(?: and | to |[–-])#{IN_FULL})?(?=: )/ => [:month, :month, ->(m) { month(m[1]).to_f }],
        /(?:(?<=\A)|(?<=\n))(#{MONTH})(?=[\s:–-])/ => [:month, :month, ->(m) { month(m[1]).to_f }],
        /\b(?:[Tt]he |[Ii]n the |[Oo]n the )?(?:[Ww]eek|[Ww]eekend|[Dd]ay|[A-Z][a-z]+day) (?<way>after|before) (?<feast>#{FEASTS.keys.join('|')})\b/ => [:month, :feast, ->(m) { FEASTS[m[:feast]] + (m[:way] == "after" ? 0.2 : -0.2) }],
        /(?:\b(?:[Aa]t|[Bb]y|[Uu]ntil|[Ss]ince|[Aa]fter|[Bb]efore) |(?<=\A)|(?<=\n))(#{FEASTS.keys.join('|')})(?: (?:week|holidays?|Day|Monday|Sunday|Eve))?\b(?=[\s:,.;–-])/ => [:month, :feast, ->(m) { FEASTS[m[1]] }],
        /\b(?:by|at|until|since|after|before|around) (midsummer|easter|christmas)\b/ => [:month, :feast, ->(m) { FEASTS[m[1].capitalize] }],
        /(?:(?<=\A)|(?<=\n))Q([1-4])\b/ => [:count, :digit, ->(m) { m[1].to_f }],
        /\b(?:this|last|next) (spring|summer|autumn|winter)\b/i => [:month, :season, ->(m) { 2100 + SEASONS.fetch(m[1].downcase) }],
        /\b(?:this|last|next) (easter|christmas|whitsun|midsummer)\b/i => [:month, :feast, ->(m) { 2100 + (FEASTS[m[1].capitalize] / 12.0) }],
        /\b(?:[Tt]his|[Ll]ast|[Nn]ext) (#{IN_FULL})\b/ => [:month, :month, ->(m) { 2100 + (month(m[1]) / 12.0) }],
        /\b(early|mid|late)[ -](#{MONTH})(?=[\s:,.;–-])/i => [:month, :month, ->(m) { month(m[2]) + { "early" => 0.1, "mid" => 0.5, "late" => 0.85 }.fetch(m[1].downcase) }],
        /\bthe turn of the century\b/i => [:year, :century, ->(_) { 1900.0 }],
        /\bthe turn of the millennium\b/i => [:year, :millennium, ->(_) { 2000.0 }],
        /\b(?:the )?#{PART_OF_TEN}(?<hundred>eighteen|nineteen)[- ]#{TEN}|(?:\bthe #{PART_OF_TEN}|(?<=\A|[.;] |\n)(?<part>early |mid-|late ))#{TEN}/i =>
          [:decade, :decades, lambda { |m|
            into = { "early" => 2, "mid" => 5, "late" => 8 }.fetch(m[:part].to_s.downcase[/[a-z]+/], 0)
            (m[:hundred].to_s.casecmp?("eighteen") ? 1820.0 : 1920.0) + (DECADES.index(m[:ten].downcase) * 10) + into
          }]
      }.freeze

      # What must stand in the words for a pattern to be found, by what is said beside it: few of them are asked for in a passage, and most passages hold few of these.
      NEEDED = {
        digit: /\d/, year: /#{YEAR}/, colon: /\A(?!.*#{Durations::BEARS}).*\d:\d/m, dotted: /\d\.\d/, half_day: /\d\s?[ap]\.?m/, month: /\b#{MONTH}/, day: /[a-z]day/, clock: /o['’]clock/i, half: /\bhalf /i, quarter: /\bquarter /i,
        noon: /noon|midday|midnight/i, part_of_day: / in the (?:mor|aft|eve)/i, century: /century/i, millennium: /millennium/i, decades: /ties\b/i, season: /spring|summer|autumn|winter/i, era: /BC|AD/,
        ago: / years (?:ago|back)/i, feast: /#{FEASTS.keys.join('|')}/i,
        countdown: / (?:before|ahead|to go|earlier|beforehand)\b|in the last (?:week|days)|on the (?:day|morning)\b/i
      }.freeze

      TOOK = /(?:\bin|\btime of|\()\s?\z/
      RACE = /\b(?:won|wins|winner|ahead of|behind|race|record|finish(?:ed)?|laps?|ran|rowed|swam|metres|runners?)\b/i
      # "Went up | from 3.20 | to 4.65"
      TO_NUMBER = /\A to \d+\.\d/
      PRICE_MOVED = /\b(?:#{Turned::MOVED}|went|gone|go(?:es)? up|price|costs?|rates?|fee|rent)\b[^.;!?\d]*\z/
      PRICED = /\d\.\d\d ?(?:euros?|pounds?|dollars?|[€£$])|[€£$]\d+\.\d\d|\b(?:[Aa]t|costs?|price of) (?:\d+ (?:euros?|pounds?|dollars?)|[€£$]\d)/
      ALONE = /\b(?:[Tt]he|[Oo]n the|[Bb]y the) (\d{1,2})(?:st|nd|rd|th)\b(?! [[:alpha:]]{3,}s?\b(?<!is|are|at|in|on|we|the| and| but|there| with| when))/
      HOURS = /\b(?:hours|open(?:s|ed)?|close[sd]?|start|leave|work|shifts?|lessons?|o['’]clock|morning|afternoon|evening|lunch|break|desk|daily|(?:mon|tues|wednes|thurs|fri|satur|sun)days?)\b/i
      LEADING = /(?<=; |, |\. |\A|\n)(#{YEAR})(?= [[:alpha:]])/

      extend Calendar
      extend DatesTogether

      module_function

      # @param string [String]
      # @param counted [Array<Range>] places of digits that are no date
      # @return [Array<Moment>] in order of place
      def in(string, counted = [])
        return [] unless string.match?(/\d|[A-Z]|o['’]clock|past|noon|midnight|century|early|late|ties\b/)

        taken = counted.map { |place| Moment.new(text: string[place], from: place.begin, to: place.end, kind: :amount) }
        string = without_years(string, counted)
        held = Hash.new { |found, need| found[need] = need.nil? || string.match?(NEEDED.fetch(need)) }
        PATTERNS.each { |pattern, (kind, need, sort)| scan(string, pattern, kind, sort, taken) if held[need] }
        RowsOfDates::ALL.each { |pattern, kind, sort, where, need| scan(string, pattern, kind, sort, taken) if held[need] && enough?(string, pattern, kind, where, taken) }
        scan(string, LEADING, :year, ->(m) { m[1].to_f }, taken) if years_lead?(string)
        days_alone(string, taken)
        level(in_their_century(taken.reject { |t| t.kind == :amount }.sort_by(&:from))).sort_by(&:from)
      end

      # "On 10 May 1350": where 1350 counts something, the day has no year; nines are none.
      def without_years(string, counted)
        counted.empty? ? string : counted.each_with_object(string.dup) { |place, words| words[place] = words[place].tr("0-8", "9") }
      end

      # Whether there are enough of its like, or of its kind, to take it for a moment.
      def enough?(string, pattern, kind, where, taken)
        return string.scan(pattern).size >= 3 if where == :row
        return string.scan(pattern).size.then { |rows| rows.between?(3, string.gsub(pattern, "").scan(/\d+/).size) } if where == :counted
        return string.scan(pattern).then { |rows| rows.size >= 3 && rows.any?(&:last) } if where == :lines
        return rising?(string.scan(pattern).map { |hour, minute| "#{hour}.#{minute}".to_f }) if where == :rising
        return string.match?(HOURS) if where == :hours
        return taken.count { |t| t.kind == :day } >= 2 if where == :days

        taken.count { |t| t.kind == kind && (kind != :month || t.sort < 13) } >= (where == :beside ? 1 : 2)
      end

      def rising?(numbers) = numbers.size >= 3 && numbers.each_cons(2).all? { |a, b| a <= b }

      # "Essays are due on 3 May ... in the week of the 12th": a day alone is of the month told last.
      def days_alone(string, taken)
        days = taken.select { |t| t.kind == :day }
        return if days.empty?

        scan(string, ALONE, :day, lambda { |m|
          before = days.select { |t| t.from < m.begin(0) }.max_by(&:from)
          before && (((before.sort * 12).floor / 12.0) + ((m[1].to_i - 1) / 372.0))
        }, taken)
      end

      def scan(string, pattern, kind, sort, taken)
        position = 0
        while (match = string.match(pattern, position))
          position = match.end(0)
          next if taken.any? { |t| match.begin(0) < t.to && match.end(0) > t.from }

          value = sort.call(match)
          taken << Moment.new(text: match[0], from: match.begin(0), to: match.end(0), sort: value, kind: kind) if value
        end
      end

      # "1702 first wool fair; 1745 tolls doubled; 1746 …": years that only rise, each before its words.
      def years_lead?(string)
        rising?(string.scan(LEADING).flatten.map(&:to_i))
      end

      # "It moves by two", "the smallest share, at eleven": as much, not at that hour.
      # @param before [String] the words before it
      # @param word [String] the preposition and the number
      def amount?(before, word)
        return before.match?(BACK_TO) if word.match?(/\Afrom\b/i)

        return true if word.match?(/\Aat\b/i) && (before.match?(STOOD) || before.match?(SO_FAR))

        word.match?(/\Aby\b/i) ? before.match?(MOVED) : word.match?(/\Aat\b/i) && before.match?(/%|per ?cent/) && before.scan(/%|per ?cent\b/).size >= 2
      end

      # "The count stood | at five when the weir was rebuilt"
      STOOD = /\b(?:unchanged|steady|constant|still|stuck|settled) \z|\b(?:count|number|figure|total|tally|score|level|gauge|rate) (?:stood|stands|stayed|remained|was|is|held) (?:only |just |still )?\z/i

      # "At one kilometre it is 24, | at two it is 17": as far as that.
      SO_FAR = /\bat (?:\d+|#{Numbers::WORD}) (?:kilomet(?:re|er)s?|met(?:re|er)s?|miles?|degrees|kilos?|euros|pounds|km)\b[^.;!?]*[,;] (?:and )?\z/i

      # "Down to one, from five"
      BACK_TO = /\bto (?:only |just )?(?:\d[\d,.]*|#{Numbers::WORD})(?: [[:lower:]]+)?,? \z/i
      MOVED = /\b(?:sung|seen|read|won|attended|played|visited|written|signed|made|heard|moves?d?|f[ae]lls?|rises?|rose|up|down|grew|grows?|shr[aiu]nks?|changed?s?|swings?|higher|lower|shorter|longer|differs?|dropp(?:ed|s)|climb(?:ed|s)|ahead|beat|beaten|won|lost) \z/i
    end
  end
end
