# frozen_string_literal: true

module Peony
  module Reading
    # What the heading of a passage promises: "Why …", "How … is made", "Arteries and veins", "Which bin?". Signs for the scorer, 0 or 1.
    module HeadingSigns
      PATTERNS = {
        two: /\A(?:the |our |an? )?[\p{L}-]+(?: [\p{L}-]+)? and (?:the |our |an? )?[\p{L}-]+(?: [\p{L}-]+)?\z/i, or: /\bor\b/i, why: /\Awhy\b(?! not\b)/i, how: /\Ahow\b/i, what: /\Awhat\b/i, which: /\Awhich\b/i,
        who: /\Awho\b/i, where: /\Awhere\b/i, when: /\Awhen\b/i, if: /\A(?:if|in case)\b/i, asked: /\A(?:should|is|are|can|do|does|will|must|may|why not)\b.*\?\z/i, number: /\b(?:two|three|four|five|six|seven|\d)\b/i,
        doing: /\A(?:[\p{L}-]+ly )?\p{L}+ing\b/i, from_to: /\Afrom \p{L}+.* to \b/i, years: /\b(?:1[5-9]|20)\d\d\b/, question: /\?\z/
      }.freeze
      NAMES = PATTERNS.keys.to_h { |name| [name, :"hs:#{name}"] }.freeze

      module_function

      # @param text [Reading::Text]
      # @return [Hash{Symbol => Float}]
      def of(text)
        heading = text.passage.heading.to_s.strip
        return {} if heading.empty?

        signs = { "hs:some": 1.0, "hs:named": named(text) }
        PATTERNS.each { |name, pattern| signs[NAMES[name]] = 1.0 if heading.match?(pattern) }
        signs
      end

      # How many things that the heading names lead a sentence: "Arteries and veins. Arteries carry … Veins carry …".
      def named(text)
        words = Rivals.headed(text)
        led = Signs.units(text).filter_map { |u| Rivals.subject(text, u) }
        [words.count { |w| led.include?(w) }, 2].min / 2.0
      end
    end
  end
end
