# frozen_string_literal: true

module Peony
  module Proof
    module Checks
      # Charts that do not show what their table holds now: the table was taken out, or does not make them any more.
      class Followed < Check
        check "followed", group: "Numbers", orderly: "charts follow their tables"

        MEANT = "These numbers are meant"

        def remarks
          each_object do |page, object|
            next if object["type"] != "chart" || object["table"].nil?

            table = (piece.data["tables"] || []).find { |t| t["id"] == object["table"] }
            next gone(page, object) unless table
            next if Charts::Following.current?(piece, object)

            words = "#{called(object)} can no longer be drawn from “#{table['name']}” as it is now, and keeps the last good numbers."
            remark("It shows older numbers", words, page: page, object: object, state: table["cells"].hash, accept: MEANT)
          end
        end

        private

        def gone(page, object)
          free = { label: "Let it stand alone", operation: { "op" => "object.change", "id" => object["id"], "set" => { "table" => nil } } }
          words = "#{called(object)} keeps the numbers it had; its table is no longer in the piece."
          remark("Its table is gone", words, page: page, object: object, state: object["table"], accept: MEANT, mends: [free])
        end
      end
    end
  end
end
