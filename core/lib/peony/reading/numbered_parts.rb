# frozen_string_literal: true

module Peony
  module Reading
    # A whole in parts that are told by their place, each with what it holds: "The handbook has two parts. Part one covers seeds and soil, part two covers tools and sheds";
    # "we sort bread into yeast bread and sourdough; the first into white and brown, the second into rye and spelt". Part of the finder of trees.
    module NumberedParts
      PART = "part|section|chapter|module|unit|half|volume|block|level|tier|floor|group|kind|type|class|stage"
      NTH = "#{Dates::ORDINALS.first(6).join('|')}|other|last".freeze
      HOLDS = "covers?|is about|deals with|has|holds?|includes?|contains?|teaches|is for|looks at|gives|is made up of|consists of|goes into|falls into|splits into|into"
      NEXT = /[;,]\s+(?:and |while )?(?=(?:the (?:#{NTH})|(?:#{PART}) (?:#{Numbers::WORD}|[1-9A-D]))\b)|;\s+(?:and )?/i
      TOLD = /\A(?<name>the (?:#{NTH})(?: (?:#{PART}))?|(?:#{PART}) (?:#{Numbers::WORD}|[1-9A-D])),? (?:#{HOLDS}) (?<rest>[^:]+)\z/i
      # "into yeast bread and sourdough": what the first and the second are.
      NAMED = /\b(?:into|namely|are|is) (?<one>(?:the |an? )?[[:alpha:]-]+(?: [[:alpha:]-]+)?)(?:, (?<two>[[:alpha:]-]+(?: [[:alpha:]-]+)?))? and (?<last>(?:the |an? )?[[:alpha:]-]+(?: [[:alpha:]-]+)?)\s*\z/i

      # "Norrick, with sales and print, and Varn, with design and photo"
      WITH = /(?<name>(?:the )?[[:upper:]][[:alpha:]'’-]+(?: [[:upper:]][[:alpha:]'’-]+)?|the [[:lower:]]+ [[:lower:]]+), with (?<rest>[[:lower:]][^,;.]* and [^,;.]+)/

      # "For fire there are hoses and foam, for water the pump and the sandbags"
      FOR = /(?:\A|(?<=[.;,] )|(?<=, and ))for (?<name>(?:the )?[[:lower:]]+) (?:(?:there|we|it|they|you) (?:is|are|has|have|get|take|need) )?(?<rest>(?:(?!for\b)[^,;.:])+(?:, (?!and for\b|for\b)[^,;.:]+)*,? and (?!for\b)[^,;.:]+)/i

      private

      def of_numbered_parts
        return nil if nodes.size >= 2
        return of_with(FOR) if cue?(:kinds) && Moments.matches(text.string, FOR).size > 1
        return of_with if text.sentences.size <= 2 && text.string.scan(WITH).size > 1

        clauses = text.sentences.flat_map { |s| Sentences.clauses(s, NEXT) }
        told = clauses.filter_map { |s| (m = s.text.match(TOLD)) && [s, m] }
        return nil unless told.size.between?(2, 6) && told.size >= clauses.size - 2

        lists = told.map { |s, m| held(text.span(s.from + m.begin(:rest), s.to)) }
        return nil unless lists.count { |list| list.size > 1 } * 2 > lists.size

        @strength = 0.7
        names = names_before(told.first[0], told.size)
        told.each_with_index.map { |(s, m), i| made(names&.at(i) || m[:name].sub(/\Athe (?=\S+ )/i, ""), "", [s]).tap { |part| part.children = lists[i].map { |span| item(span) } } }
      end

      def of_with(pattern = WITH)
        @strength = 0.6
        Moments.matches(text.string, pattern).map do |m|
          made(m[:name], "", [text.span(m.begin(0), m.end(0))]).tap { |part| part.children = held(text.span(m.begin(:rest), m.end(:rest))).map { |span| item(span) } }
        end
      end

      # Heads with what stands below each: "Committees", and below it "Money, roads, schools."
      def headed
        return nil unless nodes.all? { |n| n.children.empty? && n.body.any? }

        items = nodes.map { |n| node_item(n).tap { |i| i.children = n.body.flat_map { |s| held(s) }.map { |s| item(s) } } }
        finding(0.1, "#{count(items.size, 'part')} with parts of their own", items) if items.any? { |i| i.children.size > 1 }
      end

      def held(span)
        parts = Series.split(span)
        parts.size > 1 ? parts : Sentences.clauses(span, /\s+and\s+/)
      end

      # @return [Array<String>, nil] what the parts are called, where the words before say so
      def names_before(span, count)
        match = text.string[0...span.from].sub(/[;.,\s]+(?:and )?\z/, "").match(NAMED) or return nil
        match.captures.compact.then { |names| names if names.size == count }
      end
    end
  end
end
