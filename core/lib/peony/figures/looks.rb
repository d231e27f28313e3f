# frozen_string_literal: true

module Peony
  module Figures
    # Every form with a figure's own items: those of its family first; those that cannot hold them say why.
    module Looks
      # A form as it would look. +drawing+ is nil where there is an +objection+.
      Look = Struct.new(:facts, :drawing, :objection, keyword_init: true)

      WIDTH = 480
      HEIGHT = 340

      module_function

      # @param object [Hash] a figure of a piece
      # @param house [Style::House]
      # @return [Array<Look>]
      def of(object, house)
        family = object["family"] || Form.fetch(object["form"]).facts.family
        Form.members.values.map(&:facts).sort_by { |facts| [nearness(facts, family), facts.form] }.map { |facts| look(facts, object, house) }
      end

      def nearness(facts, family) = [facts.family, *facts.also].index(family) || 99

      def look(facts, object, house)
        drawing = Figures.draw(facts.form, object["items"], house: house, width: WIDTH, height: HEIGHT, colour: object["colour"] || "accent-1")
        Look.new(facts: facts, drawing: drawing)
      rescue Refusal => e
        Look.new(facts: facts, objection: e.message)
      end
    end
  end
end
