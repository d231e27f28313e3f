# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # One quantity over several points in time.
      class Trend < Finder
        family "trend"

        # Time that is told without a date.
        LATER = /\b(?:(?:a|one|two|three|ten|five|\d+) (?:years?|decades?|weeks?|months?|days?|seasons?) (?:on|later|after|ago)|(?:the )?(?:year|week|month|day|spring|summer|season|following \w+|next \w+) (?:after|before|later)|a decade later|the following \w+(?:['’]s)?|that (?:year|spring|summer)|last (?:year|week|month|summer|\w+day|reading|christmas)|this (?:year|spring)|week \w+|(?:first|second|third|fourth|fifth|sixth|last) (?:week|year|month)|when the count began|then|at (?:easter|christmas)|as i write|today|now|year after|the turn of the century|the \w+ year)\b/i

        def find
          points = Ladder.of(text).filter_map { |m| point(m) }
          return nil if points.size < 3

          dated = points.count(&:sort).to_f / points.size
          sorts = points.filter_map(&:sort)
          rising = sorts.size < 2 ? 1.0 : sorts.each_cons(2).count { |a, b| a < b }.to_f / (sorts.size - 1)
          finding((0.3 + (0.5 * dated)) * rising + (cue?(:rose_fell, :over_time) ? 0.2 : 0), "one quantity at #{count(points.size, 'point')} in time", points)
        end

        private

        def point(measure)
          row = nodes.size >= 2 && nodes.find { |n| n.span.from <= measure.quantity.from && measure.quantity.to <= n.span.to }
          span = row ? row.span : near(measure)
          moment = closest(text.dates_in(span), measure)
          label = moment&.text || span.text[LATER]
          return nil unless label || (row && span.text.match?(/\A(?:Q\d|week|day|month|term|year)/i))

          label ||= span.text[/\A\S+(?: \d+)?/].delete(":")
          Item.new(title: Titles.capital(label.sub(/\A(?:in|on|by|since|from|until|during|every)\s+/i, "")), detail: span.text.strip.chomp("."), spans: [span], value: measure.value, unit: measure.unit,
                   date: moment&.text&.sub(/\A(?:in|on|by|since|from|until|during|every)\s+/i, ""), sort: moment&.sort, children: [], aspects: [])
        end

        def closest(dates, measure) = dates.min_by { |d| [(d.from - measure.quantity.to).abs, (measure.quantity.from - d.to).abs].min }

        # The clause of the number, or its sentence where it holds no other number.
        def near(measure)
          return measure.span if text.dates_in(measure.span).any? || measure.span.text.match?(LATER)

          others = text.measures.count { |m| m.sentence == measure.sentence && m.unit == measure.unit }
          others > 1 ? measure.span : measure.sentence
        end
      end
    end
  end
end
