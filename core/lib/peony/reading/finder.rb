# frozen_string_literal: true

module Peony
  module Reading
    # Base of the finders: each sees one family in a passage. A finder is one file in finders/ that declares its family.
    class Finder
      extend Registry
      include SideBySide
      include MeasureNames
      include Plainly

      members_in "reading/finders"

      # More items than this are in no figure; their titles are as they come.
      MENDED = 40

      # In more sentences than this a family that is not told outright is not looked for.
      GUESSED = 20

      COUNTS = %w[no one two three four five six seven eight nine ten eleven twelve].freeze

      # What leads on to another number: alone, and with that number. Made once, for a pattern with another in it is costly to make.
      def self.leading(words) = [/\A\s*(?:#{words})(?: every)?\s*\z/, /\A\s*(?:#{words}) (?:every )?(?:\d+|#{Numbers::WORD})\s+/].freeze

      OUT_OF = leading("in|out of|of every")

      class << self
        attr_reader :name_of_family

        # @param name [String] a family of figures
        def family(name)
          @name_of_family = name
          Finder.register(name, self)
        end
      end

      # @param text [Reading::Text]
      def initialize(text)
        @text = text
      end

      # @return [Finding, nil] with the strength of what speaks for the family, 0..1, as its fit
      def find = raise(NotImplementedError)

      # Another look at what is very likely this family: see {SecondLook}.
      # @return [Finding, nil]
      def closer = nil

      # @return [Finding, nil] what there is of this family where it was not seen at first: with less to go by, and at last as the words come
      def again = closer || plainly

      # "Nearly 9,000 people opened it": how exactly goes with the number.
      ROUGHLY = /(?:\A|(?<=[\s,]))(?:nearly|almost|about|around|roughly|over|just (?:over|under)|more than|some|only)\z/i
      # Beside a number these lead on to what it is and add nothing: "the remaining 14 % is what we put by".
      LEADING_WORDS = %w[another remaining further what].freeze

      private

      attr_reader :text

      def nodes = text.tree

      # @param strength [Float]
      def finding(strength, reason, items)
        finding = Finding.new(family: self.class.name_of_family, fit: strength.clamp(0.0, 1.0).round(3), reason: reason, items: mended(items))
        finding unless finding.short?
      end

      # The same, where the items need not be known to tell how strong it is.
      # @param sizes [Range] how many items make a figure
      # @yieldreturn [Array(Array<Item>, String)] items and reason
      # @return [Finding, nil] nil where there are surely too few
      def later(strength, sizes)
        found = Finding.later(family: self.class.name_of_family, fit: strength.clamp(0.0, 1.0).round(3), sizes: sizes) { yield.then { |items, reason| [mended(items), reason] } }
        # A sentence may hold several; only few of them are looked at to know.
        units = nodes.size >= 2 ? nodes.size : text.sentences.size
        found unless units < sizes.begin && found.short?
      end

      def mended(items)
        items.first(MENDED).each { |item| item.naming { |i| i.title = titled(i, items) if bare?(i) }.naming { |i| shorten(i) } }
        items
      end

      # Whether a title names nothing: "Is", "Followed".
      def bare?(item)
        words = item.title.scan(/[[:alpha:]][[:alpha:]'’-]*|\d+/)
        bare = words.all? { |w| Words::STOP.include?(w.downcase) } || (words.one? && text.tokens_in(item.spans.first).any? { |t| t.finite? && t.low == words.first.downcase && !called?(t) })
        # "May": the month, and not what may be.
        bare && !label?(item) && item.title != item.date
      end

      # "The Fell is stiff": whatever else it may mean.
      def called?(token) = token.text.match?(/\A[[:upper:]]/) && text.before(token, 4).match?(/\b[Tt]he \z/)

      # "Do: stop early": a label names itself.
      def label?(item)
        told = item.spans.first.text
        item.title.match?(/\A(?:against|in favou?r|do|do not|don['’]t)\z/i) || (told[0, item.title.length].casecmp?(item.title) && told[item.title.length..].match?(/\A(?:\s*:|\s+[–—]|\s*\z)/))
      end

      # Beside its number an item does not say that it "got", "took" or "is" it.
      def shorten(item)
        # A quotation mark that has lost its other half.
        item.title = item.title.delete('"“”') if item.title.count('"“”').odd?
        # "Week 1 | Week 1: Visitors 42, New members 3"
        item.detail = item.detail.to_s.delete_prefix("#{item.title}: ")
        item.detail = "" if repeated?(item)
        # "Brool | minus", beside −4
        item.title = item.title.sub(/(?<=\S),? (?:minus|plus)\z/i, "") if item.value
        # "Light | takes up"
        item.title = unnumbered(item) if item.value
        item.title = item.title.sub(/(?<=\S) (?:(?:takes?|took|makes?|made|brings?|brought|gives?|gave) (?:up|in|us)|(?<!than )(?:who|which|that))\z/, "") if item.value
        rest, _, last = item.title.rpartition(" ")
        light = item.value && last.match?(NamingSigns::LIGHT) && text.tokens_in(item.spans.first).any? { |t| t.finite? && t.low == last.downcase }
        item.title = rest if light && rest.split.any? { |w| !Words::STOP.include?(w.downcase) }
      end

      # "Autumn 41", beside 41; a week, a room or a bus keeps its number.
      def unnumbered(item)
        number = item.title[/(?<=[[:alpha:]]{3} )[£€$]?\d[\d.,]*\z/] or return item.title
        before = item.title.delete_suffix(" #{number}")
        same = item.spans.flat_map { |s| text.quantities_in(s) }.any? { |q| q.value == item.value && q.text == number }
        same && !"#{before} ".match?(NumberLabels::LABELS) ? before : item.title
      end

      # Whether a detail says nothing beside the title, the number and the moment: "took 33 %", "in December 120".
      def repeated?(item)
        return false unless item.value && !item.detail.to_s.empty?

        deeds = item.spans.flat_map { |s| text.tokens_in(s) }.select { |t| t.verb? || t.tag == "rp" }.map(&:low)
        units = [item.unit, *Units::CURRENCIES.select { |_, unit| unit == item.unit }.keys].join(" ")
        shown = "#{item.title} #{item.date} #{units} #{item.spans.flat_map { |s| text.quantities_in(s) }.map(&:text).join(' ')}".downcase.scan(/[[:alpha:]]+/)
        (item.detail.downcase.scan(/[[:alpha:]]+/) - shown - deeds).all? { |w| Words::STOP.include?(w) || LEADING_WORDS.include?(w) || Runs::PARTICLES.include?(w) || w.match?(NamingSigns::LIGHT) }
      end

      # What the sentence says up to the words of an item, behind a semicolon or those of the item before it.
      def titled(item, items)
        span = item.spans.first
        sentence = text.sentences.find { |s| s.from <= span.from && span.to <= s.to + 1 } || span
        told = items.reject { |i| i.equal?(item) }.flat_map(&:spans).select { |s| s.from < span.from && s.to >= sentence.from }.map { |s| [s.to, span.from].min }.max || sentence.from
        mark = text.string[sentence.from...span.from].rindex(";")&.+(sentence.from + 1)
        apart = text.quantities_in(span).first || text.moments_in(span).first
        Naming.name(text, text.span(mark || told, span.to), self.class.name_of_family, apart: apart, about: true) || filled(item.title, span)
      end

      def filled(title, span) = title.strip.empty? ? Titles.capital(Titles.of(span.text).first) : title

      # @param span [Span] whose words make title and detail
      def item(span, **more)
        unnamed(span, **more).naming { |i| by_its_words(i, span) }
      end

      def unnamed(span, **more) = Item.new(spans: [span], children: [], aspects: [], **more)

      def by_its_words(item, span)
        title, item.detail = Naming.of(text, span, self.class.name_of_family)
        # "A few were too old": few were would say another thing.
        title = "a #{title[0].downcase}#{title[1..]}" if title.match?(/\A(?:few|little)\b/i) && span.text.downcase.match?(/\ba #{Regexp.escape(title.downcase)}/)
        item.title = Titles.capital(title)
      end

      # @param apart [#from, #to] what the figure shows by itself: a date, a number
      # @param words [String] those of the stretch without it
      # @return [Array(String, String)] title and detail
      def named(span, apart, words)
        plain = Titles.of(words)
        return plain if span.text.match?(Titles::LABEL) || (plain.last.empty? && !open?(span, apart, plain.first))

        name = Naming.name(text, span, self.class.name_of_family, apart: apart) or return plain
        head = words.match(/\A(?:(?:the|an?)\s+)?#{Regexp.escape(name)}/i)
        [name, head ? head.post_match.sub(/\A[,;:\s]+/, "") : Titles.capital(span.text.strip).sub(/[.;,:]+\z/, "")]
      end

      # "Music takes up | 52 %": the words without the number end in what leads to it.
      def open?(span, apart, words)
        last = words[/[[:alpha:]]+\z/].to_s.downcase
        apart.is_a?(Quantity) && text.tokens_in(span).any? { |t| t.low == last && t.to < apart.from && (t.verb? || Runs::PARTICLES.include?(t.low)) }
      end

      def made(title, detail, spans, **more)
        Item.new(title: Titles.capital(title), detail: detail, spans: spans, children: [], aspects: [], **more)
      end

      # @param node [Tree::Node]
      def node_item(node, **more)
        further(item(node.span, **more), node.body).tap { |made| made.children = node.children.map { |child| node_item(child) } }
      end

      # @param point [Points::Point]
      def point_item(point, **more)
        further(item(point.span, **more), point.more)
      end

      # An item with further words about it.
      def further(item, spans, joint = nil)
        item.spans += spans
        return item if spans.empty?

        item.naming do |i|
          told = [i.detail, *spans.map(&:text)].reject(&:empty?)
          i.detail = joint ? told.join(joint) : stopped(told)
        end
      end

      # "For eleven days | It hung where it always hangs": with the stop between two sentences, which a detail does not keep.
      def stopped(parts) = parts.inject { |told, words| "#{told}#{'.' if told.match?(/[\p{L}\p{N}]\z/) && words.match?(/\A\p{Lu}/)} #{words}" }.to_s

      def cue?(*names) = names.any? { |n| text.cues[n].positive? }

      # How much of the units has something, 0..1.
      def share(list, &) = list.empty? ? 0.0 : list.count(&).to_f / list.size

      # @return [String] "four steps", "one step"
      def count(number, noun) = "#{number < COUNTS.size ? COUNTS[number] : number} #{number == 1 ? noun : Words.plural(noun)}"

      def tidy(words)
        words = words.strip.sub(/\A[,;:–—(\s]+/, "").sub(/[\s,;:–—(.!?]+\z/, "")
        # "Paint, cake and the tree house" is one.
        words.match?(/\A[^,]+(?:, [^,]+)+,? and [^,]+\z/) && words.split.size <= Titles::MOST + 2 ? words : Titles.cut(words).first
      end

      # The words of a stretch without a number.
      def without(span, quantity)
        # "More comics (41 mentions)": what is counted goes with its number.
        behind = span.text[(quantity.to - span.from)..].to_s.sub(/\A ?[[:alpha:]]*\)/, ")").sub(/\A of (?:us|them)(?= )/, "")
        (span.text[0...(quantity.from - span.from)].sub(/[\s(:–—-]+\z/, "").sub(ROUGHLY, "") + behind)
          .strip.sub(/\A(?:of\s+)?[,:–—-]?\s*/, "").sub(/\A\)|\)\s*\z/, "").sub(/(?:,?\s+(?:and|but))?[.;,]*\z/, "").gsub(/,\s*,/, ",").strip
      end
    end
  end
end
