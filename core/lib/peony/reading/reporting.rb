# frozen_string_literal: true

module Peony
  module Reading
    # Who stands right below whom, where later sentences tell of those whom an earlier one names.
    module Reporting
      # Leads to those who stand right below.
      REPORTING = /\A[^:]{3,60}\b(?:reports?|reporting|answers?|under) (?:to )?(?:her|him|them|it)\b[^:]*:\s|\A(?:reporting to|under|below|beneath) (?:her|him|them|it) (?:are|is|come|stand)\b/i
      HAS = /\A[[:upper:]]\S*(?: \S+)? (?:has|have|had|leads?|runs?|looks? after|is over)\s+/

      private

      # "Two people report to her: Bo and Ines. Bo has six guides": they stand right below her, and the guides below Bo.
      def placed(branches)
        list = branches.flat_map { |b| b.spans.first.text.match?(REPORTING) && b.children.size >= 2 ? b.children : [b] }
        list.reject do |branch|
          above = list.find { |other| other.spans.first.from < branch.spans.first.from && same?(other.spans.first, branch.spans.first) }
          above&.children&.concat(branch.children.any? ? branch.children : below_in(branch.spans.first))
        end
      end

      # "Bo for visitors … Bo has", "the head of operations … The head of operations is".
      def same?(above, own)
        name = own.text[/\A(?:(?:Mr|Mrs|Ms|Dr|Sister) )?(?!The\b|An?\b)[[:upper:]][[:alpha:]]+/]
        return above.text.start_with?(name) if name

        one, two = [above, own].map { |s| s.text.downcase.sub(/\A(?:the|an?|his|her) /, "").sub(/[.,;\s]+\z/, "") }
        one.split.any? && two.start_with?("#{one} ")
      end

      # "Bo has | six guides"
      def below_in(span)
        match = span.text.match(HAS)
        match ? [item(text.span(span.from + match.end(0), span.to))] : []
      end
    end
  end
end
