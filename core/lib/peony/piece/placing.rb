# frozen_string_literal: true

module Peony
  class Piece
    # Making a figure object of a reading, and the operation that puts it where there is room.
    module Placing
      # Height of a new figure as a share of its width; forms that stack their items grow with them.
      USUAL = 0.58
      STACKED = 0.16

      module_function

      # @param reading [Reading::Result]
      # @param form [String]
      # @param family [String, nil] which of the reading's families; by default the form's own, else the best
      # @return [Hash] an object without id and box
      # @raise [Peony::Error] when the reading found nothing
      def figure(piece, reading, form:, family: nil)
        facts = Figures::Form.fetch(form).facts
        finding = reading.finding(family || facts.family) || reading.best
        raise Error.new("There is nothing to draw in these words.", hint: "Mark more of them.") unless finding

        blocks = reading.passage.blocks.map(&:id)
        { "type" => "figure", "form" => form, "family" => finding.family, "heading" => reading.title,
          "items" => Figures::Proposals.items(finding, reading.passage), "passage" => { "blocks" => blocks, "digest" => piece.digest(blocks) } }.compact
      end

      # @param table [Hash] of the piece
      # @param chart [String]
      # @param column [String, nil] the measure it is about
      # @return [Hash] an object without id and box
      # @raise [Peony::Error] when the table does not make that chart
      def chart(table, chart:, column: nil)
        made = Charts::Following.made(table, chart, column) or raise Error.new("This table does not make that chart.", hint: "Take another one, or check how its columns are understood.")
        words = { "heading" => made.heading, "found" => made.heading, "subtitle" => made.subtitle, "highlight" => made.highlight }
        { "type" => "chart", "chart" => chart, **words, "data" => made.data, "marks" => made.marks, "table" => table["id"], "column" => column }.compact
      end

      # @param object [Hash] as made by {figure} or {chart}, with an id
      # @param page [String, nil] where it goes; a page that is not there means a new one
      # @param fresh [String] the id a new page would get
      # @return [Hash] an operation: the free room of the page, or a new page when it is full
      def operation(piece, object, page:, fresh:)
        target = piece.pages.find { |p| p["id"] == page }
        box = target && box(piece, target, object)
        return { "op" => "object.add", "page" => target["id"], "object" => object.merge("box" => box) } if box

        empty = { "id" => fresh, "ground" => "surface", "objects" => [] }
        placed = object.merge("box" => box(piece, empty, object))
        { "op" => "batch", "operations" => [{ "op" => "page.add", "page" => empty }, { "op" => "object.add", "page" => fresh, "object" => placed }] }
      end

      # @return [Array<Float>, nil] no larger than the figure needs; nil when the page is full
      def box(piece, page, object)
        share = object["form"] && Figures::Form.fetch(object["form"]).facts.stacked ? [STACKED * object["items"].size, 0.5].max : USUAL
        free = Layout.free_box(piece, page, share: share)
        free && object["form"] ? Layout.snug(piece, object, free) : free
      end
    end
  end
end
