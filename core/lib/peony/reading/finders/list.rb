# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Things that are alike: list entries, an enumeration after a colon, or sentences side by side.
      class List < Finder
        family "list"

        INLINE = /:\s+(?<body>[^.:;]+(?:,|;)\s[^.:]+?)\.?\z/

        def find
          return of_entries if text.outer.size >= 2

          inline = text.sentences.filter_map { |s| parts(s) }.max_by(&:size)
          return finding(0.62, "#{count(inline.size, 'thing')} named in one sentence", inline.map { |s| item(s) }) if inline && inline.size >= 3

          of_sentences
        end

        private

        def of_entries
          entries = text.outer
          ordered = entries.all?(&:ordered)
          items = entries.map { |entry| nested(entry) }
          finding(ordered ? 0.5 : 0.66, "a list of #{count(items.size, 'entry').sub('entrys', 'entries')}", items)
        end

        def nested(entry)
          item(entry.span).tap { |made| made.children = text.below(entry).map { |child| nested(child) } }
        end

        def parts(sentence)
          match = sentence.text.match(INLINE)
          return nil unless match

          body = Span.new(text: match[:body], from: sentence.from + match.begin(:body), to: sentence.from + match.end(:body))
          Sentences.clauses(body, /[,;]\s+(?:and |or )?|\s+(?:and|or)\s+(?=[^,;]+\z)/).select { |s| s.text.split.size <= 14 }
        end

        def of_sentences
          spans = text.sentences.select { |s| s.text.split.size >= 4 }
          return nil if spans.size < 3 || spans.size > 10

          finding(0.34, "#{count(spans.size, 'sentence')} side by side", spans.map { |s| item(s) })
        end
      end
    end
  end
end
