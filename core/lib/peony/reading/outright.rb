# frozen_string_literal: true

module Peony
  module Reading
    # What layout, numbers and turns of words say outright, whatever the weights say.
    module Outright
      extend OutrightWords

      # How much is left to the other, where what is said may be seen as either.
      BESIDE = 0.4
      # From which family to which that was found, when, and what is left to the first.
      RULES = [
        ["headline", "parts", :one_whole?], ["ratio", "parts", :all_of_one?], ["funnel", "parts", :all_of_one?], ["list", "ranking", :numbered_rows?], ["comparison", "ranking", :one_measure?],
        *%w[list comparison hub].map { |from| [from, "opposition", :other_hand?] }, ["cause", "opposition", :for_on_one_hand?],
        ["cycle", "sequence", :how_it_goes?], ["decision", "sequence", :only_at_the_end?], ["relation", "trend", :dated_rows?], [Scorer::NONE, "headline", :striking?],
        ["opposition", "decision", :asked_each?], ["opposition", "decision", :yes_or_no?],
        *%w[decision sequence cycle list hierarchy].map { |from| [from, "quadrant", :two_questions?] },
        ["opposition", "quadrant", :four_of_two?], [Scorer::NONE, "opposition", :love_and_hate?],
        ["sequence", "opposition", :orders_and_bans?], ["list", "opposition", :orders_and_bans?], ["opposition", "list", :two_entries?],
        ["list", "sequence", :numbered_orders?], ["headline", "sequence", :numbered_story?],
        ["relation", "comparison", :few_rows?], *%w[headline list ranking hierarchy overlap parts].map { |from| [from, "comparison", :columns?] },
        *%w[opposition hierarchy list].map { |from| [from, "comparison", :priced_alike?] },
        ["list", "hub", :centred?], ["hierarchy", "hub", :centred?],
        ["opposition", "cause", :of_result?], *%w[comparison change].map { |from| [from, "ratio", :of_sum?] }, ["timeline", "cycle", :year_round?], ["list", "cause", :what_if?],
        *%w[list hub opposition comparison ratio].map { |from| [from, "cause", :what_spoils?] },
        *%w[opposition overlap cause list comparison].map { |from| [from, "hub", :all_on_one?] },
        *%w[list hub].map { |from| [from, "sequence", :made_so?, BESIDE] }, *%w[list cause].map { |from| [from, "hub", :goes_on?, BESIDE] },
        *[Scorer::NONE, "list", "hub", "sequence", "cause"].map { |from| [from, "cycle", :circle?] }, *%w[list hub comparison].map { |from| [from, "quadrant", :named_boxes?] },
        *%w[list quadrant cause sequence cycle].map { |from| [from, "decision", :cases?] }, *%w[list hub overlap quadrant].map { |from| [from, "decision", :all_else?] },
        *%w[cycle list journey timeline].map { |from| [from, "sequence", :steps?] }, *%w[list headline cause].map { |from| [from, "decision", :by_limits?] },
        *%w[opposition parts].map { |from| [from, "headline", :each_its_own?] },
        *%w[trend headline change funnel decision relation comparison list].product(%w[parts ranking]).map { |from, to| [from, to, :classed?] }
      ].freeze

      module_function

      # @return [Hash{String => Float}] the likelihoods as they are where something is said outright
      def told(text, findings, chances)
        found = findings.to_h { |f| [f.family, f] }
        # "South and often watered, south and rarely watered": two words crossed are four boxes, whatever is asked above them.
        boxes = found["quadrant"]&.fit.to_f >= 0.9
        RULES.each do |from, to, test, left|
          finding = found[to]
          next unless finding && !(boxes && from == "quadrant") && public_send(test, text, finding)

          both = chances[to] + chances[from]
          chances = left ? chances.merge(to => [both * (1 - left), chances[to]].max, from => [both * left, chances[from]].min) : chances.merge(to => both, from => 0.0)
        end
        chances
      end

      # "A flush uses 6 litres, a shower 60 and a bath 140. Washing up takes 25 litres, the dishwasher 10.": things, and one number of each.
      def one_measure?(text, finding)
        list = text.ladder
        return false unless list.size == text.quantities.count { |q| q.unit != "%" } && finding.items.size == list.size
        # Fewer are set side by side for more than their number, unless it is all that is said of them: "Tadpoles pay 12 euros, Frogs 18 and Otters 30".
        return false unless list.size > 4 || (list.size > 2 && text.tree.empty? && list.map(&:sentence).uniq.size == 1)

        text.changes.empty? && text.moments.empty? && list.all? { |m| Units::MEASURES.value?(m.unit) || Units.money?(m.unit) }
      end

      # "The vans are quiet. Drivers like them. On the other hand, ...": what speaks for it, and what against.
      def other_hand?(text, finding)
        at = text.sentences.index { |s| s.text.match?(SidesTold::OTHER_HAND) }
        !at.nil? && at.between?(2, text.sentences.size - 1) && finding.fit >= 0.25 && finding.items.all? { |side| side.children.any? }
      end

      # What comes of something may have another hand too, without anything that is said for it.
      def for_on_one_hand?(text, finding) = finding.fit >= 0.5 && other_hand?(text, finding)

      # "If you want to help, this is how it goes. Ring Aldo. ...": and nothing leads back.
      def how_it_goes?(text, _finding) = text.sentences.first(2).any? { |s| s.text.match?(HOW_IT_GOES) } && !circle?(text, nil)
      HOW_IT_GOES = /\b(?:this is|here is|here['’]s|that['’]s) how (?:it (?:goes|works|is done)|you (?:do|go about) it|(?:we|they) do it)\b(?! a?round\b)|\b(?:in (?:this|a certain|the following) order|step by step)\b/i

      # Months with two amounts each that do not go together: each goes its own way over time.
      def dated_rows?(text, _finding)
        return false unless text.tree.size > 3 && text.table? && text.tree.all? { |n| text.moments_in(n.span).any? { |d| d.from == n.span.from } }

        pairs = text.tree.map { |n| text.quantities_in(n.span).first(2).map(&:value) }
        pairs.all? { |pair| pair.size == 2 } && Tables::Statistics.spearman(*pairs.transpose).to_f.abs < LOOSE
      end
      # Below this rank correlation nobody would see in a handful of pairs that they go together.
      LOOSE = 0.5

      # "Hold a hand on the stairs", "Whisper": two entries that are no sides.
      def two_entries?(text, _finding) = text.tree.size == 2 && Finders::Opposition.no_sides?(text.tree)

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
      def centred?(_text, finding) = finding.centred || false

      # "Strengths: ... Weaknesses: ...", "S: ... W: ...": four heads of an assessment.
      def named_boxes?(_text, finding) = finding.fit >= 0.95

      def columns?(text, finding) = !text.loose_columns.nil? || (finding.fit >= COLUMNS && text.table?)
      COLUMNS = 0.6

      # "Stalls", "22 crowns", "tall hats in front"; "Gods", "9 crowns", "bring a cushion": things that are told the same of, a price or a measure among it.
      def priced_alike?(text, _finding)
        return false unless text.tree.size.between?(2, 4) && text.tree.none? { |n| n.span.text.match?(Notes::Sections::SIDE) }

        lines = text.tree.map { |n| n.children.map(&:span) + n.body }
        return false if lines.any? { |list| list.size < 2 }

        lines.map { |list| list.flat_map { |s| text.quantities_in(s).map(&:unit) } }.reduce(:&).any? { |unit| Units.money?(unit) || Units::MEASURES.value?(unit) || HandedPrices::COINS.include?(unit) }
      end

      # The few rows of a table are set side by side.
      def few_rows?(text, _finding) = text.tree.size == 3 && text.table?

      # "4,312 people signed. ...": a large number that leads a line or two is there to be seen.
      def striking?(text, _finding)
        first = text.sentences.first
        first && text.sentences.size <= 2 && text.tree.empty? && first.text.split.size <= 8 && text.quantities.size == 1 && (own = text.quantities.first).from == first.from && own.value >= LARGE
      end
      LARGE = 100

      # "Not a bad season: 212 members, eleven boats afloat and not one soul fished out": a row that begins with numbers of things of different kinds.
      def each_its_own?(text, finding)
        row = text.tree.empty? && text.sentences.size <= 2 && text.series.first or return false
        led = row.filter_map { |part| text.quantities_in(part).first&.then { |q| q if q.from == part.from } }
        led.size > 1 && led.size == finding.items.size && led.size == text.quantities.size && led.all? { |q| Units.counted?(q.unit) } && led.map(&:unit).uniq.size == led.size
      end

      # "It costs €36,000, of which €27,000 was in the tin"
      def of_sum?(text, _finding)
        sums, others = text.quantities.partition { |q| Units.money?(q.unit) }
        sums.size == 2 && ((others.empty? && text.string.match?(Ratios::OF_IT)) || (sums[0].value > sums[1].value && text.string.match?(WE_HAVE)))
      end

      # "A new one is €12,500. We've got | €4,500 in the tin": so far.
      WE_HAVE = /\b[Ww]e(?:['’]ve| have)(?: now| already| only| so far)?(?: got| saved| raised| collected| scraped together)? (?:only |just |about )?[£€$]?\d[\d,.]*(?: euros| pounds| dollars|k)? (?:in|on|of|at|so far|since|from|together|already|now)\b/

      # "Four piles, according to whether they are kind and whether they want something"
      def four_of_two?(text, finding)
        first = text.sentences.first
        first && finding.items.size == 4 && first.text.match?(Finders::Quadrant::FOUR) && first.text.scan(/\bwhether\b|\bhow\b/).size > 1
      end

      # "Late edition: ...; then a jam in the press. Result: ..."
      def of_result?(text, _finding) = text.tree.size == 2 && text.tree.last.span.text.match?(Finders::Cause::RESULT)

      # "Step 1: look", "Step 2: speak"
      def steps?(text, _finding) = text.tree.size > 2 && text.tree.all? { |n| n.span.text.match?(/\Astep (?:\d|#{Numbers::WORD})\b/io) }

      # "The harbour master's radio reaches", and below it whom.
      def goes_on?(text, _finding)
        text.tree.size > 2 && text.tree.none? { |n| n.children.any? || text.told?(n.span) } && above(text).match?(GOES_ON)
      end
      GOES_ON = /\A(?!what |how |why |when |where |who )(?:the |our |one |your )?[^.:?;,]{3,44} (?:reach(?:es)?|gets?|opens?|runs|gives?|feeds?|holds|pays for|serves?|links|supplies|supports|lights|drives)\s*:?\z/i

      # "Up to 10 people: the small room", "11 to 30: the library", "more: the hall"
      def by_limits?(text, _finding)
        return text.sentences.size <= 8 && text.sentences.count { |s| s.text.match?(Limits::LEADS_ELSEWHERE) } > 2 if text.tree.empty?

        text.tree.size > 2 && text.tree.all? { |n| n.span.text.match?(/\A(?:up to|under|over|below|above|from|more|less|fewer|at least|beyond|\d+ ?(?:to|–|-) ?\d+)\b[^:]{0,40}: (?![£€$]?\d)/i) }
      end

      # "Under 18: 14. 18 to 40: 36. Over 40: 61.": how many there are of each.
      def classed?(text, _finding) = text.classes.size > 2 && text.classes.size == text.quantities.size

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
    end
  end
end
