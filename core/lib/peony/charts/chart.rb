# frozen_string_literal: true

module Peony
  module Charts
    # Base of the charts: from data and a box to primitives. A chart is one file in kinds/ that says what it is for, takes its data from a table, and draws.
    #
    #   class Columns < Chart
    #     chart "column", title: "Columns", family: "column", sees: "a column for each row, from zero", tells: %w[max]
    #     def self.fit(shape, said) = ...      # 0..1, or nil where it has nothing to draw
    #     def self.data(shape, column, _said) = ...   # as kept in a piece
    #     def draw = ...
    #   end
    class Chart
      extend Registry
      extend From

      members_in "charts/kinds"
      include Figures::Board
      include Paints
      include Guides
      include Marking
      include Patterns

      # +family+ is the kind of chart it counts as; +tells+ the findings that make its title, best first; +most+ rows it holds.
      # +scale+: "points" where it may begin anywhere and be logarithmic, "lengths" where it begins at nothing, nil without one; +areas+: whether areas can be hatched.
      Facts = Struct.new(:chart, :title, :family, :sees, :reason, :tells, :most, :scale, :areas, keyword_init: true)

      class << self
        attr_reader :facts

        def chart(name, title:, family:, sees:, reason:, tells: [], most: 400, scale: nil, areas: false)
          @facts = Facts.new(chart: name, title: title, family: family, sees: sees, reason: reason, tells: tells, most: most, scale: scale, areas: areas)
          Chart.register(name, self)
        end

        # @param job [Job]
        # @return [Figures::Drawing]
        # @raise [Figures::Refusal]
        def draw(job)
          raise Figures::Refusal.new("A chart needs at least 160 × 110 px.", hint: "Make it larger.") if job.width < 160 || job.height < 110
          raise Figures::Refusal.new("There are no numbers to draw.", hint: "Choose another column.") if job.data.series.empty? || job.data.keys.empty?

          if job.data.size > facts.most
            raise Figures::Refusal.new("#{facts.title} holds at most #{facts.most} rows, and these are #{job.data.size}.", hint: "Group or filter the rows, or take another chart.")
          end

          new(job).drawing
        end
      end

      private

      def finished(nodes) = tipped(job.patterns ? patterned(nodes) : nodes)

      # Marks of a key say its numbers when one points at them.
      def tipped(nodes)
        nodes.each do |node|
          next unless node.is_a?(Scene::Group)

          index = node.kind == "item" ? data.at(node.item) : nil
          node.tip = tip(index) if index
          tipped(node.children)
        end
      end

      def tip(index)
        said = data.series.filter_map { |s| s.values[index] && (data.series.size > 1 ? "#{s.name} #{s.text(s.values[index])}" : s.text(s.values[index])) }
        "#{data.word(index)}: #{said.join(', ')}"
      end

      def data = job.data

      # The finding as title, and under it what is measured.
      def head
        super
        return if job.subtitle.empty?

        size = [16 * unit, job.least].max.clamp(job.least, [26, job.least * 1.3].max)
        setting = Type::Composing.text(job.subtitle, house.font("body"), size, job.width, leading: 1.3, hard: true)
        y = @top ? @top - gap(12) : 0.0
        pen.group("heading", item: "subtitle") { pen.text(setting, 0, y, fill: house.ink(role: "ink-2"), part: "subtitle") }
        @top = y + setting.height + gap(18)
        refuse("There is too little room under the title.") if height < job.height * 0.35
      end
    end
  end
end
