# frozen_string_literal: true

module Peony
  module Reading
    # Puts the finders' families in order: how likely each is, given all signs of the passage. Two say so: a multinomial logistic regression that heeds what the finders made of it,
    # and networks that heed the words alone ({Network}). Both are fitted by training/fit.rb on labelled passages; "none" stands for passages that need no picture.
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
      LEAST = 0.01
      BESIDE = 0.015

      # Steps, a round and an order can be seen in any row of sentences, shares in any numbers. Shown beside a better one these would often be plainly wrong
      # (of the other families hardly one in a hundred would): they must be likelier, and by this much of the best.
      EASY = { "sequence" => 0.08, "ranking" => 0.06, "parts" => 0.05, "cycle" => 0.08, "hierarchy" => 0.04, "timeline" => 0.04 }.freeze
      BESIDE_EASY = 0.08
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

        chances = spoken(findings, Outright.told(text, findings, chances(text, findings)))
        return [] if chances.fetch(NONE, 0) > (plain?(text) ? SILENT : CALLED_FOR)
        return [] if plain?(text) && best_of(findings, chances) < CERTAIN

        weighed(findings, chances)
        # Among the findings from here on: whoever knows better may ask for them too.
        findings.concat(weighed(SecondLook.at(text, findings, chances), chances, UNSEEN))
        sorted = findings.sort_by { |f| -f.fit }
        best, *rest = sorted.drop_while(&:short?)
        return [] unless best
        # What would be likely was not found: then things are set side by side, and nothing more is said of them.
        return [plainest(sorted) || best] if best.fit < UNLIKELY

        [best, *rest.lazy.select { |f| f.fit >= asked(f.family, best.fit) || in_order?(text, f, best) || boxes?(text, f, best) }.reject(&:short?).first(MOST - 1)]
      end

      # What its finder sees outright is drawn, however much the words sound like a greeting. Journeys and hubs are seen in greetings too.
      def spoken(findings, chances)
        sure = findings.select { |f| f.fit >= OUTSPOKEN && !HEARD_EVERYWHERE.include?(f.family) }.max_by(&:fit)
        sure ? chances.merge(sure.family => chances[sure.family] + chances[NONE], NONE => 0.0) : chances
      end
      OUTSPOKEN = 0.8
      HEARD_EVERYWHERE = %w[journey hub].freeze

      # @return [Array<Finding>] the same, each with its likelihood as fit
      def weighed(findings, chances, share = 1) = findings.each { |f| f.fit = (chances.fetch(f.family, 0.0) * share).round(3) }

      # What a finder saw stands before what only the words tell, where both are about as likely.
      UNSEEN = 0.85

      # How likely the best is among those that were found and none: what is likely and was not found speaks for a picture, though not for which.
      def best_of(findings, chances)
        found = chances.values_at(*findings.map(&:family)).compact
        found.max.to_f / [found.sum + chances.fetch(NONE, 0), 1e-9].max
      end

      def plainest(sorted) = sorted.find { |f| f.family == "list" && !f.short? }

      # How likely a family must be to be shown beside the best, which is so likely.
      def asked(family, best)
        least = EASY[family]
        least ? [[least, BESIDE_EASY * best].max, NEARLY * best].min : [LEAST, BESIDE * best].max
      end

      # "Poppy seed 198, plum 154, burnt butter 131, sour cherry 88": votes that make a whole, told from the most to the least, are an order too.
      def in_order?(text, finding, best)
        return false unless text.cues[:rank].positive? && finding.family == "ranking" && best.family == "parts" && best.items.size > 3

        values = best.items.map(&:value)
        values.all? && best.items.none? { |i| i.unit == "%" } && values.each_cons(2).all? { |a, b| a >= b }
      end

      # "If it is ready and ours, print it. ... If it is neither, bin it.": what is done in each of four cases can be shown as four boxes.
      def boxes?(text, finding, best) = finding.family == "quadrant" && best.family == "decision" && finding.fit >= 0.02 && text.all_words.match?(/\bneither\b/)

      # Running words without entries, a series or several numbers: such a passage more likely needs no picture.
      def plain?(text) = bare?(text) && text.series.empty?

      def bare?(text) = text.tree.size < 2 && text.quantities.size < 3

      # What both say, in halves: the mean of the logarithms. Finders are mended until they find what the labelled passages tell, so there they are right more often than elsewhere;
      # the words are as new in one text as in another.
      # @param text [Reading::Text]
      # @param findings [Array<Finding>]
      # @return [Hash{String => Float}] for each family, adding up to 1
      def chances(text, findings)
        told, words = heard(text)
        _, (places, values) = Signs.placed(Signs.found(text, findings), Weights.by_sign.first, Network.signs.size)
        both = found(told.map(&:first).flatten + places, told.map(&:last).flatten + values, Weights.by_sign.last)
        Weights.softmax(both.to_h { |family, chance| [family, 0.5 * (Math.log(chance + FAINT) + Math.log(words.fetch(family) + FAINT))] })
      end
      FAINT = 1e-9

      # Families that the words alone do not speak against: the finders of the others are not asked, which is two thirds of the work of reading. In 1,053 passages, 211 of them in no fit,
      # a family less likely by its words than 0.001 was never among the first three. A list anything can be.
      # @param text [Reading::Text]
      # @return [Array<String>]
      def thinkable(text)
        told = text.quantities.size < 3 ? [] : NUMBERED
        told |= ["opposition"] if text.sentences.any? { |s| s.text.match?(SidesTold::OTHER_HAND) }
        thinkable_of(heard(text).last) | told
      end
      # Several numbers may always be amounts of one whole, or stand in an order, and where there is another hand there are two sides: what is said outright tells (see {Outright}).
      NUMBERED = %w[parts ranking].freeze

      # @param words [Hash{String => Float}] how likely the words alone make each family
      # @return [Array<String>]
      def thinkable_of(words) = Finder.members.keys.select { |family| words.fetch(family) >= UNHEARD || family == "list" }
      UNHEARD = 0.001

      # @return [Array(Array, Hash{String => Float})] places and values of the signs that are in the words, and how likely the words alone make each family
      def heard(text)
        text.once(:heard) do
          placed = Signs.placed(Signs.words(text), Weights.by_sign.first, Network.signs.size)
          [placed, Network.chances(*placed.first)]
        end
      end

      # @return [Hash{String => Float}] what the regression says
      def found(places, values, table)
        sums = places.empty? ? [0.0] * Weights.families.size : Numo::DFloat.cast(values).dot(table[places, true]).to_a
        Weights.softmax(Weights.families.keys.zip(sums).to_h)
      end
    end
  end
end
