# frozen_string_literal: true

module Peony
  module Reading
    # Four digits in a row of numbers: "Hagg: 850, Oxmere: 1200, Brack: 2300". What stands as the others do counts as they do.
    module FourDigitRows
      SLOT = /(?<label>[[:alpha:]'’-]+)(?<sep>: | – | — | - | = | \.{2,} ?| … ?| \(| )(?:(?:only|just|nearly|almost|over) )?(?<n>\d{1,3}(?:,\d{3})+(?![\d,]*\d)|\d+(?:\.\d+)?)(?=[.,;](?!\d)|[)\n]|\z| and\b|: th[oe]se\b)/
      # Lines of one name and one number: "Hagg, 850", "Oxmere; 1200", "1200 Oxmere"
      LINES = [/(?<=\A|\n)(?<label>[[:alpha:]][^\d\n]{0,38}[[:alpha:])])(?:, |; ?| )(?<n>\d[\d,]*)(?= ?[€£]?(?:\n|\z))/,
               /(?<=\A|\n)(?<n>\d[\d,]*) (?<label>[[:alpha:]][^\d\n]{0,38})(?=\n|\z)/].freeze
      # "Founded: 1911", "built 1911", "compared with 2020": what a year stands behind.
      OF_A_YEAR = /(?:\A|\s)(?:[a-z]+ed|in|since|by|until|till|from|before|after|during|of|for|with|than|against|about|around|to|between|years?|dates?|built|begun|born|lost|made|laid|first|last|
                   opening|start|end|mention|spring|summer|autumn|winter|eve|day|circa|and|or|the|#{Dates::FEASTS.keys.join('|')})\z|\b(?:founded|since|year)\b/xi
      # "Opened: 1500" among "Sent: 2040" and "Answered: 1350" is no year.
      DONE = /\A\s*[[:alpha:]]+ed\z/
      # "Page 1911", "room 1204"
      NUMBERED = /(?:\A|\s)(?:no|number|room|page|form|class|act)\z/i
      YEAR = /\A#{Dates::YEAR}\z/
      MONTH = /\A#{Dates::MONTH}\z/
      WEEKDAY = /\A(?:#{Dates::DAY}|#{Dates::SHORT_DAY})\z/
      PLURAL = /\A(?!years|dates|works|class|this|does|goes|says|gets)(?:people|children|[[:alpha:]]{2,}[^s'’]s)\z/i
      # "Visitors by month: January 1200, February 1500"
      NAMED = /\A(?!years|dates)(?:people|children|[[:alpha:]]{3,}[^s'’]s)(?: (?!and\b)[a-z]+){0,3}: /i
      # "Votes for cakes" above lines of names and numbers.
      HEAD = /(?:\A|\n)(?:votes|visitors|guests|sales|members|tickets|orders|pupils|points|views|clicks|readers|copies|loans|inhabitants|passengers|steps|bookings|donations|entries|subscribers|(?:number|count) of [a-z]+)(?: [a-z]+){0,4}:?\n/i
      OF_AGES = /\A[^\n]*\b(?:old(?:est)?|ancient|histor(?:y|ic)|founders?|founded|founding|built|buildings|born|dates?|when|since|opened|openings|years?|began)\b/i
      # "2040 saw it, 1500 clicked, 1350 paid": numbers that lead what they do.
      DOERS = /(?:\A|\n|[.;,→] |\band )(?:only |just )?(?<n>\d[\d,]*)(?= (?!and\b|to\b|or\b|in\b)[a-z]{3,})/
      Slot = Struct.new(:place, :label, :sep, :value, :sure, :sentence, keyword_init: true) do
        # "Opened: 1500", "built 1911"
        def of_a_year? = label.match?(OF_A_YEAR)
        def month? = label.match?(MONTH)
        # A year that people are likeliest to tell.
        def recent? = value.between?(1800, 2040)
        # Behind a single space only what stands in the same sentence is in the row; a month may lead to its year.
        def row = sep == " " ? [sep, sentence, month?] : [sep]
      end

      module_function

      # @param string [String]
      # @param heading [String] what stands above it
      # @return [Array<Range>] where four digits stand that count something
      def amounts(string, heading = "")
        headed = "#{heading}\n#{string}".then { |words| words.match?(HEAD) ? :counts : words[OF_AGES] && :ages }
        LINES.flat_map { |pattern| lines(string, pattern, headed) } | in_rows(string, slots(string), headed) | doers(string)
      end

      def doers(string)
        row = Moments.matches(string, DOERS).map { |m| slot(m, "", label: "") }
        row.size > 2 && fewer?(row) ? row.reject(&:sure).map(&:place) : []
      end

      # Fewer from one to the next, and not only years that people are likeliest to tell, the last of them first.
      def fewer?(row) = row.map(&:value).each_cons(2).all? { |a, b| a > b } && !row.all?(&:recent?)

      def in_rows(string, found, headed)
        return [] if found.all?(&:sure)

        ends = Moments.matches(string, /[.!?]\s|\n/).map { |m| m.begin(0) }
        at = ->(place) { ends.bsearch_index { |stop| stop >= place.begin } || ends.size }
        found.each { |s| s.sentence = at.call(s.place) }
        counted = FourDigits.places(string, FourDigits::COUNTED).group_by(&at).transform_values { |places| places.map { |place| FourDigits.value(string, place) } }
        sentences = string.split(/(?<=[.!?])\s|\n/)
        found.group_by { |s| [s.sep, s.label.downcase] }.values.flat_map { |row| one_label(row, headed) } | found.group_by(&:row).values.flat_map do |row|
          first = row[0]
          told(row, first.sep == " " && !first.month? ? counted.fetch(first.sentence, []) : [], sentences[first.sentence].to_s.match?(NAMED) ? :counts : headed)
        end
      end

      def lines(string, pattern, headed)
        row = Moments.matches(string, pattern).filter_map do |m|
          slot(m, "") unless m[:label].match?(OF_A_YEAR) || m[:label].match?(/(?:\A|\s)#{Dates::MONTH}\z/)
        end
        row.size < 2 || (headed != :counts && row.count(&:sure) < row.count(&:recent?)) ? [] : told(row, [], headed)
      end

      # @param day [Boolean] whether it could be the day of a month
      def slot(match, sep, label: match[:label], day: false)
        Slot.new(place: match.begin(:n)...match.end(:n), label: label, sep: sep, value: Numbers.digits(match[:n]), sure: !day && !match[:n].match?(YEAR))
      end

      # "Hagg: Visitors 1200 / Oxmere: Visitors 1500"
      def one_label(row, headed)
        return [] if row.size == 1

        row[0].label.match?(PLURAL) ? row.reject(&:sure).map(&:place) : told(row, [], headed)
      end

      # @param headed [Symbol, nil] what the head says they are: :counts or :ages
      def told(row, counted, headed)
        # "Founded: 1911, members: 640" has a year.
        row = row.reject(&:of_a_year?) unless row.size > 2 && row.count(&:of_a_year?) > 1 && fewer?(row)
        return row.reject(&:sure).map(&:place) if row.any?(&:of_a_year?)

        doubtful = row.reject(&:sure)
        return [] if doubtful.empty? || (row.size == 1 && counted.empty?)
        return doubtful.map(&:place) if row.size > 1 && all_count?(row, headed)

        beside_sure(row, doubtful, counted)
      end

      def all_count?(row, headed) = headed == :counts || timed?(row) || (headed != :ages && round?(row.map(&:value)))

      def beside_sure(row, doubtful, counted)
        sizes = row.select(&:sure).map(&:value) + counted
        near = doubtful.select { |s| sizes.any? { |size| size.fdiv(s.value).between?(0.16, 6) } }
        sizes.size >= doubtful.count(&:recent?) ? near.map(&:place) : []
      end

      # "Monday 1200, Tuesday 1500", "January: 1200": no year is told so.
      def timed?(row) = row.all? { |s| s.label.match?(WEEKDAY) } || (row[0].sep != " " && row.all?(&:month?))

      # "Jam 1900, honey 1450, wax 1200": years would mostly be told in their order, and not all of them be round.
      def round?(values) = values.size >= 3 && values.sort != values && values.all? { |v| (v % 10).zero? && v >= 1000 }

      def slots(string)
        Moments.matches(string, SLOT).filter_map do |m|
          lead = string[[0, m.begin(:label) - 24].max...m.end(:label)][/[^\n,;:.(]*\z/]
          next if m[:sep] == " " && lead.match?(NUMBERED)
          next if (lead.match?(OF_A_YEAR) && !lead.match?(DONE)) || (m[:sep] == " " && m[:label].match?(MONTH) && lead.match?(/\d/))

          day = m[:sep] == " " && m[:label].match?(MONTH) && m[:n].match?(/\A\d\d?\z/) && m[:n].to_i <= 31
          slot(m, m[:sep], day: day)
        end
      end
    end
  end
end
