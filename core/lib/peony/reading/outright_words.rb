# frozen_string_literal: true

module Peony
  module Reading
    # Turns of words that say outright what a passage is. Part of {Outright}.
    module OutrightWords
      # "Tupping in November ... weaning in August, and the tups are brought down again": the months of no one year, and the last leads on to the first.
      def year_round?(text, _finding)
        return false unless text.moments.size > 2 && text.moments.all? { |m| m.kind == :month && m.sort < 13 }
        return true if text.sentences.size > 2 && text.sentences.last.text.match?(/\b(?:it|all|everything|the (?:round|year)) (?:all )?(?:starts?|begins?) (?:again|anew|over)\b/)
        return false unless text.tree.size > 2

        first, last = [text.tree.first, text.tree.last].map { |n| n.span.text.downcase.scan(/[[:lower:]]{5,}/) - Dates::MONTHS }
        text.tree.last.span.text.match?(/\bagain\b/) || first.intersect?(last)
      end

      # "If the library closes on Saturdays", and what comes of it, line by line.
      def what_if?(text, _finding) = text.tree.size > 2 && above(text).match?(/\Aif (?!you\b|we\b)/i) && text.tree.none? { |n| text.told?(n.span) }

      # "Leaves yellow?", and below it "all of them, soil wet: stop watering": cases, and what is done in each.
      def cases?(text, _finding)
        rows = text.tree.map { |n| n.span.text[/\A[^:]{3,60}:\s+(\S.*)\z/m, 1] }
        return false unless rows.size > 2 && rows.all?

        head = above(text)
        return true if head.match?(HOW_TO) && on_condition?(text.tree)

        head.match?(TO_CHOOSE) || (head.match?(/\A(?!(?:who|why|what|how|when|where)\b)[^?]{3,60}\?\z/i) && rows.count { |words| Words.imperative?(words) } * 2 >= rows.size)
      end

      # Nearly all rows are led by a condition, and the others by a word or two.
      def on_condition?(nodes)
        told = nodes.count { |n| n.span.text.match?(ON_CONDITION) }
        told * 2 >= nodes.size && nodes.all? { |n| n.span.text.match?(ON_CONDITION) || n.span.text.match?(/\A[[:alpha:]]+(?:, [[:alpha:] ]+)?:/) }
      end
      HOW_TO = /\Ahow (?:to|do (?:i|we|you)|should (?:i|we)|can (?:i|we)) [^?]{3,60}\?\z/i
      # "With pictures: as a folder"
      ON_CONDITION = /\A(?:if|when|with|without|up to|more|less|over|under|longer|shorter|bigger|smaller|for|only|no|not|above|below|between|older|younger|otherwise|(?:any|every)thing|(?:all )?else)\b/i
      TO_CHOOSE = /\A(?:which [^?]{3,40}|what (?:do|should|can|shall) (?:i|we|you) (?:do|use|take|wear|write|need|choose)\b[^?]{0,40})\?\z/i

      # "First it is smelled. Then ... She rings if it is bad. Otherwise you get a card.": steps, of which only the last may come out in two ways.
      def only_at_the_end?(text, _finding)
        list = text.sentences
        return false unless text.tree.empty? && list.size > 5 && list.count { |s| s.text.match?(Words::ORDER) } > 1
        return false if text.all_words.match?(/\bdepends?\b|\bshould (?:all|the|it|they|there)\b/) || text.all_words.scan(Finders::Decision::CONDITION).size > 2

        list.each_index.select { |i| i.positive? && list[i].text.match?(/\?|\b(?:if|unless|otherwise|depends?|in which case)\b/i) }.then { |at| at.size < 3 && at.all? { |i| i >= list.size - 3 } }
      end

      # "Half the village depends on Ada's oven: it dries the herbs, warms the milk ...", "the roundabout does more than send people round: beekeepers sell on it, ..."
      def all_on_one?(text, _finding)
        first = text.sentences.first
        return false if first.nil? || text.tree.any? || text.sentences.size > 2 || !first.text.match?(ON_ONE)

        Sentences.clauses(Series.after_colon(first) || first, /,\s+(?:and )?|\s+and\s+(?=the |our |a )/).size > 3
      end
      ON_ONE = /\A[^:.?]{0,60}\b(?:depends? on|hangs? (?:off|on)|leans? on|lives? off|is tied to|runs? (?:on|off)|does more than|(?:is|are) good for more than|revolves? around|turns? (?:on|around|round)|meets? (?:at|in|under))\b[^:.?]{3,60}: /i

      # "What makes our bread go flat: old yeast, well water or a draught"
      def what_spoils?(text, _finding)
        first = text.sentences.first
        !first.nil? && text.tree.empty? && first.text.match?(SPOILS) && Sentences.clauses(Series.after_colon(first) || first, /,\s+(?:or |and )?/).size > 2
      end
      SPOILS = /\Awhy (?![^:]*\b(?:loves?|likes?|chooses?|comes? to|prefers?|enjoys?|stays?)\b)[^:.?]{5,60}: |\Awhat (?:(?:makes|made|lets) [^:]{3,40} (?:go|come|fall|crack|fail|stop|leak|stick|turn|break|lose|rust|rot|die|curl|fade|smell|slip|sink|shrink|tear|split|wobble|creak|late|ill|flat|sour|bitter)\b[^:]{0,20}|(?:spoils|ruins|breaks|kills|cracks|delays|slows|causes|upsets|wears out|goes wrong)\b[^:]{0,40}): /i

      # "About money: ring the office. About boats: write. All else: ask Bo."
      def all_else?(text, _finding)
        rows = (text.tree.size > 2 ? text.tree.map(&:span) : text.sentences).map { |s| s.text.match(/\A(?<case>[^:.]{3,40}):\s+(?<deed>\S.*)\z/m) }
        rows.size > 2 && rows.all? && rows.last[:case].match?(ALL_ELSE) && rows.count { |m| Words.imperative?(m[:deed]) } * 2 >= rows.size
      end
      ALL_ELSE = /\A(?:(?:all|anything|everything) else|otherwise|else|(?:all )?the rest|any other\b.*)\z/i

      def above(text) = (text.passage.heading || text.sentences.find { |s| text.tree.any? && s.to <= text.tree.first.span.from }&.text).to_s.strip

      def circle?(text, _finding) = !Circle.of(text).nil?

      # "Do say what happens next. Don't begin with 'unfortunately'.": entries or sentences that are all led by "do" or "don't".
      def orders_and_bans?(text, _finding)
        return orders_and_bans_of?(text.entries.map { |e| e.span.text }) if text.entries.any?

        core?(text) { |sentences| orders_and_bans_of?(sentences) || (text.tree.empty? && never?(sentences)) }
      end

      def orders_and_bans_of?(sentences)
        bans, orders = sentences.partition { |words| words.match?(DosAndDonts::NOT_TO) }
        bans.any? && orders.any? && sentences.size > 2 && orders.all? { |words| words.match?(DosAndDonts::TO_DO) }
      end

      # "Rinse the jar and dry the lid. Never fill it hot, and never stack it high."
      def never?(sentences)
        bans, orders = sentences.partition { |words| words.match?(DosAndDonts::NOT_TO) }
        orders.any? && orders.size <= bans.size && bans.join(" ").scan(/\bnever\b/i).size > 1 && orders.all? { |words| Words.imperative?(words) }
      end

      # Whether something is so of all sentences, or of all but one that leads them and one that closes.
      # @yieldparam sentences [Array<String>]
      def core?(text)
        all = text.sentences.map(&:text)
        [all, all[0..-2], all.drop(1), all.drop(1)[0..-2]].any? { |some| some&.any? && yield(some) }
      end

      # "Are you moving within the town? Yes: the green one. No: go on.": entries that ask, and tell what to do on either answer.
      def asked_each?(text, _finding) = text.tree.size > 1 && text.tree.all? { |n| n.span.text.match?(/\?\s+(?:if )?(?:yes|no|not)\b/i) || n.body.any? { |s| s.text.match?(/\A(?:yes|no)\b/i) } }

      # "Two questions decide: is it ready, and is it ours?", and what is done with each of four.
      def two_questions?(_text, finding) = finding.fit >= 0.85

      # "I love the band. I hate the mud."
      def love_and_hate?(text, _finding)
        core?(text) { |sentences| sentences.size == 2 && love_and_hate_in?(*sentences) }
      end

      def love_and_hate_in?(one, two)
        return true if one.match?(/\b(?:used to (?:believe|think)|once (?:believed|thought))\b/) && two.match?(/\A(?:now|today) (?:we|they|i|people) know\b|\A(?:in fact|in truth)\b/i)

        one.match?(/\b(?:love|like|enjoy)d?\b/) && two.match?(/\b(?:hated?|dislike[ds]?|(?:can(?:['’]t|not)|could not) stand)\b/)
      end

      # "Do you eat nuts?", and below it "Yes: nut bread" and "No: do you like it dark?": one of the answers asks again.
      def yes_or_no?(text, _finding)
        above(text).end_with?("?") && text.tree.size == 2 && text.tree.all? { |n| n.span.text.match?(/\A(?:yes|no)\b/i) } && text.tree.any? { |n| n.span.text.include?("?") || n.children.any? }
      end

      # "From field to table: the wheat is cut, threshed, milled", "tea is made by boiling water, warming the pot", "the water is boiled, ... and after four minutes the tea is poured".
      def made_so?(text, _finding)
        return false unless text.tree.empty?
        return true if core?(text) { |sentences| sentences.size > 2 && sentences.all? { |words| words.match?(STEP) } }

        # "1) look 2) speak 3) call"
        numbered = text.sentences.flat_map { |s| Enumerated.parts(s) }
        return true if numbered.size > 2 && numbered.all? { |s| text.told?(s) || Words.imperative?(s.text) }

        text.sentences.size <= 3 && text.series.any? && text.sentences.any? { |s| s.text.match?(/[,→>]/) && made_so_in?(s.text) }
      end

      def made_so_in?(words)
        return true if words.match?(SO_MANY_STEPS) || words.scan(Series::ARROW).size > 1

        words.match?(FROM_TO) || words.match?(MADE_BY) || (words.scan(/\b(?:is|are) (?:[[:lower:]]+ )?[[:lower:]]+(?:ed|en|t|ut|un)\b/).size > 2 && words.match?(AFTER_THAT))
      end
      STEP = /\A(?:the )?(?:(?:step|stage) (?:\d|#{Numbers::WORD})|(?:first|second|third|fourth|fifth|next|last|final) (?:step|stage))\b/i
      SO_MANY_STEPS = /\b(?:\d|#{Numbers::WORD}) (?:steps|stages|phases)\b[^:]{0,30}: /i
      FROM_TO = /\Afrom (?:the )?[[:lower:]]+ to (?:the )?[[:lower:]]+: /i
      MADE_BY = /\b(?:is|are) (?:made|prepared|built|cooked|printed|bound|repaired|baked|woven|grown) by [[:lower:]]+ing\b[^.]*, (?:and )?[[:lower:]]+ing\b/
      AFTER_THAT = /, (?:and )?(?:after|then|finally|when|once|at last|in the end)\b/
    end
  end
end
