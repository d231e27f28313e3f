# frozen_string_literal: true

module Peony
  module Reading
    # The shares that a sentence tells: none that only compares, was guessed, or is said roughly before it is said exactly. Part of the finder of parts.
    module SharesTold
      # "Plastic they had guessed at a third, and it was twelve per cent"
      GUESSED_AT = /\b(?:guess\w*|expect\w*|thought|hoped|estimated)(?: it)?(?: (?:at|for|to be|was))? (?:about |nearly )?\z/i
      # "40 % less plastic", but not "33 % cheaper tickets": those wish for them.
      COMPARES = /\A (?:as (?!well)|(?:less|more|fewer)\b|(?:higher|lower|cheaper|dearer|faster|slower|longer|shorter)\b(?! [[:alpha:]]+s\b))/

      private

      def shares_in(sentence)
        shares = (text.quantities_in(sentence).select { |q| share?(q) } + in_so_many(sentence)).sort_by(&:from)
        # "Half as long", "40 % less plastic" compare.
        shares = shares.reject { |q| text.string[q.to, 24].to_s.match?(COMPARES) }
        shares = shares.reject { |q| text.string[[0, q.from - 24].max...q.from].match?(GUESSED_AT) } if shares.size > 1
        # "A good half of the visitors, 52 %": said roughly, then exactly.
        shares - shares.each_cons(2).filter_map { |a, b| a if said_again?(a, b) }
      end

      def said_again?(rough, exact)
        return false if rough.text.match?(/\d|per ?cent/) || !exact.text.match?(/\d/) || exact.from - rough.to >= 40

        (rough.value - exact.value).abs <= roughly(rough) && !led_on?(exact)
      end

      # "A quarter through the roof, 20 % | through windows": of another thing.
      def led_on?(share) = text.string[share.to, 12].to_s.match?(/\A ?(?:through|by|in|for|from|to|on|into|at|with) /)

      # "One in ten was in a car", beside shares.
      def in_so_many(sentence)
        return [] unless text.quantities.any? { |q| q.unit == "%" }

        Ratios.in_hundred(text, text.quantities_in(sentence).reject { |q| share?(q) })
      end

      # "More than half of it, 58 per cent" is further off than "a good half, 52 %".
      def roughly(quantity) = text.string[[0, quantity.from - 12].max...quantity.from].match?(/\b(?:more than|less than|over|nearly|almost|under) \z/i) ? 20 : 6
    end
  end
end
