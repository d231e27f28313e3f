# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # One in so many, a rate, or how far one has come towards a goal.
      class Ratio < Finder
        family "ratio"

        def find
          items = Ratios.of(text).map { |r| ratio(r) }
          return nil if items.empty? || items.size > 6

          finding(0.5 + (cue?(:one_in) ? 0.3 : 0) + (cue?(:goal) ? 0.2 : 0), reason(items), items)
        end

        private

        def ratio(found)
          part, whole = found.part, found.whole
          span = text.sentences.find { |s| s.from <= part.from && whole.to <= s.to } || text.span([part.from, whole.from].min, [part.to, whole.to].max)
          title, = Titles.of(name(span, part, whole))
          Item.new(title: title, detail: span.text.strip.chomp("."), spans: [span], value: (100.0 * part.value / whole.value).round(1).then { |v| Numbers.plain(v) }, unit: "%",
                   date: "#{Arithmetic.show(part.value)} #{found.goal ? 'of' : 'in'} #{Arithmetic.show(whole.value)}", children: [], aspects: [])
        end

        # What the ratio is of: the words after it, else those before.
        def name(span, part, whole)
          tail = span.text[([part.to, whole.to].max - span.from)..].to_s.sub(/\A[\s,:–—-]+/, "").sub(/[.!?]+\z/, "")
          tail.split.size >= 2 ? tail : span.text.chomp(".")
        end

        def reason(items) = items.size == 1 ? "one share: #{items.first.date}" : "#{count(items.size, 'share')} of something larger"
      end
    end
  end
end
