# frozen_string_literal: true

module Peony
  module Type
    # Setting text into a box.
    module Composing
      module_function

      # @param text [String]
      # @param font [Font]
      # @param size [Numeric] px
      # @param width [Numeric] px
      # @param leading [Numeric] line height as a multiple of size
      # @param balance [Boolean] even lines, for titles
      # @param hard [Boolean] part words that are too wide
      # @return [Setting, nil] nil when a single word is too wide
      def text(text, font, size, width, leading: 1.4, balance: false, hard: false)
        lines = Breaking.public_send(balance ? :balanced : :lines, text.to_s, font, size, width, hard: hard)
        lines && Setting.new(lines: lines, font: font, size: size, leading: leading, cut: false, source: text)
      end

      # As {text}, but shortened at a clause (or a word) with "…" until it needs no more than +max_lines+.
      # @param max_lines [Integer] 0 gives an empty setting, cut when there was text
      # @return [Setting, nil]
      def cut(text, font, size, width, max_lines, leading: 1.4)
        return Setting.new(lines: [], font: font, size: size, leading: leading, cut: !text.to_s.empty?, source: text) if max_lines < 1

        whole = text(text, font, size, width, leading: leading, hard: true)
        return whole if whole && whole.lines.size <= max_lines

        shorter(text, font, size, width, max_lines, leading)
      end

      # @return [Setting] the longest beginning that fits, ending in "…"
      def shorter(text, font, size, width, max_lines, leading)
        words = text.split
        low = 0
        high = words.size
        best = nil
        while low < high
          middle = (low + high + 1) / 2
          tried = text("#{trimmed(words, middle)}…", font, size, width, leading: leading, hard: true)
          if tried && tried.lines.size <= max_lines
            best = tried
            low = middle
          else
            high = middle - 1
          end
        end
        lines = best && low.positive? ? at_clause(best, words, low, font, size, width, leading) : []
        Setting.new(lines: lines, font: font, size: size, leading: leading, cut: true, source: text)
      end

      # Prefers to end where a clause ends, when that keeps at least 60 % of the words that fit.
      def at_clause(best, words, count, font, size, width, leading)
        clause = (1..count).reverse_each.find { |n| words[n - 1].match?(/[,;:.)–]\z/) }
        return best.lines unless clause && clause >= count * 0.6

        text("#{trimmed(words, clause)}…", font, size, width, leading: leading, hard: true).lines
      end

      def trimmed(words, count) = words.first(count).join(" ").sub(/[,;:.–—-]+\z/, "")
    end
  end
end
