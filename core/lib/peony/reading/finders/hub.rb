# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # One thing in the middle, and the things around it that belong to it.
      class Hub < Finder
        family "hub"

        def find
          items = alike
          return nil if items.size < 3

          finding(cue?(:centre) ? 0.6 : 0.2, "#{count(items.size, 'thing')} around one in the middle", items)
        end
      end
    end
  end
end
