# frozen_string_literal: true

module Peony
  module Reading
    # What a passage is called that has no heading of its own: how its first sentence begins, cut where a name may end.
    module Opening
      # What stands before the first break names it as it is, up to so many words.
      SHORT = 8
      # What is longer is cut to so many.
      LONGEST = 6
      BREAK = /,\s|\s\(|:\s|;\s|\s[–—]\s/
      # No name ends with what only leads on, or with a number that says nothing of what.
      LEADS = /\s+(?:(?:is|are|was|were|has|have|had|been|comes?|came|costs?|cost|includes?|needs?|takes?|took|goes|went|rose|fell|means?|from|to|in|of|on|for|with|by|at|as|than|because|between|about|
                  and|or|that|which|who|the|an?|our|its|their|more|mostly|people|million|thousand)|[£€$]?\d[\d.,]*)\z/xi

      module_function

      # @param words [String] of the passage
      # @return [String, nil]
      def of(words)
        first = words[/\A\s*(.+?[.!?:;](?=\s|\z)|.+)/m, 1].to_s.split("\n").first.to_s.strip
        return nil if first.empty?

        said = first.sub(/[.:;!]+\z/, "")
        said = said.split(BREAK).first.to_s if said.split.size > SHORT
        said.split.size <= SHORT ? Titles.capital(said) : cut(said)
      end

      def cut(words)
        short = words.split.first(LONGEST).join(" ")
        short = short.sub(LEADS, "") while short.match?(LEADS) && short.split.size > 2
        Titles.capital(short)
      end
    end
  end
end
