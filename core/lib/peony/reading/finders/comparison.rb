# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Two or more things set side by side on the same aspects: entries with entries below them, or with measures of the same kinds.
      class Comparison < Finder
        family "comparison"

        VERBS = "(?:is|are|has|have|takes?|costs?|weighs?|holds?|needs?|comes?|shows?|lasts?|uses?|carr(?:y|ies)|seats?|gives?)"
        CUES = /\b(compar\w+|versus|vs|which|differ\w*|than|whereas|unlike|both|choose between)\b/
        ASPECT = /\A(?<name>[^:–—]{2,30}?)\s*(?::|\s[–—-])\s+(?<words>\S.*)\z/m

        def find
          items = of_nested || of_measures || of_sentences
          return nil unless items && items.size.between?(2, 6)

          shared = items.map { |i| i.aspects.map(&:first) }.reduce(:&)
          return nil if shared.empty?

          fit = 0.5 + (0.08 * [shared.size, 4].min) + (text.frame.match?(CUES) ? 0.2 : 0)
          finding([fit, 0.96].min, "#{count(items.size, 'thing')}, #{count(shared.size, 'shared aspect')}", items)
        end

        private

        def of_nested
          return nil if text.outer.size < 2

          items = text.outer.map do |entry|
            aspects = text.below(entry).filter_map { |child| (m = child.span.text.match(ASPECT)) && [m[:name].strip, m[:words].strip] }
            below = text.below(entry).map(&:span)
            item(entry.span).tap do |made|
              made.aspects = aspects
              made.spans += below
            end
          end
          items if items.all? { |i| i.aspects.size >= 2 }
        end

        # "Pocket: 4 kg, 5 minutes, £12": the units are the aspects.
        def of_measures
          rows = text.outer.map(&:span)
          return nil if rows.size < 2

          items = rows.map { |span| measured(span) }
          items if items.all? && items.all? { |i| i.aspects.size >= 2 }
        end

        def measured(span)
          title, rest = Titles.of(span.text)
          return nil if rest.empty?

          Item.new(title: title, detail: rest, spans: [span], children: [], aspects: aspects(span))
        end

        def aspects(span)
          label = span.text.index(":").to_i
          Sentences.clauses(span, /[,;]\s+(?:and\s+)?|\s+and\s+/).each_with_object([]) do |clause, list|
            quantity = text.quantities_in(clause).first
            next unless quantity && clause.to > span.from + label

            words = clause.text.sub(/\A[^:]*:\s*/, "").sub(/\A.*?\b#{VERBS}\s+(?=\S*[\d£€$])/, "")
            named = words.match(/\A(?<name>[[:alpha:]][a-z ]{2,24}?)\s+(?=[\d£€$])/)
            name = named ? named[:name] : unit_name(quantity)
            list << [name, words.delete_prefix(named ? named[0] : "").strip.chomp(".")] unless name.empty?
          end.uniq(&:first)
        end

        def unit_name(quantity) = quantity.unit.match?(/\A[A-Z]{3}\z/) ? "price" : quantity.unit

        # Prose: sentences whose subjects differ and whose measures are of the same kinds.
        def of_sentences
          return nil if text.entries.any?

          items = text.sentences.filter_map do |s|
            subject = s.text[/\A(?:The |A |An )?((?:[[:alpha:]'’-]+ ){1,4}?)(?=#{VERBS}\b)/, 1]&.strip
            found = subject && aspects(s)
            next unless found && found.size >= 2

            Item.new(title: Titles.capital(subject), detail: s.text.delete_prefix(s.text[/\A(?:The |A |An )?/] + subject).strip.chomp("."),
                     spans: [s], children: [], aspects: found)
          end
          items if items.size >= 2 && items.map(&:title).uniq.size == items.size
        end
      end
    end
  end
end
