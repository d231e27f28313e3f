# frozen_string_literal: true

module Peony
  module Figures
    # For forms that set a value before beside a value after: both come from an item's aspects, else a row of items is one quantity told step by step.
    module Changes
      # "71 per cent", and beside it "94"
      PLAIN = /\A[\d.,]+(?: (?:per cent|[[:alpha:]]+))?\z/

      # +from+ and +to+ are numbers, +said+ how the two are written.
      Change = Struct.new(:item, :name, :from, :to, :said, keyword_init: true) do
        def difference = to - from

        # @return [Float, nil] in % of the first value; nil where that is zero, or on a scale without one
        def share = from.zero? || !Reading::Units.ratio?(item.unit.to_s) ? nil : 100.0 * difference / from.abs
      end

      private

      # @return [Array<Change>]
      def changes
        @changes ||= items.map { |item| told(item) }.then { |list| list.all? ? list : one_by_one(list) }
                          .tap { |list| refuse("There are no two values to compare.") if list.empty? }
      end

      # No item that tells its own two values is measured against the first.
      def one_by_one(list) = list.any? && items.count { |i| i.aspects.size >= 2 } > 1 ? refuse("Not every item tells two values.") : steps

      def told(item)
        pair = item.aspects.map(&:last).first(2)
        one, two = pair.map { |words| Reading.of(Notes::Text.read(words.to_s)).quantities.first }
        return nil unless one && two

        from, to = Reading::Scales.common(one, two).map { |q| q.value.to_f }
        Change.new(item: item, name: item.title, from: from, to: to, said: pair.zip([one, two]).map { |words, q| written(words.to_s, q, item) })
      end

      # "Four hundred and twelve" beside "265" is written in digits as well, and 94 beside "71 per cent" is a share too.
      def written(words, quantity, item)
        return words if quantity.value.zero? || (words.match?(/\d/) && !words.match?(PLAIN))

        unit = [quantity.unit, item.unit].find { |told| !told.to_s.empty? }.to_s
        amount = Values.text(Reading::Item.new(value: quantity.value, unit: unit))
        # "Paper cups" says what they are.
        bare = !Reading::Units.measure?(unit) || unit == "times" || item.title.downcase.include?(unit)
        bare || amount.match?(/[[:alpha:]%°£€$]/) ? amount : "#{amount} #{unit}"
      end

      # Without pairs each item is measured against the first.
      def steps
        first = items.first
        items.drop(1).map { |item| Change.new(item: item, name: item.title, from: first.value.to_f, to: item.value.to_f, said: [Values.text(first), Values.text(item)]) }
      end

      # What the two values are drawn by: on one scale where all are told in one unit, else each pair by the larger of its own two,
      # for orders, shares and hours are not long or short beside each other.
      # @return [Array(Float, Float)]
      def drawn(change)
        pair = [change.from, change.to]
        return pair if of_one_unit?

        own = pair.map(&:abs).max
        own.zero? ? pair : pair.map { |value| value / own }
      end

      def of_one_unit? = @of_one_unit.nil? ? @of_one_unit = changes.map { |c| c.item.unit.to_s }.uniq.one? : @of_one_unit

      # "+25 %", "−38 %"; of shares so many points; where there is nothing to take it of, the difference itself.
      def change_text(change)
        return points(change.difference) if change.item.unit == "%"

        share = change.share
        return [signed(change.difference), Values.parts(change.item).last].reject(&:empty?).join("\u2009") unless share

        "#{signed(share.abs >= 10 ? share.round : share.round(1))}\u2009%"
      end

      # From 71 % to 94 %: not a third more, which nobody would see in the two numbers.
      def points(difference) = "#{signed(difference.round(1))}\u2009#{difference.abs == 1 ? 'point' : 'points'}"

      def signed(value) = "#{'+' if value.positive?}#{Values.grouped(Reading::Numbers.plain(value))}"
    end
  end
end
