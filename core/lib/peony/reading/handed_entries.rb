# frozen_string_literal: true

module Peony
  module Reading
    # The unit of a bare number in an entry of a list or a row of a table: told by its label, by the heading, or by the rows above it. Part of {HandedOn}.
    module HandedEntries
      # "What we spent" above "Staff: 38,000": money, in whatever coin.
      MONEY = /\b(?:(?:we|they|it|was|money) spent|spending|expenses|expenditure|outgoings|what (?:it|that|everything) costs?|(?:the|our) (?:budget|costs)|where (?:the|our) money (?:goes|went|comes|came))\b/i
      # "Price of a loaf: 2.80" below "bakers: 4"
      MEASURED_HERE = /\A(?:the |our )?(?:[[:lower:]]+ )?(?:price|cost|fee|fare|wage|rent|length|height|width|depth|weight|temperature|speed|distance|age|size)(?: (?:of|per|for|a) [^:]*)?:/i

      private

      # "Below 14 degrees: no. | 14 to 20: ... | Over 20: yes": the limits of all rows are told in what one of them says.
      def limited
        limits = text.entries.flat_map { |e| (limit = e.span.text[Limits::CASE]) ? @list.select { |q| q.from >= e.span.from && q.from < e.span.from + limit.length } : [] }
        said = limits.find { |q| Units::MEASURES.value?(q.unit) || Units.money?(q.unit) } or return
        limits.each { |q| q.unit = said.unit if q.unit.empty? }
      end

      def in_entry(quantity, last, entry)
        label = label(entry, quantity)
        head = by_head(label)
        return head if head
        return "" if spent? || let_in?(quantity, last)
        return header[:named].to_s if measured_otherwise?(entry, label, last)
        return same_deed(quantity) if last && last.from >= entry.span.from && same_deed(quantity)
        return behind_colon?(last, entry, label) ? header[:named].to_s : last.unit if last && last.from >= entry.span.from

        header[:named] || times(entry) || plural_in(label) || by_deed(quantity, last, "", behind(quantity, entry)) || said_above(quantity) || inherited_label(last) || header[:plural].to_s
      end

      # What stands behind a number that leads its entry.
      def behind(quantity, entry) = quantity.from == entry.span.from ? text.string[quantity.to, 28].to_s : ""

      # What the row above says that it counts.
      def said_above(quantity)
        @said.reverse.find { |q| q.from < quantity.from && Units.counted?(q.unit) && text.entries.any? { |e| e.span.from <= q.from && q.to <= e.span.to } }&.unit
      end

      # "Below 20 euros | 310": not euros.
      def label(entry, quantity) = text.classes.any? { |range| range.cover?(entry.span.from) } ? "" : text.string[entry.span.from...quantity.from]

      # "45 euros a year, free entry for five": five are let in.
      def let_in?(quantity, last)
        return false unless last && Units.money?(last.unit) && quantity.text.match?(/\A[[:alpha:]]+\z/)

        text.before(quantity, 24).match?(/\b(?:entry|room|space|places?|seats?|beds?|tickets?|meals?|enough) for \z/)
      end

      def spent? = text.passage.heading.to_s.match?(MONEY) && @said.none? { |q| Units.counted?(q.unit) }

      # "10 / 14": what either is stands in the heading. "Price of a loaf: 2.80" below "bakers: 4"
      def measured_otherwise?(entry, label, last) = entry.span.text.match?(Finders::Relation::TWO) || (label.match?(MEASURED_HERE) && !(last && last.from >= entry.span.from))

      # "1. Pressure washer – 88 times", and then "2. Long ladder – 71"
      def times(entry)
        first = text.entries.first
        said = @said.find { |q| q.from >= first.span.from && q.to <= first.span.to }
        "times" if said&.unit == "times" && said.text.match?(/\d/) && !entry.equal?(first)
      end

      # "Applications: 64", then "Complete: 51": the label of the first line counts for the others.
      def inherited_label(last) = last && !own_labels? && Units.counted?(last.unit) && text.entries.any? { |e| e.span.from <= last.from && last.to <= e.span.to } ? last.unit : nil

      # "Parents 31", "Pupils 12", "The fire brigade 4": each row counts what it is called.
      def own_labels?
        @own_labels = text.entries.filter_map { |e| plural_in(e.span.text[/\A[^\d]*/]) }.uniq.size > 2 if @own_labels.nil?
        @own_labels
      end

      # "Still there after six months | 147": not months; nor are "opening hours" hours.
      def plural_in(label)
        Tokens.of(label.gsub(HandedOn::SO_LONG, "").sub(HandedOn::OPENING_HOURS, "")).find { |t| Words.plural?(t.low) && %w[nns nnps nn nnp].include?(t.tag) }&.low
      end
    end
  end
end
