# frozen_string_literal: true

module Peony
  module Reading
    # What tells cases or rows apart by how much they hold: "up to 5 kg", "5 to 10 kg", "over 10 kg", "60 and over".
    module Limits
      # Open on one side.
      OPEN = "(?:under|over|up to|below|above|less than|more than|fewer than|younger than|older than)"
      OPEN_END = "(?:over|older|more|under|younger|less|longer|above)"
      AMOUNT = "[£€$]?\\d+(?:[.,]\\d+)?"
      LIMIT = "(?:(?:#{OPEN}|at least|beyond|between) (?:\\d[\\d,.]*|#{Numbers::WORD})|\\d+ ?(?:to|–|-) ?\\d+)\\b".freeze

      # "Fewer than 20 guests?" leads a case.
      CASE = /\A#{LIMIT}/io
      # What is limited, and what leads on to what is done then: "Fewer than 20 guests? | Take the tank room", "More than 60 and | we have to say no".
      LEADS = /\A(?:and |but )?(?<limit>#{LIMIT}[^:?.;,]{0,24}?)(?:\?|:| and(?= we| you| it)|,) +(?=\S)/io
      # The same, where no amount follows: "20 to 60: the hall".
      LEADS_ELSEWHERE = /\A#{LIMIT}[^:?.;]{0,32}(?:[:?]| and| means) ?(?![£€$]?\d)/io

      # "18 to 40" before a colon, "5 to 10 kg" and "over 100 euros" where an amount follows.
      BARE = "(?: years)?(?= ?[:–|])"
      OF_A_UNIT = "(?: ?(?:%|€|°C|[[:alpha:]]{1,8}))(?: (?:and|or) #{OPEN_END})?(?= ?[:–|] ?[£€$]?\\d| +[£€$]?\\d[\\d,.]* ?%?$)".freeze
      CLASS = /(?:^|(?<=[.;] ))(?:#{OPEN}|from|between)? ?#{AMOUNT}(?: ?(?:to|–|-|and) ?#{AMOUNT})?(?: (?:and|or) #{OPEN_END})?(?:#{BARE}|#{OF_A_UNIT})/io
      OPEN_CLASS = /\A#{OPEN}\b|\b#{OPEN_END}(?: years)?\z/io
      OPEN_LINE = /(?:^|[.;] )#{OPEN} ?[£€$]?\d|\d (?:[[:alpha:]]+ )?(?:and|or) #{OPEN_END}/io

      module_function

      # "Under 18: 9,800", "18 to 40: 12,400", "Over 65: 14,700": where rows are parted by what they hold, that is no amount.
      # @param string [String]
      # @return [Array<Range>] the places of what tells one from the other
      def classes(string)
        return [] unless string.match?(OPEN_LINE)

        found = Moments.matches(string, CLASS).map { |m| m.begin(0)...m.end(0) }
        open = found.count { |range| string[range].match?(OPEN_CLASS) }
        (found.size > 2 && open.positive?) || (found.size == 2 && open == 2) ? found : []
      end
    end
  end
end
