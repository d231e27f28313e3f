# frozen_string_literal: true

module Peony
  module Reading
    # Who stands right below whom, where later sentences tell of those whom an earlier one names.
    module Reporting
      # Leads to those who stand right below.
      REPORTING = /\A[^:]{3,60}\b(?:reports?|reporting|answers?|under) (?:to )?(?:her|him|them|it)\b[^:]*:\s|\A(?:reporting to|under|below|beneath) (?:her|him|them|it) (?:are|is|come|stand|works?|serves?)\s+/i
      HAS = /\A[[:upper:]]\S*(?: \S+)?? (?:(?:has|have|had|leads?|runs?|looks? after|manages?|supervises?|oversees?|works? with|is over|is (?:supported|helped|assisted) by|is (?:in charge|head|responsible) (?:of|for))\s+|(?=(?:an?|one|two|three|four|five|six|seven|eight|\d+) ))/
      NAME = /\A[[:upper:]]\S*(?: [[:upper:]]\S*)*[.\s]*\z/
      POST = /\A(?:the|an?|our|his|her) (?=[[:lower:]])/i
      # "Osei, who looks after events, and Marit, who buys the books": who somebody is belongs to the name.
      WHO = /, whos?e?\b/

      private

      # "Two people report to her: Bo and Ines. Bo has six guides": they stand right below her, and the guides below Bo.
      def placed(branches)
        list = branches.flat_map { |b| b.spans.first.text.match?(REPORTING) ? named_below(b) : [b] }
        list.reject do |branch|
          above = list.find { |other| other.spans.first.from < branch.spans.first.from && same?(other.spans.first, branch.spans.first) }
          above&.children&.concat(below_in(branch))
        end
      end

      # "Under him are | Tilda in the shop | Karl in the bakehouse"
      def named_below(branch)
        span = branch.spans.first
        return branch.children if branch.children.size >= 2 && !span.text.match?(WHO)

        parts = listed(text.span(span.from + span.text.match(REPORTING).end(0), span.to))
        parts.size >= 2 ? parts : [branch]
      end

      # "Bo for visitors … Bo has", "the head of operations … The head of operations is".
      def same?(above, own)
        name = own.text[/\A(?:(?:Mr|Mrs|Ms|Dr|Sister) )?(?!The\b|An?\b)[[:upper:]][[:alpha:]]+/]
        return above.text.match?(/(?:\A|, )#{name}\b/) if name

        one, two = [above, own].map { |s| s.text.downcase.sub(/\A(?:the|an?|his|her) /, "").sub(/[.,;\s]+\z/, "") }
        one.split.any? && two.start_with?("#{one} ")
      end

      # "Bo has | six guides", "Karl | two bakers | an apprentice"
      def below_in(branch)
        span = branch.spans.first
        match = span.text.match(HAS) or return branch.children

        listed(text.span(span.from + match.end(0), span.to))
      end

      def listed(span) = by_post(Series.split(span).slice_when { |_, part| !part.text.match?(/\A(?:who|whose)\b/) }.map { |run| text.span(run.first.from, run.last.to) })

      # "The head of pool, Bram Lund, and the gym supervisor, Ines Amadi": two who are named by their posts.
      # @param parts [Array<Span>]
      # @return [Array<Item>]
      def by_post(parts)
        pairs = parts.each_slice(2).to_a
        return parts.map { |s| item(s) } unless pairs.size > 1 && pairs.all? { |post, name| name&.text&.match?(NAME) && post.text.match?(POST) }

        pairs.map { |post, name| made(post.text.sub(POST, ""), name.text.sub(/[.\s]+\z/, ""), [text.span(post.from, name.to)]) }
      end
    end
  end
end
