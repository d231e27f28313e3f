# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Events tied to dates, periods or clock times.
      class Timeline < Finder
        family "timeline"

        AGE = /\A(?<age>(?:after |at |day |week |month |year )?\d+(?: (?<unit>hour|day|week|month|year)s?)?(?: old)?)\s*[:–—]\s*(?<words>\S.*)\z/im
        DAYS = { "hour" => 1 / 24.0, "day" => 1, "week" => 7, "month" => 30.4, "year" => 365 }.freeze

        LINKED = /\A(?:(?:is|are|was|were) (?:for |about )?|(?:came|comes|come|followed|follows|follow) )(?=(?:the|an?) |[a-z]+ing\b)/i

        NOUNS = { time: "moment", day: "day", month: "month", year: "date", decade: "date", weekday: "day", count: "point" }.freeze

        # "It closed | because the tiles were falling off": what happened, and not why or how.
        DONE = /\A(?<deed>(?:it|they|he|she|we) [[:lower:]]{3,}ed)(?= (?:because|since|when|after|as|for|with|without|until|but)\b|[,;])/i

        # What leads to a date: "in the autumn of", "since".
        LED_TO = /\s*\b(?:as\ of|for\ (?:most|much)\ of(?:\ the)?|(?:early|late)\ in(?:\ the)?|on\ the\ (?:evening|morning|night)\ of|during\ the\ winter\ of|(?:in|by|since|from|until|towards|around|during)\ the(?:\ early|\ late)?|
                  in|on|at|by|since|from|until|towards|around|of|the)\s*\z/xi

        # "With flour | and with a newspaper from November"
        WITH = /\Awith(?:out)? (?:an?|the|one|two|some)\b/i

        # "On Tuesday", "last Friday"
        ON_A_DAY = /\A(?:on|last) (?:#{Dates::DAYS.join('|')})\b/i

        def find
          # Naming what happened takes time; too few moments make no row.
          return nil if text.moments.size < 3 && nodes.count { |n| n.span.text.match?(AGE) } < 3

          events = without_frame(units.filter_map { |span| event(span) })
          return nil if events.size < 3

          sorted = events.map(&:sort)
          rising = over_new_year?(sorted) ? 1.0 : sorted.each_cons(2).count { |a, b| a <= b }.to_f / (sorted.size - 1)
          share = events.size.to_f / units.size
          # Days of the week and dates are on no one scale.
          mixed = events.map { |e| moment_in(e.spans.first)&.kind }.compact.uniq.then { |kinds| kinds.size > 1 && kinds.include?(:weekday) }
          events = events.sort_by.with_index { |e, i| [e.sort, i] } unless rising >= 0.75 || kind == :time || mixed
          finding((0.5 * share) + (0.5 * rising), "#{count(events.size, NOUNS.fetch(kind))} in time", events)
        end

        private

        # "By 15 November ... In December ... January ... 2 March": no year is told, and the new one begins in the middle.
        def over_new_year?(sorted)
          falls = sorted.each_cons(2).select { |a, b| a > b }
          months = sorted.max <= 1.01 ? falls.map { |pair| pair.map { |s| (s * 12) + 1 } } : falls
          sorted.max < 13.1 && sorted.last < sorted.first && months.one? && months.first.first >= 9 && months.first.last < 6
        end

        # "Thursday on Quill Radio: 18.00 news, 18.15 …": the day over a row of times is no event, and "practice is on Wednesdays at nine" is none among years.
        def without_frame(events)
          kinds = events.map { |e| moment_in(e.spans.first)&.kind }
          if kinds.count { |k| k && !%i[weekday time].include?(k) } >= 3
            events, kinds = events.zip(kinds).reject { |e, k| (k == :weekday && !just_now?(e)) || (k == :time && kinds.count(:year) >= 3) }.transpose
            return framed_by_year?(events, kinds) ? events.drop(1) : events
          end

          events.size > 3 && %i[weekday day].include?(kinds.first) && kinds.drop(1).all?(:time) ? events.drop(1) : events
        end

        # "On Tuesday the owner gave it to our museum.", at the end of years
        def just_now?(event)
          span = event.spans.first
          text.sentences.any? && span.to >= text.sentences.last(2).first.to && span.text.match?(ON_A_DAY) && Manner.past?(text, span)
        end

        # "In the spring of 1912 the women did something": the year over its days.
        def framed_by_year?(events, kinds) = events.size > 3 && %i[month year].include?(kinds.first) && kinds.drop(1).all?(:day) && events.map { |e| e.sort.floor }.uniq.one?

        # The moment that a stretch is told by: of the sort that the others are told by, where there is one.
        def moment_in(span)
          list = text.moments_in(span).sort_by { |m| [m.kind == :weekday ? 1 : 0, m.from] }
          # "In 2025 the first grapes were cut on 9 September": the day, of that year.
          year, day = list.first(2)
          return of_year(day, year) if list.size == 2 && year.kind == :year && ((day.kind == :day && day.sort < 1) || (day.kind == :month && day.sort < 13))

          list.find { |m| (m.kind == :time) == timed? } || list.first
        end

        # Days are fractions of a year, and counted in months where months are told too: see {Dates.level}.
        def of_year(day, year) = day.dup.tap { |d| d.sort = year.sort + (d.kind == :month ? (d.sort - 1) / 12.0 : d.sort) }

        # Whether it goes by the clock.
        def timed? = @timed.nil? ? @timed = text.moments.count { |m| m.kind == :time } * 2 > text.moments.size : @timed

        def kind = text.dates.map(&:kind).tally.max_by(&:last)&.first || :count

        # Entries where there are some with dates, else clauses that carry a date of their own.
        def units
          @units ||= begin
            entries = text.outer.map(&:span)
            entries = text.tree.map(&:span) if entries.empty? && text.tree.count { |n| n.span.text.match?(AGE) } >= 3
            entries.count { |s| text.moments_in(s).any? || s.text.match?(AGE) } >= 3 ? entries : joined(text.sentences).flat_map { |s| split(s) }
          end
        end

        # "12 January, annual meeting. 3 March, spring clean." stays as it is; a date alone leads the sentence after it.
        def joined(sentences)
          sentences.each_with_object([]) do |s, list|
            moments = text.moments_in(s)
            alone = list.last && text.moments_in(list.last).any? && list.last.text.split.size <= 4 && list.last.text.length < 26 && (moments.empty? || on_a_day?(list.last, moments))
            alone ? list[-1] = text.span(list.last.from, s.to) : list << s
          end
        end

        # "Week 3", and below it "Tasting, Saturday only"
        def on_a_day?(head, moments) = moments.all? { |m| m.kind == :weekday } && text.moments_in(head).none? { |m| %i[weekday day].include?(m.kind) } && head.text.match?(/[[:alnum:]]\z/)

        def split(sentence)
          return [sentence] if text.moments_in(sentence).count { |m| (m.kind == :time) == timed? } < 2

          parts = text.clauses(sentence, /;\s+|,\s+(?:and |then )?|:\s+|\s+and\s+/) do |before, clause|
            [before, clause].all? { |s| text.moments_in(s).any? { |m| (m.kind == :time) == timed? } } && !dated_weekday?(before, clause) && !clause.text.match?(WITH) &&
              !(before.text.include?("\n") && on_a_day?(before, text.moments_in(clause)))
          end
          led(unheaded(parts))
        end

        # "On Friday, 12 June"
        def dated_weekday?(before, clause)
          weekday = text.moments_in(before).last
          weekday.kind == :weekday && weekday.to == before.to && text.moments_in(clause).first.then { |m| m.kind == :day && m.from == clause.from }
        end

        # "Milestones, new workshop: planning permission November 2024; ...": what leads the row is no part of its first event.
        def unheaded(parts)
          lead = parts.size >= 3 && parts.first.text.match(/\A[^:\d]{3,60}:\s+(?=[\p{L}\d]+,? )/) or return parts
          text.moments_in(text.span(parts.first.from, parts.first.from + lead.end(0))).any? ? parts : [text.span(parts.first.from + lead.end(0), parts.first.to), *parts.drop(1)]
        end

        # "Buds break in April, and nobody leaves until the frosts are over, on 20 May": a date alone takes the clause before it from the event that has a date.
        def led(parts)
          parts.each_with_object([]) do |part, list|
            moment = text.moments_in(part).first
            before = list.last
            own = before && moment && text.moments_in(before).first
            at = own && without(part, moment).gsub(/[^[:alpha:]]/, "").length < 3 ? text.string[own.to...before.to].index(/,\s+(?:and |then )?|\s+and\s+|;\s+/) : nil
            if at
              list[-1] = text.span(before.from, own.to + at)
              from = own.to + at + text.string[(own.to + at)..][/\A[,;\s]*(?:and |then )?/].length
              list << text.span(from, part.to)
            else
              list << part
            end
          end
        end

        # "8 weeks: first jab", "6 months: worming": how long after the beginning.
        def aged(span)
          match = span.text.match(AGE)
          unit = match && (match[:unit] || match[:age][/[a-z]+/i]&.downcase)
          return nil unless DAYS[unit]

          title, detail = Titles.of(match[:words])
          Item.new(title: Titles.capital(title), detail: detail, spans: [span], date: match[:age], sort: match[:age][/\d+/].to_f * DAYS[unit], children: [], aspects: [])
        end

        def event(span)
          moment = moment_in(span)
          return aged(span) unless moment

          title, detail = told_of(span, moment)
          title = title.sub(/(?<=\S)\s+(?:till|until|since|is|are|was|were)\z/i, "")
          detail = dateless(detail.to_s, title, span, moment).sub(/[\s.,;:]+\z/, "")
          return nil if title.strip.empty?

          Item.new(title: title, detail: detail, spans: [span], date: moment.text.sub(/\A(?:in|on|by|since|from|until|during|every)\s+/i, ""), sort: moment.sort,
                   children: [], aspects: [])
        end

        # The date stands over its event: a detail that is the whole sentence says neither it nor the title once more.
        def dateless(detail, title, span, moment)
          return detail unless detail.delete_suffix(".").casecmp?(span.text.strip.delete_suffix("."))

          before, after = around(span, moment)
          before = before.sub(LED_TO, "").strip
          comma = text.string[moment.to, 1] == "," && !before.empty?
          after = after.sub(/\A[\s,:–—-]+/, "")
          words = [before, after].reject(&:empty?).join(comma ? ", " : " ").sub(/,? and (?:that|it) was\W*\z/, "")
          words = words.sub(/\A#{Regexp.escape(title)}(?:,? (?:and )?|\z)/i, "")
          words.split.size < 2 ? "" : Titles.capital(words)
        end

        # @return [Array(String, String)] the words before the date and those behind it
        def around(span, moment) = [span.text[0...(moment.from - span.from)], span.text[(moment.to - span.from)..].to_s]

        # The words without the date and the preposition that led to it.
        def without(span, moment)
          before, after = around(span, moment)
          # "The lido opened in the hot | summer of 1934"
          before = before.sub(/\s+(?:in|during|after|before) (?:the|a|that|one) [[:lower:]]+ \z/, " ") if moment.text.match?(/\A(?:spring|summer|autumn|winter)\b/i)
          before = before.sub(LED_TO, "")
          # "From August on we harvest"
          after = after.sub(/\A\s*(?:on(?:wards?)?\b(?= (?:the |we |i |he |she |they |you |it )))?(?:[,:–—|→⟶-]|->|=>)?\s*/, "")
          # "New lockers (March)"
          if before.end_with?("(") && after.start_with?(")")
            before = before.delete_suffix("(")
            after = after.delete_prefix(")")
          end
          joined = [before.strip, after.strip].reject(&:empty?).join(" ").sub(/\A[,;:–—\s]+/, "").sub(/\s+(?=[.!?]+\z)/, "")
          # "Tuesday is for the safety course", "Three years later came the shop"
          joined = joined.sub(LINKED, "") if before.strip.empty?
          joined.sub(/\A(?:it|there) was (?=[a-z])/i, "")
        end

        # @return [Array(String, String)] title and detail
        def told_of(span, moment)
          words = without(span, moment)
          deed = words[DONE, :deed]
          # "Tug of war (Year 4 v. teachers)"
          bracket = words.match(/\A(?<name>[^()]{3,40}\S)\s*(?<more>\([^()]+\))\z/)
          return [Titles.capital(deed), span.text.strip] if deed

          bracket ? [Titles.capital(bracket[:name]), bracket[:more]] : named(span, moment, words)
        end
      end
    end
  end
end
