# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # Questions whose answers branch to different outcomes.
      class Decision < Finder
        family "decision"

        # One "if" is a condition; a branch says what happens otherwise.
        TURN = /\b(?:if not|if so|otherwise|unless|depends? on|neither|yes|no|those who|whoever|isn['’]t|aren['’]t|in which case|above that|(?:anything|all|everything) else)\b/

        CONDITION = /\b(?:if|when|where|whether|unless|depends?|asks?)\b/
        # Without any of these nothing branches.
        BRANCHING = /\?|\b(?:if|whether|unless|when|where|otherwise|depends?|means?|without|with|yes|no|not|should|anything|else|whoever|those|up to|more|less|under|over|above|below)\b/

        def find
          return nil unless text.all_words.match?(BRANCHING)
          return nil if answered_in_turn?

          items = Branches.of(text).map { |s| asked_then(s) }.map { |s| by_limit(s) || branch(s) }
          return nil if items.size < 3 || items.size > 14

          turns = text.all_words.scan(TURN).size
          return nil if turns < 2 && in_a_row?(items)

          finding([(0.18 * [turns, text.string.count("?")].sum) + (0.05 * text.cues[:if_then]), 0.9].min,
                  reason(items.count { |i| asks?(i) }), items)
        end

        # "Dry at noon: picnic. Wet but warm: marquee. Thunder: go home.": cases, and what is done in each.
        def closer
          rows = nodes.select { |n| n.span.text.match?(/\A[^:]{3,40}: \S/) }
          finding(0.1, "#{count(rows.size, 'case')} that lead to different ends", rows.map { |n| node_item(n) }) if rows.size.between?(3, 8)
        end

        # "If there is none,", "where there is one,", "if not,"
        CASE = /\A(?:and |but )?(?:if|where|when) (?:(?:there (?:is|are)|it has|they have|you have|we have) (?:none|no|one|any|some|neither)|not|so|it (?:is|does)|they (?:are|do))\b(?: not|n['’]t)?,\s+(?=\S)/i

        # Of so many words what is done is told whole.
        BRIEF = 7

        # "We lend you one of ours, | and it has to come back"
        GOES_ON = /,\s+(?:and|but|so|which|who)\s.*\z/m

        # "8 to 15 cm: | has it snowed since Sunday?"
        QUESTION = /\A(?:(?:is|are|was|were|do|does|did|has|have|had|can|could|will|would|should|who|what|where|when|how|which)\b(?: [^ ?]+){1,8}|[[:lower:]]+(?: [^ ?]+)?)\?\z/i

        THEN_ASKED = /\A(?:and |but )?(?:if (?:so|yes|not?|(?:it|they|he|she|there) (?:is|are|does|do|has|have)(?: not)?)|yes|no):\s+(?=\S[^?]*\?\s*\z)/i

        private

        # "What did we need? What did we do?": questions that are answered one after the other lead nowhere else.
        def answered_in_turn? = nodes.size >= 2 && nodes.all? { |n| n.span.text.match?(/\A(?:what|how|why|who|when|where)\b[^?]*\?\z/i) && n.children.empty? && n.body.empty? }

        # "First it is smelled. Then ... She rings if it is bad. Otherwise you get a card.": one condition makes no decision of a row.
        def in_a_row?(items)
          nodes.empty? && items.size > 4 && text.all_words.match?(Words::ORDER) && text.all_words.scan(CONDITION).size < 3 && items.none? { |i| asks?(i) }
        end

        def asks?(item) = item.spans.first.text.match?(/\?|\A(?:but |and )?(?:if|whether)\b/i)

        # "If it is: | does it roll up?": what is asked then.
        def asked_then(span) = text.span(span.from + span.text[THEN_ASKED].to_s.length, span.to)

        # "Fewer than 20 guests? | Take the tank room", "More than 60 and | we have to say no": what is limited leads what is done.
        def by_limit(span)
          limit = span.text.match(Limits::LEADS) or return nil
          made(limit[:limit], span.text[limit.end(0)..].sub(/[\s.;]+\z/, ""), [span])
        end

        # Named by what is asked, or by what is done: "Without one | it comes down on the next dry day".
        def branch(span)
          unnamed(span).naming do |i|
            title, i.detail = Cases.of(text, span) || if_none(span)
            title ? i.title = Titles.capital(title) : by_its_words(i, span)
            asked(i)
          end
        end

        # "Got a temperature? | Stay in bed", "8 to 15 cm: | has it snowed since Sunday?"
        def asked(item)
          if item.detail.to_s.start_with?("? ")
            item.title += "?"
            item.detail = item.detail.delete_prefix("? ")
          elsif item.detail.to_s.match?(QUESTION)
            item.title = Titles.capital(item.detail).tap { item.detail = item.title }
            # "River above the red mark" is said by "Is the river above the red mark?"
            item.detail = "" if item.title.downcase.include?(item.detail.downcase)
          end
        end

        # "If there is none, | look whether it ticks": no case by itself names what is done.
        # @return [Array(String, String), nil] title and detail
        def if_none(span)
          lead = span.text[CASE] or return nil
          rest = text.span(span.from + lead.length, span.to)
          first = text.span(rest.from, rest.from + rest.text.sub(GOES_ON, "").sub(/[\s.;,]+\z/, "").length)
          whole = span.text.strip.chomp(".")
          return [first.text, first.to + 2 > rest.to ? lead.sub(/[,\s]+\z/, "") : whole] if first.text.split.size <= BRIEF

          title, = text.told?(rest) ? Titles.of(rest.text) : Naming.of(text, first, self.class.name_of_family)
          [title, whole]
        end

        def reason(questions) = "#{count(questions, 'question')} that #{questions == 1 ? 'leads' : 'lead'} to different ends"
      end
    end
  end
end
