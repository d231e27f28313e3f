# frozen_string_literal: true

module Peony
  module Reading
    # The words before a first value and between it and a second that say together that one became the other. Part of {Turned}.
    module LedOn
      IN_A_SEASON = "in (?:the )?(?:spring|summer|autumn|winter)"
      ANY = //

      # What stands before the first value, and what between the two.
      TURNS = [
        [/\bold\b/i, /\A[^.!?]{0,60}\bnew\b/], [/\bonce\b/i, /\A[^.!?\d]{0,30}\bis (?:\w+ )?(?:in|at|for)\b/],
        # "A place costs 310 euros from August. So far it was 275."
        [ANY, /[.;] (?:so far|until now|till now|up to now),? (?:it|they) (?:was|were|cost|took) (?:only )?[£€$]?\z/i],
        # "In autumn each child finished 2 books a month, in spring 5."
        [/\b#{IN_A_SEASON}\b[^.;]*\z/i, /\A[^.;\d]{0,30}[,;] (?:and |but )?#{IN_A_SEASON},? (?:it (?:was|is) )?\z/],
        # "Instead of 14 minutes it takes seven."
        [/\b(?:instead of|rather than) (?:about |the )?\z/i, /\A(?: [[:alpha:]]+){0,3},? (?:it|we|they|he|she|there|the [[:lower:]]+) [^.;,\d]{0,24}\z/],
        # "Where we once printed 900 newsletters, 310 are enough."
        [/\bwhere\b[^.;!?]*\bonce\b/i, /\A(?: [[:alpha:]]+){0,4}, (?:now |today )?\z/],
        # "We started with 60 members and ended with 145"
        [/\b(?:started|began|opened|set out) with (?:only |just )?\z/i, /\A[^.!?\d]{0,40}\b(?:ended|finished|closed|left)(?: up)? with \z/],
        # "An assembly that used to last 26 minutes is over in eleven."
        [/\bused to\b[^.;]{0,120}\z/i, /\A(?: [[:alpha:]]+)? (?:is|are) (?:now )?(?:over|done|finished|through) in (?:only |just |about )?\z/],
        # "What used to be 46 days of waiting has shrunk to nineteen"
        [/\bused to be (?:about )?\z/i, /\A[^.!?\d]{0,60}\b(?:has|have) (?:shrunk|grown|fallen|risen|become|dropped|climbed|turned)(?: in)?to (?:only |just |about )?[£€$]?\z/],
        # "It used to find three or four a night, and now finds none"
        [/\bused to\b[^.;!?]{0,120}\z/i, /\A[^.!?\d]{0,60}[,;] (?:and |but )?(?:now|today|these days)\b[^.!?;\d]{0,30}\z/],
        # "It used to be open for four hours, and is open for eleven."
        [/\bused to be\b[^.;!?]{0,120}\z/i, /\A[^.!?\d]{0,24}[,;]? (?:and|but) (?:now )?is [[:lower:] ]{0,20}\z/i],
        # "It used to take me 50 minutes and it's 25"
        [/\bused to\b[^.;!?]{0,120}\z/i, /\A[^.!?\d]{0,40},? (?:and|but) (?:now )?(?:it|that|they)(?:['’]s|['’]re| is| are) (?:now |down to |up to )?(?:only |just |about )?\z/i],
        # "There were 30 in the year before and there have been 34 in this one"
        [ANY, /\A[^.!?;\d]{0,60}\bin the (?:year|season|term|month|week) before,? (?:and|but) (?:in this one )?(?:there )?(?:it |they )?(?:has|have) been (?:only |just |about )?\z/i],
        # "Porters, who were stopped 190 times a day, are stopped 45 times"
        [/\bwere (?:[[:lower:]]+ )?\z/i, /\A[^.;:\d]{0,30}, (?:are|is) (?:now )?(?:[[:lower:]]+ )?\z/],
        # "In the old days a visitor asked the way 3.4 times; it is 0.7 times now."
        [/\b(?:in the old days|formerly|last year|once)\b/i, /\A[^.!?\d]{0,30}[;,.] (?:and |but )?(?:it|they|that) (?:is|are) (?:only |just |now )?\z/],
        [/\b(?:ago|used to)\b/i, /\A[^.!?]{0,80}\b(?:now|today|these days|came to|(?:it|that) is)\b/]
      ].freeze

      # "People used to be done after | twelve minutes | and take more like | twenty | these days"
      USED_TO_AND_DOES = [/\bused to\b[^.;!?]{0,120}\z/i, /\A[^.!?;\d]{0,60} (?:and|but) [[:lower:]]+ (?:more like |only |just |about )?\z/,
                          /\A[^.!?;\d]{0,16}\b(?:these days|now|today)\b/].freeze

      # "Members: +47 (84 to 131)"
      IN_BRACKETS = [/\([£€$]?\z/, /\A(?: [[:alpha:]]+)? to [£€$]?\z/, /\A[^(;.]{0,14}\)/].freeze

      # "Of 50 | we asked, | 41 had been here before", "when we asked | 50 visitors, | 41 said": nothing became anything.
      ASKED = [/\A (?:[[:lower:]]+ )?(?:we|they|i) (?:asked|tested|invited|counted),? \z/i, /\A [[:lower:]]+, \z/].freeze

      module_function

      # @param lead [String] what stands before the first value
      # @param gap [String] what stands between the two
      # @param behind [String] what follows the second
      def is?(lead, gap, behind)
        return true if [lead, gap, behind].zip(USED_TO_AND_DOES).all? { |words, pattern| words.match?(pattern) }

        TURNS.any? { |before, between| lead.match?(before) && gap.match?(between) } || [lead, gap, behind].zip(IN_BRACKETS).all? { |words, pattern| words.match?(pattern) }
      end

      def asked?(lead, gap) = gap.match?(ASKED[0]) || (gap.match?(ASKED[1]) && lead.match?(/\basked \z/))
    end
  end
end
