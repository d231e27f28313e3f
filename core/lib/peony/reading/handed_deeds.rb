# frozen_string_literal: true

module Peony
  module Reading
    # Bare numbers that did what only people do: "900 saw the poster", "signed up: 60", and behind letters that came in "thirty were asked to come". Part of {HandedOn}.
    module HandedDeeds
      # Behind their number.
      DEEDS = "rang|phoned|called in|wrote (?!off)|enrolled|signed (?:up|on)|subscribed|registered|asked (?:for|about|to|whether|if|back)|saw (?:the|our|a|it|us)|" \
              "clicked|attended|booked|downloaded|complained|voted|married|applied|invited|interviewed|hired|heard (?:of|about|the|it)|thought (?:of|about|it|that)|" \
              "told (?:us|a|their)|bought (?:a|an|the|one|it|something|their)|came to (?:the|a|our|an|look|see)|know|knew|remember|laughed|slept|nodded off|" \
              "fell asleep|read (?:the|it|on|our|a)|said (?:yes|no|they|so|something|nothing)|put (?:their|a) names?|sang|danced|joined|tasted|" \
              "tried (?:it|the|a|one|on)|noticed|could (?:swim|read|come|sing|say)|stayed (?:for|to|on|until|till)"
      DONE = /\A (?:have |had |then |actually |also |even |were |was )?(?:#{DEEDS})\b/
      # As the label before it.
      LABEL = /(?:\A|[.;,:] |\n)(?:- )?(?:signed up|saw (?:it|the [[:lower:]]+)|heard of it|came (?:to|on|back|in)|came|rang(?: up)?|phoned|joined|applied|asked(?: (?:for|to|about) [^:\d\n]{2,30})?|invited|interviewed|hired|enrolled|registered|sat the (?:test|exam)|turned up|booked|volunteered|could swim|agreed|stayed[^:\d\n]{0,30})[^.,;:\d\n]{0,30}:? \z/i
      # No unit, but a time of the year: "still singing at Christmas: 23".
      WHEN = /\A(?:christmas|easter|whitsun|michaelmas|spring|summer|autumn|winter)\z/i
      # What comes in, goes out or is put up, and is no more counted once somebody has done something.
      PAPER = %w[letters applications cards leaflets flyers postcards invitations forms replies enquiries e-mails emails mails tickets calls adverts posters brochures names].freeze
      # "Of those who answered | 140 read the paper"
      OF_THOSE_WHO = /\A(?:Of|Among) (?:those|all|everyone|the people) (?:who|that) [[:lower:]]+(?: [[:lower:]]+){0,2},? \z/
      LEADS = /(?:\A(?:(?:At|On|By|After|During) [^,;.:\d]{3,32},? )?|[.;:!?] |, (?:and |but )?|\b(?:and|but) )(?:(?:only|some|about|just|perhaps|the other) )?\z/

      private

      # @return [String, nil]
      def by_deed(quantity, last, lead, behind)
        return nil unless last.nil? || (PAPER.include?(last.unit) && beyond?(last, quantity))
        return "people" if lead.match?(OF_THOSE_WHO)
        return "people" if lead.match?(LEADS) && (behind.match?(DONE) || (last && behind.match?(/\A turned up\b/)))
        return "people" if last && lead.match?(/\A(?:Those|Everyone|All) who [^.;]{3,60} which left (?:only |just )?\z/)

        "people" if last && text.before(quantity, 60).match?(LABEL)
      end

      # "Of the 240 letters 132 asked for a song": letters did, where it is one sentence.
      def beyond?(last, quantity) = text.string[last.to...quantity.from].match?(/[.!?;]\s|\n/)

      # Rows, each with a bare number: where some did what only people do, all of them are people.
      def done_by_people
        bare = @list.size > 2 && @list.all? { |q| q.unit.empty? || q.unit.match?(WHEN) } ? @list : []
        bare.each { |q| q.unit = "people" } if bare.count { |q| text.before(q, 60).match?(LABEL) || (leading.any? && text.string[q.to, 28].to_s.match?(DONE)) } > 1
      end
    end
  end
end
