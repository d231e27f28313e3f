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
      # Below this a family is not worth showing, nor where it is this much less likely than the best: what is shown third must not be plainly wrong.
      LEAST = 0.08
      BESIDE = 0.2

      # Steps can be seen in any row of sentences, shares and an order in any numbers: beside a better one these are shown only where they are likelier than that.
      EASY = { "sequence" => 0.16, "ranking" => 0.12, "parts" => 0.1 }.freeze

      # Things that are set side by side are told much as two sides are: beside one of these the other is worth showing sooner.
      KIN = { "opposition" => %w[comparison], "comparison" => %w[opposition], "overlap" => %w[comparison], "hierarchy" => %w[comparison] }.freeze
      LEAST_KIN = 0.05
      BESIDE_KIN = 0.08

      module_function

      # @param text [Reading::Text]
      # @param findings [Array<Finding>]
      # @return [Array<Finding>] best first, each with its likelihood as fit; empty where nothing is worth a picture
      def rank(text, findings)
        return [] if findings.empty? || (bare?(text) && (Silence.preface?(text) || Silence.contact?(text)))

        chances = of_layout(text, findings, of_all(text, findings, of_one_whole(text, findings, chances(Signs.of(text, findings)))))
        return [] if chances.fetch(NONE, 0) > (plain?(text) ? SILENT : CALLED_FOR)
        return [] if plain?(text) && best_of(findings, chances) < CERTAIN

        sorted = findings.each { |f| f.fit = chances.fetch(f.family, 0.0).round(3) }.sort_by { |f| -f.fit }
        best, *rest = sorted.drop_while(&:short?)
        return [] unless best
        # What would be likely was not found: then things are set side by side, and nothing more is said of them.
        return [plainest(sorted) || best] if best.fit < LEAST

        [best, *rest.select { |f| f.fit >= asked(f.family, best) || in_order?(text, f, best) }.reject(&:short?)]
      end

      # How likely the best is among those that were found and none: what is likely and was not found speaks for a picture, though not for which.
      def best_of(findings, chances)
        found = chances.values_at(*findings.map(&:family)).compact
        found.max.to_f / [found.sum + chances.fetch(NONE, 0), 1e-9].max
      end

      def plainest(sorted) = sorted.find { |f| f.family == "list" && !f.short? }

      # How likely a family must be to be shown beside the best.
      def asked(family, best)
        return [LEAST_KIN, BESIDE_KIN * best.fit].max if KIN.fetch(best.family, []).include?(family)

        [EASY.fetch(family, LEAST), BESIDE * best.fit].max
      end

      # "Poppy seed 198, plum 154, burnt butter 131, sour cherry 88": votes that make a whole, told from the most to the least, are an order too.
      def in_order?(text, finding, best)
        return false unless text.cues[:rank].positive? && finding.family == "ranking" && best.family == "parts" && best.items.size > 3

        values = best.items.map(&:value)
        values.all? && best.items.none? { |i| i.unit == "%" } && values.each_cons(2).all? { |a, b| a >= b }
      end

      # "45 % yes, 55 % no": shares that make a hundred are parts, not numbers that stand by themselves.
      def of_one_whole(text, findings, chances)
        parts = findings.find { |f| f.family == "parts" }&.items
        return chances unless parts && parts.size > 1 && parts.size == text.quantities.size && parts.all? { |i| i.unit == "%" } && parts.sum(&:value).between?(99.4, 100.6)

        given(chances, "headline", "parts")
      end

      # "58 of 92 members voted for it, 27 against, and seven did not vote": where the parts make the whole, none of them stands by itself.
      def of_all(text, findings, chances)
        whole = findings.any? { |f| f.family == "parts" } && text.totals.find(&:exact?)
        return chances unless whole && whole.parts.size > 2 && whole.parts.size + 1 == text.quantities.size

        given(chances, "ratio", "parts")
      end

      # What the layout says outright: rows of numbers, numbered orders, the few rows of a table.
      def of_layout(text, findings, chances)
        families = findings.map(&:family)
        chances = of_rows(text, findings, chances)
        chances = given(chances, NONE, "headline") if families.include?("headline") && striking?(text)
        chances = given(chances, "opposition", "decision") if families.include?("decision") && asked_each?(text)
        chances = given(chances, "sequence", "opposition") if families.include?("opposition") && orders_and_bans?(text)
        chances = given(chances, "list", "sequence") if families.include?("sequence") && numbered_orders?(text)
        chances = given(chances, "relation", "comparison") if families.include?("comparison") && text.tree.size == 3 && text.table?
        chances
      end

      # "Do say what happens next. Don't begin with 'unfortunately'.": entries that are all led by "do" or "don't".
      def orders_and_bans?(text)
        led = text.entries.size > 2 && text.entries.map { |e| e.span.text[/\A(?:please )?(do not|don['’]t|never|do|always)\b/i, 1]&.downcase }
        led && led.all? && led.any? { |word| word.match?(/\A(?:do|always)\z/) } && led.any? { |word| word.match?(/not|n['’]t|never/) }
      end

      # "Are you moving within the town? Yes: the green one. No: go on.": entries that ask, and tell what to do on either answer.
      def asked_each?(text) = text.tree.size > 1 && text.tree.all? { |n| n.span.text.match?(/\?\s+(?:if )?(?:yes|no|not)\b/i) || n.body.any? { |s| s.text.match?(/\A(?:yes|no)\b/i) } }

      # "4,312 people signed. ...": a large number that leads a line or two is there to be seen.
      def striking?(text)
        first = text.sentences.first
        first && text.sentences.size <= 2 && text.tree.empty? && first.text.split.size <= 8 && text.quantities.size == 1 && (own = text.quantities.first).from == first.from && own.value >= LARGE
      end
      LARGE = 100

      # "1. Unlock the hut. 2. Light the stove.": what is numbered and tells to do is done in this order.
      def numbered_orders?(text)
        entries = text.passage.blocks.select(&:item?)
        entries.size > 2 && entries.all?(&:ordered) && text.tree.all? { |n| text.told?(n.span) }
      end

      def given(chances, from, to) = chances.merge(to => chances[to] + chances[from], from => 0.0)

      # "Lamps 121", "Clothes 104", "Bicycles 93": names with a number each are there for their numbers.
      def of_rows(text, findings, chances)
        rows = text.tree.map(&:span)
        return chances unless rows.size > 2 && findings.any? { |f| f.family == "ranking" } && rows.all? { |s| s.text.match?(NUMBERED) }

        given(chances, "list", "ranking")
      end
      NUMBERED = /\A(?:[[:alpha:]'’-]+ ){1,5}\d[\d,.]*\z/

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
