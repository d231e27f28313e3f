# frozen_string_literal: true

module Peony
  module Reading
    # Every number that says how much or how many: not a year, a date, a clock time, an ordinal, a list or page number.
    module Quantities
      # Behind a decimal comma, "2,50 €", stands its unit: else a comma parts thousands.
      COMMA = "\\d+(?:\\.\\d{3})*,\\d{1,2}(?=\\s?(?:€|%|kg\\b|k?m\\b|cm\\b|l\\b|litres\\b))"
      N = "(?:[-−+]?#{COMMA}|[-−+]?\\d{1,3}(?:[,'’\u2009\u202f]\\d{3})+(?:\\.\\d+)?|\\d{1,3}(?:\\.\\d{3}){2,}(?![.\\d])|[-−+]?\\d+(?:\\.\\d+)?)".freeze
      # "−£2,500", not "£10-£20"
      LOSS = /(?:(?<![^\s(:,;])[-−](?=[£€$]))?/
      MONEY = /#{LOSS}([£€$]|\b(?:EUR|GBP|USD)(?= ))\s?(\d+(?:\.\d{3})*,\d\d(?!\d)|\d{1,3}(?: \d{3})+(?!\d)|#{N})(?:\s?(k|m|bn|million|billion|thousand)\b)?/i
      FIGURE = /(?<![\w.,£€$])(#{N})(?!\d|[A-Zabdef]\b)(?:\s?(k|bn|million|billion|thousand|hundred|dozen|#{Numbers::GRAND})\b)?/
      # What bears a number, in digits or in words: "page 4", "page four"; and what does so in only one of both.
      BEARING = %w[page step no room figure chapter class year level day week part bus tram number ward question verse act scene].freeze
      NUMBERED = (BEARING + %w[row grade route line section platform version phase stage track unit issue volume plot gate berth hut floor lock]).freeze
      NONE = /\bhad \Knone\b(?=[.,;]| and\b)|\band (?:now )?(?:uses|has|needs|takes|gives|sells|brings|makes|finds|had) \Knone\b(?! of\b)|(?<=, )none(?= (?:the (?:year|week|month|day|spring|summer|winter|autumn) after|in (?:19|20)\d\d)\b)|(?<=: )none(?=\s*[.;])|\bnow [[:lower:]]+ \Knone\b(?=\s*(?:[.;]|\z))|, [[:lower:]]+ \Knone\b(?=\s*(?:[.;]|\n|\z))|(?<=, |to |now |and |→ )(?:none|nothing|nil)\b(?=\s*(?:[.,;)]|\n|\z|since\b|now\b|today\b|at all\b))|(?<=\band is |\band are |and is now |and are now )(?:none|nought|nothing|nil|zero)\b(?=\s*[.,;])|(?<=\b(?:19|20)\d\d was |in (?:19|20)\d\d it was )(?:none|nothing|nil)\b|(?<=from )(?:none|nothing|nil|zero|nought)\b(?= to (?:\d|#{Numbers::WORD}\b))/
      # What leads to none of what was told of long before.
      OF_THAT = /\bhad \z|\d was \z|\band (?:now )?(?:uses|has|needs|takes|gives|sells|brings|makes|finds) \z|\b(?:is|are|now|now [[:lower:]]+) \z|: \z/
      VULGAR = { "½" => 0.5, "⅓" => 1 / 3.0, "⅔" => 2 / 3.0, "¼" => 0.25, "¾" => 0.75, "⅛" => 0.125, "⅜" => 0.375, "⅝" => 0.625, "⅞" => 0.875 }.freeze
      PRINTED = /[#{VULGAR.keys.join}]/
      MIXED = /(?<![\w.,£€$])(\d{1,4})? ?([#{VULGAR.keys.join}])/
      ONCE = /(?<=\bto )once(?=[.,;])|(?<=[,:–—] |\()once(?=\s*(?:[.;)]|\n|\z))/
      TIMES = /(?<!\bonce or )\b(twice|thrice)\b/i
      SPELLED = Numbers::SPELLED
      # No figure holds more; it keeps the reading of a passage made of numbers short.
      MOST = 240

      # Without any of these nothing is counted: most headings hold none.
      COUNTS = /\d|[½¼¾⅓⅔]|\b(?:#{Numbers::WORD}|hal(?:f|ves)|thirds?|quarters?|fifths?|tenths?|twice|dozens?|double|per ?cent|no|none|nobody)\b/i

      module_function

      # @param text [Reading::Text]
      # @return [Array<Quantity>] in order
      def in(text)
        string = text.string
        taken = Array.new(string.length, false)
        text.dates.each { |d| taken.fill(true, d.from...d.to) }
        text.classes.each { |range| taken.fill(true, range) }
        found = []
        money(string, taken, found)
        Banknotes.each(string, taken) { |m, value, unit| add(found, taken, string, m, value, unit) }
        Durations.each(string, taken) { |m, value, unit| add(found, taken, string, m, value, unit) }
        SpacedNumbers.each(string) { |m, value| measured(text, m, value, taken, found) }
        mixed(text, taken, found)
        figures(text, taken, found)
        dozens(text, taken, found)
        Halves.each(text.string, taken) { |m, value, unit, ending| add(found, taken, string, m, value, unit, ending) }
        Fractions.each(text, taken) { |match, value, unit, more| add(found, taken, string, match, value, unit, match.end(0) + more) }
        times(string, taken, found)
        spelled(text, taken, found)
        none(string, taken, found)
        HandedOn.new(text, Compounds.joined(found.sort_by(&:from).first(MOST), string)).fill
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
        before = string[[0, match.begin(0) - 16].max...match.begin(0)]
        taken.fill(true, match.begin(0)...ending)
        found << Quantity.new(value: Numbers.plain(value), unit: unit, text: string[match.begin(0)...ending], from: match.begin(0), to: ending,
                              approximate: before.match?(/(?:just (?:under|over)|not quite|close to|about|around|approx\.?|nearly|almost|some|roughly|ca\.?)\s*\z/i))
      end

      def measured(text, match, value, taken, found)
        return if taken[match.begin(0)...match.end(0)].any?

        unit = Units.after(text.string[match.end(0), 60], value, text.tokens_after(match.end(0)))
        add(found, taken, text.string, match, value, unit, match.end(0) + printed(text.string[match.end(0), 30], unit))
      end

      def money(string, taken, found)
        return unless string.match?(/[£€$]|EUR|GBP|USD/)

        each_match(string, MONEY, taken) do |m|
          value = Numbers.digits(m[2], mark(m[1], m[2])) * (Numbers::SUFFIXES[m[3].to_s.downcase] || 1)
          lost = m[0].match?(/\A[-−]/) || minus?(string, m)
          add(found, taken, string, m, lost ? -value : value, Units::CURRENCIES[m[1].downcase])
        end
      end

      # "1.200 €": where the euro is paid, a dot parts thousands.
      def mark(sign, digits) = sign.match?(/\A ?(?:€|EUR)/) && !digits.include?(",") ? "," : "."

      # "3½ kg", "½ litre"
      def mixed(text, taken, found)
        return unless text.string.match?(PRINTED)

        each_match(text.string, MIXED, taken) do |m|
          measured(text, m, (m[1].to_i + VULGAR.fetch(m[2])).round(2), taken, found)
        end
      end

      def figures(text, taken, found)
        string = text.string
        names = Uncounted.numbered(string)
        steps = Enumerated.in(string).map { |m| m.begin(0)...m.end(0) }
        each_match(string, FIGURE, taken) do |m|
          next if NumberLabels.label?(string, m) || steps.any? { |range| range.cover?(m.begin(0)) } || names&.match?(string[[0, m.begin(0) - 24].max...m.begin(0)])

          value = Numbers.digits(m[1], mark(string[m.end(0), 2], m[1]))
          unit = Units.after(below(string, m) || string[m.end(0), 60], value, text.tokens_after(m.end(0)))
          unit = "GBP" if m[2] == "grand"
          next if unit.empty? && year?(m[1], m[2]) && text.four_digits.none? { |place| place.cover?(m.begin(1)) }

          half = string[m.end(0), 14].to_s[/\A and a half\b/]
          value += 0.5 if half
          unit = Units.after(string[m.end(0) + half.length, 60], value, text.tokens_after(m.end(0) + half.length)) if half
          hundredths = Units.hundredths(string[m.end(0), 40].to_s) if string[m.end(0), 40].to_s.match?(Units::IN_DIGITS)
          next add(found, taken, string, m, value + (hundredths.last / 100.0), unit, m.end(0) + hundredths.first) if hundredths

          value = -value if minus?(string, m)
          add(found, taken, string, m, value * (Numbers::SUFFIXES[m[2].to_s.downcase] || 1), unit, m.end(0) + half.to_s.length + printed(string[m.end(0) + half.to_s.length, 30], unit))
        end
      end

      def minus?(string, match) = string[[0, match.begin(0) - 6].max...match.begin(0)].match?(/\bminus \z/i)

      # "12", in a line of its own, and below it "languages are spoken in the yard"
      def below(string, match)
        return nil unless string[match.end(0)..].match?(/\A\n[[:lower:]]/) && (match.begin(0).zero? || string[match.begin(0) - 1] == "\n")

        string[match.end(0), 60].sub("\n", " ")
      end

      # How many characters after the number show its unit ("%", " kg").
      def printed(rest, unit)
        return 0 if unit.empty?

        match = rest.match(Units::AFTER)
        word = match && (match[1] || match[2]).downcase
        word && (Units::MEASURES.key?(word) || Units::CURRENCIES.key?(word)) ? match.end(0) : 0
      end

      def year?(digits, suffix) = suffix.nil? && digits.match?(/\A(?:1[4-9]|20)\d\d\z/)

      # "Twice"; "the estate 6 times, Upper Gill, once".
      def times(string, taken, found)
        each_match(string, ONCE, taken) { |m| add(found, taken, string, m, 1, "times") } if string.match?(/(?:\d|#{Numbers::WORD}) times\b/o)
        each_match(string, TIMES, taken) { |m| add(found, taken, string, m, m[1].downcase == "twice" ? 2 : 3, "times") }
      end

      # "300 kg, none", "from nine to nothing": none of what was just counted.
      def none(string, taken, found)
        each_match(string, NONE, taken) do |m|
          next add(found, taken, string, m, 0, "") if string[m.end(0), 16].to_s.match?(/\A to (?:\d|#{Numbers::WORD}\b)/o)

          before = found.select { |q| q.to <= m.begin(0) }.max_by(&:to) or next
          # "2020 was nothing", whatever was told in between
          near = m.begin(0) - before.to <= 12 || string[[0, m.begin(0) - 16].max...m.begin(0)].match?(OF_THAT)
          add(found, taken, string, m, 0, before.unit) if near && !string[before.to...m.begin(0)].include?("\n")
        end
      end

      def spelled(text, taken, found)
        string = text.string
        each_match(string, SPELLED, taken) do |m|
          value = Numbers.spelled(m[0])
          rest = string[m.end(0), 60].to_s
          next if Hours.clock?(string, m, rest) || Uncounted.ordinal?(string, m) || Uncounted.name?(string, m, rest) || Idioms.in?(string, m, rest)

          half = rest[/\A and a half\b/].to_s
          value += 0.5 unless half.empty?
          tokens = text.tokens_after(m.end(0) + half.length)
          unit = Units.after(rest[half.length..], value, tokens)
          if half.empty? && Units::MEASURES.value?(unit) && (behind = rest[/\A [[:alpha:]]+ and a half\b/])
            half = behind
            value += 0.5
          end
          next if value == 1 && Uncounted.pronoun?(string, m, rest, unit, tokens)
          next if Uncounted.compound?(rest) || !told?(string, m, value, unit)

          hundredths = Units.hundredths(rest)
          value += hundredths.last / 100.0 if hundredths

          value = -value if minus?(string, m)

          unit = "GBP" if m[0].match?(/ grand\z/i)
          more = half.length + hundredths&.first.to_i
          more += printed(rest[more..], unit) if unit == "%"
          taken.fill(true, m.end(0)...(m.end(0) + more))
          add(found, taken, string, m, value, unit, m.end(0) + more)
        end
      end

      # "All three", "those two": they were told of; zero counts where it is said of what.
      def told?(string, match, value, unit)
        return Units.counted?(unit) || !Units.ratio?(unit) if value.zero?
        # "None of the three can see a screw on the floor"
        return false if value < 13 && unit.empty? && string[[0, match.begin(0) - 16].max...match.begin(0)].match?(/\b(?:none|neither|not one) of the \z/i)
        # "Only that the two climb together"
        return false if value == 2 && unit.empty? && string[[0, match.begin(0) - 12].max...match.begin(0)].match?(/\bthat the \z/i)

        !unit.empty? || value > 12 || !string[[0, match.begin(0) - 10].max...match.begin(0)].match?(/\ball \z|(?<!\bof )\bth[eo]se \z/i)
      end

      # Before the fractions, which would make one half of it.
      def dozens(text, taken, found)
        each_match(text.string, /\bhalf a dozen\b/i, taken) { |m| add(found, taken, text.string, m, 6, Units.after(text.string[m.end(0), 60], 6, text.tokens_after(m.end(0)))) }
      end
    end
  end
end
