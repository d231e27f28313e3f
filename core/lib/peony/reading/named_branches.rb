# frozen_string_literal: true

module Peony
  module Reading
    # Sentences that name what stands over others and then these: "To the shop belong Hana and three helpers", "Traffic has under it the drivers and the inspectors";
    # and one who is told to stand over all: "At the top sits the director, …". Part of {Finders::Hierarchy}.
    module NamedBranches
      OVER = /\A(?:and |but )?(?:to (?:the )?(?<name>[^,;:.]{2,30}?) belongs? |(?:the )?(?<name>[^,;:.]{2,40}?) (?:has|have|had) (?:under|below|beneath) (?:it|her|him|them) )(?=\S)/i
      AT_THE_TOP = /\A(?:at the (?:very )?(?:top|head)(?: of [^,;.]{2,30}?)?|over (?:everything|all of (?:it|them))|above (?:them )?all) (?:there )?(?:stands?|sits?|is|comes?) (?<name>[^,;.]{2,40})/i
      # "Each with a foreman": said of those before it.
      SAID_OF = /,\s+(?:each|both|all|every one)\b.*\z/mi

      private

      # @param span [Span]
      # @return [Item, nil]
      def named_branch(span)
        match = span.text.match(OVER) or return nil
        below = span.text[match.end(0)..].sub(SAID_OF, "")
        parts = Series.split(text.span(span.from + match.end(0), span.from + match.end(0) + below.length))
        return nil unless parts.size.between?(1, 8) && parts.none? { |s| text.tokens_in(s).first&.verb? }

        item(span).tap do |made|
          made.children = parts.map { |s| item(s) }
          made.naming { |i| i.title = Titles.capital(match[:name]) }
        end
      end

      def at_the_top(item)
        name = item.spans.first.text[AT_THE_TOP, :name] or return item
        item.naming { |i| i.title = Titles.capital(name.strip.sub(/\A(?:the|an?) /i, "")) }
      end
    end
  end
end
