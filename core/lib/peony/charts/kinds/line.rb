# frozen_string_literal: true

module Peony
  module Charts
    module Kinds
      # A line for each series over time, missing values as gaps; names at the ends of the lines.
      class Line < Chart
        chart "line", title: "Line", family: "line", scale: "points", sees: "how a measure went, with what stands out marked", reason: "every rise and fall",
                      tells: %w[shift weekly spike dip growth trend leader max], most: 4000

        # Up to so many points are shown each by itself.
        DOTS = 40

        def self.fit(shape, _said)
          case shape.kind
          when :series then shape.table.size >= 8 ? 0.95 : 0.7
          when :wide, :long then shape.series.size <= 12 ? 0.9 : 0.5
          end
        end

        def self.data(shape, column, _said) = %i[wide long].include?(shape.kind) ? many(shape) : one(shape, column || measure(shape))

        def draw
          frame
          lines = data.series.each_with_index.map { |s, i| points(s, i) }
          @course = lines.flatten(1).flat_map { |run| run.each_cons(2).to_a }
          lines.each_with_index { |runs, i| trace(runs, i) }
          dots if data.series.size == 1 && data.size <= DOTS
          ends(lines) if several?
          draw_levels
          trend(lines.first) if lines.size == 1
          draw_points { |mark| place(mark) }
        end

        private

        def several? = data.series.size > 1
        def loud?(index) = several? && data.series.size > 4 ? index == loudest : true
        def loudest = @loudest ||= job.highlight ? data.series.index { |s| s.name == job.highlight } || 0 : data.series.each_index.max_by { |i| data.series[i].total }
        def over = marks("weekends").any? || marks("span").any? ? small * 1.7 : 0

        def frame
          after = several? ? [data.series.map { |s| label_font.width(s.name, small) }.max + gap(14), width * 0.3].min : gap(6)
          upright(data.series.flat_map(&:numbers) + marks("level").map { |m| m["value"].to_f }, zero: zero? && job.axis["min"].nil?, after: after, over: over)
          along_time
          draw_spans
          draw_rules
        end

        # Counts and sums begin at nothing; measurements need not.
        def zero? = data.series.all? { |s| s.numbers.min.to_f >= 0 && s.kind != "percent" && !s.unit.to_s.include?("°") }

        # Runs of points without a gap.
        def points(series, _index)
          @place ||= data.keys.each_index.map { |i| @x[i] }
          series.values.each_index.slice_when { |a, b| series.values[a].nil? != series.values[b].nil? || gap_between?(a, b) }
                .reject { |run| series.values[run.first].nil? }.map { |run| run.map { |i| [@place[i], @y[series.values[i]]] } }
        end

        # A day that a regular series leaves out is a gap too, where rows stand far enough apart to see it.
        def gap_between?(before, after)
          return false unless data.kind == "date" && data.size < 60

          steps = @steps ||= data.periods.each_cons(2).map { |p, q| q.from.jd - p.from.jd }
          steps[before] > steps.min * 1.9 && after == before + 1 && steps.count(steps.min) > steps.size * 0.8
        end

        def trace(runs, index)
          colour = if loud?(index)
                     stroke(several? && data.series.size > 4 ? 0 : index)
                   else
                     Colour::Mixing.legible(house.tint("ink-2", 0.5), surface, 1.8)
                   end
          pen.group("item", item: "series-#{index}") do
            runs.each do |run|
              next pen.circle(*run.first, emphasis, fill: colour) if run.size == 1

              pen.path(thin(run).each_with_index.map { |(x, y), i| [i.zero? ? "M" : "L", x, y] }, stroke: colour, line: data.size > 90 ? shape : [emphasis * 0.7, 1.8].max, cap: "round")
            end
          end
        end

        # More than two points a px say nothing: of each px the first, the highest, the lowest and the last are kept.
        def thin(run)
          return run if run.size < plot_width * 2

          run.chunk_while { |a, b| a[0].floor == b[0].floor }.flat_map { |group| [group.first, group.min_by(&:last), group.max_by(&:last), group.last].uniq }
        end

        # Names stand at the ends of their lines, moved apart where ends are close.
        def ends(lines)
          step = small * 1.25
          order = lines.each_index.select { |i| lines[i].any? }.sort_by { |i| lines[i].last.last[1] }
          ys = order.map { |i| lines[i].last.last[1] }
          ys.each_index { |k| ys[k] = [ys[k], k.zero? ? top + small : ys[k - 1] + step].max }
          over = ys.last.to_f - (bottom - small)
          ys.reverse!.each_index { |k| ys[k] = [ys[k], k.zero? ? ys[k] - [over, 0].max : ys[k - 1] - step].min }
          ys.reverse!
          order.each_with_index do |i, k|
            x, y = lines[i].last.last
            pen.line(x + gap(4), y, plot_right + gap(8), ys[k], stroke: faint, line: rule * 0.7) if (ys[k] - y).abs > small
            ink = if loud?(i)
                    house.ink(role: data.series.size > 4 ? role(0) : role(i))
                  else
                    soft
                  end
            pen.words(line_of(data.series[i].name, label_font, small, right - plot_right - gap(10)), label_font, small, plot_right + gap(10), ys[k] + (small * 0.35), fill: ink, part: "legend")
          end
        end

        def dots
          data.keys.each_index do |i|
            value = data.first.values[i] or next
            pen.group("item", item: data.keys[i]) { pen.circle(@x[i], @y[value], [emphasis * 0.62, 1.8].max, fill: stroke, stroke: surface, line: rule * 0.6) }
          end
        end

        def trend(runs)
          flat = runs.flatten(1)
          return if job.axis["log"]

          draw_fit(flat.map(&:first), flat.map(&:last)) { |ends| pen.path([["M", *ends[0]], ["L", *ends[1]]], stroke: soft, line: shape, dash: [gap(8), gap(6)]) }
        end

        def place(mark)
          index = data.at(mark["at"])
          value = index && data.series[mark["series"].to_i]&.values&.at(index)
          value && [@x[index], @y[value]]
        end
      end
    end
  end
end
