# frozen_string_literal: true

module Peony
  module Notes
    # What the heads of a table's columns say of it: "Pros | Cons" and "Frogs | Toads | Both" stand over lists that lie side by side, "Step | What" over steps that are numbered.
    module ColumnHeads
      # Heads of sides and of boxes, beside those of {Sections}.
      HEADS = /\A(?:[SWOT]|old|new|benefits?|drawbacks?|upsides?|downsides?|right|wrong|only\ .+|.+\ only|just\ .+|keep|stop|start|change|liked?|lacked|learned|longed\ for|
                  what\ (?:works|works\ well|does(?:n['’]t|\ not)|went\ .+|surprised\ us|next)|on\ the\ (?:one|other)\ hand|we\ (?:do(?:n['’]t|\ not)\ )?like)\z/xi
      IN_BOTH = /\A(?:both|shared|in common|what (?:they|both|the two) .+|common to both)\z/i
      ORDER = /\A(?:steps?|no\.?|nr\.?|numbers?|#|order|phase)\z/i
      AMOUNT = /\A[£€$+−-]?\d[\d.,]*\s?%?\z/

      # What is counted by numbers alone: "Week" over 1, 2, 3.
      TURN = /\A(?:weeks?|days?|months?|years?|quarter|terms?|hour|lessons?|sessions?|rounds?|laps?|stages?|steps?|match(?:[ ]?day)?|games?|visits?|attempts?|tests?|trials?|tours?|evening|night|
              chapters?|class(?:[ ]year)?|form|grade|age|floor|level|year[ ]group|woche|tag|monat|jahr|stunde|runde|klasse|alter)(?:\s+(?:no\.?|nr\.?|number|of\b.*))?\z/xi

      module_function

      # @param head [String]
      # @return [Boolean] whether numbers below it only say which one a row tells of
      def turn?(head) = head.match?(TURN)

      # @return [String] what a row is called: "Week 3", where its first cell is no more than a number
      def called(head, cell) = cell.match?(/\A\d{1,3}\z/) && turn?(head) ? "#{head} #{cell}" : cell

      # @param head [Array<String>]
      # @param body [Array<Array<String>>]
      # @return [Boolean] whether the columns are lists, and no row goes across them
      def apart?(head, body)
        return false unless head.size.between?(2, 4) && head.none?(&:empty?) && (head.all? { |cell| side?(cell) } || (head.size == 3 && head.last.match?(IN_BOTH)))

        body.flatten.reject(&:empty?).then { |cells| cells.any? && cells.none?(AMOUNT) }
      end

      def side?(cell) = cell.match?(Sections::SIDE) || cell.match?(HEADS)

      # @return [Boolean] whether the first of two columns only counts the rows
      def order?(head, body) = head.size == 2 && head.first.match?(ORDER) && body.map(&:first) == (1..body.size).map(&:to_s)
    end
  end
end
