# frozen_string_literal: true

module Peony
  module Reading
    # Every number that says how much or how many: not a year, a date, a clock time, an ordinal, a list or page number.
    module Quantities
      N = "(?:[-−+]?\\d{1,3}(?:[,\u2009\u202f]\\d{3})+(?:\\.\\d+)?|[-−+]?\\d+(?:\\.\\d+)?)"
      MONEY = /([£€$])\s?(#{N})(?:\s?(k|m|bn|million|billion|thousand)\b)?/i
      FIGURE = /(?<![\w.,£€$])(#{N})(?!\d)(?:\s?(k|bn|million|billion|thousand|hundred|dozen)\b)?/
      NUMBERED = %w[page step no room figure row chapter grade class year route line level day week part section platform version phase stage bus
                    tram track unit issue volume number].freeze
      LABELS = /(?:\b(?:#{NUMBERED.join('|')})\s|\bno\.\s|#|\b[A-Z])\z/i
      FRACTION = /\b(?:(a|an|one|two|three|four|five|seven|nine)[ -])?(half|halves|thirds?|quarters?|fifths?|sixths?|eighths?|tenths?)\b/i
      # "half of them", "half the guests", "half came": a share; "half plots": a kind of plot.
      HALF_OF = /\A\s*(?:[.,;:)]|\z|(?:of|the|a|an|our|their|its|your|my|his|her|all|as|were|are|came|come|had|have|was|is|said|say|did|do|now|will|would|can)\b)/i
      TIMES = /\b(twice|thrice)\b/i
      SPELLED = Numbers::SPELLED

      module_function

      # @param string [String]
      # @param dates [Array<Dates::Moment>] stretches that are dates
      # @return [Array<Quantity>] in order
      def in(string, dates)
        taken = Array.new(string.length, false)
        dates.each { |d| taken.fill(true, d.from...d.to) }
        found = []
        money(string, taken, found)
        figures(string, taken, found)
        fractions(string, taken, found)
        spelled(string, taken, found)
        inherit(string, share_units(string, found.sort_by(&:from)))
      end

      def each_match(string, pattern, taken)
        position = 0
        while (match = string.match(pattern, position))
          position = [match.end(0), match.begin(0) + 1].max
          next if match[0].empty? || taken[match.begin(0)...match.end(0)].any?

          yield match
        end
      end

      def add(found, taken, string, match, value, unit, ending = match.end(0))
        before = string[[0, match.begin(0) - 14].max...match.begin(0)]
        taken.fill(true, match.begin(0)...ending)
        found << Quantity.new(value: Numbers.plain(value), unit: unit, text: string[match.begin(0)...ending], from: match.begin(0), to: ending,
                              approximate: before.match?(/(?:about|around|approx\.?|nearly|almost|some|roughly|ca\.?)\s*\z/i))
      end

      def money(string, taken, found)
        each_match(string, MONEY, taken) do |m|
          add(found, taken, string, m, Numbers.digits(m[2]) * (Numbers::SUFFIXES[m[3].to_s.downcase] || 1), Units::CURRENCIES[m[1]])
        end
      end

      def figures(string, taken, found)
        each_match(string, FIGURE, taken) do |m|
          next if label?(string, m)

          value = Numbers.digits(m[1])
          unit = Units.after(string[m.end(0), 90], value)
          next if unit.empty? && year?(m[1], m[2])

          add(found, taken, string, m, value * (Numbers::SUFFIXES[m[2].to_s.downcase] || 1), unit, m.end(0) + printed(string[m.end(0)..], unit))
        end
      end

      # How many characters after the number show its unit ("%", " kg").
      def printed(rest, unit)
        return 0 if unit.empty?

        match = rest.match(Units::AFTER)
        word = match && (match[1] || match[2]).downcase
        word && Units::MEASURES.key?(word) ? match.end(0) : 0
      end

      def label?(string, match)
        before = string[[0, match.begin(0) - 12].max...match.begin(0)]
        after = string[match.end(0), 3].to_s
        return true if after.match?(/\A(?:st|nd|rd|th)\b/) || after.match?(/\A[:.]\d/)
        return true if before.match?(/(?:\A|\n)\s*\z/) && after.match?(/\A[.)]\s/)

        # "page 4", but not "last year 4,212 people".
        match[1].match?(/\A\d{1,3}\z/) && before.match?(LABELS)
      end

      def year?(digits, suffix) = suffix.nil? && digits.match?(/\A(?:1[0-9]|20)\d\d\z/)

      def fractions(string, taken, found)
        each_match(string, FRACTION, taken) do |m|
          before = string[[0, m.begin(0) - 10].max...m.begin(0)]
          after = string[m.end(0), 14].to_s
          part = Numbers::PARTS.fetch(m[2].downcase)
          next if after.match?(/\A\s+past\b|\A-|\A\s+(?:time|term|moon|of the year)\b/i) || (before.match?(/\b(?:first|last|third|fourth|second|this|next|the)\s\z/i) && !m[1])
          next if m[1].nil? && !(m[2].match?(/half/i) && after.match?(HALF_OF))
          next if m[1].to_s.match?(/\A(?:a|an)\z/i) && m[2].match?(/quarter/i) && after.match?(/\A\s+(?:to|past)\b/i)

          count = m[1].nil? || m[1].match?(/\Aan?\z/i) ? 1 : Numbers.spelled(m[1])
          unit = after.match?(/\A\s+(?:an?\s+)?(?:hour|mile|day|year)/i) ? Units::MEASURES[after[/hour|mile|day|year/i].downcase] : "%"
          value = unit == "%" ? 100.0 * count / part : count.to_f / part
          add(found, taken, string, m, value.round(1), unit)
        end
        each_match(string, TIMES, taken) { |m| add(found, taken, string, m, m[1].downcase == "twice" ? 2 : 3, "times") }
      end

      def spelled(string, taken, found)
        each_match(string, SPELLED, taken) do |m|
          value = Numbers.spelled(m[0])
          rest = string[m.end(0), 90].to_s
          next if rest.match?(/\A\s+(?:o['’]clock|past\b|to (?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve))/i)
          next if string[[0,
                          m.begin(0) - 12].max...m.begin(0)].match?(/\b(?:at|past|until|by|no|step|number) \z/i) && !rest.match?(/\A\s+[[:alpha:]]+s\b/)

          unit = Units.after(rest, value)
          next if value == 1 && !rest.match?(/\A\s+(?:in|of every|out of) (?:\d|#{Numbers::WORD})/i) && (unit.empty? || rest.match?(/\A\s+(?:of|who|that|is|was|day|side|thing|way|by)\b/i))
          next if value.zero? || (unit.empty? && string[[0, m.begin(0) - 6].max...m.begin(0)].match?(/\bfrom \z/i)) || compound?(rest)

          add(found, taken, string, m, value, unit)
        end
      end

      # "two-way": a number inside an adjective counts nothing, unless it measures ("ten-minute").
      def compound?(rest)
        word = rest[/\A-([[:alpha:]]+)/, 1]
        word && !Units::MEASURES.key?(word.downcase)
      end

      # A bare number counts what was counted before it ("160 people came; 96 stayed"), or else what the first line is about
      # ("Visitors to the museum - 2018: 4,100"). Money and measures are never handed on: they would be printed as if they had been said.
      def inherit(string, list)
        last = string[/\A[^\n]*/].scan(/[[:alpha:]]+/).find { |w| Words.plural?(w) && !Words::STOP.include?(w.downcase) }.to_s.downcase
        list.each do |q|
          if q.unit.empty? then q.unit = last
          elsif counted?(q.unit) then last = q.unit
          end
        end
      end

      def counted?(unit) = !unit.match?(/\A[A-Z]{3}\z/) && !Units::MEASURES.value?(unit)

      # "10 to 15 km", "one in eight hives", "45, 30 and 20 %": a number without a unit takes that of the next.
      def share_units(string, list)
        list.each_with_index.reverse_each do |q, i|
          following = list[i + 1]
          next unless q.unit.empty? && following && following.unit != ""

          q.unit = following.unit if string[q.to...following.from].match?(/\A\s*(?:to|–|-|in|of every|out of|of|or|and|,|,? and)\s*(?:every\s+|[£€$])?\z/)
        end
        list
      end
    end
  end
end
