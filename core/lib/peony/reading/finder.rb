# frozen_string_literal: true

module Peony
  module Reading
    # Base of the finders: each sees one family in a passage. A finder is one file in finders/ that declares its family.
    class Finder
      extend Registry
      include SideBySide

      members_in "reading/finders"

      # More items than this are in no figure; their titles are as they come.
      MENDED = 40

      # In more sentences than this a family that is not told outright is not looked for.
      GUESSED = 20

      COUNTS = %w[no one two three four five six seven eight nine ten eleven twelve].freeze

      # What leads on to another number: alone, and with that number. Made once, for a pattern with another in it is costly to make.
      def self.leading(words) = [/\A\s*(?:#{words})(?: every)?\s*\z/, /\A\s*(?:#{words}) (?:every )?(?:\d+|#{Numbers::WORD})\s+/].freeze

      OUT_OF = leading("in|out of|of every")

      # What leads to the name of the first, and of the next.
      BEST_IS = /(?:\A\s*(?:and |but )?(?:the |our )?(?:(?:most|least) [[:lower:]]+|favourite|commonest|top|best|worst|busiest|biggest|largest)(?: [[:lower:]]+){0,2} (?:is|was|are|were)|\A\s*(?:closely )?followed(?: closely)? by) (?<what>(?!(?:in|on|at|by|for)\b)[^(),;:\d]{3,40}?)\s*[(,:]?\s*\z/i

      FROM_WHERE = /\b(?:from|for|in|by|at|to) (?:the |our |an? )?([[:alpha:]][^,;:.\d]{2,30}?)\s*:\s*\z/
      # "6,900 | came from the | capital", "eleven | voted for | Minna"
      CAME_FROM = /\A(?:(?:came|come|comes|voted|were|was|are|is) )?(?:from|for) (?:the |our )?(?=\S)/
      # "54 % | come through the | web shop", "70 cents | are spent on | paper"
      WENT_TO = /\A(?:(?:go(?:es)?|went|pays?|paid|(?:is|are|was|were)(?: spent| used)?)(?: straight| directly)? (?:on|to|into|for)|(?:came|come|comes) through) (?:the |our )?(?=\S)/

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
        # "Do: stop early": a label names itself.
        return false if item.title.match?(/\A(?:against|in favou?r)\z/i) || item.spans.first.text.match?(/\A#{Regexp.escape(item.title)}\s*(?::|\s[–—]|\z)/i)

        words = item.title.scan(/[[:alpha:]][[:alpha:]'’-]*|\d+/)
        words.all? { |w| Words::STOP.include?(w.downcase) } || (words.one? && text.tokens_in(item.spans.first).any? { |t| t.finite? && t.low == words.first.downcase })
      end

      # Beside its number an item does not say that it "got", "took" or "is" it.
      def shorten(item)
        # A quotation mark that has lost its other half.
        item.title = item.title.delete('"“”') if item.title.count('"“”').odd?
        item.detail = "" if repeated?(item)
        # "Light | takes up"
        item.title = item.title.sub(/(?<=\S) (?:(?:takes?|took|makes?|made|brings?|brought|gives?|gave) (?:up|in|us)|(?<!than )(?:who|which|that))\z/, "") if item.value
        rest, _, last = item.title.rpartition(" ")
        light = item.value && last.match?(NamingSigns::LIGHT) && text.tokens_in(item.spans.first).any? { |t| t.finite? && t.low == last.downcase }
        item.title = rest if light && rest.split.any? { |w| !Words::STOP.include?(w.downcase) }
      end

      # Whether a detail says nothing beside the title, the number and the moment: "took 33 %", "in December 120".
      def repeated?(item)
        return false unless item.value && !item.detail.to_s.empty?

        deeds = item.spans.flat_map { |s| text.tokens_in(s) }.select { |t| t.verb? || t.tag == "rp" }.map(&:low)
        units = [item.unit, *Units::CURRENCIES.select { |_, unit| unit == item.unit }.keys].join(" ")
        shown = "#{item.title} #{item.date} #{units} #{item.spans.flat_map { |s| text.quantities_in(s) }.map(&:text).join(' ')}".downcase.scan(/[[:alpha:]]+/)
        (item.detail.downcase.scan(/[[:alpha:]]+/) - shown - deeds).all? { |w| Words::STOP.include?(w) || w == "another" || Runs::PARTICLES.include?(w) || w.match?(NamingSigns::LIGHT) }
      end

      # What the sentence says up to the words of an item, behind a semicolon or those of the item before it.
      def titled(item, items)
        span = item.spans.first
        sentence = text.sentences.find { |s| s.from <= span.from && span.to <= s.to + 1 } || span
        told = items.reject { |i| i.equal?(item) }.flat_map(&:spans).map(&:to).select { |to| to.between?(sentence.from, span.from) }.max || sentence.from
        mark = text.string[sentence.from...span.from].rindex(";")&.+(sentence.from + 1)
        apart = text.quantities_in(span).first || text.moments_in(span).first
        Naming.name(text, text.span(mark || told, span.to), self.class.name_of_family, apart: apart, about: true) || filled(item.title, span)
      end

      def filled(title, span) = title.strip.empty? ? Titles.capital(Titles.of(span.text).first) : title

      # @param span [Span] whose words make title and detail
      def item(span, **more)
        Item.new(spans: [span], children: [], aspects: [], **more).naming do |i|
          title, i.detail = Naming.of(text, span, self.class.name_of_family)
          # "A few were too old": few were would say another thing.
          title = "a #{title[0].downcase}#{title[1..]}" if title.match?(/\A(?:few|little)\b/i) && span.text.downcase.match?(/\ba #{Regexp.escape(title.downcase)}/)
          i.title = Titles.capital(title)
        end
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
      def further(item, spans, joint = " ")
        item.spans += spans
        return item if spans.empty?

        item.naming { |i| i.detail = [i.detail, *spans.map(&:text)].reject(&:empty?).join(joint) }
      end

      def cue?(*names) = names.any? { |n| text.cues[n].positive? }

      # How much of the units has something, 0..1.
      def share(list, &) = list.empty? ? 0.0 : list.count(&).to_f / list.size

      # @return [String] "four steps", "one step"
      def count(number, noun) = "#{number < COUNTS.size ? COUNTS[number] : number} #{number == 1 ? noun : Words.plural(noun)}"

      # @return [String] what a number stands for: the words before it up to the verb, else those after it
      def subject(measure)
        q = measure.quantity
        before = text.string[measure.span.from...q.from]
        plain = plain_name(measure, before)
        return tidy(plain) if plain

        words = text.tokens_in(Span.new(from: measure.span.from, to: q.from))
        verb = words.index { |t| t.finite? || t.tag == "vbn" }
        lead = (verb ? words.first(verb) : words).select { |t| t.word? || t.tag == "cd" }
        lead = lead.drop_while { |t| Words::STOP.include?(t.low) && !Words::ARTICLES.include?(t.low) }
        # "At Stang | it is 2 m wide": where it is names it.
        lead = lead[0..-2] while lead.size > 1 && lead.last.low.match?(/\A(?:it|we|you|they|he|she|i|there)\z/)
        lead = without_tail(lead)
        # "The remaining 80 | to visitors"
        lead = [] if lead.all? { |t| t.low.match?(/\A(?:the|remaining|others?|further|another|last)\z/) }
        # "Most visitors came | from the county: 14,200": what is counted everywhere names none of them.
        named = before[FROM_WHERE, 1] if lead.any?(&:noun?) && lead.select(&:noun?).all? { |t| t.low == measure.unit }
        return tidy(named) if named
        return tidy(text.string[lead.first.from...lead.last.to]) if lead.any? { |t| t.noun? || t.tag.start_with?("jj") || t.tag == "vbg" }

        after = behind(measure, OUT_OF)
        after = after.sub(/\A\s*(?:of (?:them|those|these|us|it)\s*)?/, "").sub(CAME_FROM, "").sub(WENT_TO, "")
        tidy(after.empty? ? before : after)
      end

      # "Uranus at | 51,000", "duck lake only", "cats | up to 64,000": what leads to the number is no name.
      def without_tail(tokens)
        tokens = tokens[0..-2] while tokens.size > 1 && tokens.last.low.match?(/\A(?:only|just|about|nearly|at|to|by|with|for)\z/)
        tokens.size > 1 && tokens.last.low == "up" && text.string[tokens.last.to, 3] == " to" ? tokens[0..-2] : tokens
      end

      # A name that stands by itself beside its number.
      def plain_name(measure, before)
        # "The most frequent answer was | the staff (204)", "followed by | the range (96)"
        told = before[BEST_IS, :what]
        return told if told
        # "Crumble (61), trifle (44)"
        return before if before.match?(/\A\s*[^()]{2,40}\(\s*\z/)
        # "We spend 96 minutes | on short films, 71 | on messages": all are named behind their numbers.
        return text.string[measure.quantity.to...measure.span.to] if led_like_next?(measure)

        # "Under 18: Visitors 9,800": what stands before the head of the column.
        text.entries.any? ? before[/\A\s*([^:]{2,48}):\s+[[:upper:]][[:alpha:]]+ (?:\([^()]+\) )?\z/, 1] : nil
      end

      def led_like_next?(measure)
        word = text.string[measure.quantity.to, 12].to_s[Measures::LED] or return false
        text.measures.any? { |m| m.quantity.from > measure.quantity.to && m.sentence.from == measure.sentence.from && m.span.text.start_with?("#{m.quantity.text}#{word}") }
      end

      # The words behind a number; where only "in" or "of the" leads on to the number it is part of, what follows both:
      # "One in ten | would not say", "Six of the nineteen | stayed".
      # @param leading [Array(Regexp, Regexp)] as made by {leading}
      # @return [String]
      def behind(measure, leading)
        alone, with_number = leading
        after = text.string[measure.quantity.to...measure.span.to].to_s
        return after unless after.match?(alone)

        text.string[measure.quantity.to...measure.sentence.to].to_s.sub(with_number, "")
      end

      def tidy(words) = Titles.cut(words.strip.sub(/\A[,;:–—(\s]+/, "").sub(/[\s,;:–—(.!?]+\z/, "")).first

      # The words of a stretch without a number.
      def without(span, quantity)
        # "More comics (41 mentions)": what is counted goes with its number.
        behind = span.text[(quantity.to - span.from)..].to_s.sub(/\A ?[[:alpha:]]*\)/, ")")
        (span.text[0...(quantity.from - span.from)].sub(/[\s(:–—-]+\z/, "") + behind)
          .strip.sub(/\A(?:of\s+)?[,:–—-]?\s*/, "").sub(/\A\)|\)\s*\z/, "").sub(/[.;,]+\z/, "").strip
      end
    end
  end
end
