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
      SLEEPS = /\b(?:sleeps|feeds) (?:about |up to |only )?\z/i
      PARTY = /\b(?:family|families|party|parties|household|households|crew|team|group) of (?:about |up to )?\z/i
      # "There were 2,600 in the audience"
      GATHERED = /\A in the (?:audience|crowd|congregation|queue|line)\b/
      # "Room for 80"
      ROOM_FOR = /\b(?:room|space|seats?|seating|places?|chairs?|beds) for (?:about |up to |over |nearly )?\z/i
      # "It needs six | to put it up"
      NEEDS = /\b(?:needs?|takes?|took|needed) (?:about |only |at least )?\z/

      private

      def gathered(...) = people?(...) ? "people" : nil

      # "A family of four", "2,600 in the audience"; beside what is measured also "it needs six to put it up".
      def people?(quantity, last, lead, behind)
        return true if (lead.match?(PARTY) && !behind.match?(/\A(?:-| of\b)/)) || (lead.match?(ROOM_FOR) && behind.match?(/\A(?:[.,;)]|\z| (?:at|in|and|or)\b)/))
        return true if lead.match?(HOLDS) && quantity.value >= 10 && behind.match?(/\A[.;)]/) && text.all_words.match?(VENUES)
        return true if lead.match?(SLEEPS) && behind.match?(/\A[.;)]/) && @said.none? { |q| Units.counted?(q.unit) && !PEOPLE.include?(q.unit) }
        return behind.match?(GATHERED) if last.nil? || Units.counted?(last.unit)

        !HandedOn::TIME.include?(last.unit) && quantity.value <= 12 && lead.match?(NEEDS) && behind.match?(/\A to [[:lower:]]+/)
      end
    end
  end
end
