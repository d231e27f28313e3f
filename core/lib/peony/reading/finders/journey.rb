# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Stages that a person goes through, with what they do, meet or feel at each.
      class Journey < Finder
        family "journey"

        def find
          felt = share(units) { |s| s.text.downcase.scan(/[[:alpha:]]+/).any? { |w| Cues::FEELINGS.include?(w) } }
          later(felt, 3..) { alike(series: dense?).then { |items| [items, "#{count(items.size, 'stage')} that a person goes through"] } }
        end

        private

        def dense? = text.sentences.size <= 2
        def units = nodes.size >= 2 ? nodes.map { |n| Span.new(text: "#{n.span.text} #{n.inside}") } : text.sentences
      end
    end
  end
end
