# frozen_string_literal: true

module Peony
  module Reading
    # Bare numbers that are people, whatever else is counted: "a family of four", "room for 80", "sleeps thirty". Part of {HandedOn}.
    module HandedPeople
      PEOPLE = %w[people guests visitors children pupils passengers].freeze
      # "Holds 200.", of a hall
      HOLDS = /\bholds (?:about |up to |only )?\z/i
      VENUES = /\b(?:rooms?|halls?|theatres?|venues?|tents?|church|library|boathouse|barn)\b/
      # "Sleeps thirty."
      SLEEPS = /\b(?:sleeps|feeds|an? (?:[[:lower:]]+ )?(?:dome|tent|boat|table|bed|cabin|car|canoe|hut|bench|sofa|cottage) for) (?:about |up to |only )?\z/i
      PARTY = /\b(?:family|families|party|parties|household|households|crew|team|group) of (?:about |up to )?\z/i
      # "It elects a board of seven."
      MEMBERS = /\b(?:board|committee|council|panel|jury|commission|cabinet|parliament|senate) of (?:about )?\z/i
      # "There were 2,600 in the audience"
      GATHERED = /\A in the (?:audience|crowd|congregation|queue|line|pews|hall|seats|stands|class|church|choir)\b/
      # "Room for 80"
      ROOM_FOR = /\b(?:room|space|seats?|seating|places?|chairs?|beds) for (?:about |up to |over |nearly )?\z/i
      SO_MANY = [[PARTY, /\A(?!-| of\b)/], [ROOM_FOR, /\A(?:[.,;)]|\z| (?:at|in|and|or)\b)/]].freeze
      # "It needs six | to put it up"
      NEEDS = /\b(?:needs?|takes?|took|needed) (?:about |only |at least )?\z/

      # "Whether we're | nine or ninety"
      WE_ARE = /\b(?:we|they|you)(?:['’]re| are| were) (?:only |about |just )?\z/i
      OF_US = /\A(?: or (?:\d+|#{Numbers::WORD})\b| (?:in|by|on) (?:my|the|our)\b| strong\b| (?:to|in) an? (?:room|table|boat|car|bed|bench|cabin)\b)/

      private

      def gathered(quantity, last, lead, behind)
        return "members" if lead.match?(MEMBERS) && !behind.match?(/\A(?:-| of\b)/)

        people?(quantity, last, lead, behind) ? "people" : by_deed(quantity, last, lead, behind)
      end

      def either_of_us?(quantity, last, lead, behind)
        return true if last.nil? && lead.match?(WE_ARE) && behind.match?(/\A[.,;]/)
        return true if lead.match?(WE_ARE) && behind.match?(OF_US)

        before = @list.reverse.find { |q| q.to <= quantity.from }
        !before.nil? && text.string[before.to...quantity.from] == " or " && text.before(before, 20).match?(WE_ARE)
      end

      # "A family of four", "2,600 in the audience"; beside what is measured also "it needs six to put it up".
      def people?(quantity, last, lead, behind)
        return true if SO_MANY.any? { |before, after| lead.match?(before) && behind.match?(after) } || either_of_us?(quantity, last, lead, behind)
        return true if lead.match?(HOLDS) && quantity.value >= 10 && behind.match?(/\A[.;)]/) && text.all_words.match?(VENUES)
        return true if lead.match?(SLEEPS) && behind.match?(/\A(?:[.,;)]| in\b)/) && @said.none? { |q| Units.counted?(q.unit) && !PEOPLE.include?(q.unit) }
        return behind.match?(GATHERED) if last.nil? || Units.counted?(last.unit)

        !HandedOn::TIME.include?(last.unit) && quantity.value <= 12 && lead.match?(NEEDS) && behind.match?(/\A to [[:lower:]]+/)
      end
    end
  end
end
