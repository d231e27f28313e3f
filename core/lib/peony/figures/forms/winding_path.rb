# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A path that runs to and fro down the box, a numbered stone at each step.
      class WindingPath < Form
        form "winding-path", title: "Winding path", icons: true, family: "sequence", also: %w[journey], least: 3, most: 12,
                             sees: "a path that runs to and fro with a numbered stone for each step", reason: "a longer way in several turns"

        def draw
          columns, labels, row = best
          @step = (width - (turn * 2)) / columns
          @r = [22 * unit, @step * 0.16].min.clamp(11, 40)
          row = [row, labels.map(&:height).max + (@r * 2) + gap(60)].min
          at = items.each_index.map { |i| place(i, columns, row) }
          path(at, columns, row)
          each_item do |item, i|
            disc(item, i + 1, *at[i], @r, share: 0.25 + (0.75 * i / items.size))
            put(labels[i], at[i][0] - @r, at[i][1] + @r + gap(12), item: item)
          end
        end

        private

        # Room at both sides in which the path turns.
        def turn = gap(40)

        def best
          tries = (2..[items.size, 5].min).filter_map do |columns|
            rows = (items.size / columns.to_f).ceil
            row = height / rows
            step = (width - (turn * 2)) / columns
            r = [22 * unit, step * 0.16].min.clamp(11, 40)
            next if step < 104 || row < (r * 2) + 50

            labels = attempt { fit_labels(items.map { [step - gap(18), row - (r * 2) - gap(26)] }, most: 23 * unit) }
            labels && [columns, labels, row, [whole?(labels) ? 1 : 0, labels.first.title.size, -(Math.log(step / row / 1.2).abs * 3).round]]
          end
          refuse("There is too little room for a path of #{items.size} steps.") if tries.empty?
          tries.max_by(&:last).first(3)
        end

        def place(index, columns, row)
          line = index / columns
          column = line.even? ? index % columns : columns - 1 - (index % columns)
          [turn + (column * @step) + @r, top + (line * row) + @r]
        end

        # Straight along a row, round the side to the next one.
        def path(at, columns, row)
          commands = [["M", *at.first]]
          at.each_cons(2) do |a, b|
            if (a[1] - b[1]).abs < 1 then commands << ["L", *b]
            else
              commands.concat(bend(a, b))
            end
          end
          pen.path(commands, stroke: house.tint(job.colour, 0.4), line: emphasis, cap: "round") if columns.positive? && row.positive?
        end

        # Straight on past the words, half a round, and back.
        def bend(from, to)
          way = from[0] > width / 2 || to[0] > width / 2 ? 1 : -1
          edge = way.positive? ? width - turn + gap(4) : turn - gap(8)
          far = edge + (way * (turn - gap(12)) * 1.3)
          [["L", edge, from[1]], ["C", far, from[1], far, to[1], edge, to[1]], ["L", *to]]
        end
      end
    end
  end
end
