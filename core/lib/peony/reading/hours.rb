# frozen_string_literal: true

module Peony
  module Reading
    # Numbers in words and figures that are hours of the day: "from nine to five", "the bus that leaves at ten", "open from 9".
    module Hours
      # "Three packets a week": so many from one are no hours.
      SO_MANY = "\\b(?:#{Numbers::WORD}|\\d+) [[:lower:]]+(?: an? (?:day|night|week|month|year))?".freeze
      SO_MANY_FROM = /#{SO_MANY} from \z/i

      TAKEN_FROM = /\b(?:taken|made|chosen|got|bought|won|heard|drawn) from \z/
      SAYS = /\A\s+(?:o['’]clock|past\b|in the (?:morning|afternoon|evening))/i
      HOUR = /\A#{Dates::HOUR}\z/i
      # What leads an hour where a verb follows: "posted before four has a quiet evening", "the bus that used to leave at ten was cut".
      LED = /\b(?:before|until|till|by|(?:leaves?|left|leaving|starts?|ends?|opens?|closes?) at) \z/i
      DOES = /\A (?:has|is|was|does|had|were|did)\b/
      # "Six a day", "four goats", "ten of them"
      AMOUNT = /\A an? (?:day|week|month|year|hour|head|time)\b/
      COUNTS = /\A[ -](?:quid|men|[[:alpha:]'’-]+s|(?!(?:some|every|no|any)(?:body|one)\b)(?:[[:alpha:]'’-]+ )?[[:alpha:]]+(?:s|men|ple|ren))\b|\A (?:in|of|out|per|%)\b/
      AT = /\b(?:at|past|until|till|by|before|after|since|towards) \z/i
      # "The quarter-past-six ferry"
      NAMED = /\b(?:half|quarter|ten|twenty|five)-(?:past|to)-\z/i
      # "Around eleven | comes despair."
      AROUND_THEN = /\A (?:comes?|came|it|we|they|the|he|she|every(?:one|body))\b/
      TWELVE = /\A(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\z/i
      OPEN = /\b(?:open|opened|opens|hours|shop|office)\b[^.;]{0,16}\bfrom (?:\d{1,2} (?:to|till|until) )?\z/i
      UNTIL = /\A(?: (?:to|till|until) \d|[.,;]|\z| (?:on|each|every)\b)/

      module_function

      # @param string [String]
      # @param match [MatchData] of a number in words
      # @param rest [String] the words behind it
      def clock?(string, match, rest)
        before = string[[0, match.begin(0) - 44].max...match.begin(0)]
        return true if rest.match?(SAYS) || before.match?(NAMED)
        return false if Uncounted.measured?(rest)
        return true if before.match?(/\b[Aa]round \z/) && match[0].match?(TWELVE) && rest.match?(AROUND_THEN)
        return true if from_to?(match, before, rest) || between?(before, rest) || (match[0].match?(HOUR) && before.match?(LED) && rest.match?(DOES))
        return false if rest.match?(AMOUNT) || rest.match?(COUNTS)
        return true if before.match?(/\b(?:midnight|noon) (?:and|to) \z/i)
        return false if (at = before[/\b(?:at|by) \z/i]) && Dates.amount?(string[0...(match.begin(0) - at.length)], at)

        before.match?(AT) && match[0].match?(TWELVE) && !rest.match?(/\A,? (?:#{Numbers::WORD})\b|\A \d+(?:[.,;]| and\b)/io)
      end

      # "Five to nine"; "from nine."
      def from_to?(match, before, rest)
        return !before.match?(/\bfrom \z/i) if rest.match?(/\A\s+to (?:#{Numbers::WORD})\b/io)

        match[0].match?(TWELVE) && before.match?(/\bfrom \z/i) && rest.match?(/\A[,.;]/) && [SO_MANY_FROM, TAKEN_FROM].none? { |told| before.match?(told) }
      end

      # "Stay out of the sun between eleven and three."
      def between?(before, rest)
        (before.match?(/\bbetween \z/i) && rest.match?(/\A and #{Dates::HOUR}(?:[.,;!]|\z)/io)) || (before.match?(/\bbetween #{Dates::HOUR} and \z/io) && rest.match?(/\A(?:[.,;!]|\z)/))
      end

      # "Open from 9 to 5"
      def open_from?(string, match)
        match[1].match?(/\A\d{1,2}\z/) && string[[0, match.begin(0) - 40].max...match.begin(0)].match?(OPEN) && string[match.end(0), 8].match?(UNTIL)
      end
    end
  end
end
