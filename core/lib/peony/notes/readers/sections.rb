# frozen_string_literal: true

module Peony
  module Notes
    # Heads of plain text, and what stands below them: in one run of lines ("Went well", "The donkey.", again and again), or in paragraphs that are made alike,
    # with blank lines between them: a head over one or more lines, or a number over what it is of.
    module Sections
      MOST = 5
      HEAD = /\A\s*[[:upper:]].*[[:alpha:]?]\s*\z/
      # Within a run of lines a question may be what is said.
      INNER = /\A\s*[[:upper:]\d].*[[:alpha:]]\s*\z/
      NUMBER = /\A\s*[£€$]?\d[\d,.]*(?:\s?(?:%|[[:alpha:]°]{1,3}|[ap]\.m\.))?\s*\z/
      SIGNS = /\A\s*([+–−✓✔☑✅👍✗✘☒❌👎-])\s+(?=\S)/
      PLUS = /[+✓✔☑✅👍]/
      STOP = /[.!?]["”’)]?\s*\z/
      # Heads of two sides, of an assessment and of what groups share.
      SIDE = /\A\s*(?:(?:arguments?\ |reasons?\ |points?\ )?(?:in\ favour|for|against)|pros?|cons?|advantages?|disadvantages?|dos?|don['’]?ts?|before|after|then|now|strengths?|weaknesse?s?|opportunit(?:y|ies)|
                        threats?|both|shared|myths?|facts?|likes?|dislikes?|good|bad|plus(?:es)?|minus(?:es)?|yes|no|risks?|chances?)\s*\z/xi
      # A line below a head says something, or goes on from it in lower case.
      BELOW = /#{STOP}|\A\s*[[:lower:]]/

      module_function

      # A run of lines without blank ones that is made of heads and what stands below each, or of numbers and what each is of.
      # @return [Array<Block>, nil]
      def run(run)
        title, groups = heads(run)
        return headed(title, groups) if groups

        title, groups = described(run)
        return headed(title, groups) if groups

        title, groups = signed(run)
        return [*title.map { |line| Text.as(line, "heading", 2) }, *groups.flat_map { |group| under_sign(group) }] if groups

        title, pairs = numbers(run)
        [*title.map { |line| Text.as(line, "heading", 2) }, *pairs.map { |pair| number(pair) }] if pairs
      end

      # Heads and what is said below each, under a title or not, without blank lines.
      # @param run [Array<Text::Line>]
      # @return [Array(Text::Line, Array<Array<Text::Line>>), nil] the title, if there is one, and each head with its lines
      def heads(run)
        return nil if run.size < 4 || run.any? { |line| line.text.match?(Text::BULLET) || line.text.match?(Text::HASH) } || Text.indented?(run)

        told = sides(run)
        return told if told

        title, rest = title?(run[0]) && few?(run[1], INNER) ? [run.first, run.drop(1)] : [nil, run]
        groups = rest.slice_before { |line| few?(line, INNER) }.to_a
        told = groups.size >= 2 && groups.all? { |head, *body| few?(head, INNER) && body.any? && body.all? { |line| line.text.match?(BELOW) } }
        [title, groups] if told
      end

      # "In favour", some lines, "Against", some lines: words that are heads wherever they stand alone, whatever the lines below them look like.
      def sides(run)
        named = run.first.text.match?(/\b(?:or|and|versus|vs)\b/) ? run.first.text.downcase : ""
        at = run.each_index.select { |i| run[i].text.match?(SIDE) || (i.positive? && named?(run[i], named)) }
        return nil unless at.size.between?(2, 4) && at.first <= 1 && at.each_cons(2).all? { |a, b| b > a + 1 } && at.last < run.size - 1

        [at.first.zero? ? nil : run.first, at.each_with_index.map { |from, i| run[from...(at[i + 1] || run.size)] }]
      end

      # "Ebook" under "Ebook or paper?"
      def named?(line, title) = title.match?(/\b#{Regexp.escape(line.text.strip.downcase)}\b/) && few?(line, INNER)

      def title?(line) = few?(line, INNER) || (line.text.strip.split.size <= 10 && line.text.match?(/[[:alpha:]?:]\s*\z/))

      # @return [Array<Block>]
      def headed(title, groups)
        parts = groups.flat_map { |head, *body| [Text.as(head, "heading", 3), *below(body)] }
        title ? [Text.as(title, "heading", 2), *parts] : parts
      end

      # Several short lines without a stop are entries.
      def below(body)
        entries = body.size > 1 && body.none? { |line| line.text.match?(STOP) || line.text.length > 60 }
        body.map { |line| Text.as(line, entries ? "item" : "paragraph", entries ? 0 : nil) }
      end

      # @param runs [Array<Array<Text::Line>>] lines between blank lines
      # @return [Array<Array(Array<Text::Line>, Symbol)>] each with :head or :number where at least two are made so, else with nil
      def of(runs)
        made = runs.map { |run| kind(run) }
        often = made.compact.tally.select { |_, count| count >= 2 }
        runs.zip(made.zip(runs).map { |kind, run| often.key?(kind) ? kind : among(often, run) })
      end

      # What stands among others that are made in one way.
      def among(often, run)
        return :head if often.key?(:head) && longer_head?(run)

        # "1868" over a line, "November 1944" over another
        :number if often.key?(:number) && run.size == 2 && run.first.text.match?(DATE)
      end
      DATE = /\A\s*(?:\d{1,2}\.? |early |mid[ -]|late )?(?:#{Reading::Dates::MONTH}|spring|summer|autumn|winter) (?:1\d|20)\d\d\s*\z/i

      # "Ask before you lift the camera" over a sentence: among short heads a longer one is a head too.
      def longer_head?(run)
        head, *rest = run.map { |line| line.text.strip }
        rest.size.between?(1, MOST) && head.split.size.between?(5, 8) && head.match?(HEAD) && !head.match?(Text::BULLET) && rest.all? { |line| line.match?(STOP) && !line.match?(Text::BULLET) }
      end

      def kind(run)
        return nil unless run.size.between?(2, MOST) && run.none? { |line| line.text.match?(Text::HASH) || line.text.match?(Text::UNDERLINE) }
        return (:number if run.size == 2 && run.last.text.match?(/[[:alpha:]]{3}/)) if run.first.text.match?(NUMBER)

        :head if head?(run.first) && (run.size == 2 || run.drop(1).none? { |line| head?(line) })
      end

      def head?(line) = few?(line, HEAD) && !line.text.match?(Text::BULLET)

      # A few words that end in no stop.
      def few?(line, pattern) = line.text.strip.split.size <= 4 && line.text.match?(pattern)

      # @param kind [Symbol] as told by {of}
      # @return [Array<Block>]
      def blocks(run, kind)
        return [number(run)] if kind == :number

        head, *rest = run
        alone = rest.all? { |line| line.text.match?(STOP) && !line.text.match?(Text::BULLET) }
        return headed(nil, [run]) if rest.one? || alone

        below = Text.blocks_of(rest)
        # What stands right below a head is no other head, but the first of its entries.
        below.first.then { |block| block.type = "item" and block.level = 0 if block.heading? && below.drop(1).all?(&:item?) }
        [Text.as(head, "heading", 3), *below]
      end

      # "Ebba 3" over "Light, battery for 12 hours, small screen", and again: a name, and in the next line what it is like.
      # @return [Array(Text::Line, Array<Array<Text::Line>>), nil]
      def described(run)
        title, rows = run.size.odd? && title?(run.first) ? [run.first, run.drop(1)] : [nil, run]
        groups = rows.each_slice(2).to_a
        return nil if groups.size < 2 || groups.any? { |name, words| words.nil? || !name.text.match?(NAME) || words.text.count(",;") < 2 || words.text.match?(/\A[^,]{1,30}:\s/) }

        [title, groups]
      end
      NAME = /\A\s*[[:upper:]][^,;:.!?]*\S\s*\z(?<!.{40})/

      # Lines with a plus, then lines with a minus: what speaks for and against, under a title or not.
      # @return [Array(Array<Text::Line>, Array<Array<Text::Line>>), nil]
      def signed(run)
        title, rest = run.first.text.match?(SIGNS) ? [[], run] : [run.first(1), run.drop(1)]
        return nil if rest.size < 3 || rest.any? { |line| !line.text.match?(SIGNS) }

        groups = rest.chunk_while { |one, two| [one, two].map { |line| line.text[SIGNS, 1].match?(PLUS) }.reduce(:==) }.to_a
        [title, groups] if groups.size == 2 && groups.one? { |group| group.first.text[SIGNS, 1].match?(PLUS) }
      end

      # The sign by itself leads what stands behind it.
      def under_sign(group)
        sign = group.first.text[SIGNS, 1]
        [Block.new(type: "paragraph", text: written(sign), at: group.first.at + group.first.text.index(sign)),
         *group.map { |line| Block.new(type: "item", level: 0, text: line.text.sub(SIGNS, "").strip, at: line.at + line.text[SIGNS].length) }]
      end

      # A tick and a thumb are in few typefaces.
      def written(sign)
        return sign if "+–−-".include?(sign)

        sign.match?(PLUS) ? "+" : "–"
      end

      # Numbers and what each is of, line by line, under a title or not.
      # @return [Array(Array<Text::Line>, Array<Array<Text::Line>>), nil] the title, if there is one, and the pairs
      def numbers(run)
        title, rest = run.first.text.match?(NUMBER) ? [[], run] : [run.first(1), run.drop(1)]
        pairs = rest.each_slice(2).to_a
        [title, pairs] if pairs.size >= 2 && pairs.all? { |number, words| number.text.match?(NUMBER) && words&.text.to_s.match?(/[[:alpha:]]{3}/) }
      end

      # "412" over "children taught to swim": one entry.
      def number(run)
        Text.as(run.first, "item", 0).tap { |block| block.text = run.map { |line| line.text.strip }.join(" ") }
      end
    end
  end
end
