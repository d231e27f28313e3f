# frozen_string_literal: true

module Peony
  module Proof
    module Checks
      # Numbers that contradict each other, in the notes and in figures of shares.
      class Numbers < Check
        check "numbers", group: "Numbers", orderly: "numbers"

        def remarks = notes + shares

        private

        def notes
          Readings.of(piece).flat_map do |reading|
            reading.queries.map do |query|
              refs = reading.passage.refs(query.from, query.to)
              page, object = figure_of(reading.passage.blocks.map(&:id))
              next if object && shares_of(object)

              remark(
                query.message,
                "In the notes: “#{reading.passage.text[query.from...query.to].tr("\n", ' ')[0, 90]}”. #{query.working}",
                page: page, object: object || "notes:#{refs.first && refs.first['block']}", state: query.working, accept: "The text is right"
              )
            end.compact
          end
        end

        def figure_of(blocks)
          piece.pages.each do |page|
            found = page["objects"].find { |o| o["type"] == "figure" && (o.dig("passage", "blocks") || []).intersect?(blocks) }
            return [page, found] if found
          end
          [nil, nil]
        end

        # The items as they are now, also where a person typed them.
        def shares
          figures do |page, object|
            sum = shares_of(object)
            next unless sum

            values = object["items"].map { |i| Reading::Arithmetic.show(i["value"]) }
            remark(
              "These shares make #{Reading::Arithmetic.show(sum)} %",
              "#{called(object)}: #{values.join(' + ')} = #{Reading::Arithmetic.show(sum)}.",
              page: page, object: object, state: values.join("+"), accept: "The text is right"
            )
          end
        end

        def shares_of(object)
          facts = Figures::Form.fetch(object["form"]).facts
          items = object["items"]
          return nil unless facts.family == "parts" && items.size > 2 && items.all? { |i| i["unit"] == "%" && i["value"] }

          Reading::Arithmetic.off_whole(items.map { |i| i["value"] })
        end
      end
    end
  end
end
