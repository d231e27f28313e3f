# frozen_string_literal: true

module Peony
  module Notes
    # Lines that are entries although no bullet says so, and the line that heads them. Part of {Text}.
    module ListsOfLines
      # Lines that are entries although no bullet says so: nearly all with a label at their beginning, or all of them short and beginning anew.
      def list_of_lines?(run)
        rest = run.drop(1)
        return run.all? { |l| two_of?(l) } if rest.size == 1
        return false if rest.empty? || run.any? { |l| l.text.match?(Text::BULLET) || l.text.match?(Text::BRANCH) || l.text.match?(Text::HASH) || l.text.length > 140 } || Text.tops(run).any?

        rows?(rest) || led?(run.first, rest) || numbered?(run) || anew?(run, rest) || indented?(run) || same_lead?(run) || words_only?(run)
      end

      # "One press kit for everybody:" over "newspapers take the text" and "radio takes the quotes"
      def led?(first, rest) = rest.size > 1 && first.text.match?(/[[:alpha:]]:\s*\z/) && rest.all? { |l| l.text.strip.length <= 48 && l.text.match?(/\A\s*[[:alnum:]"“].*[[:alnum:])"”!?]\s*\z/) }

      # "1 egg", "2 caterpillar", "3 chrysalis", "4 butterfly"
      def numbered?(run)
        numbers = run.map { |l| l.text[NUMBER, 1]&.to_i }
        run.size > 3 && numbers == (1..run.size).to_a
      end
      NUMBER = /\A\s*(\d{1,2})\s+(?=[[:alpha:]])/

      # Lines that have a label, an arrow or a number in nearly every one.
      def rows?(lines) = [Text::LABELLED, Text::LEADS_TO].any? { |led| most?(lines, led) } || (lines.size > 2 && most?(lines, Text::NUMBERED))

      def most?(lines, pattern) = lines.count { |l| l.text.match?(pattern) } >= lines.size * 0.75

      # "Forms of energy" over "heat" and "energy stored in food", "one sandwich, one to trade": short lines without any stop.
      def words_only?(run)
        return false if run.size < 3 || run.any? { |l| l.text.strip.length > 44 || !l.text.match?(NO_STOP) }

        run.count { |l| l.text.include?(", ") } * 2 < run.size && run.drop(1).sum { |l| l.text.strip.length } <= (run.size - 1) * 34
      end

      NO_STOP = /\A(?:[^.!?;:,]|(?<=\d)[.,](?=\d)|,(?=\s\S))*\z/

      # "Every child has the right" over "to go to school" and "to play and rest": short lines that all go on from the first with the same word.
      def same_lead?(run)
        rest = run.drop(1)
        return false if rest.size < 3 || run.any? { |l| l.text.strip.length > Text::WRAPPED } || run.first.text.match?(/[.!?]\s*\z/)

        leads = rest.map { |l| l.text[/\A\s*[[:lower:]]+(?= )/].to_s.strip }.uniq
        leads.one? && !leads.first.empty?
      end

      # One of two lines that are entries.
      def two_of?(line)
        line.text.match?(Text::LABELLED) && line.text.length <= 140 && (line.text.count(",") >= 2 || (line.text.match?(Text::HEADED) && !line.text.match?(/\?\s*\z/)))
      end

      # "Director", "  Collections", "    clocks": what belongs to what is shown by indents alone.
      def indented?(run)
        steps = run.map { |l| l.text[/\A\s*/].length }
        below = steps.each_cons(2).count { |a, b| a.zero? && b.positive? }
        run.size >= 4 && steps.first.zero? && (steps.uniq.size >= 3 || below >= 2) && run.all? { |l| l.text.strip.length <= Text::WRAPPED && !l.text.match?(/[,;]\s*\z/) }
      end

      # A wrapped paragraph has at least one long line that stops in the middle of a sentence.
      def anew?(run, rest)
        return false unless rest.all? { |l| l.text.match?(/\A\s*["“‘'(]?[[:upper:]\d£€$]/) }

        run[0..-2].none? { |l| l.text.length > Text::WRAPPED && !l.text.match?(/[.!?:;]["”’)]?\s*\z/) }
      end

      def listed(run)
        first, *rest = run
        # What has something below it, as others have, is one of them.
        heading = head?(first, rest) && !(rest.first.text.match?(/\A\s/) && rest.any? { |l| l.text.match?(/\A\S/) })
        counted = counted?(heading ? rest : run)
        blocks = run.each_with_index.map do |line, index|
          next Text.block("heading", line, line.text[/\A\s*/].length, level: 2) if heading && index.zero?
          next Text.block("paragraph", line, line.text[/\A\s*/].length) if index.zero? && frames?(first, rest)

          Text.block("item", line, line.text[counted ? LED_BY_NUMBER : /\A\s*/].length, level: line.text[/\A\s*/].gsub("\t", "    ").length, ordered: counted || nil)
        end
        Text.levels(blocks)
      end

      # "We judged each task by cost and by use." over "Cheap and useful: the sign."
      def frames?(first, rest) = rest.size > 1 && first.text.match?(/\A\s*[[:upper:]][^:]{12,}[.?!]\s*\z/) && rest.all? { |l| l.text.match?(Text::LABELLED) }

      # "1 – Cook it twice", "2 – Weigh everything"
      COUNTS = /\A\s*(\d{1,2})\s?(?::|[–—-])\s+(?=[[:alpha:]])/
      LED_BY_NUMBER = Regexp.union(COUNTS, NUMBER)
      def counted?(lines) = numbered?(lines) || (lines.size > 2 && lines.map { |l| l.text[COUNTS, 1].to_i } == (1..lines.size).to_a)

      # "Surface: 18 °C" over "5 m: 14 °C", "Letters 40 → 12" over "Calls 90 → 35"
      MEASURED = Regexp.union(/\A\s*[^:]{1,24}: *(?!(?:1[89]|20)\d\d\s*\z)[£€$]?[-−]?\d[\d.,]*(?: ?\S{1,12})?\s*\z/, /\A\s*[^\d→]{2,40} +\d[\d.,]* *\S{0,4} *(?:→|->|=>) *\d/)

      # "The night bus: where we stand" over "S: …", "W: …", "O: …" and "T: …"
      def over_letters?(first, rest) = rest.size > 2 && rest.all? { |l| l.text.match?(LETTER) } && !first.text.match?(LETTER)
      LETTER = /\A\s*[[:upper:]]\s?(?::|[–—-])\s+\S/

      # "Sugar in our apples, grams per 100 g" over "Oxmere Red 14.1"
      def per_so_much?(first, rest) = rest.size > 1 && first.text.match?(/\bper \d[\d,.]* ?[[:alpha:]]*\s*\z/) && rest.all? { |l| l.text.match?(Text::NUMBERED) }

      # "Bread for the camp: two offers" over "Rookle Lane: …" and "Mill Bank: …": as many as it says.
      def announces?(first, rest)
        said = first.text[/:\s+(?:our |the )?([[:alpha:]]+|\d)\s+[[:lower:]]+\s*\z/, 1]
        !said.nil? && (Reading::Numbers.spelled(said.downcase) || said.to_i) == rest.size && rest.all? { |l| l.text.match?(Text::LABELLED) }
      end

      def leads?(first, rest) = over_heads?(rest) || announces?(first, rest) || per_so_much?(first, rest) || over_letters?(first, rest)

      def head?(first, rest)
        return true if leads?(first, rest)
        return false if alike?(first, rest)
        return !first.text.match?(Text::DATED) if rest.all? { |l| l.text.match?(Text::DATED) }
        return true if names_both?(first, rest) || over_sides?(first, rest)
        # "A T-shirt at 20 euros: who gets what" over "sewing 0.40", and no label in any of them.
        return true if rest.size > 2 && rest.all? { |l| l.text.match?(Text::NUMBERED) } && !first.text.match?(/\d\s*\z/)
        return false if first.text.match?(Text::LABELLED) || first.text.match?(/[.;,]\s*\z/)

        first.text.length <= 80 && (rest.any? { |l| l.text.match?(Text::LABELLED) } || !first.text.match?(/\d\s*\S*\s*\z/) || rest.all? { |l| l.text.match?(/\d/) })
      end

      # "Year 5 science" over "Living things" and "Forces", each of them with lines that are set in: what has none itself leads them.
      def over_heads?(rest)
        heads = rest.each_index.reject { |i| rest[i].text.match?(/\A\s/) }
        heads.size > 1 && heads.first.zero? && heads.all? { |i| rest[i + 1]&.text&.match?(/\A\s/) }
      end

      # The first is one of them.
      def alike?(first, rest) = (rest.size > 1 && [first, *rest].all? { |l| l.text.match?(MEASURED) }) || (!rest.all? { |l| l.text.match?(Text::DATED) } && one_of?(first, rest))

      # "Kestrels 412" over "Otters 388", "Week 1 Interviews" over "Week 2 First sketches"
      def one_of?(first, rest)
        all = [first, *rest].map(&:text)
        return true if first.text.match?(/\A\s*First\b/) && rest.any? { |l| l.text.match?(/\A\s*(?:Then|Next|Finally)\b/) }

        return true if all.all?(Text::ROW) || (all.all?(Text::COUNT) && all.map { |line| line[Text::COUNT, 1] }.uniq.one?)

        first.text.match?(Text::COUNTED) && rest.count { |l| l.text.match?(Text::COUNTED) } >= rest.size * 0.7
      end

      # "The night bus: an honest look" over "Strengths: …" and "Weaknesses: …"
      def over_sides?(first, rest)
        rest.size >= 2 && rest.all? { |l| l.text[/\A[^:]+(?=:)/].to_s.match?(Sections::SIDE) } && !first.text[/\A[^:]+/].to_s.match?(Sections::SIDE)
      end

      # "Myth or fact: the moon" over "Myth: …" and "Fact: …".
      def names_both?(first, rest)
        label = first.text[/\A[^:]{3,40}(?=:)/].to_s.downcase
        leads = rest.map { |l| l.text[/\A\s*[[:alpha:]]+(?=[:\s])/].to_s.strip.downcase }.uniq
        # "Only bats: ..." over "Only birds: ..." and "Bats and birds: ...": one of them.
        return false if leads.include?(label[/\A[[:alpha:]]+/])

        rest.size >= 2 && leads.count { |word| word.length > 2 && label.match?(/\b#{word}\b/) } >= 2
      end
    end
  end
end
