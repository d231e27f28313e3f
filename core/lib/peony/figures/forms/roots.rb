# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A tree: what comes of it is its crown, the causes are roots that feed it from below. Causes that only stand side by side
      # all are roots, and what they bring stands above the figure as its heading.
      class Roots < Form
        form "roots", title: "Roots and tree", family: "cause", causes: :apart, least: 3, most: 7,
                      sees: "a crown above the ground and a root for each cause below", reason: "what it grew from"

        def draw
          crowned = Linked.share(items) >= Linked::CHAIN
          @roots = crowned ? items[0..-2] : items
          step = width / @roots.size
          refuse("There is too little room for #{@roots.size} roots.") if step < 80
          crown = height * 0.34
          ground = top + (height * 0.5)
          deep = height * 0.14
          room = bottom - ground - deep - gap(14)
          cells = @roots.map { [step - gap(16), room] }
          cells << [width * 0.42, crown * 0.62] if crowned
          labels = fit_labels(cells, most: 24 * unit)
          trunk(crown, ground)
          crowned ? pen.group("item", item: items.last.id) { crown(labels.last, crown) } : leaves(crown)
          @roots.each_with_index { |item, i| pen.group("item", item: item.id) { root(item, labels[i], (i + 0.5) * step, ground, deep) } }
          pen.line(0, ground, width, ground, stroke: house.colour("ink-2"), line: rule)
        end

        private

        def trunk(crown, ground)
          half = [width * 0.022, 22 * unit].min
          pen.polygon([[(width / 2) - half, top + (crown * 0.8)], [(width / 2) + half, top + (crown * 0.8)], [(width / 2) + (half * 1.7), ground], [(width / 2) - (half * 1.7), ground]],
                      fill: house.tint("ink", 0.75))
        end

        def crown(label, tall)
          paint = area(items.last, 0.8)
          pen.ellipse(width / 2, top + (tall / 2), width * 0.33, tall / 2, **paint.paint)
          put(label, width / 2, top + (tall / 2) - (label.height / 2), item: items.last, anchor: :middle, ground: paint.ground)
        end

        # A crown without words.
        def leaves(tall)
          paint = job.finish.area(house, job.colour, 0.5, shape, words: false)
          reach = [tall * 0.5, width * 0.16].min
          [[-0.8, 0.62, 0.8], [0.8, 0.62, 0.8], [0, 0.5, 1.0]].each { |x, y, size| pen.ellipse((width / 2) + (x * reach), top + (y * tall), reach * size, tall * 0.5 * size, **paint.paint) }
        end

        def root(item, label, x, ground, deep)
          colour = item.strong ? mark(item) : house.tint("ink", 0.6)
          from = (width / 2) + ((x - (width / 2)) * 0.06)
          pen.path([["M", from, ground], ["C", from, ground + (deep * 0.7), x, ground + (deep * 0.3), x, ground + deep]], stroke: colour, line: emphasis, cap: "round")
          put(label, x, ground + deep + gap(12), item: item, anchor: :middle)
        end
      end
    end
  end
end
