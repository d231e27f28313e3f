# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # One thing in the middle, and the things around it that belong to it.
      class Hub < Finder
        family "hub"

        def find
          later(cue?(:centre) ? 0.6 : 0.2, 3..) { alike.then { |items| [items, "#{count(items.size, 'thing')} around one in the middle"] } }
        end
      end
    end
  end
end
