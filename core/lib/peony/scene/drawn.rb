# frozen_string_literal: true

module Peony
  module Scene
    # The drawing of an object that Peony draws: a figure of items or a chart of a table.
    module Drawn
      TYPES = %w[figure chart].freeze
      # What a drawing depends on, beside its box, its style and its ground.
      FIELDS = %w[form items chart data marks highlight heading subtitle finish colour direction parts axis patterns].freeze

      module_function

      # @param object [Hash] as kept in a piece
      # @param house [Style::House] on the ground it stands on
      # @return [Figures::Drawing]
      # @raise [Figures::Refusal]
      def of(object, house, width, height, least: 12)
        look = { house: house, width: width, height: height, finish: object["finish"], heading: object["heading"], direction: object["direction"] || "ltr",
                 colour: object["colour"] || "accent-1", least: least }
        drawing = if object["type"] == "chart"
                    Charts.draw(object["chart"], object["data"], subtitle: object["subtitle"], marks: object["marks"], highlight: object["highlight"], axis: object["axis"],
                                                                 patterns: object["patterns"], **look)
                  else
                    Figures.draw(object["form"], object["items"], **look)
                  end
        drawing.dup.tap { |own| own.nodes = Parts.applied(drawing.nodes, object["parts"] || {}, house) }
      end

      # @return [Boolean]
      def type?(object) = TYPES.include?(object["type"])

      # @return [String] its name in messages
      def called(object)
        return "“#{object['heading']}”" unless object["heading"].to_s.empty?

        facts = object["type"] == "chart" ? Charts::Chart.fetch(object["chart"]).facts : Figures::Form.fetch(object["form"]).facts
        "The #{facts.title.downcase}"
      end
    end
  end
end
