# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # One number as large as the box allows, and the words that say what it is.
      class NumberPoster < Form
        form "number-poster", title: "One number", family: "headline", also: %w[ratio change], least: 1, most: 2, needs: %i[value],
                              sees: "one number as large as the box allows, with its sentence", reason: "one number says it"

        def draw
          lead = items.find(&:strong) || items.first
          rest = items - [lead]
          share = rest.empty? ? 1.0 : 0.68
          pen.group("item", item: lead.id) { poster(lead, top, height * share) }
          rest.each { |item| pen.group("item", item: item.id) { foot(item, top + (height * share) + gap(8), (height * (1 - share)) - gap(8)) } }
        end

        private

        def poster(item, y, tall)
          size = Scale.down([tall * 0.72, width * 0.5, 262].min, from: [job.least, 18].max).find do |s|
            number_width(item, s) <= width && words_fit?(item, tall - (s * 0.98) - gap(10))
          end
          refuse("The number does not fit.") unless size
          paint = house.ink(surface, role: role(item), ratio: size * 0.6 >= 24 ? 3.0 : 4.5)
          words = fit_labels([[wrap, tall - (size * 0.98) - gap(10)]], most: [30 * unit, size * 0.5].min, list: [item]).first
          start = y + [(tall - (size * 0.98) - gap(10) - words.height) / 2, 0].max
          number(item, size, 0, start + (size * 0.82), fill: paint)
          pen.rect(0, start + (size * 0.98), [wrap, width * 0.16].min, [emphasis, 3].max, fill: mark(item)) if job.finish.name == "flat"
          put(words, 0, start + (size * 0.98) + gap(10) + [emphasis, 3].max, item: item)
        end

        def wrap = [width, 30 * unit * 17].min

        def words_fit?(item, room)
          size = [job.least, 14].max
          set = Type::Composing.text(item.title, house.font("label"), size, wrap, leading: 1.22, hard: true)
          set && set.height + (item.detail.empty? ? 0 : size * 1.8) <= room - [emphasis, 3].max
        end

        def foot(item, y, tall)
          size = Scale.down([tall * 0.6, 60 * unit].min, from: [job.least, 16].max).find do |s|
            number_width(item, s) <= width * 0.34
          end || [job.least, 16].max
          lead = [number_width(item, size) + gap(18), width * 0.2].max
          pen.line(0, y, width, y, stroke: house.colour("line"), line: rule)
          label = fit_labels([[width - lead, tall - gap(14)]], most: 22 * unit, list: [item]).first
          number(item, size, 0, y + gap(10) + [size * 0.8, label.title.ascent].max, fill: house.ink)
          put(label, lead, y + gap(12), item: item)
        end
      end
    end
  end
end
