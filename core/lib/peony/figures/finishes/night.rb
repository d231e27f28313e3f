# frozen_string_literal: true

module Peony
  module Figures
    module Finishes
      # Light marks on a dark sheet of the style's own.
      class Night < Flat
        finish "night", sees: "light marks on a dark sheet"

        def framed(house, width, height)
          margin = [[width, height].min * 0.045, 10].max
          dark = house.on(house.night)
          drawing = yield(dark, width - (margin * 2), height - (margin * 2))
          sheet = Scene::Rect.new(x: 0, y: 0, w: width, h: height, radius: house.radius, fill: dark.colour("surface"))
          Drawing.new(nodes: [sheet, *drawing.nodes.map { |node| Scene::Boxes.moved(node, margin, margin) }], width: width, height: height, cuts: drawing.cuts)
        end

        private

        def lightest = 0.3
      end
    end
  end
end
