# frozen_string_literal: true

module Peony
  module Type
    # Breaks text into lines of a given width, measured with the real font.
    module Breaking
      # After these a line may end without a space: slash, hyphen, dash, and a plain "&" between words.
      PIECES = %r{[^\s/\-–—]+[/\-–—]*|[/\-–—]+}
      # "1950 €", "3 250", "42 %": an amount stays on one line.
      WITHIN_AMOUNT = /(?<=\d) (?=[€£$%°](?!\d)|\d{3}(?!\d))/
      SPACES = /[[:space:]&&[^\u00A0\u202F\u2009]]+/
      KEPT = "\u0000"
      # Letters that a parted word has at least in its last line.
      CRUMB = 3

      module_function

      # Widths of single words are summed (and kept by the font), so that trying many sizes and widths costs little.
      # @param text [String]
      # @param font [Font]
      # @param size [Numeric] px
      # @param width [Numeric] px available
      # @param hard [Boolean] break inside a word that is wider than the line, as a last resort
      # @return [Array<String>, nil] the lines, or nil when a word alone is wider than the width
      def lines(text, font, size, width, hard: false)
        room = width * font.upem / size
        space = font.units(" ")
        done = []
        line = +""
        filled = 0
        (hard ? hard_chunks(text, font, room) : chunks(text)).each do |chunk, glued|
          wide = font.units(chunk)
          return nil if wide > room

          gap = glued || line.empty? ? 0 : space
          if filled + gap + wide <= room
            line << " " if gap.positive?
            line << chunk
            filled += gap + wide
          else
            done << line unless line.empty?
            line = +chunk
            filled = wide
          end
        end
        line.empty? ? done : done << line
      end

      # The same number of lines, as even in length as can be: no last line of one short word.
      # @return [Array<String>, nil] as {lines}
      def balanced(text, font, size, width, hard: false)
        best = lines(text, font, size, width, hard: hard)
        return best if best.nil? || best.size < 2

        low = width * 0.5
        high = width
        5.times do
          middle = (low + high) / 2.0
          tried = lines(text, font, size, middle, hard: hard)
          if tried && tried.size == best.size
            best = tried
            high = middle
          else
            low = middle
          end
        end
        best
      end

      # Words wider than the room are parted with a hyphen.
      def hard_chunks(text, font, room)
        chunks(text).flat_map do |chunk, glued|
          next [[chunk, glued]] if font.units(chunk) <= room || chunk.length < 4

          pieces = [+""]
          chunk.each_char do |char|
            pieces << +"" if pieces.last.length > 1 && font.units("#{pieces.last}#{char}-") > room
            pieces.last << char
          end
          no_crumb(pieces)
          pieces.each_with_index.map { |piece, i| [i == pieces.size - 1 ? piece : "#{piece}-", i.positive? || glued] }
        end
      end

      # "administratio-n": a line begins with three letters at least.
      def no_crumb(pieces)
        pieces[-1] = pieces[-2].slice!(-1) + pieces[-1] while pieces.size > 1 && pieces[-1].length < CRUMB && pieces[-2].length > CRUMB
      end

      def words(text)
        return text.split(SPACES).reject(&:empty?) unless text.match?(WITHIN_AMOUNT)

        text.gsub(WITHIN_AMOUNT, KEPT).split(SPACES).reject(&:empty?).map { |word| word.tr(KEPT, " ") }
      end

      # @return [Array<Array(String, Boolean)>] each piece of text and whether it is glued to the one before
      def chunks(text)
        words(text).flat_map do |word|
          pieces = word.match?(%r{[[:alpha:]][/\-–—][[:alpha:]]}) ? word.scan(PIECES) : [word]
          pieces.each_with_index.map { |piece, index| [piece, index.positive?] }
        end
      end
    end
  end
end
