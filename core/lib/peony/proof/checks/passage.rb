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
          steps = Piece::Renewal.of(piece, object)
          items = steps && Piece::Renewal.items(piece, object)
          mends = []
          if items
            mends << { label: "Take over the new words",
                       operation: set(object, "items" => items, "passage" => object["passage"].merge("digest" => now)) }
          end
          mends << { label: "Keep it as it is", operation: set(object, "passage" => object["passage"].merge("digest" => now)) }
          remark(
            "The notes have changed",
            "#{called(object)} was drawn from words that were edited since. #{difference(steps)}".strip,
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

        def difference(steps)
          counts = (steps || []).map(&:state).tally
          said = { "changed" => "would change", "added" => "would be added", "gone" => "would go" }.filter_map do |state, what|
            n = counts[state].to_i
            "#{n} #{n == 1 ? 'item' : 'items'} #{what}" if n.positive?
          end
          said.any? ? "#{said.join(', ')}." : ""
        end
      end
    end
  end
end
