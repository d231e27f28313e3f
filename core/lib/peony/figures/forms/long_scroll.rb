# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A scroll for a tall page: dates down a ribbon with rolled ends, each event beside it.
      class LongScroll < Form
        form "long-scroll", title: "Long scroll", family: "timeline", also: %w[journey], least: 3, most: 12, needs: %i[date], stacked: true,
                            sees: "a ribbon down the page with the dates on it, rolled at both ends", reason: "many events on a tall page"

        def draw
          @roll = gap(14)
          row = (height - (@roll * 4)) / items.size
          refuse("There is too little room for #{items.size} events.") if row < 42
          @size = dates(row)
          @ribbon = items.map { |i| house.font("number").width(i.date, @size) }.max + gap(36)
          labels = fit_labels(items.map { [width - @ribbon - gap(26), row - gap(12)] }, most: 26 * unit)
          row = [row, labels.map(&:height).max + gap(46)].min
          ribbon(row)
          each_item { |item, i| event(item, labels[i], top + (@roll * 2) + (i * row), row) }
        end

        private

        # The largest size at which every date stands on a ribbon of a third of the width.
        def dates(row)
          Scale.down([28 * unit, row * 0.5].min, from: job.least).find do |s|
            items.all? do |i|
              house.font("number").width(i.date, s) <= (width * 0.36) - gap(36)
            end
          end || refuse("The dates are too long for a scroll.")
        end

        def ribbon(row)
          ending = top + (@roll * 2) + (items.size * row)
          @paper = job.finish.area(house, job.colour, 0.14, shape, words: true)
          pen.rect(0, top + @roll, @ribbon, ending - top, **@paper.paint)
          [top, ending].each do |y|
            pen.rect(0, y, @ribbon, @roll * 2, radius: @roll, **job.finish.area(house, job.colour, 1.0, shape, words: false).paint)
          end
        end

        def event(item, label, y, row)
          pen.line(@ribbon + gap(20), y, width, y, stroke: house.colour("line"), line: rule) if item != items.first
          base = y + (row / 2)
          pen.words(item.date, house.font("number"), @size, @ribbon / 2, base + (@size * 0.35), fill: accent_ink(item.strong ? role(item) : job.colour, @paper.ground, @size), anchor: :middle,
                                                                                                part: "date")
          put(label, @ribbon + gap(26), y + ((row - label.height) / 2), item: item)
        end
      end
    end
  end
end
