# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A table of aspects: a column for each thing, a row for each aspect, the best value marked where numbers tell it.
      class AspectsTable < Form
        form "aspects-table", title: "Table of aspects", family: "comparison", least: 2, most: 6,
                              sees: "a column for each thing and a row for each aspect", reason: "the same questions asked of each"

        # What was told in prose leaves most cells empty, or has no aspects at all: columns say it better.
        # So they do where things have one aspect in common and much more is said of each.
        def self.filled(items, _family)
          return 0.6 if items.flat_map { |i| i.aspects.map(&:first) }.uniq.one? && items.any? { |i| i.detail.to_s.split.size > 5 }

          Aspects.told(items)&.then { |share| 0.5 + (share / 2) } || 0.7
        end

        def draw
          @rows = items.flat_map { |i| i.aspects.map(&:first) }.uniq
          @rows = [nil] if @rows.empty?
          refuse("Nothing is said that could be compared.") if @rows == [nil] && items.all? { |i| words(i, nil).empty? }
          @side = if @rows == [nil]
                    0
                  else
                    width * (items.size > 3 ? 0.2 : 0.26)
                  end
          @column = (width - @side) / items.size
          refuse("The columns are too narrow.") if @column < 74
          heads = fit_labels(items.map { [@column - (inset * 2), height * 0.34] }, most: 36 * unit, detail: false, cap: 40)
          @head = heads.map(&:height).max + gap(28)
          lay_rows(heads)
        end

        private

        def inset = gap(12)

        def lay_rows(heads)
          room = height - @head
          size, cells, names = fit_cells(room / @rows.size)
          row = [room / @rows.size, ((cells.flatten.compact.map(&:height) + names.compact.map(&:height)).max || size) + gap(56)].min
          total = @head + (row * @rows.size)
          each_item { |item, i| column(item, i, heads[i], cells[i], row, total) }
          pen.group("rules") { names.each_with_index { |name, r| side(name, r, row) } }
        end

        def fit_cells(row)
          Scale.down([28 * unit, 31.0 * job.least / 13].min, from: job.least).each do |size|
            cells = items.map { |item| @rows.map { |name| cell(item, name, size) } }
            names = @rows.map { |name| name && Type::Composing.text(name, house.font("body"), Scale.below(size, job.least), @side - inset, leading: 1.2) }
            fits = items.zip(cells).all? do |item, list|
              list.zip(@rows).all? do |c, name|
                words(item, name).empty? || (c && c.height <= row - gap(12))
              end
            end
            return [size, cells, names] if fits && (@rows == [nil] || names.all? { |n| n && n.height <= row - 6 })
          end
          cut_cells(row)
        end

        # Rows too low for all words keep as many lines as they hold.
        def cut_cells(row)
          lines = ((row - gap(12)) / (job.least * 1.25)).floor
          refuse("There is too little room for #{@rows.size} rows.") if lines < 1
          cells = items.map do |item|
            @rows.map do |name|
              Type::Composing.cut(words(item, name), house.font("body"), job.least, @column - (inset * 2), lines, leading: 1.25)
            end
          end
          names = @rows.map { |name| name && Type::Composing.cut(name, house.font("body"), job.least, @side - inset, lines, leading: 1.25) }
          [job.least, cells, names]
        end

        def words(item, name)
          Figures.clean(if name
                          (item.aspects.find { |n, _| n == name } || [nil, "–"]).last
                        else
                          (item.detail.empty? ? item.date || Values.text(item) : item.detail)
                        end)
        end

        def cell(item, name, size)
          return nil if words(item, name).empty?

          Type::Composing.text(words(item, name), house.font(best?(item, name) ? "label" : "body"), size, @column - (inset * 2), leading: 1.25)
        end

        # The one that matters is told by the person; numbers are never judged good or bad by themselves.
        def best?(item, name) = name && item.strong

        def column(item, index, head, cells, row, total)
          x = @side + (index * @column)
          ground = surface
          if item.strong || job.finish.name != "line"
            paint = item.strong ? job.finish.area(house, "accent-3", 0.3, rule) : nil
            pen.rect(x, top, @column - gap(4), total, radius: radius, **paint.paint) if paint
            ground = paint.ground if paint
          end
          pen.rect(x + (paint ? 0 : inset), top, @column - gap(4) - (paint ? 0 : inset * 1.4), [emphasis, 3].max, fill: mark(item))
          put(head, x + inset, top + gap(16), item: item, ground: ground)
          cells.each_with_index do |set, r|
            remember_cut(item, set)
            next if set.nil? || set.lines.empty?

            y = top + @head + (row * r)
            pen.text(set, x + inset, y + ((row - set.height) / 2), fill: house.ink(ground), part: @rows[r] ? "aspect:#{@rows[r]}" : "detail")
          end
        end

        def side(name, index, row)
          y = top + @head + (row * index)
          pen.line(0, y, width - gap(4), y, stroke: house.colour("line"), line: rule)
          pen.text(name, 0, y + ((row - name.height) / 2), fill: house.ink(surface, role: "ink-2"), part: "name:#{@rows[index]}") if name
        end
      end
    end
  end
end
