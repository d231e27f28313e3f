# frozen_string_literal: true

module Peony
  module Reading
    # Numbers that stand two by two, the first of each being what it was and the second what it became: "23 → 4", "Copies 1,240 to 610; envelopes 9,000 to 2,300".
    module TurnedRows
      # Says that several things are not as they were: "Less sugar in all our jams: plum 62 % to 48 %, quince 60 % to 45 %".
      OTHERWISE = /\b(?:less|more|fewer|lower|higher|cheaper|dearer|longer|shorter|changes?|changed|then|now|before|new|up|down)\b/

      # "Download speed before the mast and since: Hagg 4 to 48, Oxmere 11 to 60": what is before a "to", and what behind it.
      BOTH_TIMES = /\bbefore\b[^.:]{0,40}\b(?:since|after)\b|\bthen and now\b|\bold and new\b|\blast year and this\b/

      module_function

      # @return [Array<Quantity>] the first of each two that an arrow joins, or only "to" where both name their unit (a range does so once) or the words say that there are two times
      def of(text)
        text.once(:rows_to) do
          pairs = text.quantities.each_cons(2).select { |a, b| a.unit == b.unit && a.value != b.value }.map { |a, b| [a, b, text.string[a.to...b.from]] }
          whole = whole_rows(text)
          next whole if whole

          told = text.all_words.match?(OTHERWISE) ? pairs.select { |_, _, gap| gap.match?(/\A(?: ?%)? to [£€$]?\z/) } : []
          said = told.any? && text.all_words.match?(BOTH_TIMES)
          (pairs.select { |_, _, gap| gap.match?(Turned::ARROW) } + told.select { |a, b, _| said || (a.said && b.said) }).map(&:first)
        end
      end

      # "£310 | a week to £ | 95"
      SO_OFTEN_TO = /\A(?: an? (?:hour|day|night|week|month|year))? to \z/

      # "Mon 10 to 4" falls too: so many hours are on a clock.
      HOURS = 12

      # "Copies 1,240 to 610; envelopes 9,000 to 2,300": all numbers stand two by two, and a range never falls.
      # @return [Array<Quantity>, nil]
      def whole_rows(text)
        # "One year on: accidents 11 to 3"
        list = text.quantities.reject { |q| HandedOn.passing?(text, q) }
        return nil unless list.size >= 4 && list.size.even?

        pairs = list.each_slice(2).to_a
        return nil unless pairs.any? { |a, b| a.value > b.value } && list.any? { |q| q.value > HOURS }

        pairs.map(&:first) if pairs.all? { |a, b| text.string[a.to...b.from].match?(SO_OFTEN_TO) && !text.before(a, 6).match?(/\bfrom [£€$]?\z/i) }
      end
    end
  end
end
