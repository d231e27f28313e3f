# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Tall panels side by side, one for each thing, what is told of it one below the other.
      class Columns < Form
        form "columns", title: "Columns", family: "comparison", also: %w[list], least: 2, most: 5,
                        sees: "tall panels side by side, one for each thing", reason: "each thing a whole of its own"

        include Sides

        # Words between commas of which each stands by itself: "room for 200, free, smells of gym shoes".
        BRIEF = 5

        def draw
          @w = (width - (gap * (items.size - 1))) / items.size
          refuse("The columns are too narrow.") if @w < 92
          told? ? in_points(gap(22)) : in_labels(gap(18))
        end

        private

        # Whether something is told of each, beside its name.
        def told? = items.all? { |i| i.value.nil? && i.date.nil? && (paired? || !i.detail.empty?) }

        def in_points(pad)
          sides = fit_sides(items.map { [@w - (pad * 2), height - (pad * 2)] }, most: 28 * unit, indent: 0)
          tall = [height, sides.map { |s| side_height(s) }.max + (pad * 2)].min
          each_item do |item, i|
            x, ground = panel(item, i, tall)
            pen.rect(x, top, @w, gap(6), fill: mark(item))
            put_side(sides[i], x + pad, top + pad, 0, ground: ground)
          end
        end

        def in_labels(pad)
          cells = items.map { [@w - (pad * 2), height - (pad * 2) - gap(8)] }
          labels = fit_labels(cells, most: 28 * unit, above: ->(i) { i.date || (i.value ? Values.text(i) : nil) })
          tall = [height, labels.map(&:height).max + (pad * 2) + gap(64)].min
          each_item do |item, i|
            x, ground = panel(item, i, tall)
            put(labels[i], x + pad, top + pad + gap(4), item: item, ground: ground)
          end
        end

        # @return [Array(Float, String)] its left edge and its colour
        def panel(item, index, tall)
          x = index * (@w + gap)
          paint = area(item, item.strong ? 1.0 : 0.0)
          pen.rect(x, top, @w, tall, radius: radius, **paint.paint)
          [x, paint.ground]
        end

        # Whether the things are told by the same aspects; what was told in prose says more in its own words.
        def paired? = @paired.nil? ? (@paired = items.map { |i| i.aspects.map(&:first) }.reduce(:&).size >= 2 && Aspects.told(items) >= 0.5) : @paired

        # Each aspect, each sentence, or each few words between commas.
        def points_of(item)
          words = paired? ? aspects(item) : Nesting.parts(item).map { |part| Nesting.line(part) }
          words = item.detail.split(/,\s+(?:and )?/) if words.empty? && item.detail.count(",").positive? && item.detail.split(/,\s+/).all? { |part| part.split.size <= BRIEF }
          words = [item.detail] if words.empty?
          words.map { |told| Nesting.part(item, told.sub(/\A[[:lower:]]/, &:upcase)) }
        end

        # "Price £12": a name that its words say anyway is not said twice, and a unit names nothing.
        def aspects(item)
          item.aspects.map { |name, words| words.downcase.include?(name.downcase) || name.length < 3 ? words : "#{name} #{words}" }
        end
      end
    end
  end
end
