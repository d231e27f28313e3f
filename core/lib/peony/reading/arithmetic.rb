# frozen_string_literal: true

module Peony
  module Reading
    # What follows from the numbers and is worth showing, with its working; and what contradicts itself.
    module Arithmetic
      CHANGE = /\b(?:from|was|were)\s+(?:about |around |only )?\z/
      IN = /\A\s*(?:in|out of|of every|in every|of)\s+(?:every\s+)?\z/
      WHOLE = /\b(?:all|total|in all|whole|overall|altogether|where .+ (?:came|went|go|goes) |share|split|make up|came from|divided)\b/
      SUM = 1.5

      module_function

      # @return [Array<Derived>]
      def derived(text, findings)
        [*ratios(text), *changes(text), *remainder(text, findings), *goals(text)].uniq { |d| [d.value, d.unit] }
      end

      # @return [Array<Query>]
      def queries(text, findings)
        [shares(text, findings), announced(text, findings), total(text), *stated(text)].compact
      end

      def ratios(text)
        pairs(text).filter_map do |a, b, between|
          next unless between.match?(IN) && b.value > a.value && a.value.positive? && (between.match?(/in|every|out/) || false)

          Derived.new(value: round(100.0 * a.value / b.value), unit: "%", working: "#{show(a.value)} ÷ #{show(b.value)}", from: a.from, to: b.to)
        end
      end

      def changes(text)
        change_pairs(text).flat_map do |a, b|
          percent = 100.0 * (b.value - a.value) / a.value
          [Derived.new(value: round(percent.abs), unit: "%", working: "(#{show(b.value)} − #{show(a.value)}) ÷ #{show(a.value)}", from: a.from, to: b.to),
           Derived.new(value: round((b.value - a.value).abs), unit: b.unit, working: "#{show(b.value)} − #{show(a.value)}", from: a.from, to: b.to)]
        end
      end

      def change_pairs(text)
        pairs(text).filter_map do |a, b, between|
          before = text.string[[0, a.from - 12].max...a.from]
          next unless between.match?(/\A[^.;\n]{0,24}\bto\b(?: about| around| nearly)?\s*[£€$]?\z/) && (a.unit == b.unit || a.unit.empty? || b.unit.empty?)
          next unless before.match?(CHANGE) || text.string[[0,
                                                            a.from - 60].max...a.from].match?(/\b(?:rose|fell|grew|dropped|increased|climbed|cut|went|down|up)\b/)

          [a, b] unless a.value.zero? || a.value == b.value
        end
      end

      def remainder(text, findings)
        shares = part_values(findings)
        return [] if shares.nil?

        sum = shares.sum
        return [] unless sum.between?(20, 98)

        working = "100 − #{shares.map { |v| show(v) }.join(' − ')}"
        [Derived.new(value: round(100 - sum), unit: "%", working: working, from: 0, to: text.string.length)]
      end

      def goals(text)
        return [] unless text.all_words.match?(/\b(?:goal|target|of the .{0,20}needed|raised|appeal|will cost|places)\b/)

        money = text.quantities.select { |q| q.unit != "%" && q.unit != "" && q.value.positive? }
        money.group_by(&:unit).values.select { |list| list.size == 2 }.flat_map do |list|
          low, high = list.minmax_by(&:value)
          [Derived.new(value: round(100.0 * low.value / high.value), unit: "%", working: "#{show(low.value)} ÷ #{show(high.value)}", from: low.from, to: low.to),
           Derived.new(value: round(high.value - low.value), unit: high.unit, working: "#{show(high.value)} − #{show(low.value)}", from: low.from,
                       to: low.to)]
        end
      end

      # Shares of one whole that make more than 100 %, or clearly less although they are said to be all.
      def shares(text, findings)
        values = part_values(findings)
        return nil if values.nil? || values.size < 3

        sum = off_whole(values)
        return nil if sum.nil? || (sum < 100 && !text.frame.match?(WHOLE))

        finding = findings.find { |f| f.family == "parts" }
        spans = finding.items.flat_map(&:spans)
        working = "#{values.map { |v| show(v) }.join(' + ')} = #{show(sum)}"
        Query.new(kind: "mismatch", message: "These shares make #{show(sum)} %.", working: working, from: spans.map(&:from).min,
                  to: spans.map(&:to).max)
      end

      # @param values [Array<Numeric>] shares in per cent
      # @return [Numeric, nil] their sum where it is not 100 by more than rounding explains; below 90 they are not meant to be all
      def off_whole(values)
        sum = values.sum
        sum.round(2) unless (sum - 100).abs <= [values.size * 0.5, SUM].max || sum <= 90
      end

      def part_values(findings)
        finding = findings.find { |f| f.family == "parts" }
        values = finding&.items&.map(&:value)
        values if values && finding.items.all? { |i| i.unit == "%" && i.value } && finding.fit >= 0.5
      end

      # "five steps:" and then four.
      def announced(text, _findings)
        lead = text.sentences.find { |s| s.text.match?(/:\s*\z/) } || (text.passage.heading && Span.new(text: text.passage.heading, from: 0, to: 0))
        listed = text.outer.size
        return nil if lead.nil? || listed < 2

        match = lead.text.downcase.match(/\b(#{Numbers::WORD}|\d{1,2})\b (?:[a-z]+ )?(steps|things|rules|reasons|ways|points|tips|parts|stages|items|questions|ideas|tasks|jobs)\b/)
        said = match && (match[1].match?(/\d/) ? match[1].to_i : Numbers.spelled(match[1]))
        return nil if said.nil? || said == listed

        Query.new(kind: "mismatch", message: "#{said} #{match[2]} are announced, #{listed} are given.", working: "#{said} ≠ #{listed}",
                  from: lead.from, to: lead.to)
      end

      # A total that its parts do not make: "Of 120 visitors, 60 …, 40 … and 30 …"
      def total(text)
        text.sentences.filter_map do |sentence|
          list = text.quantities_in(sentence).reject { |q| q.unit == "%" }
          head = list.first
          next unless head && list.size >= 3 && sentence.text.match?(/\A(?:of|out of) (?:the |our |all |its )*#{Regexp.escape(head.text)}/i)

          parts = list.drop(1).select { |q| q.value < head.value && (q.unit.empty? || q.unit == head.unit) }
          sum = parts.sum(&:value)
          next unless parts.size >= 2 && (sum > head.value * 1.005 || (sum < head.value * 0.995 && sentence.text.match?(/\band the rest|\bthe others\b/).nil? && sum > head.value * 0.9))

          Query.new(kind: "mismatch", message: "The parts make #{show(sum)}, not #{show(head.value)}.",
                    working: "#{parts.map { |q| show(q.value) }.join(' + ')} = #{show(sum)}", from: sentence.from, to: sentence.to)
        end.first
      end

      # "rose from 40 to 50, up 20 %"
      def stated(text)
        change_pairs(text).filter_map do |a, b|
          next if a.unit == "%"

          said = text.quantities.find { |q| q.unit == "%" && q.from > b.to && q.from - b.to < 50 && !text.string[b.to...q.from].match?(/[.;\n]/) } ||
                 text.quantities.find do |q|
                   q.unit == "%" && q.to < a.from && a.from - q.to < 30 && text.string[q.to...a.from].match?(/\A[^.;\n]*\bfrom\b/)
                 end
          right = (100.0 * (b.value - a.value) / a.value).abs
          next if said.nil? || (said.value.abs - right).abs <= [1.0, right * 0.04].max

          Query.new(kind: "mismatch", message: "From #{show(a.value)} to #{show(b.value)} is #{show(round(right))} %, not #{show(said.value)} %.",
                    working: "(#{show(b.value)} − #{show(a.value)}) ÷ #{show(a.value)}", from: [a.from, said.from].min, to: [b.to, said.to].max)
        end
      end

      def pairs(text) = text.quantities.each_cons(2).map { |a, b| [a, b, text.string[a.to...b.from].to_s] }

      def round(value) = Numbers.plain(value.round(1))

      # @return [String] a number as people write it
      def show(value)
        plain = Numbers.plain(value.round(2))
        whole, part = plain.to_s.split(".")
        whole = whole.gsub(/(\d)(?=(\d{3})+\z)/, '\1,')
        [whole.sub("-", "−"), part].compact.join(".")
      end
    end
  end
end
