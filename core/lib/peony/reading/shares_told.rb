# frozen_string_literal: true

module Peony
  module Reading
    # The shares that a sentence tells: none that only compares, was guessed, or is said roughly before it is said exactly. Part of the finder of parts.
    module SharesTold
      # "Plastic they had guessed at a third, and it was twelve per cent"
      GUESSED_AT = /\b(?:guess\w*|expect\w*|thought|hoped|estimated)(?: it)?(?: (?:at|for|to be|was))? (?:about |nearly )?\z/i
      # "40 % less plastic", but not "33 % cheaper tickets": those wish for them.
      COMPARES = /\A (?:as (?!well)|(?:less|more|fewer)\b|(?:higher|lower|cheaper|dearer|faster|slower|longer|shorter)\b(?! [[:alpha:]]+s\b))/

      # "Paperwork comes to a tenth, though it feels like half"
      FEELS_LIKE = /\b(?:feels?|felt|seems?|seemed|looks?|looked|sounds?|sounded) (?:more |rather )?like (?:about |nearly |at least )?\z/i

      COUNTED_AGAIN = /\d,? (?:which|that) (?:is|was|makes|comes to) (?:about |nearly |just over |just under )?\z/

      private

      def shares_in(sentence)
        shares = (text.quantities_in(sentence).select { |q| share?(q) } + in_so_many(sentence)).sort_by(&:from)
        # "Those who stayed: 188, which is 88 %": a count, told again.
        shares = shares.reject { |q| text.before(q, 32).match?(COUNTED_AGAIN) } if shares.size == 1
        # "Half as long", "40 % less plastic" compare.
        shares = shares.reject { |q| text.string[q.to, 24].to_s.match?(COMPARES) }
        shares = shares.reject { |q| text.before(q, 24).match?(GUESSED_AT) || text.before(q, 24).match?(FEELS_LIKE) } if shares.size > 1
        # "A good half of the visitors, 52 %": said roughly, then exactly.
        shares - shares.each_cons(2).filter_map { |a, b| a if said_again?(a, b) }
      end

      def said_again?(rough, exact)
        return false if rough.text.match?(/\d|per ?cent/) || !exact.text.match?(/\d/) || exact.from - rough.to >= 40
        # "A tenth is mint, and 8 per cent comes in sacks"
        return false if text.string[rough.to...exact.from].match?(/ (?:is|was|are|were)\b.*, and /)

        further = exact.value - rough.value
        further.between?(*roughly(rough)) && !led_on?(exact)
      end

      # "A quarter through the roof, 20 % | through windows": of another thing.
      def led_on?(share) = text.string[share.to, 12].to_s.match?(/\A ?(?:through|by|in(?! (?:the case|all|total|our case)\b)|for|from|to(?! be exact)|on|into|at|with) /)

      # "One in ten was in a car", beside shares.
      def in_so_many(sentence)
        return [] unless text.quantities.any? { |q| q.unit == "%" }

        Ratios.in_hundred(text, text.quantities_in(sentence).reject { |q| share?(q) })
      end

      # "More than half of it, 58 per cent", "nearly a third, 31 %": how far below and above what is said roughly the exact number may lie.
      def roughly(quantity)
        case text.before(quantity, 12)
        when /\b(?:more than|over) \z/i then [0, 20]
        when /\b(?:less than|nearly|almost|under) \z/i then [-12, 0]
        else [-6, 6]
        end
      end
    end
  end
end
