# frozen_string_literal: true

module Peony
  module Reading
    # Whether of two values that became one another the later is told first: "84, was 61", "640 people, against 400 the year before".
    module LaterFirst
      EARLIER = /\b(?:the (?:year|season|week|month|summer|winter|spring|autumn|term|night|day) before|(?:a|one) (?:year|season|week|month) (?:ago|earlier|before)|last (?:year|season|month)|previously|before that|(?:so far|until now|till now|up to now),? (?:it|they) (?:was|were|cost|took))\b/i
      EARLIER_BEHIND = /\A[^.;:!?\d]{0,24}?#{EARLIER}/i
      EARLIER_BEFORE = /[.;,]\s+(?:and |but )?(?:in )?#{EARLIER}[^.;!?]{0,40}\z/i
      # "In the first test they had managed 1,980 m"
      HAD = /[.!?]\s+(?:and |but )?(?:in|at|on) the (?:first|previous|last|old) [^.!?,\d]{2,40}\bhad (?:only |just )?(?:[[:lower:]]+ )?(?:only |just |about )?\z/i
      # "€18,400; in the year of the storm it had been €9,700"
      HAD_BEEN = /[.;,]\s+(?:and |but )?(?:in|at|on|during|before|after|by) [^.;!?,\d]{2,60}? (?:it|they|there|that|those) had (?:only |just |still )?been (?:only |just |about |over |nearly )?[£€$]?\z/i
      OLD_ONE = /[.!?;,]\s+(?:and |but )?(?:(?:on|with|in|by) )?(?:the|our|its|her|his|my) (?:old|last|former|previous)\b[^.!?]*\z/i

      # "84, was 61", "84 (formerly 61)": the later value stands first.
      WAS = /\A[^.;:!?\d]{0,24}?[,;(]\s*(?:(?:where )?(?:it|they|there|he|she|we) )?(?:was|were|had been|used to [[:lower:]]+|formerly|compared (?:with|to)|so far|until now|till now|up to now|before that|previously|last year|instead of)\s+(?:only |about )?[£€$]?\z/

      # "148 children learned to swim with us, up from 112"
      UP_FROM = /\A[^.!?\d]{0,120}[,;(–—]\s*(?:up|down) from (?:only |just |about |over |nearly )?[£€$]?\z/

      # "41 cubic metres a day instead of 68"
      INSTEAD = /\A[^.;:!?,\d]{0,40}\b(?:instead of|rather than)\s+(?:only |about )?[£€$]?\z/

      # "Since then eggs are boiled for four minutes, not six"
      NOT_SO = /\A(?: [[:lower:]]+){0,2}, (?:and )?not (?:only |about )?[£€$]?\z/

      # "12 complaints compared with 31 a year ago", "shrunk to 8 people from 20"
      COMPARED = /\A[^.;:!?,\d]{0,40}\b(?:compared (?:with|to)|up from|down from|where (?:there|it|they) (?:had been|used to be|(?:once )?(?:was|were)))\s+(?:only |about )?[£€$]?\z/
      # What stands between two values of which the later is told first.
      TOLD_BACK = [WAS, UP_FROM, INSTEAD, NOT_SO, COMPARED].freeze
      FROM = /\A,? ?(?:[[:alpha:]%°]+,? )?(?:(?:an?|per|each|every) (?:day|night|week|month|year|visit|go) )?from (?:only |about |over )?[£€$]?\z/

      # "Fees from 1 April (old in brackets)", "This year against last"
      IN_BRACKETS = /\bthis (?:year|month|season|week) (?:and|against|beside|compared (?:to|with)) last\b|\b(?:old|former|previous|last (?:year|month|season))\b[^.\n]{0,20}\bin brackets\b/i

      module_function

      # @return [Boolean] whether the later value is told first: "84, was 61", "640 people, against 400 the year before", "£42 (£38)", "to 8 from 20"
      def is?(text, gap, one, two)
        # "Grew from 8 to 11 per cent last year"
        return false if gap.match?(TO) && text.before(one, 20).match?(FROM_FIRST)
        # "They used to complain forty times a year; last year it was three times"
        return false if text.before(one, 60).match?(/\bused to [^.;!?]*\z/)

        return true if earlier?(text, gap, one, two) || gap.match?(HAD) || gap.match?(HAD_BEEN) || years_fall?(text, one, two) || old_one?(text, gap, one) || long_ago?(text, gap, one)
        return true if TOLD_BACK.any? { |told| gap.match?(told) } || gap.match?(/\bagainst\b/) || back?(text, gap, one)

        gap.match?(/\A \(/) && bracketed?(text)
      end

      FROM_FIRST = /\bfrom (?:only |just |about |over |nearly )?[£€$]?\z/
      TO = /\A(?: ?[[:alpha:]%°]+){0,2} to (?:only |just |about |over |nearly )?[£€$]?\z/

      # "145 people came this summer (last summer: 60)", "The club has 145 members now. Five years ago it was 60": what is told second is the earlier.
      def long_ago?(text, gap, one)
        gap.match?(BEFORE_IN_BRACKETS) || (gap.match?(AGO) && !text.before(one, 60).match?(/\bago\b[^.;!?]*\z/))
      end
      BEFORE_IN_BRACKETS = /\A[^.;!?\d(]{0,40}\((?:in )?(?:the )?(?:last|previous) (?:year|season|term|month|week|summer|winter|spring|autumn|time)\b[^)\d]*\z/i
      AGO = /\A[^.;!?\d]{0,40}[.;]\s+[^.;!?\d,]{0,24}\bago\b[^.;!?\d]{0,30}\z/

      # "In 2023 there were 140, in 2022 120": each has its year.
      def years_fall?(text, one, two)
        sentences = [one, two].map { |q| text.sentence_of(q) }
        return false if sentences.any?(&:nil?)

        years = sentences.uniq.map { |s| text.dates_in(s).select { |d| d.kind == :year } }
        # Two in one sentence stand in the order of the numbers; else each sentence has one.
        years = years.flatten if years.size == 1 || years.all?(&:one?)
        years.flatten.size == 2 && years.flatten[0].sort > years.flatten[1].sort
      end

      # "Our new bottle weighs 310 g. The old one weighed 480"
      def old_one?(text, gap, one) = gap.match?(OLD_ONE) && text.before(one, 60).match?(/\bnew\b[^.!?]*\z/i)

      # "We had 18,400 visitors. It was 14,900 the year before", "17 days; the year before it had been 46"
      def earlier?(text, gap, one, two)
        told = text.string[two.to, 40].to_s[EARLIER_BEHIND]
        told ||= gap[EARLIER_BEFORE] unless text.before(one, 40).match?(EARLIER)
        # "In 2024 it was 356, and last year 318": after a year that is told, last year is the later one.
        !told.nil? && !(told.match?(/\blast \w+/i) && text.dates.any? { |d| d.kind == :year && d.from.between?(one.from - 60, two.from) })
      end

      def back?(text, gap, one) = gap.match?(FROM) && text.before(one, 8).match?(/\bto (?:only |just )?[£€$]?\z/)

      def bracketed?(text)
        text.once(:old_in_brackets) { "#{text.passage.heading} #{text.all_words}".match?(IN_BRACKETS) }
      end
    end
  end
end
