# frozen_string_literal: true

module Peony
  module Figures
    # The catalogue drawn with made-up words: every form in one finish, or one form in all finishes and sizes.
    module Specimen
      SIZES = [[420, 420], [420, 525], [640, 360], [320, 800], [600, 400]].freeze
      CELL = [440, 340].freeze

      # A drawing and what stands below it.
      Sample = Struct.new(:form, :title, :family, :note, :drawing, :objection, keyword_init: true)

      module_function

      # @param family [String]
      # @return [Array<Hash>] items of the sample world for it
      def items(family)
        @items ||= JSON.parse(File.read(File.join(ASSETS, "specimen", "items.json")))
        @items.fetch(family).each_with_index.map { |row, index| item(row, "i#{index + 1}") }
      end

      def item(row, id)
        title, detail, value, date, unit, aspects, children = row
        { "id" => id, "title" => title, "detail" => detail, "value" => value, "date" => date, "unit" => unit, "aspects" => aspects,
          "children" => (children || []).each_with_index.map { |child, i| item(child.is_a?(Array) ? [child[0], "", nil, nil, nil, nil, child[1]] : [child, ""], "#{id}-#{i + 1}") } }.compact
      end

      # @param house [Style::House]
      # @param finish [String]
      # @return [Array<Sample>] every form, by family
      def forms(house, finish)
        Form.members.values.map(&:facts).sort_by { |facts| [FAMILIES.index(facts.family), facts.form] }.map { |facts| sample(facts, house, finish, *CELL, facts.family) }
      end

      # @param form [String]
      # @return [Array<Sample>] that form in every finish, then in every size
      def form(form, house)
        facts = Form.fetch(form).facts
        Finish.members.keys.map { |finish| sample(facts, house, finish, *CELL, finish) } + SIZES.map { |w, h| sample(facts, house, house.finish, w, h, "#{w} × #{h} px") }
      end

      def sample(facts, house, finish, width, height, note)
        list = items(facts.family).first(facts.most)
        list = items("hub").first(facts.most) if Form.fetch(facts.form).objection(Figures.items(list))
        list = Proposals.pictured(list, house.icons) if %w[list hub].include?(facts.family)
        list = list.each_with_index.map { |item, i| i == (list.size / 2) && list.size > 3 ? item.merge("strong" => true) : item }
        drawing = Figures.draw(facts.form, list, house: house, width: width, height: height, finish: finish)
        Sample.new(form: facts.form, title: facts.title, family: facts.family, note: note, drawing: drawing)
      rescue Refusal => e
        Sample.new(form: facts.form, title: facts.title, family: facts.family, note: note, objection: e.message)
      end

      # All forms on one sheet.
      # @param across [Integer] how many side by side
      # @return [Scene::Picture]
      def sheet(house, finish, across: 6)
        samples = forms(house, finish).select(&:drawing)
        w, h = CELL
        step = [w + 48, h + 84]
        rows = (samples.size / across.to_f).ceil
        pen = Scene::Builder.new
        pen.rect(0, 0, step[0] * across, step[1] * rows, fill: house.colour("surface"))
        samples.each_with_index { |s, i| lay(pen, s, house, (i % across) * step[0], (i / across) * step[1]) }
        Scene::Picture.new(width: step[0] * across, height: step[1] * rows, nodes: pen.nodes, title: "#{house.name}, #{finish}", lang: "en")
      end

      def lay(pen, sample, house, x, y)
        pen.words(sample.title, house.font("title"), 20, x + 24, y + 38, fill: house.ink, part: "caption")
        pen.words(sample.family, house.font("body"), 14, x + 24 + CELL[0], y + 38, fill: house.ink(role: "ink-2"), anchor: :end, part: "caption")
        pen.group("figure") { sample.drawing.nodes.each { |node| pen.nodes << Scene::Boxes.moved(node, x + 24, y + 58) } }
      end
    end
  end
end
