# frozen_string_literal: true

module Peony
  module Reading
    # What a passage shows on its surface, as numbers between 0 and 1: its layout, its turns of phrase, how its numbers lie, what the finders made of it.
    module Signs
      # Made once: a pattern with another in it is costly to make.
      NUMBER_LED = /\A[£€$]?\d|\A#{Numbers::WORD}\b/i

      # How much a cue counts that stands so often.
      OFTEN = Array.new(6) { |count| Math.log(1 + count) / Math.log(6) }.freeze

      # Names of signs, made once: what a cue is called in the heading, in the units and in all of the words.
      IN_HEADING, IN_UNITS, IN_ALL = %w[h u c].map { |where| Cues::ALL.keys.to_h { |name| [name, :"#{where}:#{name}"] }.freeze }
      MEANING = Array.new(Vectors::SIZE) { |i| :"v#{i}" }.freeze

      module_function

      # @param text [Reading::Text]
      # @return [Hash{Symbol => Float}] those that no finder has a part in
      def words(text)
        layout(text).merge(cues(text), numbers(text), ends(text), threads(text), Flow.signs(text), SideSigns.of(text), HeadingSigns.of(text), meaning(text), Stems.signs(text))
      end

      # Those that are known and that stand, for the models to be asked.
      # @param signs [Hash{Symbol => Numeric}]
      # @param known [Hash{Symbol => Integer}] the place of each
      # @param first [Integer] so many of them come first
      # @return [Array(Array(Array<Integer>, Array<Numeric>), Array(Array<Integer>, Array<Numeric>))] places and values of the first, and of the others
      def placed(signs, known, first)
        parted = [[[], []], [[], []]]
        (heard, values), (others, further) = parted
        signs.each do |name, value|
          place = known[name]
          next if place.nil? || value.zero?

          if place < first
            heard << place
            values << value
          else
            others << place
            further << value
          end
        end
        parted
      end

      def layout(text)
        nodes = text.tree
        units = units(text)
        labels = nodes.count { |n| n.span.text.match?(/\A[^:–—]{1,48}(?::|\s[–—])\s/) }
        {
          bias: 1.0,
          running: one(nodes.size < 2),
          entries: one(nodes.size >= 2),
          ordered: one(nodes.any? && nodes.all?(&:ordered)),
          nested: share(nodes) { |n| n.children.any? },
          deep: one(nodes.any? { |n| n.children.any? { |c| c.children.any? } }),
          one_root: one(nodes.size == 1 && nodes.first.children.any?),
          two: one(nodes.size == 2),
          four: one(nodes.size == 4),
          labelled: nodes.empty? ? 0.0 : labels.to_f / nodes.size,
          bodies: share(nodes) { |n| n.body.any? },
          few_words: one(text.string.split.size < 32),
          many_words: one(text.string.split.size > 75),
          one_sentence: one(text.sentences.size == 1 && nodes.empty?),
          sentences: [units.size / 10.0, 1].min,
          told: share(units) { |s| text.told?(s) },
          asked: share(units) { |s| s.text.include?("?") },
          series: one(text.series.any?),
          series_told: text.series.any? ? share(text.series.max_by(&:size)) { |s| text.told?(s) } : 0.0,
          series_frame: one(text.series.any? { |p| text.before(p.first, 2).include?(":") }),
          parts_in: share(units) { |s| s.text.count(",;") >= 2 },
          brackets: share(nodes) { |n| n.span.text.include?("(") },
          felt: share(units) { |s| text.felt?(s) },
          felt_any: one(units.any? { |s| text.felt?(s) }),
          paragraphs: one(text.stretches.count { |s| s.block.type == "paragraph" } >= 2 && nodes.empty?)
        }
      end

      def cues(text)
        counts = text.cues
        heading = text.passage.heading.to_s.downcase
        shares = Cues.shares(units(text).map { |s| s.text.downcase })
        signs = Cues.shares(heading.empty? ? [] : [heading]).transform_keys(&IN_HEADING)
        shares.each { |name, share| signs[IN_UNITS[name]] = share }
        counts.each { |name, count| signs[IN_ALL[name]] = OFTEN[[count, 5].min] if count.positive? }
        signs
      end

      def numbers(text)
        quantities = text.quantities
        units = units(text)
        counted = quantities.select { |q| Units.counted?(q.unit) }
        main = quantities.map(&:unit).tally.max_by(&:last)
        ladder = text.ladder.map(&:value)
        {
          number_free: one(quantities.empty?),
          numbered: share(units) { |s| text.quantities_in(s).any? },
          two_numbers: share(units) { |s| text.quantities_in(s).size >= 2 },
          one_number: one(quantities.size == 1),
          many_numbers: one(quantities.size >= 5),
          percent: [quantities.count { |q| q.unit == "%" } / 4.0, 1].min,
          money: one(quantities.any? { |q| Units.money?(q.unit) }),
          main_unit: main && quantities.size >= 3 ? main.last.to_f / quantities.size : 0.0,
          kinds: quantities.size >= 3 ? quantities.map(&:unit).uniq.size.to_f / quantities.size : 0.0,
          falling: slope(ladder, :>),
          rising: slope(ladder, :<),
          counted: quantities.empty? ? 0.0 : counted.size.to_f / quantities.size,
          dated: share(units) { |s| text.dates_in(s).any? },
          dates: one(text.dates.size >= 3),
          clock: one(text.dates.count { |d| d.kind == :time } >= 2),
          dates_rising: text.dates.size < 3 ? 0.0 : text.dates.map(&:sort).each_cons(2).count { |a, b| a <= b }.to_f / (text.dates.size - 1),
          weekday: one(text.dates.count { |d| d.kind == :weekday } >= 3),
          years: one(text.dates.count { |d| %i[year decade day month].include?(d.kind) } >= 3),
          date_number: share(units) { |s| text.dates_in(s).any? && text.quantities_in(s).any? },
          date_no_number: share(units) { |s| text.dates_in(s).any? && text.quantities_in(s).empty? },
          ratio: one(Ratios.of(text).any?),
          ratio_direct: one(Ratios.direct(text).any? || Ratios.reversed(text).any?),
          changes: [text.changes.size / 3.0, 1].min,
          change_one: one(text.changes.size == 1 && quantities.size <= 5),
          totals: one(text.totals.any?),
          totals_exact: one(text.totals.any? { |t| t.exact? && t.parts.size > 2 })
        }
      end

      def slope(values, order)
        return 0.0 if values.size < 3

        share = values.each_cons(2).count { |a, b| a.public_send(order, b) }.to_f / (values.size - 1)
        share >= 0.99 ? 1.0 : 0.0
      end

      # What the finders made of it, and how much of the passage's numbers each of them uses.
      def found(text, findings)
        numbers = text.quantities.size
        findings.each_with_object({}) do |finding, signs|
          signs[:"f:#{finding.family}"] = finding.fit
          signs[:"n:#{finding.family}"] = 1.0
          # Items that are worked out later are not asked for.
          next if finding.put_off?

          signs[:"k:#{finding.family}"] = [finding.items.count(&:value).to_f / numbers, 1].min if numbers >= 2
          items(text, finding).each { |name, value| signs[:"#{name}:#{finding.family}"] = value }
        end
      end

      # How many items a family has, how much of the words they take up, and whether their numbers are of one kind.
      def items(text, finding)
        list = finding.items
        valued = list.select(&:value)
        { **deeds(text, finding), "i#{[list.size, 9].min}" => 1.0, "cov" => covered(text, list.flat_map(&:spans)), "one_unit" => one(valued.size > 2 && valued.map(&:unit).uniq.one?) }
      end

      # What stands below in a tree of running text: things, or what somebody does.
      def deeds(text, finding)
        return {} unless finding.family == "hierarchy" && text.tree.size < 2

        { "deeds" => share(finding.items.flat_map(&:children)) { |c| text.tokens_in(c.spans.first).any?(&:finite?) } }
      end

      # The share of the characters that lie in some of the stretches.
      def covered(text, spans)
        at = 0
        held = spans.sort_by(&:from).sum do |span|
          fresh = [span.to - [span.from, at].max, 0].max
          at = [at, span.to].max
          fresh
        end
        [held.to_f / [text.string.length, 1].max, 1.0].min
      end

      # Whether one thing goes through all of it, and what leads the units.
      def threads(text)
        units = units(text)
        return {} if units.size < 3

        nouns = units.map { |u| text.tokens_in(u).select(&:noun?).map { |t| t.low[0, 5] }.uniq }
        common = nouns.flatten.tally.max_by(&:last)
        heads = units.map { |u| text.tokens_in(u).first }.compact
        pairs = units.map { |u| text.quantities_in(u).first(2).map(&:unit) }
        {
          central: common ? common.last.to_f / units.size : 0.0,
          object_led: share(units) { |u| u.text.match?(/\b(?:it|her|him|them|there|she|he)\b/i) && !u.text.match?(/\A(?:it|she|he)\b/i) },
          of_those: [text.all_words.scan(/\bof (?:them|those|these|whom|which)\b/).size / 2.0, 1].min,
          passive: share(units) { |u| text.tokens_in(u).each_cons(2).any? { |a, b| a.low.match?(/\A(?:is|are|was|were|be|been|gets?)\z/) && b.tag == "vbn" } },
          the_led: share(heads) { |t| t.low == "the" },
          proper: share(units) { |u| text.tokens_in(u).drop(1).any? { |t| t.tag.start_with?("nnp") } },
          same_pair: pairs.select { |p| p.uniq.size == 2 }.tally.values.max.to_f / units.size,
          number_led: share(units) { |u| u.text.match?(NUMBER_LED) },
          present: share(units) { |u| (v = text.tokens_in(u).find(&:finite?)) && %w[vbz vbp].include?(v.tag) },
          conditional: share(units) { |u| u.text.match?(/\b(?:if|whether|unless|otherwise|without)\b|\?/i) },
          person: share(units) { |u| u.text.match?(/\b(?:she|he|they|you|i|we)\b/i) }
        }
      end

      # Where the words lie among all words.
      def meaning(text)
        text.middle ? MEANING.zip(text.middle.to_a).to_h : {}
      end

      # How the beginning and the end hang together.
      def ends(text)
        units = units(text)
        return {} if units.size < 2

        told = units.map { |u| text.stems_in(u) }
        first = told.first
        last = told.last
        {
          meet: one((first & last).size >= 1),
          meet_often: one((first & last).size >= 2),
          back_last: one(units.last.text.match?(Finders::Cycle::BACK)),
          back_late: one(units.last(2).any? { |s| s.text.match?(Finders::Cycle::BACK) }),
          **comes_round(text, units),
          open: one(!comes_back?(text, told)),
          linked: share(told.each_cons(2).to_a) { |a, b| a.intersect?(b) },
          pronoun_led: share(units) { |s| s.text.match?(Strays::BACK) },
          you_led: share(units) { |s| s.text.match?(/\b(?:you|your)\b/i) },
          past: share(units) { |s| Manner.past?(text, s) }
        }
      end

      # Whether anything says that the end leads to the beginning: a chain that does not is no round. A remark may stand behind the end of a long one.
      def comes_back?(text, told)
        return true if text.cues[:again].positive? || text.cues[:loop].positive?

        units = units(text)
        head, tail = ENDS.find { |least, _| units.size >= least }.last
        # What all of them say, as "are eaten by", leads nowhere.
        said_by_all = told.reduce(:&)
        told = told.map { |list| list - said_by_all }
        return true if told.last(tail).flatten.intersect?(told.first(head).flatten) || units.last(tail).any? { |s| s.text.match?(Finders::Cycle::BACK) }

        halves = units.map { |u| Flow.halves(text, u) }
        halves.last(tail).flat_map(&:last).intersect?(halves.first(head).flat_map(&:first))
      end

      # From so many units on, how many of them are the beginning and how many the end.
      ENDS = [[7, [2, 3]], [5, [2, 2]], [0, [1, 1]]].freeze

      # How much of what the end says, a remark behind it left out, the beginning has said: "We're short, so everyone does double. ... So nobody joins, and we're short."
      def comes_round(text, units)
        return {} if units.size < 3

        begun = units.first(2).flat_map { |u| Manner.stems(text, u) }
        said = units.last(2).map do |u|
          at = u.text.rindex(/[,;]\s/)&.then { |i| u.from + i + 1 } || u.from
          words = Manner.stems(text, text.span(at, u.to))
          words.empty? ? 0.0 : (words & begun).size.to_f / words.uniq.size
        end
        { round: said.max, round_whole: one(said.max >= 0.99), round_end: said.last }
      end

      def units(text)
        if text.tree.size >= 2
          text.tree.map { |n| n.body.any? ? n.body.first : n.span }
        else
          text.sentences
        end
      end

      def share(list, &) = list.empty? ? 0.0 : list.count(&).to_f / list.size
      def one(value) = value ? 1.0 : 0.0

      # Only what stands is noted.
      # @param signs [Hash{Symbol => Numeric}] that are added to
      # @param told [Hash{Symbol => Object}] what stands and what does not
      # @return [void]
      def note(signs, told) = told.each { |name, stands| signs[name] = 1 if stands }
    end
  end
end
