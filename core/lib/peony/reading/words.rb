# frozen_string_literal: true

module Peony
  module Reading
    # Small closed word lists of English.
    module Words
      IMPERATIVES = File.readlines(File.join(ASSETS, "reading", "imperatives.txt"), chomp: true).to_set.freeze

      # Words that lead a step without being part of it. An ordinal leads only before a comma or a verb with its object:
      # "First, open" and "First open the dome", but not "First group".
      LEADS = /
        \A(?:(?:and|but|or|so)\s+)?
        (?:(?:first|second|third|fourth|fifth|last|later|also|next)(?=,)
          |first(?=\ [a-z]+\ (?:the|your|a|an|it|its|all|each)\b)|next(?!\ (?:door|week|month|year|day|morning|evening|night|time|summer|winter|spring|autumn|to|few|two|three)\b)(?=\ [a-z]+\ )
          |firstly|first\ of\ all|secondly|thirdly|fourthly|fifthly|then|after\ that|afterwards|finally|lastly|now|once\ that\ is\ done
          |to\ begin\ with|to\ start(?:\ with)?|meanwhile|in\ the\ end|at\ last|step\ \d+[.:]?
        )\b,?\s+
      /ix
      ORDER = /\b(first(?:ly| of all)?|then|next|after that|afterwards|finally|lastly|once|before you|when (?:it|that|they|the)|until|step \d+)\b/i
      PREPOSITIONS = %w[at in on into onto with without for from to of by over under through until till before after about against between
                        during near off past per than toward towards upon while because so which that who when where if and or but as].to_set.freeze
      # What a sentence may begin with before what it is about.
      BEFORE_SUBJECT = %w[in with at by from for on as and but while beside behind below above opposite].freeze
      STOP = (PREPOSITIONS + %w[the a an this these those is are was were be been being have has had do does did will would can could may might
                                should must not no it its they them their he she his her we us our you your i me my there here then also only
                                just very each every all more most less fewer]).freeze
      ARTICLES = %w[the a an this that these those its their our your his her my].to_set.freeze
      IRREGULAR_PLURALS = %w[people children men women mice feet teeth geese sheep fish deer staff police cattle data media].to_set.freeze

      SINGULARS = %w[maths physics athletics gymnastics politics economics ethics news lens].to_set.freeze

      module_function

      # What may stand before such a verb begins with one of these.
      BEFORE_ORDERS = %w[
        and but or so first second third fourth fifth last later also next firstly secondly thirdly fourthly fifthly then after afterwards finally lastly now once to meanwhile in at step
        please carefully gently slowly always never don do without with before when if using while as
      ].to_set.freeze

      # @return [Boolean] whether a sentence begins with a verb that tells someone to do something
      def imperative?(sentence)
        begun = sentence[/\A[[:alpha:]]+/].to_s.downcase
        return false unless IMPERATIVES.include?(begun) || BEFORE_ORDERS.include?(begun)

        words = sentence.sub(LEADS, "").sub(/\A(?:please|carefully|gently|slowly|always|never|don['’]t|do not)\s+/i, "")
        words = words.sub(/\A(?:without|with|after|before|when|once|if|using|while|as soon as)\b[^,.;]{3,60},\s*/i, "").sub(LEADS, "")
        first = words[/\A[[:alpha:]]+/].to_s.downcase
        second = words.split[1].to_s.downcase
        IMPERATIVES.include?(first) && !%w[is are was were of has have].include?(second)
      end

      # @return [Boolean] whether a title must not end with this word
      def dangling?(word)
        ARTICLES.include?(word.downcase) || PREPOSITIONS.include?(word.downcase) || %w[is are was were be not its their].include?(word.downcase)
      end

      # @return [Boolean]
      def plural?(word)
        low = word.downcase
        return false if SINGULARS.include?(low)

        IRREGULAR_PLURALS.include?(low) || low.match?(/[a-z]{3,}men\z|[a-z]s-(?:by|on|in-law)\z/) || (low.match?(/[^s'’]s\z/) && low.length > 3 && !low.match?(/(?:us|is|ss)\z/))
      end

      # @return [String] a plain English plural
      def plural(word)
        return word if plural?(word)
        return word.sub(/fe?\z/, "ves") if word.match?(/\A(?:kni|wi|li|hal|lea|loa|shel|thie|wol|cal|scar|el|sel)fe?\z/)
        return "#{word[0..-2]}ies" if word.match?(/[^aeiou]y\z/)

        word.match?(/(?:s|x|z|ch|sh)\z/) ? "#{word}es" : "#{word}s"
      end
    end
  end
end
