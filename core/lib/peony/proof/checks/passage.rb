# frozen_string_literal: true

module Peony
  module Proof
    module Checks
      # A figure whose passage has changed since it was drawn.
      class Passage < Check
        check "passage", group: "Up to date", orderly: "figures follow the notes"

        def remarks
          figures do |page, object|
            passage = object["passage"]
            next unless passage && passage["blocks"].any?

            now = piece.digest(passage["blocks"])
            next if now == passage["digest"]

            now ? changed(page, object, now) : gone(page, object)
          end
        end

        private

        def changed(page, object, now)
          items = reread(object)
          mends = []
          if items
            mends << { label: "Take over the new words",
                       operation: set(object, "items" => items, "passage" => object["passage"].merge("digest" => now)) }
          end
          mends << { label: "Keep it as it is", operation: set(object, "passage" => object["passage"].merge("digest" => now)) }
          remark(
            "The notes have changed",
            "#{called(object)} was drawn from words that were edited since. #{difference(object['items'], items)}".strip,
            page: page, object: object, state: now, mends: mends
          )
        end

        def gone(page, object)
          remark(
            "Its notes are gone",
            "The words that #{called(object)} was drawn from are not in the notes any more.",
            page: page, object: object, state: "gone", mends: [{ label: "Keep it without notes", operation: set(object, "passage" => nil) }]
          )
        end

        def set(object, fields) = { "op" => "object.change", "id" => object["id"], "set" => fields }

        # What the same family would find now; colours and stress stay with the item in the same place.
        def reread(object)
          blocks = piece.notes.blocks.select { |b| object["passage"]["blocks"].include?(b.id) }
          reading = Reading.of(Notes::Passage.new(blocks.reject(&:heading?)))
          finding = reading.finding(object["family"] || Figures::Form.fetch(object["form"]).facts.family) || reading.best
          return nil unless finding

          finding.items.each_with_index.map do |item, index|
            kept = (object["items"][index] || {}).slice("colour", "strong")
            Figures::Proposals.kept(item, index, reading.passage).merge(kept)
          end
        end

        def difference(old, new)
          return "" unless new

          words = ->(i) { i.values_at("title", "detail", "value", "date") }
          counts = [new.zip(old).count { |n, o| o && words[n] != words[o] }, [new.size - old.size, 0].max, [old.size - new.size, 0].max]
          said = counts.zip(["would change", "would be added", "would go"]).select do |n, _|
            n.positive?
          end.map { |n, what| "#{n} #{n == 1 ? 'item' : 'items'} #{what}" }
          said.any? ? "#{said.join(', ')}." : ""
        end
      end
    end
  end
end
