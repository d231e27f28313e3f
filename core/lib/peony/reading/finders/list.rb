# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Things that are alike: entries, an enumeration, or sentences side by side.
      class List < Finder
        family "list"

        # "I sold my car after three weeks." – Ottoline, Ternby; "Never late." The Ottaway family
        QUOTED = /["“](?<words>[^"”]{8,240})(?:["”],?\s*(?:[–—-]\s*|\()|[.!?]["”]\s+)(?<who>(?:[[:upper:]]|(?:an?|the|our) [[:lower:]])[^"“\n().!?]{1,40}?)\)?\s*(?=["“]|\z|\n)/

        def find
          quotes = of_quotes
          return finding(0.9, "what #{count(quotes.size, 'voice')} say", quotes) if quotes.size >= 2

          later(nodes.size >= 2 ? 0.7 : 0.4, 2..) { alike.then { |items| [items, reason(items)] } }
        end

        private

        # What people say, each under the name.
        def of_quotes
          found = []
          text.string.scan(QUOTED) { found << Regexp.last_match }
          found.map { |m| made(m[:who].strip, m[:words], [text.span(m.begin(:words), m.end(:who))]) }
        end

        def reason(items) = nodes.size >= 2 ? "a list of #{count(items.size, 'entry')}" : "#{count(items.size, 'thing')} side by side"
      end
    end
  end
end
