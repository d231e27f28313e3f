# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # One rectangle cut into blocks, each as large as its share.
      class Blocks < Form
        form "blocks", title: "Proportional blocks", family: "parts", also: %w[ranking], least: 2, most: 9, needs: %i[value],
                       sees: "one rectangle cut into blocks as large as their shares", reason: "how much room each takes"

        include Shares

        LEAST_W = 60
        LEAST_H = 34

        def draw
          check_shares
          list = items.sort_by { |i| -i.value }
          @total = list.sum(&:value).to_f
          cut(list, 0.0, top, width, height).each { |item, box| pen.group("item", item: item.id) { block(item, *box) } }
        end

        private

        # Rows along the shorter side whose blocks come nearest to squares (squarified treemaps, Bruls, Huizing and van Wijk 2000).
        def cut(list, x, y, w, h)
          return [] if list.empty?

          sum = list.sum(&:value).to_f
          return [[list.first, [x, y, w, h]]] if list.size == 1 || sum.zero?

          side = [w, h].min
          row = (1..list.size).min_by { |n| worst(list.first(n), sum, w * h, side) }
          taken = list.first(row)
          share = taken.sum(&:value) / sum
          across = w >= h
          strip = across ? [x, y, w * share, h] : [x, y, w, h * share]
          rest = across ? [x + (w * share), y, w * (1 - share), h] : [x, y + (h * share), w, h * (1 - share)]
          laid(taken, *strip, across) + cut(list.drop(row), *rest)
        end

        def worst(row, sum, room, side)
          taken = row.sum(&:value) / sum * room
          thick = taken / side
          row.map { |i| ((i.value / sum * room) / thick).then { |long| [long / thick, thick / [long, 0.01].max].max } }.max
        end

        def laid(row, x, y, w, h, across)
          sum = row.sum(&:value).to_f
          row.map do |item|
            share = item.value / sum
            box = across ? [x, y, w, h * share] : [x, y, w * share, h]
            across ? y += h * share : x += w * share
            [item, box]
          end
        end

        def block(item, x, y, w, h)
          inner = [w - gap(4), h - gap(4)]
          refuse("“#{item.title}” has too small a share for its words.") if inner[0] < LEAST_W || inner[1] < LEAST_H
          paint = tone(items.index(item), words: true)
          pen.rect(x, y, *inner, radius: [radius, 10].min, **paint.paint)
          pad = [gap(14), inner[0] * 0.08].min
          size = Scale.down([inner[1] * 0.36, inner[0] * 0.3, 69 * unit].min, from: job.least).find { |s| number_width(item, s) <= inner[0] - (pad * 2) }
          refuse("“#{item.title}” has too small a share for its number.") unless size
          label = fit_labels([[inner[0] - (pad * 2), inner[1] - (pad * 1.6) - (size * 1.1)]], most: [24 * unit, size].min, list: [item]).first
          number(item, size, x + pad, y + (pad * 0.8) + (size * 0.82), fill: house.ink(paint.ground))
          put(label, x + pad, y + (pad * 0.8) + (size * 1.1), item: item, ground: paint.ground)
        end
      end
    end
  end
end
