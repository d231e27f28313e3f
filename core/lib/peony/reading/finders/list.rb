# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Things that are alike: entries, an enumeration, or sentences side by side.
      class List < Finder
        family "list"

        def find
          later(nodes.size >= 2 ? 0.7 : 0.4, 2..) { alike.then { |items| [items, reason(items)] } }
        end

        private

        def reason(items) = nodes.size >= 2 ? "a list of #{count(items.size, 'entry')}" : "#{count(items.size, 'thing')} side by side"
      end
    end
  end
end
