# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # The line with the field below it filled.
      class TrendArea < TrendLine
        form "trend-area", title: "Small area", family: "trend", least: 3, most: 12, needs: %i[value],
                           sees: "a filled field under a line, first and last marked", reason: "how much there was, and how it went"

        private

        def filled? = true

        # Dark on the field as well as on the paper.
        def number_ink(_item) = house.ink(job.finish.area(house, job.colour, 0.12, shape, words: false).ground)
      end
    end
  end
end
