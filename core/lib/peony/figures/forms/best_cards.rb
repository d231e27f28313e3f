# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Cards side by side with a number large in each, the best one marked.
      class BestCards < Form
        form "best-cards", title: "Cards, the best marked", family: "comparison", also: %w[ranking], least: 2, most: 4, needs: %i[value],
                           sees: "cards side by side, the largest number marked", reason: "which one is ahead"

        def draw
          @pad = gap(20)
          @w = (width - (gap(14) * (items.size - 1))) / items.size
          refuse("The cards are too narrow.") if @w < 110
          @flag = gap(20)
          size = Scale.down([height * 0.24, 108].min, from: [job.least, 18].max).find { |s| items.all? { |i| number_width(i, s) <= @w - (@pad * 2) } }
          refuse("The numbers do not fit.") unless size
          labels = fit_labels(items.map { [@w - (@pad * 2), height - @flag - (@pad * 2.2) - (size * 1.15)] }, most: 26 * unit)
          tall = [height - @flag, labels.map(&:height).max + (@pad * 2.6) + (size * 1.15)].min
          each_item { |item, i| card(item, i, labels[i], tall, size) }
        end

        private

        def best = @best ||= items.find(&:strong) || items.max_by(&:value)

        def card(item, index, label, tall, size)
          x = index * (@w + gap(14))
          first = item == best
          paint = area(item, first ? 1.0 : 0.08)
          y = top + (first ? 0 : @flag)
          pen.rect(x, y, @w, tall + (first ? @flag : 0), radius: radius, **paint.paint)
          star(x + @w - @pad - gap(8), y + @pad + gap(8), gap(13), house.ink(paint.ground)) if first
          number(item, size, x + @pad, top + @flag + @pad + (size * 0.82), fill: first ? on_fill(paint.ground, size * 0.6) : house.ink(paint.ground))
          put(label, x + @pad, top + @flag + @pad + (size * 1.15), item: item, ground: paint.ground)
        end

        def star(x, y, r, colour) = pen.polygon(Array.new(10) { |i| Scene::Arcs.point(x, y, i.even? ? r : r * 0.42, i * 36) }, fill: colour)
      end
    end
  end
end
