# frozen_string_literal: true

module Peony
  module Proof
    module Checks
      # Words that lie on two grounds at once, or on one they do not stand out from. Measured on the scene, at points along every line.
      class Contrast < Check
        check "contrast", group: "Legible", orderly: "contrast"

        def remarks
          piece.pages.flat_map do |page|
            areas = [Scene::Pages.back(piece, page)]
            Scene::Pages.objects(piece, page).filter_map do |object, group|
              worst = worst(group, areas)
              areas.concat(filled(group))
              found(page, object, worst) if worst && worst < 1.0
            end
          end
        end

        private

        # @return [Float, nil] the smallest contrast of a text as a share of what it needs
        def worst(group, areas)
          all = areas.dup
          shares = []
          each_node(group) do |node|
            if node.is_a?(Scene::Text) then shares << text(node, all)
            elsif node.respond_to?(:fill) && node.fill then all << node
            end
          end
          shares.compact.min
        end

        def text(node, areas)
          needed = node.size >= 24 ? 3.0 : 4.5
          box = Scene::Boxes.of(node) or return nil
          y = (box[1] + box[3]) / 2
          [0.1, 0.5, 0.9].map { |t| Colour::Mixing.contrast(node.fill, under(box[0] + ((box[2] - box[0]) * t), y, areas)) / needed }.min
        end

        def under(x, y, areas)
          area = areas.reverse_each.find { |a| inside?(a, x, y) }
          area ? area.fill : piece.house.colour("surface")
        end

        def inside?(area, x, y)
          case area
          when Scene::Rect then x.between?(area.x, area.x + area.w) && y.between?(area.y, area.y + area.h)
          when Scene::Ellipse then area.rx.positive? && area.ry.positive? && (((x - area.cx) / area.rx)**2) + (((y - area.cy) / area.ry)**2) <= 1
          else within?(area, x, y)
          end
        end

        # A path is flattened once, and only looked at where its box holds the point.
        def within?(path, x, y)
          @rings ||= {}.compare_by_identity
          box, rings = @rings[path] ||= [Scene::Boxes.of(path), nil]
          return false unless box && x.between?(box[0], box[2]) && y.between?(box[1], box[3])

          rings ||= (@rings[path] = [box, Scene::Outlines.of(path)]).last
          rings.sum { |ring| Scene::Outlines.crossings(ring, x, y) }.odd?
        end

        def filled(group) = [].tap { |list| each_node(group) { |n| list << n if !n.is_a?(Scene::Text) && n.respond_to?(:fill) && n.fill } }

        def each_node(node, &block)
          return yield(node) unless node.respond_to?(:children)

          node.children.each { |child| each_node(child, &block) }
        end

        def found(page, object, share)
          mends = if object["type"] == "text"
                    [{ label: "Put a plate behind it",
                       operation: { "op" => "object.change", "id" => object["id"],
                                    "set" => { "plate" => "surface" } } }]
                  else
                    []
                  end
          remark(
            "Words hard to see",
            "The contrast is #{(share * 100).round} % of what is needed. #{'Move it off the edge of what lies behind.' unless mends.any?}".strip,
            page: page, object: object, state: share.round(2), mends: mends
          )
        end
      end
    end
  end
end
