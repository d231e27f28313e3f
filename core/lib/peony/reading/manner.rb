# frozen_string_literal: true

module Peony
  module Reading
    # How a stretch of words begins and speaks: its first word, its mood, its tense, its words with a meaning of their own.
    module Manner
      LEADS = {
        pronoun: %w[it they he she this that these those its their his her], person: %w[i we you our my your],
        when: %w[in by on at after when once before during from with as until next then first later last], the: %w[the a an there], joined: %w[and but so or yet even also]
      }.flat_map { |kind, words| words.map { |word| [word, kind] } }.to_h.freeze
      BEING = %w[is are was were has have had 's ’s 're ’re].to_set.freeze

      module_function

      # @param text [Reading::Text]
      # @param span [Span]
      # @return [Symbol] what it begins with: :pronoun, :person, :when, :the, :joined, :name, :other, or :none
      def lead(text, span)
        first = text.tokens_in(span).first or return :none
        LEADS[first.low] || (first.noun? ? :name : :other)
      end

      # @return [Symbol] whether it tells somebody to do something, says what something is, speaks of "I", or tells what happens
      def mood(text, span)
        return :told if text.told?(span)

        verb = verb(text, span) or return :none
        return :being if BEING.include?(verb.low)

        span.text.match?(/\A(?:I|we|you)\b/i) ? :person : :deed
      end

      # @return [Boolean, nil] nil where there is no verb
      def past?(text, span) = verb(text, span)&.then { |token| token.tag == "vbd" }

      def verb(text, span) = text.tokens_in(span).find(&:finite?)

      # @return [Array<String>] words with a meaning of their own
      def content(text, span)
        text.at(:content, span.from, span.to) do
          text.tokens_in(span).filter_map { |t| t.low if t.said && !Words::STOP.include?(t.low) }
        end
      end

      # @return [Array<String>] the beginnings of those words
      def stems(text, span) = text.at(:content_stems, span.from, span.to) { content(text, span).map { |w| w[0, 5] } }
    end
  end
end
