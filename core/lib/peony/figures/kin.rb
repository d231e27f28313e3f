# frozen_string_literal: true

module Peony
  module Figures
    # Whose forms can also hold the items of a family, nearest first, beside the forms that are made for it.
    module Kin
      OF = {
        "cycle" => %w[sequence], "hub" => %w[list], "cause" => %w[list sequence], "journey" => %w[sequence], "decision" => %w[list], "hierarchy" => %w[list],
        "quadrant" => %w[list], "overlap" => %w[list], "opposition" => %w[comparison list], "change" => %w[headline], "ranking" => %w[headline], "trend" => %w[timeline],
        "ratio" => %w[headline], "funnel" => %w[ranking sequence], "relation" => %w[comparison ranking], "timeline" => %w[list], "comparison" => %w[list], "sequence" => %w[list]
      }.freeze
      # How much less a kindred form is worth than one made for the family.
      STEP = 0.08

      module_function

      # @param facts [Form::Facts]
      # @param family [String]
      # @return [Float, nil] how well the form serves the family, 1 is made for it
      def worth(facts, family)
        return 1.0 if facts.family == family
        return 0.9 - (0.06 * facts.also.index(family)) if facts.also.include?(family)

        at = (OF[family] || []).index(facts.family)
        at && (0.66 - (STEP * at))
      end
    end
  end
end
