# frozen_string_literal: true

module Peony
  module Reading
    # What to do, and what not to do: orders of which some forbid. Part of the finder of two sides.
    module DosAndDonts
      # "Don't read from the screen, | don't apologise, | and never begin with the weather"
      NEXT_NOT = /[,;]\s+(?:and\s+|or\s+)?(?=(?:do not|don['’]t|never|avoid)\b)/i
      # What is not to be done.
      NOT_TO = /\A(?:please |but |and )?(?:do not|don['’]t|never|avoid)\b/i
      TO_DO = /\A(?:please )?(?:do|always)\b/i
      DO_NOT = /\A(?:please |but |and )?(do not|don['’]t)\b/i

      # "What people say about bats, and what is true:", and "No: they hear a thread in the dark".
      SAID = /\bwhat (?:[[:alpha:]]+ ){1,2}?(?:say|think|believe)\b/i
      SAID_AND_TRUE = /\b(?:what is (?:true|so|right)|what['’]s true|the truth|the facts?|the answers?|myths?|legends?|rumours?|misunderstandings?|mistaken beliefs?)\b/i
      # "No: they hear a thread", "It does: it turns grey"; "Not tiles" stays as it is.
      RIGHT = /\A(?:(?:no|not|wrong|false|not so|nonsense|not true|true|yes)\b\s*[.,:;!–—]+\s*|(?:in fact|in truth|really)\b[^[:alnum:]]*|(?:it|they|that) (?:does|do|is|are)(?:n['’]t| not)?\s*[:–—]\s*)?/i

      private

      # Entries of two sentences below a heading of what is said and what is true: each says one thing and then how it is.
      def of_answered
        return nil unless nodes.size.between?(2, 10) && text.frame.match?(SAID_AND_TRUE)

        rows = nodes.map { |n| n.body.empty? && n.children.empty? ? Sentences.of(text.string, n.span.from, n.span.to) : [] }
        return nil unless rows.all? { |parts| parts.size > 1 }

        @strength = 0.8
        so = rows.map { |parts| without_no(text.span(parts[1].from, parts.last.to)) }
        frame = "#{text.passage.heading}\n#{text.string}"
        [[rows.map(&:first), frame[SAID]], [so, frame[SAID_AND_TRUE]]].map do |spans, name|
          made(name || Naming.of(text, spans.first, "opposition").first, spans.map(&:text).join(" "), spans).tap { |i| i.children = spans.map { |s| item(s) } }
        end
      end

      def without_no(span) = text.span(span.from + span.text[RIGHT].length, span.to)

      # "Send the questions the day before. Start on time. Do not read slides aloud. Do not meet if a mail would do": what to do, and what not, in any order.
      def of_orders
        rows = (nodes.size >= 4 ? nodes.map(&:span) : text.sentences).flat_map { |s| Sentences.clauses(s, NEXT_NOT) }
        against, in_favour = rows.partition { |s| s.text.match?(NOT_TO) }
        word = against.filter_map { |s| s.text[DO_NOT, 1] }.first
        return nil unless word && nodes.size != 2 && against.size > 1 && in_favour.size > 1 && in_favour.count { |s| text.told?(s) } >= in_favour.size * 0.6

        @strength = 0.6
        two_sided([[word[0, 2], in_favour], [word, against]])
      end

      # "The night before: do pack your bag, eat, sleep; don't start a new chapter or ring Tom"
      def orders_in_clauses
        parts = nodes.size < 2 && text.sentences.size == 1 ? Sentences.clauses(text.sentences.first, /[:;]\s+(?:and |but )?/) : []
        pair = parts.each_cons(2).find { |a, b| a.text.match?(TO_DO) && b.text.match?(DO_NOT) && [a, b].all? { |s| s.text.split.size > 2 } }
        two_sided(pair.map { |s| (s.text[DO_NOT, 1] || s.text[/\A\S+/]).then { |word| [word, Series.split(text.span(s.from + s.text.index(word) + word.length + 1, s.to))] } }) if pair
      end

      def two_sided(sides)
        sides.map { |name, list| made(name, list.map(&:text).join(" "), list).tap { |i| i.children = list.map { |s| item(s) } } }
      end
    end
  end
end
