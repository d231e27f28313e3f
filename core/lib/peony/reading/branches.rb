# frozen_string_literal: true

module Peony
  module Reading
    # Questions and what follows from their answers, one after the other: a passage cut where another condition or another outcome begins.
    class Branches
      # Things told of side by side: "a cold one she opens, a hot one she does not", "loop means yellow, no loop means grey".
      BESIDE = /what\b(?!['’])|(?:with )?one with\b|with one\b|an? [[:alpha:]-]+ one\b|(?:smaller|bigger|larger|older|younger|heavier|lighter)(?: ones?)? [[:alpha:]]+|(?:no )?[[:alpha:]]+ means\b/
      # Where another condition or another outcome begins.
      CUTS = [
        /(?<=\?)\s+/, /;\s+(?:and |but )?/i, /\.\s+(?!\d)/,
        /(?<=\?)\s*→\s*/, /(?<=\byes|\bno)\s*→\s*/i, /(?<=\Ayes|\Ano|[.;?!] yes|[.;?!] no|isn't|isn’t):\s+/i,
        /,\s+(?:and |but )?(?=(?:if|unless|otherwise|in which case|without (?:one|it)|those (?:who|that|with)|for (?:less|more|fewer|others))\b)/i,
        /,\s+(?:and |but )?(?=over (?:£|€|\d))/i, /,\s+(?:and |but )?(?=#{BESIDE})/i,
        /:\s+(?=(?:an?\s[^,;.]{2,40}|[[:alpha:]]+ )\bmeans\b)/i,
        /:\s+(?=(?:for (?:the|more|less|those)|more than|less than|if|when|where|with|once|unless|whoever|those|should (?:it|that|they|there|he|she|you))\b)/i,
        /,\s+(?:and |but )?(?=(?:above|below) (?:that|this)\b)/i, /,\s+(?:and |but )(?=with(?:out)? (?:an?|any|no|one) )/i,
        # "Oak goes to the sawmill, | ash to the school, | and anything softer is left"
        /,\s+(?:and |but )?(?=(?:any|every)thing (?:else|(?!(?:over|under|other)\b)[[:lower:]]+er)\b)/i,
        /,\s+(?=(?!(?:down|up|back|over|close|next|on|in|out|from|not)\b)[[:lower:]]{3,} to (?:the|an?|our) [^.;:]*, and )/,
        # "Look at the grass: | dry, and the fiddlers set up; still wet, and ..."
        /:\s+(?=(?:(?:still|too|quite|very) )?[[:lower:]]+(?: of them)?, and [^;.]{3,60}; (?:(?:still|too|quite|very) )?[[:lower:]]+, and )/
      ].freeze
      SPLIT = Regexp.union(*CUTS)

      # "Ask how many lay there: | a single one may be kept, | a hoard may not", "find out whether they dance: | dancers get silk | and everyone else wool"
      TWO_ENDS = /\b(?:whether|asks?|depends?\son|think\sof|looks?\s(?:for|at)|find\sout|how\s(?:many|long|old|much|far|big))\b[^:;.?]{0,90}(?<first>:\s+)(?<one>[^,;:.?]{6,90}?)
                  (?<second>,\s+(?:and\s|but\s)?|\s(?:and\s)?(?=(?:every|any)(?:one|body|thing)\selse\b))
                  (?<two>(?:with|without|an?|the|(?:every|any)(?:one|body|thing)|others?|for|in|on|when|if|those|no|[[:alpha:]-]+\sones?)\s[^,;:]{3,90})\z/xi

      # "No chip? Look at the collar", "Still there? It's the chain": the answer to the question before it, or a case, leads what is done then.
      ANSWER = /\A(?:and |but )?(?:no|not) (?:an? )?[[:alpha:]'’-]+\?\z/i
      # "Hot or cold?" is asked.
      ASKED = /\bor\b|\b(?:who|what|where|which|how|why|when|is|are|am|do|does|did|has|have|had|can|could|was|were|will|would|should|may|must|isn['’]t|aren['’]t)\b|\b(?:it|he|she|there|that)['’]s\b|['’](?:re|ve|d)\b/i

      FRAME = /\b(?:falls to [^.;]{3,40} to decide|(?:must|has to|have to) decide\b[^.;?]*\b(?:whether|what)|depends? on (?:two|three|four|age|its|the)|ask(?:s|ed)? which|the same way|people ask|comes to the office|is easy|like this|wants? to know (?:if|whether)|ha(?:s|ve) (?:a rule|(?:two|three|four|some) (?:things|questions)))\b/i
      IF = /\b(?:if|whether|unless|when|otherwise|depends|provided|one that|those (?:who|that|with)|the others?)\b|\?/i
      # What somebody looks at before it is decided.
      CHECK = /\b(?:look(?:s|ed)? (?:at|for|out|up|whether|which|who)|checks?|feels?|taps?|listens?|holds? (?:it|an?)|asks?|asked (?:what|whether|how)|smells?|weighs?|measures?|counts?)\b/i
      # "No streak, and he puts the kettle on", "a snapping one", "everyone else", "the rest".
      REST = /\bmeans?\b|\A(?:and |but )?(?:should (?:it|they|that|there|he|she|you)\b|(?:over|under|above|below|up to|between|from|for|more than|less than)\b|no\b(?!,| one\b)|none\b|without\b|(?:every|any)(?:one|body|thing) else\b|(?:any|every)thing [[:lower:]]+er\b|any other\b|all (?:the )?others?\b|the (?:rest|others?)\b|an? [[:alpha:]-]+ one\b|[[:alpha:]-]+ ones?\b)/i

      # Says no more than that one goes on.
      ON = Regexp.union(
        /\A(?:right|ok|okay|depends|it depends)\W*\z/i, /\A(?:yes|no|not|so|neither|above|below|if (?:yes|not?|so)|what (?:do|should|shall) (?:i|we|you) do)\W*\z/i,
        /\A(?:if (?:yes|not?|so),? )?(?:go on|carry on|read on|(?:go to )?(?:the )?next (?:question|line|step|point|one|row))\W*\z/i,
        /\A(?:and )?what (?:you|we|they|i) do (?:with (?:it|them) |then |about it )?depends\W*\z/i,
        /\A(?:if (?:yes|not?|so),? )?(?:(?:go|move|continue|jump|skip)(?: on)? to (?:(?:question|step|number|no\.) )?\d{1,2})\W*\z/i,
        /\A(?:there|it|they|you|he|she) (?:is|are|does|do|has|have|can|isn['’]t|aren['’]t|doesn['’]t|don['’]t|hasn['’]t|haven['’]t|can['’]t)\W*\z/i
      )
      # "If you find holes, tell them; | most then take it home again"
      MOST_THEN = /\A(?:and |but )?(?:most|many|some)(?: of them| people)? then\b/i
      # "Send them there first; | that settles most cases": said of what is done.
      SETTLES = /\A(?:and |but )?that (?:is|was) (?:often |usually |mostly )?(?:the end of (?:it|that|the matter)|all)\W*\z|\A(?:and |but )?that (?:usually |generally |mostly )?(?:settles|solves|does|mends|cures|is enough)\b[^,;:?]{0,30}\z/i
      # "Chick on the path?" names the case; it is no question that branches.
      CASE = /\A(?!(?:is|are|was|were|do|does|did|has|have|had|can|could|will|would|should|which|who|what|where|when|how|why|may|shall|am|if|any|still|does)\b)[^?]{3,60}\?\z/i
      SAME = /it|they|he|she|you|there|we|that|none|neither|one/
      # What answers the question before it: "If so", "If it does,", "Then", "Yes".
      REPLY = Regexp.union(
        /\A(?:and |but )?(?:if|when|where|should) (?:so|yes|not?|#{SAME})\b(?: (?:is|are|was|does|do|did|has|have|had|can|could|will|would)|['’][a-z]+)?(?: ?n['’]t| ?not| none| one| any)?,/i,
        /\A(?:and |but )?(?:if (?:yes|yeah|not?|so)|then|yes|no|yeah|it (?:is|does)|they (?:are|do)|there (?:is|are)|those who|otherwise|if (?:it|there) (?:has|is|are) none)\b/i
      )
      # What is told of all that is asked here: "People ask me that all day", "It depends on the hour."
      OFTEN_ASKED = Regexp.union(
        /\b(?:rule is\b|that['’]s the (?:text|message|question|call|note)\b)/i,
        /\b(?:(?:they all|everyone|everybody|people|someone) (?:asks?|rings?|wants?)|asks? (?:me|us)|rings? (?:me|us))\b/i,
        /\b(?:on the wall|one (?:rule|system)|slip of paper|a (?:small )?card|all day|answers? with (?:a )?questions?)\b/i,
        /\A(?:it|that) (?:all )?depends on [^,;:.]{3,24}\.?\z/i
      )
      ANSWERED = /\A\W*(?:if|yes|no|with|without)\b/i
      # "Where it turns blue it is for the bin, | where it stays white they may fry it"
      AGAIN = /\A(?:and |but )?(?<lead>where|when|if|with|those|anyone|whoever)\b[^,;:?]{6,}(?<joint>,\s+(?:and |but )?)(?=\k<lead>\b)/i
      # An opening that the strays are as good as sure of leads up to what is asked; short questions they know less well.
      LEADS_UP = 0.14
      LEADS_UP_WORDS = 9
      THIS_IS_HOW = /\b(?:(?:go|goes|went|work|works) through (?:it|this|these|the (?:card|list|questions|steps|points))\b|(?:this|here) is (?:how|what)\b|here['’]s (?:how|what)\b|as follows|in the same order|follow (?:these|the) (?:rules|steps|questions)|goes? through the questions|questions of (?:her|his|its|their) own|ha(?:s|ve) an? (?:method|way|rule|system)\b)\b/i
      # What opens a case or an answer.
      OPENS_CASE = /\A(?:and |but )?(?:if|when|where|with|without|for|unless|those|any(?:one|body|thing)|whoever|whatever|first|no|an?|the (?:first|one))\b/i
      ASKS_FIRST = /\bfirst thing\b|\basks? (?:is )?(?:whether|where|how|what|who|if)\b/i
      FORBIDS = /\A(?:and |but )?(?:don['’]t|do not|never)\b/i

      # @param text [Reading::Text]
      # @return [Array<Span>]
      def self.of(text) = new(text).all

      def initialize(text)
        @text = text
      end

      def all
        list = merged(parted.reject { |s| s.text.match?(ON) || s.text.match?(SETTLES) || s.text.match?(MOST_THEN) || s.text.split.empty? })
        list = list.drop(1) if list.size > 3 && frame?(list[0], list[1]) && !like?(list[0], list[2])
        return list if entries?

        list = led_in(list)

        list = list[0..-2] if list.size > 3 && !list[-2].text.end_with?("?") && remark?(list.last)
        list.size > 3 ? list.reject.with_index { |s, i| s.text.match?(FORBIDS) && !s.text.match?(IF) && (i.zero? || !list[i - 1].text.end_with?("?")) } : list
      end

      private

      attr_reader :text

      def parted = units.flat_map { |s| two_ends(s) || answered(Sentences.clauses(s, SPLIT).flat_map { |part| again(part) }) }

      # Without what only leads up to the first question.
      def led_in(list)
        told = told_first(list)
        list = list.drop(told.zero? && leads_up?(list) ? 1 : told)
        # "Somebody has brought us a hedgehog; | somebody always does."
        list.size > 4 && opening_rest?(list.first) ? list.drop(1) : list
      end

      # "Is the milk off? My flatmates ring me at work about this. | Smell it. ...": what is asked and told before anything is to be done.
      # @return [Integer] how many
      def told_first(list)
        return 0 unless list.size > 4 && list.first.from == text.sentences.first.from

        at = (list.first.text.end_with?("?") ? 1 : 0)
        told = list.drop(at).take_while { |s| text.sentences.any? { |own| own.from == s.from && own.to == s.to } && tells?(s) }.size
        told.between?(1, 2) ? at + told : 0
      end

      def tells?(span) = span.text.match?(OFTEN_ASKED) && !span.text.match?(REPLY) && !span.text.include?(":") && !text.told?(span)

      def entries? = text.tree.size >= 2
      def units = entries? ? [*asked_above, *text.tree.flat_map { |n| [n.span, *n.children.map(&:span), *n.body] }] : text.sentences

      # "Do you eat nuts?" above "Yes: nut bread" and "No: do you like it dark?": the first question of all.
      def asked_above
        return [] unless text.tree.first.span.text.match?(/\A(?:yes|no)\b/i)

        text.sentences.select { |s| s.to <= text.tree.first.span.from && s.text.end_with?("?") }.last(1)
      end

      # @return [Array<Span>, nil] what is asked, with what leads to it, and its two answers
      def two_ends(span)
        at = span.text.match(TWO_ENDS) or return nil
        first, second = %i[first second].map { |joint| at.offset(joint).map { |i| span.from + i } }
        [*Sentences.clauses(text.span(span.from, first[0]), SPLIT), text.span(first[1], second[0]), text.span(second[1], span.to)]
      end

      def again(span)
        at = span.text.match(AGAIN) or return [span]
        [text.span(span.from, span.from + at.begin(:joint)), text.span(span.from + at.end(:joint), span.to)]
      end

      # "Somebody has to look at each thing as it comes in, and on Saturday it will be you. | Has it a plug?"
      def told_then_asked?(span, following)
        following.text.end_with?("?") && !span.text.match?(OPENS_CASE) && !span.text.match?(/\?|\b(?:asks?|whether)\b/i) && !text.told?(span)
      end

      def opening_rest?(span)
        opening = text.sentences.first
        span.from > opening.from && span.to <= opening.to && !span.text.match?(IF) && !span.text.match?(CHECK) && !text.told?(span) && text.string[opening.from...span.from].match?(/;\s+\z/)
      end

      # "When a child says that they feel ill, this is how we go about it."
      def leads_up?(list)
        return false if list.size < 4 || list.first.from != text.sentences.first.from || list.first.text.split.size < LEADS_UP_WORDS

        return true if list.first.text.match?(THIS_IS_HOW) || told_then_asked?(*list.first(2))

        !list.first.text.match?(ASKS_FIRST) && Strays.chances(text, list, "decision").first < LEADS_UP
      end

      # "No: no.": the second is what comes of the first.
      def answered(parts)
        parts.each_with_object([]) do |part, all|
          plain = all.last && [all.last, part].all? { |s| s.text.match?(/\A(?:yes|no)\W*\z/i) } && text.string[all.last.to...part.from].start_with?(":")
          plain ? all[-1] = text.span(all.last.from, part.to) : all << part
        end
      end

      # What only leads the next stays with it: a case that is asked for in a word or two, and what stands before a colon.
      def merged(list)
        list.each_with_object([]) do |span, all|
          leads = all.last && (all.last.text.match?(ANSWER) || case?(all.last, span, all.size == 1) || label?(all.last, span) || says_more?(all.last, span))
          leads ? all[-1] = text.span(all.last.from, span.to) : all << span
        end
      end

      # "Below zero? Cover the lemons"; what opens running text names the matter, and "Wet? Hall." is asked and answered.
      def case?(span, following, opens)
        return false if (opens && !entries? && !span.text.match?(Limits::CASE)) || following.text.split.size < 2 || text.string[span.to...following.to].match?(ANSWERED)

        # "No temperature but you're coughing?"
        told = span.text.match?(/\A(?:no|not|just|only) [^,:?]+\?\z/i)
        span.text.match?(/\?\z/) && span.text.split.size <= (told ? 9 : 6) && (told || !span.text.match?(ASKED))
      end

      # "Look for the nest and put it back; | they do not mind your hands": of what was just said.
      def says_more?(span, following)
        return false unless text.string[span.to...following.from] == "; " && [IF, REST, CHECK].none? { |other| following.text.match?(other) }

        (span.text.match?(IF) || span.text.match?(REST)) && (following.text.match?(/\A(?:and |but )?(?:they|it|he|she) /) || text.told?(following))
      end

      # "You changed your mind: more than a week ahead, ..."
      def label?(span, following)
        text.string[span.to...following.from].to_s.start_with?(":") && !span.text.match?(/\?\z/) && !span.text.match?(CHECK) && !text.told?(span) && !span.text.match?(IF)
      end

      # A last sentence without a condition, which the strays take for an aside.
      def remark?(span)
        return true if span.text.match?(/\Aand (?:please|carry on|keep|smile)\b/i)

        !span.text.match?(IF) && !span.text.match?(REST) && !span.text.match?(/\Awhere (?:it|they|there|he|she)\b/i) && text.points.none? { |p| p.span.from < span.to && span.from < p.span.to }
      end

      # "Do you compare things? Use bars. Do you show a change? Use a line.": asked in the same way, one after the other.
      def like?(span, later) = [span, later].all? { |s| s.text.end_with?("?") } && span.text.downcase.split.first(2) == later.text.downcase.split.first(2)

      # An introduction asks nothing and tells nobody to do anything, or asks what all of it answers.
      def frame?(span, following)
        # "Cloud over half the sky? If yes, show films": that is asked.
        return false if text.before(following, 10).match?(/\b(?:if (?:yes|not?|so),?|yes:|no:) ?\z/i) || following.text.match?(/\A(?:if )?(?:yes|no)\b/i)
        return following.text.match?(/\Adon['’]t\b/i) || text.told?(following) if span.text.match?(CASE) && entries?
        return matter?(span, following) if span.text.end_with?("?") && !entries?
        # "When a stray turns up, whoever is there works through the card. The first thing is whether it is hurt."
        return true if following.text.match?(/\A(?:the )?first (?:thing|question)\b|\A[[:upper:]][[:lower:]]+ first (?:whether|if)\b/i) && !text.told?(span)

        span.text.match?(FRAME) || (!entries? && !span.text.match?(IF) && !span.text.match?(CHECK) && !Words.imperative?(span.text) && !span.text.include?(":"))
      end

      # "Should it be printed at all? If fewer than ten people need it, ...": the question of the whole.
      def matter?(span, following)
        return false if span.from != text.sentences.first.from || following.text.match?(REPLY) || (following.text.split.size <= 2 && !text.told?(following))
        return true if span.text.match?(CASE)
        return false if span.text.match?(/\A(?:is|are|does|do|has|have|can|was)\b/i) && following.text.match?(/\Aif (?:it|they|he|she|there)\b/i)

        following.text.match?(/\A(?:[^:]*\?\z|[^.:?]{3,40}\? \S)/) || text.told?(following) || following.text.match?(/\A(?:first|start by|begin by|if|when|under|below|up to|for)\b/i)
      end
    end
  end
end
