# frozen_string_literal: true

module Peony
  # Pictures made from a reading: items + form + finish.
  module Figures
    # What a form draws of one item. +strong+ marks the one that matters; +aspects+ are pairs [name, words]; +children+ are items.
    Item = Struct.new(:id, :title, :detail, :value, :unit, :date, :aspects, :colour, :strong, :children, :icon, keyword_init: true)

    # Everything a form needs. Sizes in px; +colour+ is the figure's role; +least+ the smallest text size allowed.
    Job = Struct.new(:items, :heading, :width, :height, :house, :finish, :direction, :colour, :least, keyword_init: true)

    # A drawn figure: nodes from 0,0 to width,height. +cuts+ are ids of items whose detail was shortened.
    Drawing = Struct.new(:nodes, :width, :height, :cuts, keyword_init: true)

    # A figure that could be put on the page: a form with the reading's own items. +items+ as kept in a piece.
    Proposal = Struct.new(:form, :title, :family, :fit, :reason, :heading, :items, :drawing, keyword_init: true)

    # A form cannot hold these items in this box.
    class Refusal < Error; end

    FAMILIES = %w[list sequence cycle timeline comparison opposition change parts ranking trend ratio headline hierarchy quadrant overlap funnel
                  cause hub decision journey relation].freeze

    module_function

    # @param items [Array<Hash>] {"title", "detail", "value", "unit", "date", "aspects", "colour", "strong", "id"}
    # @return [Array<Item>]
    def items(items)
      items.each_with_index.map do |data, index|
        Item.new(id: data["id"] || "i#{index + 1}", title: clean(data["title"]), detail: clean(data["detail"]), value: number(data["value"]),
                 unit: data["unit"].to_s, date: data["date"]&.to_s,
                 aspects: (data["aspects"] || []).map { |name, words| [name, Values.spaced(words)] }, colour: data["colour"], strong: data["strong"],
                 icon: data["icon"], children: items(data["children"] || []))
      end
    end

    # @param form [String]
    # @param items [Array<Hash>]
    # @param house [Style::House]
    # @return [Drawing]
    # @raise [Refusal] with the reason
    def draw(form, items, house:, width:, height:, finish: nil, heading: nil, direction: "ltr", colour: "accent-1", least: 12)
      finish = Finish.fetch(finish || house.finish)
      finish.framed(house, width.to_f, height.to_f) do |dressed, w, h|
        job = Job.new(items: items(items), heading: clean(heading), width: w, height: h, house: dressed, finish: finish, direction: direction, colour: colour, least: least)
        Form.fetch(form).draw(job)
      end
    end

    # @return [Scene::Picture] a drawing on its ground, as a picture of its own
    def picture(drawing, house, title: nil, ground: true, lang: "en")
      back = Scene::Rect.new(x: 0, y: 0, w: drawing.width, h: drawing.height, radius: 0, fill: house.colour("surface"))
      Scene::Picture.new(width: drawing.width, height: drawing.height, nodes: ground ? [back, *drawing.nodes] : drawing.nodes, title: title,
                         lang: lang)
    end

    def clean(text) = text.to_s.gsub(/[[:space:]&&[^\u00A0\u202F\u2009]]+/, " ").strip

    def number(value) = value.nil? || value == "" ? nil : Float(value, exception: false)
  end
end
