# frozen_string_literal: true

module Peony
  module Figures
    # Real drawings of a reading, best first and different from each other.
    module Proposals
      MOST = 12
      # Of one family, and of one arrangement, among the first six.
      COUSINS = 4
      ALIKE = 2
      # How likely a family must be beside the best to stand among the first six.
      BESIDE = 0.05
      # px across, about as wide as a page's text.
      LARGE = 900
      # Families that need the room of a page.
      BRANCHED = %w[hierarchy decision].freeze
      # Forms that live from their icons.
      BY_SIGHT = %w[tiles].freeze
      # Families whose items are things.
      PICTURED = %w[list hub comparison parts ranking overlap journey].freeze

      # Families whose forms draw all values to one scale.
      SCALED = %w[ratio ranking parts funnel relation trend].freeze

      module_function

      # @param reading [Reading::Result]
      # @param house [Style::House]
      # @param width [Numeric] px of the box each is drawn for
      # @param height [Numeric] px
      # @param used [Array<String>] forms already in the piece: they step back
      # @param family [String, nil] only this family
      # @return [Array<Proposal>]
      def for(reading, house: Style.fetch("Dome"), width: 560, height: 420, used: [], family: nil, most: MOST)
        told = Hash.new { |kept, finding| kept[finding] = items(finding, reading.passage, icons: house.icons) }.compare_by_identity
        drawn = lambda do |list|
          list.filter_map { |form, finding, fit| proposal(form, finding, told[finding], fit, reading, house, width, height, used) }.sort_by { |p| -p.fit }.uniq(&:form)
        end
        likely, others = candidates(reading, family).partition { |_, finding, _| family || finding.fit >= BESIDE * reading.best.fit }
        first = mixed(drawn[likely])
        # What is much less likely than the best is drawn where there is room.
        first += drawn[others].reject { |p| first.any? { |q| q.form == p.form } } if first.size < most
        first.first(most)
      end

      def candidates(reading, family)
        findings = family ? [reading.finding(family)].compact : reading.findings.first(4)
        findings.flat_map do |finding|
          Form.members.values.filter_map do |form|
            worth = Kin.worth(form.facts, finding.family)
            [form, finding, finding.fit * worth] if worth
          end
        end
      end

      def proposal(form, finding, items, fit, reading, house, width, height, used)
        items = spoken(items) if form.facts.family == "timeline"
        shown = Figures.items(items)
        return nil if form.objection(shown) || (one_scale?(form.facts) && of_many_kinds?(items, apart: finding.family == "headline"))

        drawing = drawing_of(form, items, house, width, height, finding.heading || reading.title)
        fit *= form.filled(shown, finding.family)
        fit *= 1 - (0.3 * drawing.cuts.size / items.size)
        fit *= 0.92 if used.include?(form.facts.form)
        fit *= 1.04 if form.facts.needs.any?
        fit *= 1.05 if BY_SIGHT.include?(form.facts.form) && items.all? { |item| item["icon"] }
        Proposal.new(form: form.facts.form, title: form.facts.title, family: finding.family, fit: [fit, 1.0].min.round(3), reason: form.facts.reason,
                     heading: finding.heading || reading.title, items: items, drawing: drawing)
      rescue Refusal
        nil
      end

      # A tree or a way through questions that is too long for so small a box, or loses words in it, is drawn for a larger one, and shown smaller: only there is it seen what hangs on what.
      def drawing_of(form, items, house, width, height, heading)
        draw = ->(wide, high) { Figures.draw(form.facts.form, items, house: house, width: wide, height: high, heading: heading) }
        return draw[width, height] unless BRANCHED.include?(form.facts.family) && width < LARGE

        small = begin
          draw[width, height]
        rescue Refusal
          nil
        end
        small&.cuts&.empty? ? small : draw[LARGE, LARGE * height / width]
      end

      # A line of dates shows what was measured beside the date, where that was all that the item said.
      def spoken(items) = items.map { |item| item["value"] && item["title"] == item["date"] ? item.merge("title" => measured(item)) : item }

      def measured(item)
        counted = item["unit"].to_s.empty? || !Reading::Units.counted?(item["unit"]) ? nil : item["unit"]
        [Values.text(Figures.items([item]).first), counted].compact.join(" ")
      end

      def one_scale?(facts) = SCALED.include?(facts.family) && facts.needs.include?(:value)

      # "4,212 guests" and "86 %" on one scale would say that one is fifty times the other; how often something was done is a count like others.
      # @param apart [Boolean] whether each number stands by itself: then members and steps are no more of one kind
      def of_many_kinds?(items, apart: false)
        units = items.filter_map { |item| item["value"] && item["unit"] }.reject(&:empty?)
        units = units.map { |unit| Reading::Units.counted?(unit) || unit == "times" ? "count" : unit } unless apart
        units.uniq.size > 1
      end

      # The first six differ: no more than four of one family and two of one arrangement, where there are others.
      def mixed(list)
        first = []
        later = []
        list.each { |p| first.size < 6 && first.count { |q| q.family == p.family } < COUSINS && first.count { |q| kind(q) == kind(p) } < ALIKE ? first << p : later << p }
        first + later
      end

      def kind(proposal) = Form.fetch(proposal.form).kind

      # @return [String, nil] why a reading that found something has no drawing, and what to do
      def objection(reading)
        best = reading.best
        return nil unless best

        most = Form.members.values.map { |form| form.facts.most }.max
        return "No form holds these words: some are too long for any of them. Shorten them in Gather, or mark fewer of them." if best.items.size <= most

        "These are #{best.items.size} items, and a figure holds at most #{most}. Mark some of them on the left to read just those."
      end

      # @param finding [Reading::Finding]
      # @return [Array<Hash>] its items as a piece keeps them
      def items(finding, passage, icons: Icons::DEFAULT)
        list = finding.items.first(40).each_with_index.map { |item, index| kept(item, "i#{index + 1}", passage) }
        PICTURED.include?(finding.family) && list.size <= 12 ? pictured(list, icons) : list
      end

      # Icons where most of the items have one that surely fits; a single one would look like a mistake.
      def pictured(list, icons)
        names = Icons::Search.for_items(list.map { |item| item["title"] }, set: icons)
        return list if names.compact.size < [2, list.size * 0.6].max

        list.zip(names).map { |item, name| name ? item.merge("icon" => name) : item }
      end

      # @return [Hash] an item as a piece keeps it, with its thread
      def kept(item, id, passage, depth = 0)
        parts = depth < 3 ? item.children.first(24).each_with_index.map { |child, index| kept(child, "#{id}-#{index + 1}", passage, depth + 1) } : []
        { "id" => id, "title" => item.title, "detail" => item.detail, "children" => parts, "value" => item.value, "unit" => item.unit, "date" => item.date,
          "aspects" => item.aspects, "refs" => item.spans.flat_map { |s| passage.refs(s.from, s.to) } }.reject { |_, v| v.nil? || v == [] || v == "" }
      end
    end
  end
end
