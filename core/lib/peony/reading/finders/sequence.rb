# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Steps of one process, in order: numbered entries, sentences that tell what to do or what is done next.
      class Sequence < Finder
        family "sequence"

        def find
          told = share(units) { |s| text.told?(s) }
          marked = share(units) { |s| s.text.match?(Words::ORDER) }
          later((nodes.any? && nodes.all?(&:ordered) ? 0.4 : 0) + (told * 0.5) + (marked * 0.4), 3..) { steps.then { |items| [items, "#{count(items.size, 'step')} in order"] } }
        end

        private

        def units = nodes.size >= 2 ? nodes.map(&:span) : text.sentences

        def steps = alike(series: text.sentences.size <= 2)
      end
    end
  end
end
