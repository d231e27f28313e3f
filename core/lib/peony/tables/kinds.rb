# frozen_string_literal: true

module Peony
  module Tables
    # What a column holds, told from its cells and its name.
    module Kinds
      ALL = %w[text category number percent money date month quarter year boolean place].freeze
      TRUTH = { "yes" => true, "no" => false, "true" => true, "false" => false, "y" => true, "n" => false, "ja" => true, "nein" => false, "oui" => true, "non" => false, "sí" => true,
                "si" => true, "x" => true, "✓" => true, "✗" => false, "on" => true, "off" => false, "wahr" => true, "falsch" => false }.freeze
      MOST = 0.85
      SAMPLE = 300
      MONEY = /[£€$¥₹]|\b(?:EUR|GBP|USD|CHF|pounds|euros?|dollars)\b/i
      PERCENT = /%|\bper ?cent\b|\bprozent\b/i
      SHARE = /\bshare\b|\banteil\b/i

      module_function

      # @param name [String]
      # @param texts [Array<String>] the cells, stripped
      # @param mark [String] the decimal mark of the table
      # @param kind [String, nil] as a person says it is
      # @param decimals [Integer, nil] as a person wants them shown
      # @param whole [String] the same cells, each ended with a line end
      # @return [Column]
      def column(name, texts, mark, whole: Numerals.lines(texts), index: 0, rows: texts.size, kind: nil, unit: nil, decimals: nil)
        sample = pick(texts)
        american = Calendar.american?(sample)
        mark = Numerals.mark_of(sample.grep(/\d/), mark)
        kind ||= kind_of(name, sample, mark, american, rows)
        read = values(kind, texts, whole, mark, american)
        example = numbers(sample.first(40), mark)
        Column.new(name: name, kind: kind, unit: unit || unit_of(name, example), currency: currency(name, example), values: read, texts: texts, index: index,
                   decimals: decimals || places(kind, example))
      end

      # As most cells have them; of two as common the more.
      def places(kind, example)
        Column::NUMBERS.include?(kind) ? example.map(&:decimals).tally.max_by { |d, n| [n, d] }&.first.to_i : 0
      end

      def pick(texts)
        filled = texts.size > SAMPLE * 4 ? (0...(SAMPLE * 2)).map { |i| texts[i * texts.size / (SAMPLE * 2)] } : texts
        filled.reject { |t| Numerals.empty?(t) }.first(SAMPLE)
      end

      def kind_of(name, sample, mark, american, rows)
        return "text" if sample.empty?
        return "boolean" if sample.all? { |t| TRUTH.key?(t.downcase) } && sample.map(&:downcase).uniq.size <= 2
        return "year" if years?(name, sample)

        numbers = numbers(sample, mark)
        time_kind(sample, american, numbers) || (numbers.size >= sample.size * MOST ? number_kind(name, numbers) : words_kind(sample, rows))
      end

      # "3 Jan" is a day of no year: it names a row and counts nothing.
      def numbers(sample, mark) = sample.filter_map { |t| Numerals.read(t, mark) }.reject { |n| n.unit && Calendar::NAMES.key?(n.unit.downcase.delete(".")) }

      # The kind of time most cells are of; numbers that could be years or days stay numbers.
      def time_kind(sample, american, numbers)
        time = sample.filter_map { |t| Calendar.read(t, american: american)&.kind }
        kind, often = time.tally.max_by(&:last)
        return nil if kind.nil? || kind == "year" || time.size < sample.size * MOST
        return kind if numbers.size < sample.size * MOST

        kind == "date" && often >= sample.size * MOST && sample.none? { |t| t.match?(/\A\d+([.,]\d+)?\z/) && t.size != 8 } ? kind : nil
      end

      def years?(name, sample)
        return false unless sample.all? { |t| t.match?(/\A(?:1[5-9]|20)\d\d\z/) }

        numbers = sample.map(&:to_i)
        name.match?(/\b(?:year|jahr|season|since|founded|built|année|año|anno)\b/i) || (numbers.each_cons(2).all? { |a, b| (b - a).abs == 1 } && numbers.size > 2)
      end

      def number_kind(name, numbers)
        return "percent" if numbers.count(&:percent) > numbers.size / 2
        return "money" if numbers.count(&:currency) > numbers.size / 2 || name.match?(MONEY)
        return "percent" if (name.match?(PERCENT) || name.match?(SHARE)) && numbers.all? { |n| n.value.abs <= 1000 }

        "number"
      end

      def words_kind(sample, rows)
        distinct = sample.uniq
        return "place" if distinct.size > 1 && distinct.count { |t| Places.code(t) } >= distinct.size * MOST && distinct.none? { |t| t.size > 50 }
        return "category" if distinct.size <= [sample.size * 0.5, 60].min
        return "category" if rows <= 30 && distinct.all? { |t| t.size <= 60 }

        "text"
      end

      def values(kind, texts, whole, mark, american)
        case kind
        when "number", "percent", "money" then Numerals.column(texts, mark, whole)
        when "date", "month", "quarter", "year" then periods(texts, american)
        when "boolean" then texts.map { |t| TRUTH[t.downcase] }
        when "category", "place" then few(texts)
        else
          return texts unless Numerals.blanks?(whole)

          texts.map { |t| t unless Numerals.empty?(t) }
        end
      end

      # Words that come again are one and the same string, so that rows are told apart by it without reading its letters.
      def few(texts)
        known = Hash.new { |all, text| all[text] = (text unless Numerals.empty?(text)) }
        texts.map { |text| known[text] }
      end

      def periods(texts, american)
        known = Hash.new { |all, text| all[text] = Calendar.read(text, american: american) }
        Calendar.in_turn(texts.map { |text| known[text] })
      end

      # "(l)", "[kWh]", ", kg" at the end of a name, else what stands behind the numbers.
      def unit_of(name, numbers)
        inside = name[/[(\[]([^)\]]{1,16})[)\]]\s*\z/, 1]
        return inside if inside && !inside.match?(/\d\s?-\s?\d|\Aof /)

        numbers.map(&:unit).compact.tally.max_by(&:last)&.then { |unit, n| unit if n > numbers.size / 2 }
      end

      def currency(name, numbers)
        numbers.map(&:currency).compact.tally.max_by(&:last)&.first || Numerals::CURRENCIES[name[Numerals::CURRENCY].to_s]
      end
    end
  end
end
