# frozen_string_literal: true

module Peony
  module Figures
    module Forms
      # A track that runs to the right, turns and comes back: the way there above, the way back below.
      class Loop < Form
        form "loop", title: "Loop with return", icons: true, family: "cycle", also: [], least: 3, most: 10,
                     sees: "a track that goes there and comes back, stations on both ways", reason: "out and back again"

        def draw
          @upper = (items.size / 2.0).ceil
          @lower = items.size - @upper
          band = [[height * 0.2, width * 0.2].min, 120 * unit].min
          @step = width / @upper
          refuse("There is too little room for #{items.size} stations.") if @step < 84
          room = ((height - band) / 2) - gap(26)
          refuse("There is too little room above and below the track.") if room < 30
          labels = fit_labels(items.each_index.map { |i| [width_of(i) - gap(16), room] }, most: 23 * unit)
          above = labels.first(@upper).map(&:height).max
          below = labels.drop(@upper).map(&:height).max
          spare = [height - above - below - gap(52) - band, 0].max
          band += [spare * 0.5, band * 0.5].min
          @y = top + above + gap(26) + ([height - above - below - gap(52) - band, 0].max / 2)
          @band = band
          track
          each_item { |item, i| station(item, i, labels[i]) }
        end

        private

        def width_of(index) = index < @upper ? @step : width / @lower

        def r = @r ||= [18 * unit, @band * 0.2].min.clamp(12, 34)

        def track
          edge = r + shape
          colour = mark
          pen.rect(edge, @y, width - (edge * 2), @band, radius: @band / 2, stroke: colour, line: emphasis * 0.7)
          # A head on the way there and one on the way back.
          [[width * 0.5, @y, 1], [width * 0.5, @y + @band, -1]].each do |x, y, way|
            long = [emphasis * 3, 12].max
            x += long * way * 0.5
            pen.polygon([[x, y], [x - (long * way), y - (long * 0.55)], [x - (long * way), y + (long * 0.55)]], fill: colour)
          end
        end

        # Stations stand clear of the heads in the middle of the track.
        def station(item, index, label)
          back = index >= @upper
          w = width_of(index)
          k = back ? @lower - 1 - (index - @upper) : index
          x = (w * k) + [w * 0.12, (@band / 2) + r].min.clamp(r + shape, w / 2)
          x = (w * k) + [w / 2, (@band / 2) + r].min if (back ? @lower : @upper) == 1
          y = back ? @y + @band : @y
          disc(item, index + 1, x, y, r, share: 0.9)
          put(label, (x - r).clamp(w * k, [(w * (k + 1)) - label.width, w * k].max), back ? y + r + gap(12) : y - r - gap(12) - label.height, item: item)
        end
      end
    end
  end
end
