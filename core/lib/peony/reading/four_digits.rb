# frozen_string_literal: true

module Peony
  module Reading
    # Which numbers like 1500 count something: many people write them without a comma, and then they look like years.
    module FourDigits
      N = "(?<![\\d£€$.,–-])(?<!\\byear )(?<!\\byear of )(?<n>#{Dates::YEAR})(?![\\d–%-]|[,.]\\d)".freeze
      MORE = "(?:(?:only|just|still|now|about|around|nearly|almost|over|exactly) )?"
      THINGS = "(?:people|children|men|women|(?!(?:was|has|his|this|its)\\b)[a-z]{3,}s)\\b"
      MOVED = "(?-i:(?:went|gone|#{Turned::MOVED}))".freeze
      MOVED_ON = "(?-i:(?:(?:went|gone) (?:up|down)|#{Turned::MOVED}))".freeze
      # What does not stand before an amount.
      NO_YEAR = "(?<!\\bin |\\bIn |\\bof |since |Since |\\bby |\\bBy |from |until |till |fore |fter |uring |built )"
      MOMENT = "(?:#{Dates::MONTH}|#{Dates::YEAR}|(?:the )?(?:spring|summer|autumn|winter))".freeze

      # What needs nothing beside it: "there were 1500", "rose from 1200 to 1500", "rose by 1200", "of 1500 children", "in 2024 2010".
      ALONE = [
        /#{N}(?= ?(?:[€£$°](?! ?\d)|(?:k[mg]|[cm]?m|m?l|g|t|ha|[kM]Wh|EUR|GBP|USD|euros?|pounds?|dollars?)\b))/, /#{NO_YEAR}#{N}(?= (?:people|children|visitors|guests)\b)/,
        /\bthere (?:were|are|had been|used to be|will be) #{MORE}#{N}(?! [a-z]+ed\b)/i,
        /\b#{MOVED}(?: [a-z]+){0,3} from #{N}(?=(?: [a-z]+){0,3}(?: in #{MOMENT})? to #{MORE}\d)/i,
        /\b#{MOVED}(?: [a-z]+){0,3} from #{MORE}[\d,]+(?: [a-z]+){0,3}(?: in #{MOMENT})? to #{MORE}#{N}/i,
        /\bfrom [\d,]+(?: [a-z]+){1,3}(?: in #{MOMENT})? to #{MORE}#{N}(?= #{THINGS})/i,
        # "Ten had gone by 1995" is a year.
        /\b#{MOVED_ON}(?: in #{MOMENT})? by #{MORE}#{N}/i,
        /\b#{MOVED_ON} by [^.;]{0,40} and (?:in #{MOMENT} )?by #{MORE}#{N}(?= in #{MOMENT})/i,
        /\bOf (?:the |our |these )?#{N}(?= #{THINGS})/, /\b\d[\d,]* of (?:the |our |these )?#{N}(?= #{THINGS})/,
        /\b#{N}(?= of (?:the |our |these )?\d[\d,]* #{THINGS})/,
        /\b(?:at least|at most|more than|less than|fewer than|nearly|almost|exactly|some|short of) #{N}(?=[.,;)]|\z| [a-z])/i,
        /: #{N}(?= (?:went|came|passed|crossed|stayed|left|joined|visited)\b)/,
        /\b(?:this|last|next) (?:spring|summer|autumn|winter) #{MORE}#{N}(?= (?:[a-z]+ )?#{THINGS})/i,
        /\bin #{Dates::YEAR}:?,? #{MORE}#{N}(?=[.,;)]|\z| and\b)/i, /(?:\A|\n)[^\n\d]{0,30}#{Dates::YEAR}(?:: | = )#{MORE}#{N}(?=[\n.,]|\z| )/,
        /\bbetween (?<n>1\d00)(?= and (?:1\d|20)00 #{THINGS})/i, /\bbetween 1\d00 and (?<n>(?:1\d|20)00)(?= #{THINGS})/i,
        /\b#{N}(?= out of (?:every )?\d)/, /\bout of (?:every )?#{N}(?=[.,;]|\z| [a-z])/i, /\b#{N}(?= from \d[\d,]* #{THINGS})/, /\b\d[\d,]* #{THINGS} of the #{N}(?= [a-z]+)/,
        /#{NO_YEAR}#{N}(?= (?:chose|voted|said|say|prefer|preferred|wanted|picked|named|answered|walk|cycle|drive)\b)/, /#{NO_YEAR}#{N}(?= (?:sold|counted|made|seen|planted|taken)\))/,
        /\b#{THINGS}, #{N}(?=, (?:were|are|have|had)\b)/, /#{NO_YEAR}#{N}(?= (?:were|are) (?:[a-z]+ed|sold|made|bought|found|seen|taken|given|caught)\b)/,
        # "10 °C: 1200"
        /(?:\A|\n)(?:[-−]?\d[\d.,]*) ?(?:°C?|degrees|k?g|k?m|[cm]m|hours?|minutes?|euros?|litres?|%|cents|pence|days?|weeks?)(?: [a-z]+)?: #{N}(?=\n|\z)/,
        # "In May 12 children came, in June 18": a day of the month would be told with "on".
        /\b[Ii]n #{Dates::MONTH} (?<n>\d{1,2})(?=[.;)]|,(?! ?\d)|\z| #{THINGS}| and in #{Dates::MONTH})/
      ].freeze

      # What counts beside a number of the same size: "1200 people came last year, this year 1500".
      BESIDE = Regexp.union(
        /\b(?:it|that|they|these|we|he|she|which) (?:was|were|is|are|has|have|had(?: been)?|used to (?:be|have)|sold|made|counted|needed|took|costs?|(?:take|hold|carrie|sell)s)\b #{MORE}\z/i,
        /\b(?:this|last|next|the) (?:year|season|term|month|week|time|day)(?: before)?(?: (?:it|there) (?:was|were|is|are))?:? #{MORE}\z/i,
        /\b(?:this|last|in) (?:summer|winter|spring|autumn):? #{MORE}\z/i, /\bwith #{MORE}\z/,
        /\b(?:now|today|then|afterwards|later|previously|since then|noon|evening|(?:at )?the (?:end|last|first))(?: (?:it|there) (?:was|were|is|are))? #{MORE}\z/i,
        /\b(?:against|instead of|compared (?:with|to)|rather than|up from|down from|(?:up|down|got|came|went|rose|fell|dropped) to|(?:ended|started) with)\s#{MORE}\z/i,
        /\b(?:the|a|an) [a-z]+(?: one)? (?:carrie[sd]|holds?|held|has|had|sells?|sold|makes?|made|takes?|took|costs?|needs?|needed|brings?|brought),? #{MORE}\z/i,
        /\b(?:the (?:old|new|other|second) (?:one|[a-z]+)|from [\d,]+ [a-z]+ to|costs?) #{MORE}\z/i,
        /\b(?:at \d+|\d+ (?:hours?|minutes?|degrees|euros|pounds|k?g|k?m|[cm]m|°C|weeks?|days?|litres?)),? #{MORE}\z/,
        /\bthe (?!year|season|spring|summer|autumn|winter|month)[a-z]+ #{MORE}\z/i, /\b(?:planted|reached|raised|collected|gathered|sold|scored|counted|so far)(?: so far)?:? #{MORE}\z/i,
        /\b[\d,]+ #{THINGS} (?:[a-z]+ ){0,3}(?:in #{MOMENT} )?(?:and|,) #{MORE}\z/i, /\bof [\d,]+ #{THINGS} #{MORE}\z/i, /\b[\d,]+ #{THINGS} [^.;\d]{0,40}, (?:\d+ [a-z]+ and )?#{MORE}\z/i,
        /\b[Ii]n #{Dates::MONTH} (?!#{Dates::YEAR})[^.;]{0,60}\bin #{Dates::MONTH} #{MORE}\z/
      )
      ENDS = /\A(?:[.,;:)]|\s*\z| (?:in|on|at|last|this|today|now|then|the year|a (?:day|week|month|year)|per|and (?:in|on|at|by|this|last|now|today|then)|of (?:them|these|us))\b| (?:bought|came|stayed|went|left|paid|[a-z]+ed)\b)/

      # "1200 jars in May, 1500 in June"
      ROW = [/(?:,| and) \z/, /\A (?:in #{Dates::MONTH}|of [a-z]|in [A-Z])/].freeze
      # "Of the 1900 pupils, 1200 walk and 1500 take the bus"
      OF = /\b[Oo]f (?:the |our |these )?[\d,]+ #{THINGS},? (?:[^.;]{0,40} and )?\z/

      # A number with what it counts, by which another is measured.
      COUNTED = /(?<![\d.,–-])(?<n>\d{1,3},\d{3}|\d{3,5})(?![\d–%-])(?= (?:euros|pounds|kg|kilos|km|m|#{THINGS})|(?: (?!with|in|by|and|for|from|of|to|at|as|the|when|was|had)[a-z]+)? #{THINGS})/

      module_function

      # @param string [String]
      # @param heading [String] what stands above it
      # @return [Array<Range>] where four digits stand that count something
      def amounts(string, heading = "")
        return [] unless string.match?(/(?<!\d)(?:1\d|20)\d\d(?!\d)|#{Dates::MONTH} \d/o)

        found = ALONE.flat_map { |pattern| places(string, pattern) }
        found |= FourDigitRows.amounts(string, heading) | FourDigitMoments.amounts(string)
        found |= beside(string, found)
        found | FourDigitChains.amounts(string, found)
      end

      def beside(string, found)
        sizes = places(string, COUNTED).map { |place| value(string, place) } + found.map { |place| value(string, place) }
        return [] if sizes.empty?

        places(string, /#{N}/).select do |place|
          n = value(string, place)
          sizes.any? { |size| size.fdiv(n).between?(0.2, 5) } && told?(n, string[[0, place.begin - 90].max...place.begin], string[place.end, 40])
        end
      end

      # @param lead [String] what stands before the number
      # @param behind [String] what follows
      def told?(number, lead, behind)
        return true if (lead.match?(ROW[0]) && behind.match?(ROW[1])) || (lead.match?(OF) && behind.match?(/\A [a-z]{2,}/))

        # "Half the water, compared with 2020.", "2,100 people in the first year, 2019."
        return false if number.between?(1990, 2040) && lead.match?(COMPARED) && behind.match?(/\A(?:[.,;]|\s*\z)/)

        behind.match?(ENDS) && lead.match?(BESIDE)
      end
      COMPARED = /\b(?:against|instead of|compared (?:with|to)|rather than|up from|down from) \z|\d [^.;,]* (?:first|last) year, \z/

      def value(string, place) = Numbers.digits(string[place])

      def places(string, pattern) = Moments.matches(string, pattern).map { |m| m.begin(:n)...m.end(:n) }
    end
  end
end
