# frozen_string_literal: true

module Peony
  module Proof
    module Checks
      # Figures and texts that lie on one another or leave the page.
      class Placement < Check
        check "placement", group: "Legible", orderly: "nothing overlaps"

        def remarks = outside + overlaps

        private

        def outside
          each_object do |page, object|
            next if %w[shape connector].include?(object["type"])

            x, y, w, h = object["box"]
            next if x > -1 && y > -1 && x + w < piece.width + 1 && y + h < piece.height + 1

            box = inside(object["box"])
            remark(
              "It leaves the page",
              "#{name(object)} reaches over the edge.",
              page: page, object: object, state: object["box"].join(","),
              mends: [{ label: "Bring it in", operation: { "op" => "object.change", "id" => object["id"], "set" => { "box" => box } } }]
            )
          end
        end

        def inside(box)
          edge = Piece::Layout.margin(piece)
          w = [box[2], piece.width - (edge * 2)].min
          h = [box[3], piece.height - (edge * 2)].min
          [box[0].clamp(edge, piece.width - edge - w), box[1].clamp(edge, piece.height - edge - h), w, h].map { |v| v.round(1) }
        end

        def overlaps
          piece.pages.flat_map do |page|
            list = page["objects"].reject { |o| %w[shape connector].include?(o["type"]) || o["tie"] }
            list.combination(2).filter_map do |a, b|
              next unless overlap?(a["box"], b["box"])

              remark("Two things overlap", "#{name(a)} and #{name(b)} lie on one another.", page: page, object: b,
                                                                                            state: (a["box"] + b["box"]).join(","))
            end
          end
        end

        def overlap?(a, b)
          x = [a[0] + a[2], b[0] + b[2]].min - [a[0], b[0]].max
          y = [a[1] + a[3], b[1] + b[3]].min - [a[1], b[1]].max
          x > 6 && y > 6
        end

        def name(object) = Scene::Drawn.type?(object) ? called(object) : "“#{object['text'].to_s[0, 40]}”"
      end
    end
  end
end
