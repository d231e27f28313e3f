# frozen_string_literal: true

module Peony
  module Reading
    # Whether a share hands its "%" on to the bare numbers behind it: "45 per cent came by bus, 35 by train and 20 on foot".
    module HandedShares
      # "Marks rose from 3.1 to 2.7", "the rest less than seven": no share, whatever is told beside it.
      MARKED = /\b(?:marks?|grades?|scores?|ratings?)\b[^!?]*\b(?:from|to|is|was) \z/i
      NO_SHARE = /#{MARKED}|\bof (?:the|these|those) \z|\b(?:the rest|the others)\b[^.,;:\d]{0,20}\b(?:less|fewer|more) than \z/i

      # What leads to the first of two values.
      ROSE_FROM = /(?:fell|rose|dropped|went|grew|climbed|sank|shrank|increased|decreased|came|(?:has |have )?gone)(?: (?:up|down))? from/
      AMOUNTS = /\A(?:shares?|rates?|costs|prices|fees|sales|marks|grades|scores|ratings|profits|wages|earnings|losses|results|emissions|levels)\z/i

      private

      # "412 loans. A third of them were drills, 88 were ladders": behind a fraction in words things are counted again, where some were before.
      def fraction?(share)
        return false if share.text.match?(/\d/)

        # "They made it two hundred. Half of those were ..."
        of_those = text.string[share.to, 10].to_s.match?(/\A of th(?:em|ose|ese)\b/)
        @list.any? { |q| q.from < share.from && (Units.counted?(q.unit) || (of_those && q.unit.empty?)) && q.value > 2 }
      end

      # Whether the passage speaks of shares, so that a bare number may be one.
      def shares? = @shares ||= @said.count { |q| q.unit == "%" } > 1 || (@said.any? { |q| q.unit == "%" } && text.cues[:share_of].positive?)

      # "On foot come 46 per cent, by bus 31, on bicycles 14": bare numbers that follow a share in its sentence, and go into what it leaves.
      def listed?(share, following)
        return false unless share.unit == "%" && following && following.unit.empty? && share.value + following.value <= 100

        text.string[share.to...following.from].match?(/\A,\s+(?:and )?[^.;:!?\d]{2,40}\z/) && text.string[following.to, 2].to_s.match?(/\A(?:[,.;]|\z)/)
      end

      # "45 per cent came by bus, 35 by train and 20 on foot": with what follows in its sentence it makes a hundred.
      def hundred?(share, index)
        ending = text.sentence_of(share)&.to or return false
        bare = @list.drop(index + 1).take_while { |q| q.to <= ending }.select { |q| !q.said && q.unit.empty? }
        share.unit == "%" && bare.any? && (share.value + bare.sum(&:value)).between?(95, 100.5)
      end

      def no_share?(quantity) = lead(quantity).match?(NO_SHARE)

      # "Marks rose from 3.1 to 2.7": a mark counts nothing, where no sign stands behind it.
      def marked?(quantity) = quantity.text.match?(/\A\d(?:\.\d+)?\z/) && lead(quantity).match?(MARKED)

      # Its sentence up to it.
      def lead(quantity) = text.string[(text.sentence_of(quantity)&.from || 0)...quantity.from]

      # Whether a share may hand its unit on.
      def share_on?(share, index) = (shares? || listed?(share, @list[index + 1]) || hundred?(share, index)) && !fraction?(share)
    end
  end
end
