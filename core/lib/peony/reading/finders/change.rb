# frozen_string_literal: true

module Peony
  module Reading
    module Finders
      # One quantity, or a few, each from one value to another.
      class Change < Finder
        family "change"

        GOT_WORSE = /\A(?:only )?(?:the |our )?(?<what>(?!it\b|that\b|this\b|there\b)[^,;:.]{3,40}?) (?:has|have|had) (?:got worse|got better|suffered|gained|gone the other way|improved)\W*\z/i

        # "88 | of 96"
        OF_SO_MANY = /\A of \d[\d.,]*\b/

        def find
          items = text.changes.map { |pair| change(pair) }
          return nil if items.empty? || items.size > 8

          told_apart(items)
          finding(0.4 + (cue?(:from_to, :rose_fell) ? 0.3 : 0) + (cue?(:before_now) ? 0.2 : 0), reason(items), items)
        end

        # Amounts of the same that stand two by two, without a word that tells of a change.
        def closer
          list = text.measures.reject { |m| Turned.no_value?(text, m.quantity) }
          pairs = list.each_slice(2).select { |one, two| two && Scales.alike?(one.unit, two.unit) && one.value != two.value }
          return nil unless pairs.size.between?(1, 4) && pairs.size * 2 >= list.size - 1

          told = pairs.map { |one, two| Pairs.made(text, one.quantity, two.quantity, ChangeNames.of(text, one.sentence, one.quantity), one.sentence.from, two.sentence.to) }
          # "£3.20, or £2.90 if you pay for the month", "7 in 10 children"
          return nil if text.apart(told).size < told.size

          items = told.map { |pair| change(pair) }
          told_apart(items)
          finding(Plainly::STRENGTH, reason(items), items)
        end

        private

        # "The old fridge hummed at 51 decibels and used 1.5 kWh": two changes of one thing are called by what is measured.
        def told_apart(items)
          items.group_by(&:title).each_value do |alike|
            units = alike.map(&:unit)
            next unless units.size > 1 && units.uniq.size == units.size && units.all? { |unit| unit.match?(/[[:alpha:]]/) && text.string.include?(unit) }

            alike.each { |i| i.title = Titles.capital(i.unit) }
          end
        end

        def reason(items) = items.size == 1 ? "one quantity from one value to another" : "#{count(items.size, 'quantity')} from one value to another"

        def change(pair)
          span = text.span(pair.from, pair.to)
          # "It is not all good news: | sick days have gone up, from two a month to five"
          lead = span.text[/\A(?:it|that|this|there)\b[^:;.\d]{3,40}:\s+/i].to_s.length
          span = text.span(span.from + lead, span.to) if lead.positive? && span.from + lead < pair.one.from
          # A long name is a sentence up to its number, and is named as one.
          name = pair.name.sub(/\A(?:the )?(?:number|total|amount) of (?:the )?(?=(?:\S+ ?){2,5}\z)/i, "")
          # "Only | the lost goggles | have got worse: from four pairs a month to eleven"
          name = name[GOT_WORSE, :what] || name
          # "Collisions, | of which there were 26"
          # "Late books, once"
          name = name.sub(/,? (?:once|formerly)\z/i, "")
          name = name.sub(/(?<=\S), (?:of (?:which|whom)|which|who)\b.*\z/m, "")
          title = name.empty? || (name.split.size > Titles::MOST && text.tree.empty?) ? named(span, pair.one, span.text).first : tidy(name)
          Item.new(title: Titles.capital(title), detail: span.text.strip.chomp("."), spans: [span], value: pair.two.value, unit: pair.two.unit, children: [],
                   aspects: [["before", shown(pair.one, pair.two)], ["after", shown(pair.two, pair.one)]])
        end

        # Beside an amount in another unit an amount says its own: "4 minutes", "forty seconds".
        def shown(quantity, other)
          said = quantity.text + text.string[quantity.to, 12].to_s[OF_SO_MANY].to_s
          return said if quantity.unit == other.unit || Units::MEASURES[said[/[[:alpha:]°]+\z/].to_s.downcase] == quantity.unit

          said + text.string[quantity.to, 16].to_s[/\A[ -]?[[:alpha:]°]+/].to_s
        end
      end
    end
  end
end
