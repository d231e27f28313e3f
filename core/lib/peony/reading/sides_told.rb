# frozen_string_literal: true

module Peony
  module Reading
    # What one side says, and who says it: "Members who are in favour say ...". Part of the finder of two sides.
    module SidesTold
      # "It fills the inns, | says the landlord"
      SAYS_WHO = /\A(?:says?|said|writes?|wrote|adds?|added|thinks?|thought) (?:[[:alpha:]'’-]+ ?){1,3}[,.]?\z/i

      # Who says something, and that it is said.
      SPEAKER = /\A(?<who>[^,:;.]{2,32}?)(?<!\bwho)\s+(?:says?|said|thinks?|thought|argues?|argued|points? (?:out|to)|pointed (?:out|to)|holds?|claims?|claimed|writes?|wrote|answers?|fears?|believes?|asks?(?= (?:who|what|how|why|whether|where)\b))(?: that)?\s+/i

      # "Members who are in favour | say"
      STAND = /\A(?:[^,.;:]{2,32} )??(in favou?r|against)(?: of (?:it|this|them))?(?=,? (?:say|said|argue|think|thought|point|feel|felt|believe|would|want|fear|claim|note|add|mention)\w*\b)/i

      # "Too little makes you forget"
      TOO_LITTLE = /\A(?:too (?:little|much|few|many)|enough)(?: [[:lower:]]+){0,2}?(?= (?:makes?|means?|helps?|is|are|can|causes?|leads?|brings?|keeps?)\b)/i

      # "Anglers and the early swimmers | are for it"
      STANDS = "(?:is|are|was|were) (?:all |firmly |quite )?(?:against|for|in favou?r of)"
      ON_SIDE = /\A(?<who>[^,:;.]{2,40}?) #{STANDS} (?:it|them|this|that)\b/i
      TAKES_SIDE = /\b#{STANDS} (?:it|them|this|that|the)\b/i

      # "Dr Ames | would keep them open", "The hotel | has asked us to let the bells rest"
      WISH = /\A(?!it\b|they\b|that\b|this\b|what\b|how\b|who\b)(?<who>[[:upper:]][^,:;.]{2,34}?) (?:would|wants?|wanted|hopes?|(?:has|have) asked (?:us|for|the|that))\b/

      # "On the other hand, | range drops in winter"
      OTHER_HAND = /\A(?:but )?on the (?:other|one) hand,? /i

      private

      def side(spans)
        spans = spans.drop(1) if spans.size > 1 && text.sentences.any? && spans.first.from == text.sentences.first.from && asked?(text.sentences)
        children = spans.flat_map { |s| arguments(s) }
        made("", spans.map(&:text).join(" "), spans).naming { |i| i.title = Titles.capital(side_name(spans.first, children)) }.tap { |i| i.children = children }
      end

      # A label, or who speaks for the side: "Its friends | say that".
      def side_name(lead, children = [])
        return Titles.of(lead.text).first if lead.text.match?(/\A[^:]{3,48}:/)

        named = speaker(lead) || lead.text.match(ON_SIDE) || wish(lead)
        lead.text[TOO_LITTLE] || stand(lead) || named&.[](:who) || before_row(lead, children) || Naming.of(text, lead, "opposition").first
      end

      # "They do not love | the queue, the wind and the noise": what leads to the row.
      def before_row(lead, children)
        return nil if children.size < 3

        words = text.span(lead.from, [children.first.spans.first.from, lead.from].max)
        words.text.strip if words.text.split.size.between?(2, 5) && text.tokens_in(words).any?(&:finite?) && children[1].spans.first.to <= lead.to
      end

      # "Members who are in favour say", "Those against point out": what side they are on.
      def stand(lead) = lead.text[STAND, 1]

      def speaker(span)
        match = span.text.match(SPEAKER) or return nil
        # "Those who do not want it | answer that"
        brief = match[:who].split.size <= (match[:who].match?(/\A[[:alpha:]]+ who /) ? 7 : 4)
        match if (brief || stand(span)) && !match[:who].match?(/\A(?:it|they|he|she|we|i|you|this|that|there)\z/i)
      end

      def wish(span) = span.text.match(WISH)
      def takes_side?(span) = span.text.match?(TAKES_SIDE)

      # "Range drops in winter, each van costs more, and there are only two points": three of them, each by itself.
      def statements(span)
        parts = Sentences.clauses(span, /,\s+(?:and\s+)?/)
        told = parts.count { |s| Series.subject_verb?(text, s) || s.text.match?(/\Athere (?:is|are|was|were)\b/) }
        # The tagger may take one of them for things: "range drops".
        parts.size > 2 && told >= parts.size - 1 && parts.all? { |s| s.text.split.size > 3 } ? parts : []
      end

      # What is said, without who says it.
      def arguments(sentence)
        told = speaker(sentence)
        words = text.span(sentence.from + sentence.text[OTHER_HAND].to_s.length, sentence.to)
        parts = Series.in(text, words)
        parts = statements(words) if parts.empty?
        parts = Sentences.clauses(sentence, /,? and (?=that\b)/) if parts.empty?
        parts = parts.reject { |s| s.text.match?(SAYS_WHO) || s.text.match?(/\Awhich\b/) } if parts.size > 2
        (told ? parts.map { |s| said(s, sentence.from + told.end(0)) } : parts).map { |s| item(s) }
      end

      # "that nobody has been fined", "to the noise at two": without the word that "say" and "point" lead on with.
      def said(part, from)
        start = part.from < from && from < part.to ? from : part.from
        text.span(start + text.string[start...part.to][/\A(?:and )?(?:(?:that|to)\s+)?/i].length, part.to)
      end
    end
  end
end
