# frozen_string_literal: true

module Peony
  module Figures
    # Base of the forms: from items and a box to primitives. A form is one file in forms/ that declares what it is and draws.
    #
    #   class Staircase < Form
    #     form "staircase", title: "Staircase", family: "sequence", least: 2, most: 9, sees: "bars that rise from step to step"
    #     def draw = ...
    #   end
    class Form
      extend Registry

      members_in "figures/forms"
      include Board
      include Labels
      include Marks

      # What a form says of itself. +needs+: :value, :date or :aspects that every item must have.
      Facts = Struct.new(:form, :title, :family, :also, :least, :most, :sees, :reason, :needs, :stacked, :nested, :icons, :causes, :asks, keyword_init: true)

      class << self
        attr_reader :facts

        # @param name [String] its name in files and on the command line
        # @param family [String] what it is made for; +also+ names further families it serves
        # @param reason [String] why one would choose it, shown under a proposal
        # @param nested [Boolean] whether it shows what items are made of; other forms are given flat items
        # @param icons [Boolean] whether it has a place of its own for icons; other forms set them before the titles
        # @param causes [Symbol, nil] whether it draws causes as links of a chain (:linked), side by side (:apart) or one above the others (:below)
        # @param asks [Boolean] whether it draws ways that part at questions
        # @param stacked [Boolean] whether each item takes a row, so that many items need much height
        def form(name, title:, family:, least:, most:, sees:, reason:, also: [], needs: [], stacked: false, nested: false, icons: false, causes: nil, asks: false)
          @facts = Facts.new(form: name, title: title, family: family, also: also, least: least, most: most, sees: sees, reason: reason,
                             needs: needs, stacked: stacked, nested: nested, icons: icons, causes: causes, asks: asks)
          Form.register(name, self)
        end

        # What forms look alike: those that are built on the same arrangement.
        # @return [String]
        def kind
          shared = [Around, Sides, Course, Bars, Meters, Forest, Shares, Changes, Mood, Branches].find { |m| include?(m) }
          if shared
            shared.name
          else
            (facts.stacked ? "rows" : "grid")
          end
        end

        # @param job [Job]
        # @return [Drawing]
        # @raise [Refusal]
        def draw(job)
          job = job.dup.tap { |shown| shown.items = shown(job.items) }
          check(job)
          new(job).drawing
        end

        # @return [String, nil] why these items are not for this form
        def objection(items)
          items = shown(items)
          return "#{facts.title} holds at least #{facts.least} items." if items.size < facts.least
          return "#{facts.title} holds at most #{facts.most} items." if items.size > facts.most

          facts.needs.each do |need|
            missing = items.find { |item| (value = item.public_send(need)).nil? || value == "" || value == [] }
            return "#{facts.title} needs a #{need.to_s.chomp('s')} for every item." if missing
          end
          nil
        end

        # @return [Float] the least height it is drawn at on a page, in shares of its width, though its letters would be large enough at less
        def flattest = 0.0

        # How well these items fill what the form shows, 0..1: a form that needs more than they say is worth less to them.
        # @param items [Array<Item>]
        # @param family [String] which they were read as
        # @return [Float]
        def filled(items, family)
          return FLATTENED if family == "hierarchy" && !facts.nested && items.any? { |item| item.children.any? { |child| child.children.any? } }

          return UNASKED if family == "decision" && facts.asks && !Branches.asked?(items)
          return ONE_ROW if facts.family == "ratio" && facts.stacked && items.one?

          facts.causes && family == "cause" ? Linked.suits(facts.causes, items) : 1.0
        end

        # What a form is worth that loses who stands below whom.
        FLATTENED = 0.5
        # What a form is worth that draws a way through cases which only stand side by side.
        UNASKED = 0.5
        # What a track or a row of people is worth of which there is only one: most of the page stays empty.
        ONE_ROW = 0.92

        # Forms that cannot nest show the parts of a single thing, or tell the parts of each item in its detail.
        # @param items [Array<Item>]
        # @return [Array<Item>]
        def shown(items) = facts.nested ? items : Nesting.flat(items)

        private

        def check(job)
          reason = objection(job.items)
          raise Refusal.new(reason, hint: "Take another form.") if reason
          raise Refusal.new("A figure needs at least 120 × 90 px.", hint: "Make it larger.") if job.width < 120 || job.height < 90
        end
      end

      private

      # Read from right to left, the whole drawing is mirrored.
      def finished(nodes) = job.direction == "rtl" ? nodes.map { |node| Scene::Boxes.mirrored(node, job.width) } : nodes

      def items = job.items
      # The colour role of an item: its own, the signal for the one that matters, or the figure's.
      def role(item) = item.colour || (item.strong ? "signal" : job.colour)

      # Paint for the area of an item; +share+ 0..1 is its place on the ramp from light to full.
      def area(item, share = 1.0, words: true) = job.finish.area(house, role(item), item.strong ? 1.0 : share, shape, words: words)

      # A ramp that gets stronger from the first item to the last.
      def ramp(index) = items.size < 2 ? 1.0 : 0.12 + (0.88 * index / (items.size - 1))

      # The colour of a line or mark that must be seen on the surface.
      def mark(item = nil) = Colour::Mixing.legible(house.colour(item ? role(item) : job.colour), surface, Colour::Mixing::LARGE)

      def each_item(list = items)
        list.each_with_index { |item, index| pen.group("item", item: item.id) { yield item, index } }
      end
    end
  end
end
