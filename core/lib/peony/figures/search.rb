# frozen_string_literal: true

module Peony
  module Figures
    # Forms by what a person calls them: "stairs", "strengths and weaknesses", "who reports to whom". Words count where they stand in what a
    # form says of itself; beyond that the vectors tell which words mean something near.
    module Search
      # What people say for a family, beside its name.
      FAMILIES = {
        "list" => "list points things kinds overview", "sequence" => "steps process how to instructions order procedure stairs", "cycle" => "cycle circle round loop again recurring",
        "timeline" => "timeline history dates years calendar schedule plan", "comparison" => "compare comparison versus differences side by side options",
        "opposition" => "pros and cons for against do don't myth fact before after strengths weaknesses", "change" => "change growth before after difference increase decrease",
        "parts" => "parts shares percent whole split budget", "ranking" => "ranking order best top league first winners", "trend" => "trend over time line growth development",
        "ratio" => "ratio one in share goal progress how many of", "headline" => "number figure key fact big number statistic",
        "hierarchy" => "organisation chart tree who reports to whom structure levels family", "quadrant" => "matrix four boxes strengths weaknesses opportunities threats",
        "overlap" => "overlap shared in common circles sets both", "funnel" => "funnel stages fewer conversion applicants drop", "cause" => "causes effects why reasons problem roots",
        "hub" => "centre middle around parts of one thing network", "decision" => "decision questions yes no flow which way choose",
        "journey" => "journey experience feelings stages customer path mood", "relation" => "relation correlation two numbers together scatter"
      }.freeze
      LEAST = 0.5

      module_function

      # @param query [String]
      # @return [Array<String>] names of forms, best first; all of them for an empty query
      def forms(query)
        wished = words(query)
        all = Form.members.values.map(&:facts)
        return all.map(&:form) if wished.empty?

        middle = Reading::Vectors.middle(wished)
        scored = all.map { |facts| [facts.form, score(facts, wished, middle)] }
        best = scored.map(&:last).max
        scored.select { |_, value| value >= [LEAST, best * 0.55].max }.sort_by { |form, value| [-value, form] }.map(&:first)
      end

      def score(facts, wished, middle)
        said = words("#{facts.title} #{facts.title} #{facts.sees} #{facts.reason}")
        told = words([facts.family, *facts.also.first(1)].map { |family| "#{family} #{FAMILIES[family]}" }.join(" "))
        exact = wished.sum do |w|
          if same?(said, w)
            1.2
          else
            (same?(told, w) ? 0.8 : 0)
          end
        end / wished.size.to_f
        exact + (0.9 * [Reading::Vectors.cosine(middle, Reading::Vectors.middle((said + told).uniq)) - 0.25, 0].max)
      end

      # "stairs" and "staircase", "circle" and "circles": four letters of a beginning.
      def same?(list, word) = list.any? { |w| w == word || (word.length >= 4 && w.length >= 4 && w[0, [word.length, w.length, 5].min] == word[0, [word.length, w.length, 5].min]) }

      def words(text) = text.downcase.scan(/[[:alpha:]]+/).reject { |w| w.length < 2 || Reading::Words::STOP.include?(w) }
    end
  end
end
