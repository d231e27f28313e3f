# frozen_string_literal: true

module Peony
  module Reading
    # What a bare number counts where its own clause begins with it: "complaints from 41 to 6", "showers have gone up: 1.4 then, 1.9 now". Part of {HandedOn}.
    module HandedClauses
      # "Complaints from neighbours 2 | to 21"
      LEADS_TWO = /(?:\A|[,;:.] )(?:(?!(?:in|at|on|of|for|by|and|with) )[[:lower:]]+ )?(?<noun>[[:lower:]]+)(?: (?:from|about|of|in|at|on|by|for|to) (?:the |our |my |this )?[[:lower:]]+)?(?: from)? \z/i
      TO_OTHER = /\A(?: an? (?:day|week|month|year))? (?:to|→|->) \d/
      # "The number of stings: before the fence he had | 22 and since then | 31"
      NUMBER_OF = /\bnumber of (?:the |our |all )?(?<noun>[[:lower:]]+s)(?:(?: [^.:;\d]{0,30})?: [^.!?;]*| [^.:;\d]{0,40}\b(?:shrunk|shrank|fell|fallen|rose|risen|grew|grown|gone|went|come|came|climbed|dropped)\b[^.:;\d]{0,24},? (?:to|from|by) (?:about |only )?)\z/i
      # "Customers, who were counted at both gates, came to | 610 a day"
      WHO_CAME_TO = /(?:\A|[.!?;] )(?:and |but )?(?<noun>[[:alpha:]]+s), (?:who|which) [^.;\d]{3,64}, (?:came|come|amounted|rose|fell|ran|run) to (?:about |only )?\z/i
      # "Lorries account for it: from | 88 a day to 29"
      ACCOUNT_FOR = /(?:\A|[.!?;] )(?:the |our )?(?<noun>[[:alpha:]]+s) (?:account|are responsible|are the reason|explain)[^.:;\d]{0,30}: (?:from )?\z/i
      # "As for wrong entries, of which he keeps a list, he counted | eleven"
      AS_FOR = /\bAs for (?:the |our )?(?:[[:lower:]]+ )?(?<noun>[[:lower:]]+s),[^.;:\d]*\z/
      # "Complaints, which had come in at | nine a month"
      WHICH_CAME = /(?:\A|[.!?;] )(?:the |our )?(?:[[:lower:]]+ )?(?<noun>[[:alpha:]]+s), which [^.;,\d]{3,40} (?:at|to|from|by) (?:about )?\z/i
      # "Library loans: were | 60 a month, are 140"
      WERE_SO_MANY = /(?:\A|[.!?;] |\n)(?:[[:alpha:]-]+ )?(?<noun>[[:alpha:]]+): (?:were|was) (?:only |just |about )?\z/i
      # "Monthly givers: | 3 in 10"
      LABEL = /(?:\A|[.!?;] |\n)(?:[[:alpha:]-]+ )?(?<noun>[[:alpha:]]+): (?:only |just |about |nearly )?\z/
      IN_SO_MANY = /\A (?:in|of|out of) (?:every )?\d/
      # "Scratches among the staff came down from | 26"
      CAME_FROM = /(?:\A|[.!?;:] |, (?:and |but )?)(?:the |our )?(?:[[:lower:]]+ )?(?<noun>[[:alpha:]]+)(?: (?:among|in|at|from|about|by) [^.,;:\d]{2,32})? (?:have |has )?(?:came|come|went|gone|fell|fallen|rose|risen|dropped|climbed|grew|grown|shrank)(?: down| up)? from (?:about |only |nearly )?\z/i
      # "Volunteers: cooks | 22, drivers 17"
      FIRST_OF_ROW = /(?:\A|\n)(?<noun>[[:alpha:]]+): [[:lower:]]+ \z/
      # "Tour requests 2024: | 480 asked"
      OF_YEAR = /(?:\A|\n)(?:[[:alpha:]-]+ )?(?<noun>[[:alpha:]]+),? (?:19|20)\d\d: \z/
      # "Showers per guest have gone up: | 1.4 a day then and 1.9 now"
      THEN_AND_NOW = /\A(?:and |but )?(?:(?:the|our|my|their) )?(?:[[:alpha:]]+ ){0,2}?(?<noun>[[:alpha:]]{3,}s)\b[^:;.\d]{0,90}: (?:only |about |just )?\z/i
      THEN = /\A (?:an? [[:lower:]]+ )?(?:then|before|at first|once|now|today)\b/
      # "Plates are counted back into the chests (there were | 118 at the last count)"
      IN_BRACKET = /\A(?:(?:and |but )?(?:the|our|my|their) )?(?:[[:alpha:]]+ ){0,2}?(?<noun>[[:alpha:]]{3,}s)\b (?:are|were|is|was|have|had|get|got|go|went)\b[^.;()\d]*\((?:there (?:are|were|had been)|now|in all) (?:only |about |still |now )?\z/i
      # "The post: packets that must be sent out were nine a day"
      THAT_WERE = /(?:\A|[.!?;:] )(?:the |our )?(?:[[:alpha:]]+ed )?(?<noun>[[:alpha:]]+)(?: (?:that|which|who) [^.,;:\d]{3,48}|, (?:which|who) [^.,;:\d]{3,48},) (?:were|are) (?:about |only |just |nearly )?\z/i
      # "Bookings were about five a day", beside what is measured
      WERE = /\A(?<noun>[[:upper:]][[:lower:]]+) (?:were|are) (?:about |only |just |nearly )?\z/
      # "A class took 25 minutes. Now it takes | 11": minutes.
      TAKES = /\b(?:takes?|took)(?: (?:me|us|them|him|her|it|you))? (?:about |only |just )?\z/i
      # "Takes a good horse thirty-five minutes, or a tractor | eleven"
      GAPPED = /\A(?: [[:lower:]]+)?,? (?:or|and) (?:an? |the )[[:lower:]]+ \z/

      # "Took us 26 hours, of which the post needed | twenty"
      OF_WHICH_SOME = /\A(?: [[:lower:]]+)?, of which (?:the |our )?[^.;,\d]{3,30} \z/

      # What leads up to the number, and what must stand behind it; the first that names something tells it.
      CLAUSES = [[LEADS_TWO, TO_OTHER], [NUMBER_OF], [WHO_CAME_TO], [ACCOUNT_FOR], [AS_FOR], [WHICH_CAME], [WERE_SO_MANY], [LABEL, IN_SO_MANY], [CAME_FROM],
                 [THEN_AND_NOW, THEN], [IN_BRACKET], [THAT_WERE]].freeze
      # Where nothing was counted or measured before.
      FIRST = [[FIRST_OF_ROW, /\A, [[:lower:]]+ \d/], [OF_YEAR]].freeze

      private

      def own_clause(quantity, lead, behind, last)
        ended = behind.match?(/\A(?:[.,;]|\z)/)
        told = (ended && gapped(quantity)) || (lead.match?(TAKES) && (ended || behind.start_with?(" and ")) && took)
        return told if told

        measured = last && !Units.counted?(last.unit) && last.unit != "%"
        [*CLAUSES, *(FIRST if last.nil?), *([[WERE]] if measured)].lazy.filter_map { |before, after| counts(lead[before, :noun]) if after.nil? || behind.match?(after) }.first
      end

      # As was told right before.
      def gapped(quantity)
        before = @list.reverse.find { |q| q.to <= quantity.from } or return nil
        return before.unit if before.said && text.string[before.to...quantity.from].match?(OF_WHICH_SOME)

        before.unit if before.said && Units::MEASURES.value?(before.unit) && before.unit != "%" && text.string[before.to...quantity.from].match?(GAPPED)
      end

      # In what it was told how long something took.
      def took = @said.find { |q| q.said && HandedOn::TIME.include?(q.unit) && text.before(q, 40).match?(/\b(?:take|takes|took|wait|waits|waited|needs?|needed)\b[^.;]*\z/) }&.unit
    end
  end
end
