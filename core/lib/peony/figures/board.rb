# frozen_string_literal: true

module Peony
  module Figures
    # What everything that draws into a box has at hand: the job's measures and colours, lines and gaps that grow with the box, a heading on top.
    # The including class draws in +draw+, and goes over what was drawn in +finished+.
    module Board
      attr_reader :job, :pen

      def initialize(job)
        @job = job
        @pen = Scene::Builder.new
        @cuts = []
      end

      # @return [Drawing]
      def drawing
        head
        draw
        Drawing.new(nodes: finished(pen.nodes), width: job.width, height: job.height, cuts: @cuts.uniq)
      end

      private

      def draw = raise(NotImplementedError)

      def house = job.house
      def left = 0.0
      def right = job.width
      def top = @top || 0.0
      def bottom = job.height
      def width = job.width
      def height = bottom - top
      def surface = house.colour("surface")

      # One px of the 1080 px design in this box: lines, gaps and words grow with it. A low, wide figure keeps to the page's own measure.
      def unit = @unit ||= [Math.sqrt(job.width * job.height) / 560.0, job.width > 420 ? job.least / 13.0 : 0].max.clamp(0.5, 3)

      def rule = [1.5 * unit, 1.0].max
      def shape = [2.5 * unit, 1.2].max
      def emphasis = [5 * unit, 2.0].max
      def gap(steps = 16) = [steps * unit, steps * 0.5].max
      def radius = house.radius * unit

      # The figure's heading, if it has one, on top.
      def head
        return if job.heading.empty?

        setting = fit_heading
        pen.group("heading", item: "heading") { pen.text(setting, 0, 0, fill: house.ink, part: "heading") }
        @top = setting.height + gap(20)
      end

      def fit_heading
        sizes = Scale.down(38 * unit, from: [17, job.least].max)
        sizes.each do |size|
          setting = Type::Composing.text(job.heading, house.font("title"), size, job.width, leading: 1.2, balance: true)
          return setting if setting && setting.lines.size <= 2
        end
        setting = Type::Composing.text(job.heading, house.font("title"), sizes.last, job.width, leading: 1.2, hard: true)
        refuse("The heading is too long for this size.") if setting.nil? || setting.height > job.height * 0.4
        setting
      end

      # Tries a layout.
      # @return [Object, nil] what the block gives; nil where the words do not fit, so that another can be tried
      def attempt
        yield
      rescue Refusal
        nil
      end

      def refuse(reason) = raise(Refusal.new(reason, hint: "Make the figure larger, shorten the words or take another form."))
    end
  end
end
