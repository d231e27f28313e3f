# frozen_string_literal: true

module Peony
  class Piece
    # What would change in a figure whose words in the notes have changed, item by item.
    module Renewal
      # +state+ is same, changed, added or gone; +old+ and +new+ are items as a piece keeps them.
      Step = Struct.new(:id, :state, :old, :new, keyword_init: true)

      ALIKE = 0.3
      SHOWN = %w[title detail value unit date aspects].freeze

      module_function

      # @param object [Hash] a figure
      # @return [Array<Step>, nil] in the order of the text as it is now; nil when nothing is read there any more
      def of(piece, object)
        fresh = reread(piece, object)
        return nil unless fresh

        old = object["items"].dup
        partners = fresh.map { |item| partner(item, old, object["items"]) }
        # What is left over is paired where it stands in the same place.
        fresh.each_index { |i| partners[i] ||= (spare = object["items"][i]) && old.delete(spare) }
        steps = fresh.zip(partners).map { |item, before| step(item, before) }
        old.each { |item| steps.insert([object["items"].index(item), steps.size].min, Step.new(id: item["id"], state: "gone", old: item)) }
        steps
      end

      # @param taken [Array<String>, nil] ids of the steps to take over; nil takes all
      # @return [Array<Hash>] the figure's items
      def items(piece, object, taken = nil)
        steps = of(piece, object) or return object["items"]
        list = steps.filter_map { |s| taken.nil? || taken.include?(s.id) ? s.new : s.old }
        list.empty? ? object["items"] : unique(list)
      end

      # What the figure's family finds in the words now, with what the person put right.
      def reread(piece, object)
        ids = object.dig("passage", "blocks") || []
        blocks = piece.notes.blocks.select { |b| ids.include?(b.id) }.reject(&:heading?)
        return nil if blocks.empty?

        reading = Reading::Correction.apply(Reading.of(Notes::Passage.new(blocks, heading: object["heading"])), piece.data["readings"])
        finding = reading.finding(object["family"] || Figures::Form.fetch(object["form"]).facts.family) || reading.best
        finding && Figures::Proposals.items(finding, reading.passage)
      end

      # The old item that an item was: the one with the most words in common, taken out of the list.
      def partner(item, old, all)
        best = old.max_by { |o| [likeness(o, item), -(all.index(o) - all.size).abs] }
        old.delete(best) if best && likeness(best, item) >= ALIKE
      end

      def likeness(one, other)
        a, b = [one, other].map { |i| "#{i['title']} #{i['detail']}".downcase.scan(/[[:alnum:]]{2,}/).uniq }
        (a | b).empty? ? 0.0 : (a & b).size.to_f / (a | b).size
      end

      # Colour and stress belong to the person and stay.
      def step(item, old)
        return Step.new(id: "new-#{item['id']}", state: "added", new: item) unless old

        fresh = item.merge(old.slice("id", "colour", "strong"))
        # The same words, parted otherwise between title and detail, are no news.
        fresh = fresh.merge(old.slice("title", "detail")) if likeness(item, old) >= 1
        Step.new(id: old["id"], state: old.slice(*SHOWN) == fresh.slice(*SHOWN) ? "same" : "changed", old: old, new: fresh)
      end

      def unique(items)
        seen = {}
        items.map do |item|
          id = item["id"]
          id = "#{item['id']}#{'x' * seen[item['id']]}" if seen.key?(item["id"])
          seen[item["id"]] = seen.fetch(item["id"], 0) + 1
          item.merge("id" => id)
        end
      end
    end
  end
end
