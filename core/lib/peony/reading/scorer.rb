# frozen_string_literal: true

module Peony
  module Reading
    # Puts the finders' families in order: how likely each is, given all signs of the passage. A multinomial logistic regression,
    # fitted by training/fit.rb on labelled passages; "none" stands for passages that need no picture.
    module Scorer
      NONE = "none"
      # How likely it must be that the words need no picture: less where nothing in their layout or numbers speaks for one.
      SILENT = 0.3
      CALLED_FOR = 0.4
      # Where not even the best family is this likely, the words ask for no picture.
      CERTAIN = 0.17
      # Where the best is less likely than this, what would be likely was not found.
      UNLIKELY = 0.08
      # Below this a family is not worth showing, nor where it is this much less likely than the best.
      LEAST = 0.04
      BESIDE = 0.05

      # Steps, a round and an order can be seen in any row of sentences, shares in any numbers. Shown beside a better one these would often be plainly wrong
      # (of the other families hardly one in a hundred would): they must be likelier, and by this much of the best.
      EASY = { "sequence" => 0.16, "ranking" => 0.12, "parts" => 0.1, "cycle" => 0.16, "hierarchy" => 0.08, "timeline" => 0.08 }.freeze
      BESIDE_EASY = 0.2
      # Where the best is hardly likelier, there is no telling.
      NEARLY = 0.75

      # A person is shown so many; the items of the others are not worked out.
      MOST = 4

      module_function

      # @param text [Reading::Text]
      # @param findings [Array<Finding>]
      # @return [Array<Finding>] best first, each with its likelihood as fit; empty where nothing is worth a picture
      def rank(text, findings)
        return [] if findings.empty? || (bare?(text) && (Silence.preface?(text) || Silence.contact?(text)))

        chances = outright(text, findings, chances(Signs.of(text, findings)))
        return [] if chances.fetch(NONE, 0) > (plain?(text) ? SILENT : CALLED_FOR)
        return [] if plain?(text) && best_of(findings, chances) < CERTAIN

        findings.concat(SecondLook.at(text, findings, chances))
        sorted = findings.each { |f| f.fit = chances.fetch(f.family, 0.0).round(3) }.sort_by { |f| -f.fit }
        best, *rest = sorted.drop_while(&:short?)
        return [] unless best
        # What would be likely was not found: then things are set side by side, and nothing more is said of them.
        return [plainest(sorted) || best] if best.fit < UNLIKELY

        [best, *rest.lazy.select { |f| f.fit >= asked(f.family, best) || in_order?(text, f, best) || boxes?(text, f, best) }.reject(&:short?).first(MOST - 1)]
      end

      # How likely the best is among those that were found and none: what is likely and was not found speaks for a picture, though not for which.
      def best_of(findings, chances)
        found = chances.values_at(*findings.map(&:family)).compact
        found.max.to_f / [found.sum + chances.fetch(NONE, 0), 1e-9].max
      end

      def plainest(sorted) = sorted.find { |f| f.family == "list" && !f.short? }

      # How likely a family must be to be shown beside the best.
      def asked(family, best)
        least = EASY[family]
        least ? [[least, BESIDE_EASY * best.fit].max, NEARLY * best.fit].min : [LEAST, BESIDE * best.fit].max
      end

      # "Poppy seed 198, plum 154, burnt butter 131, sour cherry 88": votes that make a whole, told from the most to the least, are an order too.
      def in_order?(text, finding, best)
        return false unless text.cues[:rank].positive? && finding.family == "ranking" && best.family == "parts" && best.items.size > 3

        values = best.items.map(&:value)
        values.all? && best.items.none? { |i| i.unit == "%" } && values.each_cons(2).all? { |a, b| a >= b }
      end

      # "If it is ready and ours, print it. ... If it is neither, bin it.": what is done in each of four cases can be shown as four boxes.
      def boxes?(text, finding, best) = finding.family == "quadrant" && best.family == "decision" && finding.fit >= 0.02 && text.all_words.match?(/\bneither\b/)

      # What layout and numbers say outright, whatever the weights say: from which family to which that was found, and when.
      OUTRIGHT = [
        ["headline", "parts", :one_whole?], ["ratio", "parts", :all_of_one?], ["funnel", "parts", :all_of_one?], ["list", "ranking", :numbered_rows?], [NONE, "headline", :striking?], ["opposition", "decision", :asked_each?],
        ["opposition", "decision", :yes_or_no?], ["decision", "quadrant", :two_questions?], [NONE, "opposition", :love_and_hate?], *%w[list hub].map { |from| [from, "sequence", :made_so?] },
        ["sequence", "opposition", :orders_and_bans?], ["list", "opposition", :orders_and_bans?], ["list", "sequence", :numbered_orders?], ["headline", "sequence", :numbered_story?], ["relation", "comparison", :few_rows?],
        ["headline", "comparison", :columns?], ["list", "comparison", :columns?], ["list", "hub", :centred?], ["hierarchy", "hub", :centred?], ["timeline", "cycle", :year_round?],
        *[NONE, "list", "hub", "sequence", "cause"].map { |from| [from, "cycle", :circle?] }, *%w[list hub comparison].map { |from| [from, "quadrant", :named_boxes?] },
        ["list", "cause", :what_if?], *%w[list quadrant cause sequence cycle].map { |from| [from, "decision", :cases?] },
        *%w[list hub overlap quadrant].map { |from| [from, "decision", :all_else?] }
      ].freeze

      # @return [Hash{String => Float}] the likelihoods as they are where something is said outright
      def outright(text, findings, chances)
        OUTRIGHT.reduce(chances) do |told, (from, to, test)|
          found = findings.find { |f| f.family == to }
          # "South and often watered, south and rarely watered": two words crossed are four boxes, whatever is asked above them.
          next told if from == "quadrant" && findings.any? { |f| f.family == from && f.fit >= 0.9 }

          found && send(test, text, found) ? told.merge(to => told[to] + told[from], from => 0.0) : told
        end
      end

      # "45 % yes, 55 % no": shares that make a hundred are parts, not numbers that stand by themselves.
      def one_whole?(text, finding)
        parts = finding.items
        parts.size > 1 && parts.size == text.quantities.size && parts.all? { |i| i.unit == "%" } && parts.sum(&:value).between?(99.4, 100.6)
      end

      # "58 of 92 members voted for it, 27 against, and seven did not vote": where the parts make the whole, none of them stands by itself.
      def all_of_one?(text, _finding)
        whole = text.totals.find(&:exact?)
        !whole.nil? && whole.parts.size > 2 && whole.parts.size + 1 == text.quantities.size
      end

      # "At the centre: ...", and what lies around it.
      def centred?(_text, finding) = !finding.heading.nil?

      # "Tupping in November ... weaning in August, and the tups are brought down again": the months of no one year, and the last leads on to the first.
      def year_round?(text, _finding)
        return false unless text.moments.size > 2 && text.moments.all? { |m| m.kind == :month && m.sort < 13 }
        return true if text.sentences.size > 2 && text.sentences.last.text.match?(/\b(?:it|all|everything|the (?:round|year)) (?:all )?(?:starts?|begins?) (?:again|anew|over)\b/)
        return false unless text.tree.size > 2

        first, last = [text.tree.first, text.tree.last].map { |n| n.span.text.downcase.scan(/[[:lower:]]{5,}/) - Dates::MONTHS }
        text.tree.last.span.text.match?(/\bagain\b/) || first.intersect?(last)
      end

      # "If the library closes on Saturdays", and what comes of it, line by line.
      def what_if?(text, _finding) = text.tree.size > 2 && above(text).match?(/\Aif (?!you\b|we\b)/i) && text.tree.none? { |n| text.told?(n.span) }

      # "Leaves yellow?", and below it "all of them, soil wet: stop watering": cases, and what is done in each.
      def cases?(text, _finding)
        rows = text.tree.map { |n| n.span.text[/\A[^:]{3,60}:\s+(\S.*)\z/m, 1] }
        return false unless rows.size > 2 && rows.all?

        head = above(text)
        return true if head.match?(HOW_TO) && rows.size == text.tree.count { |n| n.span.text.match?(ON_CONDITION) || n.span.text.match?(/\A[[:alpha:]]+(?:, [[:alpha:] ]+)?:/) } && text.tree.count { |n| n.span.text.match?(ON_CONDITION) } * 2 >= rows.size

        head.match?(TO_CHOOSE) || (head.match?(/\A(?!(?:who|why|what|how|when|where)\b)[^?]{3,60}\?\z/i) && rows.count { |words| Words.imperative?(words) } * 2 >= rows.size)
      end
      HOW_TO = /\Ahow (?:to|do (?:i|we|you)|should (?:i|we)|can (?:i|we)) [^?]{3,60}\?\z/i
      # "With pictures: as a folder"
      ON_CONDITION = /\A(?:if|when|with|without|up to|more|less|over|under|longer|shorter|bigger|smaller|for|only|no|not|above|below|between|older|younger|otherwise|(?:any|every)thing|(?:all )?else)\b/i
      TO_CHOOSE = /\A(?:which [^?]{3,40}|what (?:do|should|can|shall) (?:i|we|you) (?:do|use|take|wear|write|need|choose)\b[^?]{0,40})\?\z/i

      # "About money: ring the office. About boats: write. All else: ask Bo."
      def all_else?(text, _finding)
        rows = (text.tree.size > 2 ? text.tree.map(&:span) : text.sentences).map { |s| s.text.match(/\A(?<case>[^:.]{3,40}):\s+(?<deed>\S.*)\z/m) }
        rows.size > 2 && rows.all? && rows.last[:case].match?(/\A(?:(?:all|anything|everything) else|otherwise|else|(?:all )?the rest|any other\b.*)\z/i) && rows.count { |m| Words.imperative?(m[:deed]) } * 2 >= rows.size
      end

      def above(text) = (text.passage.heading || text.sentences.find { |s| text.tree.any? && s.to <= text.tree.first.span.from }&.text).to_s.strip

      # "Strengths: ... Weaknesses: ...", "S: ... W: ...": four heads of an assessment.
      def named_boxes?(_text, finding) = finding.fit >= 0.95

      def circle?(text, _finding) = !Circle.of(text).nil?

      def columns?(text, _finding) = !text.loose_columns.nil?

      # The few rows of a table are set side by side.
      def few_rows?(text, _finding) = text.tree.size == 3 && text.table?

      # "Do say what happens next. Don't begin with 'unfortunately'.": entries or sentences that are all led by "do" or "don't".
      def orders_and_bans?(text, _finding)
        bans, orders = (text.entries.any? ? text.entries.map(&:span) : text.sentences).map(&:text).partition { |words| words.match?(DosAndDonts::NOT_TO) }
        return false if bans.empty? || orders.empty?
        # "Rinse the jar and dry the lid. Never fill it hot, and never stack it high."
        return true if text.tree.empty? && orders.size <= bans.size && bans.join(" ").scan(/\bnever\b/i).size > 1 && orders.all? { |words| Words.imperative?(words) }

        bans.size + orders.size > 2 && orders.all? { |words| words.match?(DosAndDonts::TO_DO) }
      end

      # "Are you moving within the town? Yes: the green one. No: go on.": entries that ask, and tell what to do on either answer.
      def asked_each?(text, _finding) = text.tree.size > 1 && text.tree.all? { |n| n.span.text.match?(/\?\s+(?:if )?(?:yes|no|not)\b/i) || n.body.any? { |s| s.text.match?(/\A(?:yes|no)\b/i) } }

      # "Two questions decide: is it ready, and is it ours?", and what is done with each of four.
      def two_questions?(_text, finding) = finding.fit >= 0.85

      # "I love the band. I hate the mud."
      def love_and_hate?(text, _finding)
        one, two, more = text.sentences.map(&:text)
        more.nil? && [one, two].all? && one.match?(/\b(?:love|like|enjoy)d?\b/) && two.match?(/\b(?:hated?|dislike[ds]?|(?:can(?:['’]t|not)|could not) stand)\b/)
      end

      # "Do you eat nuts?", and below it "Yes: nut bread" and "No: do you like it dark?": one of the answers asks again.
      def yes_or_no?(text, _finding)
        above(text).end_with?("?") && text.tree.size == 2 && text.tree.all? { |n| n.span.text.match?(/\A(?:yes|no)\b/i) } && text.tree.any? { |n| n.span.text.include?("?") || n.children.any? }
      end

      # "From field to table: the wheat is cut, threshed, milled", "tea is made by boiling water, warming the pot", "the water is boiled, ... and after four minutes the tea is poured".
      def made_so?(text, _finding)
        return false unless text.sentences.size == 1 && text.tree.empty? && text.series.any?

        words = text.sentences.first.text
        words.match?(FROM_TO) || words.match?(MADE_BY) || (words.scan(/\b(?:is|are) (?:[[:lower:]]+ )?[[:lower:]]+(?:ed|en|t|ut|un)\b/).size > 2 && words.match?(AFTER_THAT))
      end
      FROM_TO = /\Afrom (?:the )?[[:lower:]]+ to (?:the )?[[:lower:]]+: /i
      MADE_BY = /\b(?:is|are) (?:made|prepared|built|cooked|printed|bound|repaired|baked|woven|grown) by [[:lower:]]+ing\b[^.]*, (?:and )?[[:lower:]]+ing\b/
      AFTER_THAT = /, (?:and )?(?:after|then|finally|when|once|at last|in the end)\b/

      # "4,312 people signed. ...": a large number that leads a line or two is there to be seen.
      def striking?(text, _finding)
        first = text.sentences.first
        first && text.sentences.size <= 2 && text.tree.empty? && first.text.split.size <= 8 && text.quantities.size == 1 && (own = text.quantities.first).from == first.from && own.value >= LARGE
      end
      LARGE = 100

      # "1. Unlock the hut. 2. Light the stove.": what is numbered and tells to do is done in this order.
      def numbered_orders?(text, _finding)
        entries = text.passage.blocks.select(&:item?)
        entries.size > 2 && entries.all?(&:ordered) && text.tree.all? { |n| text.told?(n.span) }
      end

      # "How the campaign came about: 1. We asked forty customers. 2. We picked three sentences.": numbered, and each tells what was done.
      def numbered_story?(text, _finding)
        entries = text.passage.blocks.select(&:item?)
        entries.size > 2 && entries.all?(&:ordered) && above(text).match?(/\bhow\b|\bsteps?\b|\bthe way\b/i) && entries.all? { |b| b.text.match?(/[.!]\z/) }
      end

      # "Lamps 121", "Clothes 104", "Bicycles 93": names with a number each are there for their numbers.
      def numbered_rows?(text, _finding) = text.tree.size > 2 && text.tree.all? { |n| n.span.text.match?(NUMBERED) }
      NUMBERED = /\A(?:[[:alpha:]'’-]+,? ){1,6}\d[\d,.]*(?: ?%)?\z/

      # Running words without entries, a series or several numbers: such a passage more likely needs no picture.
      def plain?(text) = bare?(text) && text.series.empty?

      def bare?(text) = text.tree.size < 2 && text.quantities.size < 3

      # @param signs [Hash{Symbol => Float}]
      # @return [Hash{String => Float}] for each family, adding up to 1
      def chances(signs)
        rows, table = Weights.by_sign
        places = []
        values = []
        signs.each do |name, value|
          next unless value != 0 && (row = rows[name])

          places << row
          values << value
        end
        sums = places.empty? ? [0.0] * Weights.families.size : Numo::DFloat.cast(values).dot(table[places, true]).to_a
        Weights.softmax(Weights.families.keys.zip(sums).to_h)
      end
    end
  end
end
