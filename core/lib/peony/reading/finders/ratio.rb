# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # One in so many, a rate, or how far one has come towards a goal.
      class Ratio < Finder
        family "ratio"

        ONLY_SO_FAR = /\A(?:as of |so far|until now|by now|today|now|at the moment|it['’]s|we['’]re|we are|we have|are (?:gone|sold|in|here|taken))\b/i

        # "The roof | will cost 48,000. The thermometer stands at 31,000": what the goal is for.
        COSTS = /\A(?:the |our |an? )?(?<what>(?!(?:it|they|we|this|that)\b)[^,;:.\d]{3,32}?)(?:, (?:which|that) [^,;:.\d]{3,60},)? (?:(?:will|would|is to|was to|must) (?:cost|need|take)|costs|needs|(?:have|has|are|is) [^,;:.\d]{3,24}, for which)\b/i

        def find
          # "18 of 144 write with the left hand. That is one in eight": said twice, shown once.
          items = Ratios.of(text).uniq { |r| (r.part.value.to_f / r.whole.value).round(3) }.map { |r| ratio(r) }
          return nil if items.empty? || items.size > 6

          finding(0.5 + (cue?(:one_in) ? 0.3 : 0) + (cue?(:goal) ? 0.2 : 0), reason(items), items)
        end

        # A share in per cent, or a count and a larger one of the same, where all of the words speak of one in so many.
        def closer
          list = text.measures
          shares = list.select { |m| m.unit == "%" && m.value.between?(0, 100) }
          return finding(Plainly::STRENGTH, "a share of a whole", shares.map { |m| item(m.span, value: m.value, unit: "%") }) if shares.size.between?(1, 3)

          part, whole = list.map(&:quantity).first(2).sort_by(&:value) if list.size.between?(2, 4)
          return nil unless whole && part.value.positive? && part.value < whole.value && (part.unit == whole.unit || [part, whole].any? { |q| !q.said })

          finding(Plainly::STRENGTH, "one share of something larger", [ratio(Ratios::Ratio.new(part: part, whole: whole, goal: false))])
        end

        private

        def ratio(found)
          part = found.part
          whole = found.whole
          spans = spans(part, whole)
          held = found.goal && spans.find { |s| s.from <= whole.from && whole.to <= s.to }
          costs = held && held.text[COSTS, :what]
          span = own(spans.find { |s| s.from <= part.from && part.to <= s.to } || spans.first, part, whole)
          title = costs || title(span, part, whole)
          # "As of today it's 640", of 1,000 trees
          title = whole.unit if found.goal && title.match?(ONLY_SO_FAR) && Units.counted?(whole.unit)
          Item.new(title: Titles.capital(title.sub(Titles::HANGING, "")), detail: spans.map { |s| s.text.strip }.join(" ").chomp("."), spans: spans,
                   value: (100.0 * part.value / whole.value).round(1).then { |v| Numbers.plain(v) }, unit: "%",
                   date: "#{Arithmetic.show(part.value)} #{found.goal ? 'of' : 'in'} #{Arithmetic.show(whole.value)}", children: [], aspects: [])
        end

        # "Of lamps it was nine in ten, | of phones one in four": where a sentence tells several, what tells this one.
        def own(span, part, whole)
          held = [part, whole].minmax_by(&:from).map { |q| text.measures.find { |m| m.quantity.equal?(q) && m.sentence.from <= span.from && span.to <= m.sentence.to } }
          return span if held.any?(&:nil?) || text.quantities_in(span).size < 4

          text.span(held.first.span.from, held.last.span.to)
        end

        # The sentences or entries that hold the two numbers; a very short one with the one before it.
        def spans(part, whole)
          units = nodes.size >= 2 ? nodes.map(&:span) + text.sentences : text.sentences
          held = [part, whole].filter_map { |q| units.find { |s| s.from <= q.from && q.to <= s.to && s.to > s.from } }.uniq
          at = text.sentences.index(held.first)
          held.unshift(text.sentences[at - 1]) if held.size == 1 && held.first.text.split.size <= 6 && at&.positive?
          held.any? ? held.sort_by(&:from) : [text.span([part.from, whole.from].min, [part.to, whole.to].max)]
        end

        # "One in five | children in Port Maren comes to school": without the number that stands in words.
        def title(span, part, whole)
          told = name(span, part, whole)
          at = span.text.index(told)
          after = at && text.span(span.from + at, span.from + at + told.length)
          return named(span, part, told).first unless after && after.from >= whole.to

          who(after) || named(after, part, told).first
        end

        # "people who buy a programme | now leave their change": up to what is said of them.
        def who(span)
          tokens = text.tokens_in(span)
          verbs = tokens.each_index.select { |i| tokens[i].finite? || tokens[i].tag == "vb" }
          verb = tokens[1]&.low.to_s.match?(/\A(?:who|that)\z/) ? verbs[1] : verbs[0]
          words = tokens.first(verb.to_i).reverse.drop_while { |t| t.tag.start_with?("rb", "md", "prp") }.reverse
          text.string[words.first.from...words.last.to] if words.size.between?(2, 6) && words.all?(&:word?) && words.first.noun?
        end

        # What the ratio is of: the words after it, else those before.
        def name(span, part, whole)
          # "Of every eight bicycles at the station, one is gone": what there are eight of.
          between = whole.from < part.from && whole.from >= span.from ? text.string[whole.to...part.from].strip.sub(/[\s,:–—-]+\z/, "") : ""
          return between if between.match?(/[[:alpha:]]{3}/) && !between.match?(/[.;!?]/)

          ending = [part, whole].select { |q| q.from >= span.from && q.to <= span.to }.map(&:to).max || span.from
          tail = span.text[(ending - span.from)..].to_s.sub(/\A[\s,:–—-]+/, "").sub(/[.!?]+\z/, "")
          tail.split.size >= 2 && !tail.match?(/\A(?:and|but|or)\b/) ? tail : span.text.chomp(".")
        end

        def reason(items) = items.size == 1 ? "one share: #{items.first.date}" : "#{count(items.size, 'share')} of something larger"
      end
    end
  end
end
