# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Steps of one process, in order: numbered entries, sentences that tell what to do or what is done next.
      class Sequence < Finder
        family "sequence"

        VERBS = Words::IMPERATIVES.to_a.join("|")
        JOIN = /;\s+|,?\s+(?:and then|then)\s+|,?\s+and\s+(?=(?:#{VERBS})\s)|,\s+(?=(?:#{VERBS})\s)/

        def find
          items = steps
          return nil if items.size < 3

          told = share(units) { |s| Words.imperative?(s.text) }
          marked = share(units) { |s| s.text.match?(Words::ORDER) }
          finding((nodes.any? && nodes.all?(&:ordered) ? 0.4 : 0) + (told * 0.5) + (marked * 0.4), "#{count(items.size, 'step')} in order", items)
        end

        private

        def units = nodes.size >= 2 ? nodes.map(&:span) : text.sentences

        def steps
          return alike if nodes.size >= 2
          return orders.map { |s| item(s) } if share(text.sentences) { |s| Words.imperative?(s.text) } >= 0.5

          alike(series: text.sentences.size <= 2, first: 0.3)
        end

        # Orders in one sentence are parted: "Check the tag, ring the number and keep him in the shade."
        def orders
          spans = text.sentences.flat_map { |s| steps_in(s) }
          spans.size >= 3 ? spans : text.points.map(&:span)
        end

        def steps_in(sentence)
          return sentence.text.match?(Words::LEADS) ? [sentence] : [] unless Words.imperative?(sentence.text)

          text.clauses(sentence, JOIN) { |before, clause| Words.imperative?(clause.text) && whole?(before, clause) }
        end

        # A clause stands by itself when the one before it is a step too and both are more than a tail, or there is only one sentence.
        def whole?(before, clause)
          return false unless Words.imperative?(before.text)

          text.string[before.to...clause.from].match?(/;|then/) || text.sentences.size <= 2 || [before, clause].all? { |s| s.text.split.size >= 5 }
        end
      end
    end
  end
end
