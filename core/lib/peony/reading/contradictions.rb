# frozen_string_literal: true

module Peony
  module Reading
    # Numbers of one passage that cannot all be right. Rounding, and what is said to be about so much, is no contradiction.
    module Contradictions
      # +right+ is the number that would be right, as a {Derived}.
      Found = Struct.new(:message, :working, :from, :to, :right, keyword_init: true)

      LINK = /(?:\bso\b|\bthat is\b|\bwhich (?:is|means|makes|comes to|\w+ \w+ calls)\b|\bin other words\b|\bor\b|\bi\.e\.|\bby\b|\ban? (?:cut|rise|fall|drop|saving|growth|gain|loss|increase|decrease) of\b|\bup\b|\bdown\b|\bcalls?\b|\bless\b|\bmore\b|\bthat['’]s\b)/i
      NOUNS = %w[steps things rules reasons ways points tips parts stages items questions ideas tasks jobs promises causes].join("|").freeze
      ANNOUNCED = /\b(#{Numbers::WORD}|\d{1,2})\b (?:[a-z]+ )?(#{NOUNS})\b/
      # Says that what follows is the last of it.
      LEFT = /\b(?:that leaves|leaves only|what is left|the rest|the remaining|of (?:those|these|them))\b/
      WHOLE = /\b(?:all|total|in all|whole|overall|altogether|where .+ (?:came|went|go|goes) |share|split|make up|came from|divided|how people|what .+ (?:do|spend)|each pound|voted)\b/

      extend SaidTwice

      module_function

      # @param text [Reading::Text]
      # @param findings [Array<Finding>]
      # @return [Array<Found>]
      def of(text, findings)
        all = [shares(text, findings), announced(text), *totals(text), *changes(text), *fractions(text), *rates(text), *said_twice(text)]
        all.compact.uniq { |found| [found.from, found.to] }
      end

      # Shares that are read as something else first must be this likely to be parts of one whole: people may give several answers.
      OF_ONE_WHOLE = 0.25

      # Shares of one whole that make more than 100 %, or clearly less although they are said to be all.
      def shares(text, findings)
        # "With 20 characters 41 per cent, with 35 33": shares at several points are no parts of one whole.
        return nil if findings.any? && %w[relation trend].include?(findings.first.family)

        finding = of_one_whole(findings.reject { |f| f.reason.to_s.end_with?(Plainly::FAR) })
        values = finding&.items&.map(&:value)
        return nil if values.nil? || values.size < 3 || finding.items.any? { |i| i.unit != "%" || i.value.nil? }

        sum = Arithmetic.off_whole(values)
        return nil if sum.nil? || (sum < 100 && !text.all_words.match?(WHOLE))

        spans = finding.items.flat_map(&:spans)
        Found.new(message: "These shares make #{Arithmetic.show(sum)} %.", working: "#{values.map { |v| Arithmetic.show(v) }.join(' + ')} = #{Arithmetic.show(sum)}",
                  from: spans.map(&:from).min, to: spans.map(&:to).max)
      end

      def of_one_whole(findings) = findings.find { |f| f.family == "parts" && (f.equal?(findings.first) || f.fit >= OF_ONE_WHOLE) }

      # "five steps:" and then four.
      def announced(text)
        lead = text.sentences.find { |s| s.text.match?(/:\s*\z/) } || (text.passage.heading && Span.new(text.passage.heading, 0, 0))
        listed = text.outer.size
        return nil if lead.nil? || listed < 2

        match = lead.text.downcase.match(ANNOUNCED)
        said = match && Numbers.count(match[1])
        # "Two ideas compared" above a table: they are its columns.
        # "Two ways to the island", and below two heads three entries each.
        return nil if said.nil? || [listed, text.stretches.count { |s| s.block.heading? }, text.tree.size].include?(said) || Crossed.table(text, text.tree)&.last&.size == said

        not_so_many(said, listed, lead, match[2])
      end

      # @param given [Integer] how many there are
      # @param span [Span] where it is told how many there should be
      def not_so_many(said, given, span, noun = "")
        Found.new(message: "#{[said, noun].join(' ').strip} are announced, #{given} are given.", working: "#{said} ≠ #{given}", from: span.from, to: span.to,
                  right: Derived.new(value: given, unit: noun, working: "counted", from: span.from, to: span.to))
      end

      # "Altogether we have set 45,000 aside": what may be spent need not be.
      def set_aside?(text, quantity)
        sentence = text.sentence_of(quantity)
        sentence && sentence.text.match?(/\b(?:set|put|laid)\b.*\b(?:aside|by)\b|\b(?:saved|granted|budget)\b/i)
      end

      # "Of the 60 houses 34 have solar panels and 21 heat pumps; 12 have the two together": those are in both of the others.
      def in_both?(total) = total.parts.size == 3 && total.parts.last.sentence.text[(total.parts.last.span.from - total.parts.last.sentence.from)..].match?(Finders::Overlap::COUNTED)

      # A total that its parts do not make.
      def totals(text)
        text.totals.reject(&:exact?).select { |t| t.parts.size >= 2 && whole?(text, t) && !in_both?(t) }.map do |t|
          all = [t.whole, *t.parts].map(&:quantity)
          no_total(t.parts.map(&:value), t.whole, all.map(&:from).min, all.map(&:to).max, sum: t.sum)
        end
      end

      # @param values [Array<Numeric>] the parts
      # @param whole [#value, #unit]
      def no_total(values, whole, from, to, sum: values.sum)
        working = "#{values.map { |v| Arithmetic.show(v) }.join(' + ')} = #{Arithmetic.show(sum)}"
        Found.new(message: "The parts make #{Arithmetic.show(sum)}, not #{Arithmetic.show(whole.value)}.", working: working, from: from, to: to,
                  right: Derived.new(value: Numbers.plain(sum), unit: whole.unit, working: working, from: from, to: to))
      end

      # Whether the parts are said to be all there is; where they make more than the whole, it is enough that they are said to be of it.
      def whole?(text, total)
        return false if total.sum < total.whole.value && set_aside?(text, total.whole.quantity)
        return true if text.all_words.match?(WHOLE) || text.all_words.match?(LEFT) || total.whole.quantity.from == total.whole.quantity.to
        return false if total.sum < total.whole.value

        quantity = total.whole.quantity
        text.before(quantity, 16).match?(/\bof (?:the |our |these |those )?(?:about )?[£€$]?\z/i) || text.string[quantity.to, 40].to_s.match?(/\A[^.!?]*:/)
      end

      # "from 40 to 50, up 20 %": a change that its two values do not give.
      def changes(text)
        text.changes.filter_map do |pair|
          one, two = Scales.common(pair.one, pair.two)
          next if one.unit == "%" || one.value.zero?

          said = stated(text, pair)
          right = (100.0 * (two.value - one.value) / one.value).abs
          next if said.nil? || close?(said.value.abs, right, said) || close?(said.value.abs, 100.0 * two.value / one.value, said) || (said.value - (two.value - one.value).abs).abs < 0.5

          working = "(#{Arithmetic.show(two.value)} − #{Arithmetic.show(one.value)}) ÷ #{Arithmetic.show(one.value)}"
          Found.new(message: "From #{Arithmetic.show(one.value)} to #{Arithmetic.show(two.value)} is #{Arithmetic.show(right.round(1))} %, not #{Arithmetic.show(said.value)} %.",
                    working: working,
                    from: [one.from, two.from, said.from].min, to: [one.to, two.to, said.to].max, right: Arithmetic.derive(right, "%", working, one, two))
        end
      end

      # The percentage that a pair of values is said to differ by: close behind it, or just before "from".
      def stated(text, pair)
        ending = [pair.one.to, pair.two.to].max
        text.quantities.find do |q|
          next false unless q.unit == "%"

          gap = text.string[ending...q.from].to_s
          (q.from > ending && gap.length < 90 && gap.scan(/[.!?]\s/).size <= 1 && (gap.match?(LINK) || so_much_more?(text, gap, q)) && !gap.match?(/\d/) && same?(gap)) ||
            (q.to < pair.one.from && pair.one.from - q.to < 30 && text.string[q.to...pair.one.from].match?(/\A[^.;\n]*\bfrom\b/))
        end
      end

      # "1,240 members, up from 1,085 a year ago: 20 % more."
      def so_much_more?(text, gap, share) = gap.match?(/[,:;–—]\s\z/) && text.string[share.to, 16].to_s.match?(/\A (?:more|fewer|less|higher|lower)\b(?! than)/)

      # A percentage of the next sentence is that change only where the sentence goes on about it: "That is 70 %", not "Coughs fell by a third".
      def same?(gap) = (own = gap[/[.!?]\s+(.*)\z/m, 1]).nil? || own.match?(GOES_ON)

      GOES_ON = /\A(?:(?:that|this|it|which|an?|the (?:change|drop|rise|fall|saving|difference|increase|decrease|growth)|in other words|or|so|by|down|up|thus|we|they|i)\b|\W*\z)/i

      # "29 passed, so half of those who came": a share that no two of the counts give.
      def fractions(text)
        counts = text.quantities.select { |q| q.unit != "%" && !HandedOn::TIME.include?(q.unit) && q.value.positive? }
        text.quantities.select { |q| q.unit == "%" }.filter_map do |said|
          before = counts.select { |q| q.to <= said.from }
          gap = before.last && text.string[before.last.to...said.from]
          next unless before.size >= 2 && gap.length < 70 && gap.match?(/\b(?:so|which|that is|in other words|calls?|or|just over|exactly)\b/i) && text.sentence_of(before.last, said)
          next if text.changes.any? { |p| [p.one, p.two].include?(before.last) && p.one.unit == p.two.unit && text.string[p.one.from - 6, 6].to_s.match?(/from/) }

          fraction(text, said, before)
        end
      end

      # The last count is the part, or the one before it where the last is its whole ("thirty of the forty beds").
      def fraction(text, said, before)
        part = before.last
        # "€1.9 million, of which the city paid 60 %": a share of that.
        return nil if text.string[part.to...said.from].match?(/\bof (?:which|whom|this|that|it)\b/)

        # Seats are no share of euros.
        before = before.select { |q| Units.kind(q.unit) == Units.kind(part.unit) }
        return nil if before.size < 2

        wholes = before[0..-2].select { |q| q.value > part.value }
        if wholes.empty? && before[-2].value < part.value
          wholes = [part]
          part = before[-2]
        end
        return nil if wholes.empty?

        tail = text.string[said.to, 60].to_s
        named = wholes.select { |q| named?(text, q, tail) }
        tried = named.any? ? named : wholes
        return nil if tried.any? { |w| [100.0 * part.value / w.value, 100 - (100.0 * part.value / w.value)].any? { |s| close?(said.value, s, said) } }

        right = Arithmetic.share(part, named.first || wholes.first)
        whole = named.first || wholes.first
        Found.new(message: "#{Arithmetic.show(part.value)} of #{Arithmetic.show(whole.value)} is #{Arithmetic.show(right.value)} %, not #{Arithmetic.show(said.value)} %.", working: right.working,
                  from: part.from, to: said.to, right: right)
      end

      # Whether the words after the share speak of this count ("of the people who came").
      def named?(text, quantity, tail)
        near = text.string[quantity.from, 60].to_s.downcase.scan(/[[:alpha:]]{4,}/)
        near.intersect?(tail.downcase.scan(/[[:alpha:]]{4,}/))
      end

      EACH = /\b(?:each|a time|every time|apiece|per|on average|a (?:day|week|month|night|year|session|person|head|piece|saturday|sunday|visit|trip|box|table|class|team|page|shift))\b/i

      # "46 Saturdays, or about seventy bags each time": one number by another is not the third.
      def rates(text)
        text.sentences.flat_map do |sentence|
          list = text.quantities_in(sentence).reject { |q| q.unit == "%" }
          list.each_cons(3).filter_map do |a, b, c|
            gap = text.string[b.to...c.from]
            unless text.string[c.from, c.to - c.from + 28].to_s.split(/[.;!?]/).first.to_s.match?(EACH) &&
                   gap.match?(/\b(?:or|which (?:is|comes|makes)|so|that is|about|in other words|an average)\b/i) && gap.length < 60
              next
            end

            rate(a, b, c)
          end
        end
      end

      def rate(one, two, said)
        many, few = [one, two].sort_by { |q| -q.value }
        return nil if few.value.zero? || many.unit == few.unit

        right = many.value.to_f / few.value
        tolerance = said.approximate || said.text.match?(/[a-z]/) ? 0.12 : 0.04
        return nil if (said.value - right).abs <= right * tolerance || (said.value - (few.value.to_f / many.value)).abs < 0.01

        working = "#{Arithmetic.show(many.value)} ÷ #{Arithmetic.show(few.value)}"
        made = Arithmetic.derive(right, said.unit.empty? ? many.unit : said.unit, working, one, two)
        Found.new(message: "#{Arithmetic.show(many.value)} over #{Arithmetic.show(few.value)} is #{Arithmetic.show(made.value)} each, not #{Arithmetic.show(said.value)}.", working: working,
                  from: one.from, to: said.to, right: made)
      end

      # A third may stand for 32 or 35 %, "18 %" for 18.4 %, "about 20 %" for 22 %.
      def close?(said, right, quantity)
        tolerance = quantity.approximate ? [3.0, right * 0.12].max : [1.0, right * 0.04].max
        tolerance = [tolerance, 2.6].max if quantity.text.match?(/[[:alpha:]]/)
        (said - right).abs <= tolerance
      end
    end
  end
end
