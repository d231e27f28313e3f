# frozen_string_literal: true

module Peony
  module Reading
    # Digits that tell which one it is and count nothing: pages, rooms, years of school, numbers of houses and lines, parts of names.
    module NumberLabels
      LABELS = /(?:\b(?:#{Quantities::NUMBERED.join('|')}) |\bno\. |#|\b[A-Z])\z/i
      # "Last year 96", "on the second floor 96": which year or floor it is has been told already.
      TOLD = /\b(?:one|two|three|last|this|each|every|per|next|a|the|by|at|in|#{Dates::ORDINALS.join('|')}|ground|top) \w+ \z/i
      # "Visited the page 610": 610 did. "Old bus 76": a name that leads it is none of a number.
      # "At the open day | 230 put their names down"
      AN_OPEN_DAY = /\b(?:the|our|an?|this|that|every|each) [[:lower:]]+ (?:day|week|year) \z/
      DOES = /[[:lower:]] the (?:page|room|step|chapter|figure) \z|\b(?!(?:And|But|Or|So|Then|Now|In|On|At|By|From|Why|How|What|When|Where|Who|Which|That|For|With|Of)\b)[[:upper:]][a-z]+ [a-z]+ \z/
      OF_ROW = /[,;] (?:and )?the (?:[[:lower:]]+ )?(?:bus|tram|line|gate|hut|floor|plot) \z/
      ROAD = /\b[[:upper:]][[:lower:]]+ (?:Lane|Street|Road|Square|Row|Avenue|Quay|Terrace) \z/
      OF_CLASS = /\A(?:[.,;)]|\z| (?:can|may|will|is|was|has|had|must|should|who|and|did)\b)/

      # By what stands before it and behind it, and by the digits themselves.
      SURE = [
        # "The 12 bus"
        [/\bthe \z/i, /\A (?:bus|tram|train)\b/], [/\b[Vv]ersion \z/, //],
        # "The loose ring at berth 9 is ours."
        [/\b(?:in|at|from|on|to|behind|near) (?:car|carriage|cabin|berth|gate|plot|hut|platform|lock|row|stop|stand|pier|window|desk|counter|table|pitch|court|door|shelf|box|bay|bed) \z/i,
         /\A(?:[.,;:)]|\z| (?:is|are|was|were|and|or|has|had|with|will|for)\b|\n)/],
        # "Everyone in Year 5"
        [/[[:lower:]] (?:Year|Class|Form|Ward|Room) \z/, //, /\A\d{1,3}\z/],
        [//, /\A(?:st|nd|rd|th)\b|\A[:.]\d/], [/\d:\z/, //], [/(?:\A|\n)\s*\z/, /\A[.)]\s/]
      ].freeze

      module_function

      # @param string [String]
      # @param match [MatchData] of digits
      # @return [Boolean]
      def label?(string, match)
        before = string[[0, match.begin(0) - 24].max...match.begin(0)]
        after = string[match.end(0), 60].to_s
        return true if SURE.any? { |lead, tail, own| before.match?(lead) && after.match?(tail) && (own.nil? || match[1].match?(own)) } || Hours.open_from?(string, match)
        return true if which?(match[1], before, after) || named?(match[1], before, after)
        return false if string[match.end(0), 8].to_s.match?(/\A(?: ?(?:%|per|°)| of \d| times\b)/)

        # "page 4", but not "last year 4,212 people".
        return false unless match[1].match?(/\A\d{1,3}\z/) && before.match?(LABELS) && !before.match?(DOES) && !before.match?(AN_OPEN_DAY)

        return false if before.match?(/\broom \z/) && valued_lines?(string)

        before.match?(/\b(?:room|number|step|page) \z/i) || !(before.match?(TOLD) || measured?(string, match, before) || before.match?(/\ban? [[:lower:]]+ (?:line|track|hut|floor|row) \z/))
      end

      # "Lume 3: €210, survives falls": part of a name.
      def named?(digits, before, after) = digits.length < 3 && before.match?(/(?:\A|\n)[[:upper:]][[:lower:]]+ \z/) && after.match?(/\A: [^\n.]*\d/)

      # "canteen 88", "gym 84", "music room 77": each line ends with its number.
      def valued_lines?(string)
        rows = string.lines.grep(/\A[^\d\n]+ \d[\d.,]*\b/)
        rows.size > 3 && rows.count { |line| line.match?(/\broom \d/i) } * 2 <= rows.size
      end

      # "The old tram reaches 82 decibels, the bus 76, the new tram | 68": one of a row.
      def measured?(string, match, before) = before.match?(OF_ROW) && string[[0, match.begin(0) - 160].max...match.begin(0)].match?(/\d [[:lower:]]{3}/)

      # "In week 1 you get to know everybody", "ring 112 from outside", "Mill Lane 4, Brool", "Form 9 wrote down"
      def which?(digits, before, after)
        return true if digits.length < 3 && before.match?(/(?:\A|[.!?;:,]\s|[[:lower:]] )(?:Form|Grade|Kennel|Table|Locker|Bay|Bed|Desk|Pump|Pond|Lift|Car|Tank|Stand|Pitch|Court|Coach) \z/)
        # "Station 640, Mill Lane 455"
        return true if digits.length < 4 && before.match?(ROAD) && !before.match?(/\d,? (?:and )?(?:[[:upper:]][[:lower:]]+ ){2}\z/) && after.match?(/\A(?:[.,;]|\z)/)
        return true if digits.length < 3 && before.match?(/\b(?:in|by|from|until|since|on) (?:day|week|lesson|term|round) \z/i) && !after.match?(/\A ?%/)
        # "Counted by class 6, in gloves", "anyone in class 6 may come"
        return true if digits.length < 3 && before.match?(/\b(?:by|of|from|with|in) (?:class|grade|form) \z/i) && after.match?(OF_CLASS)

        digits.length > 2 && before.match?(/\b(?:ring|dial|call|phone) \z/i) && after.match?(/\A(?:[.,;!]|\z| (?:fr|at|an|or))/)
      end
    end
  end
end
