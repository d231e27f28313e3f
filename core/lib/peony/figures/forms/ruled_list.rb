# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # Rows between rules: titles in the margin, details beside them.
      class RuledList < Form
        form "ruled-list", title: "Ruled list", stacked: true, family: "list", also: %w[timeline comparison headline], least: 2, most: 12,
                           sees: "rows between thin rules, the title in the margin and the detail beside it", reason: "short titles, longer detail"

        def draw
          details = items.any? { |i| !i.detail.empty? }
          @beside = details && width > 420
          row = height / items.size
          labels = set(row, details)
          step = [row, labels.map { |a, b| [a.height, b&.height.to_f].max }.max + gap(36)].min
          each_item { |item, index| line(item, labels[index], top + (index * step), step) }
          pen.line(0, top + (items.size * step), width, top + (items.size * step), stroke: house.colour("line"), line: rule)
        end

        private

        def margin = @beside ? width * 0.36 : width

        def set(row, details)
          room = row - gap(16)
          return fit_labels(items.map { [width, room] }, most: 26 * unit, above: ->(i) { over(i) }).map { |l| [l, nil] } unless @beside

          titles = fit_labels(items.map { [margin - gap(24), room] }, most: 24 * unit, detail: false, above: ->(i) { over(i) })
          titles.zip(bodies(room, titles.first.title.size, details))
        end

        def bodies(room, size, details)
          return [] unless details

          sizes = Scale.down(Scale.below(size, job.least), from: job.least)
          found = sizes.lazy.map { |s| items.map { |i| Type::Composing.text(i.detail, house.font("body"), s, width - margin) } }
                       .find { |set| set.all? { |b| b && b.height <= room } }
          found || items.map { |item| shortened(item, width - margin, room, sizes.last) }
        end

        def over(item) = item.date || (item.value ? Values.text(item) : nil)

        def line(item, set, y, step)
          label, body = set
          pen.line(0, y, width, y, stroke: item.strong ? mark(item) : house.colour("line"), line: item.strong ? shape : rule)
          remember_cut(item, body)
          tall = [label.height, body&.height.to_f].max
          start = y + ((step - tall) / 2)
          put(label, 0, start, item: item)
          # Title and detail share the first baseline although their sizes differ.
          shift = body&.lines&.any? ? [(label.above || label.title).ascent - body.ascent, 0].max : 0
          pen.text(body, margin, start + shift, fill: house.ink(surface, role: "ink-2"), part: "detail") if body&.lines&.any?
        end
      end
    end
  end
end
