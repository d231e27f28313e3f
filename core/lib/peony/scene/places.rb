# frozen_string_literal: true

module Peony
  module Scene
    # Where the items of a page's figures stand, and where its words are: what labels and connectors go by.
    module Places
      module_function

      # @param object [Hash] a figure or chart
      # @param item [String, nil] one item of it; nil for the whole
      # @return [Array<Float>, nil] left, top, right, bottom in px of the page
      def of(piece, page, object, item)
        x, y, w, h = object["box"]
        return [x, y, x + w, y + h] if item.nil? || !Drawn.type?(object)

        groups = []
        Picture.new(nodes: drawing(piece, page, object).nodes).walk { |node| groups << node if node.is_a?(Group) && node.item == item }
        box = Boxes.around(groups.filter_map { |group| Boxes.of(group) })
        box && [box[0] + x, box[1] + y, box[2] + x, box[3] + y]
      rescue Figures::Refusal
        nil
      end

      # @return [Array<Array<Float>>] boxes of all words on a page
      def words(piece, page)
        page["objects"].flat_map do |object|
          case object["type"]
          when "figure", "chart" then drawn_words(piece, page, object)
          when "text" then [object["box"].then { |x, y, w, h| [x, y, x + w, y + h] }]
          else []
          end
        end
      end

      def drawn_words(piece, page, object)
        x, y = object["box"]
        Picture.new(nodes: drawing(piece, page, object).nodes).texts.filter_map { |text| Boxes.of(text) }.map { |l, t, r, b| [l + x, t + y, r + x, b + y] }
      rescue Figures::Refusal
        []
      end

      def drawing(piece, page, object) = Pages.drawing(piece, object, Pages.ground_under(piece, page, object, page["objects"].index(object)))
    end
  end
end
