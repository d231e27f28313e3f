# frozen_string_literal: true

module Peony
  module Proof
    module Checks
      # A figure without words for readers who cannot see it.
      class Description < Check
        check "description", group: "For everyone", orderly: "descriptions"

        def remarks
          pictures do |page, object|
            next unless object["description"].to_s.strip.empty?

            words = self.class.words(object)
            remark(
              "No description",
              "#{called(object)} cannot be heard. Proposed: “#{words}”",
              page: page, object: object, state: "",
              mends: [{ label: "Take this", operation: { "op" => "object.change", "id" => object["id"], "set" => { "description" => words } } }],
              accept: "It is decoration"
            )
          end
        end

        # "From 9 to 22", of what changed.
        def self.turned(item)
          before, after = item.aspects.to_h.values_at("before", "after")
          "from #{before} to #{after}" if before && after
        end

        # "2 knots, 140 people", of what was measured together.
        def self.both(object, item)
          pair = item.aspects.first(2)
          return nil unless object["family"] == "relation" && pair.size == 2

          pair.map { |unit, amount| amount.match?(/[£€$%°]/) ? amount : "#{amount} #{unit}" }.join(", ")
        end

        # A description from the figure's own items.
        # @return [String]
        def self.words(object)
          return Charts::Describing.words(object) if object["type"] == "chart"

          items = Figures.items(object["items"]).map do |item|
            # "1 in 4" stands in the place of the date and is the number too: said once.
            date = [Figures::Values.parts(item).first, item.title].include?(item.date) ? nil : item.date
            pair = both(object, item)
            # "Nine knots" is said by "9 knots, 95 people".
            title = pair && item.title.match?(Figures::Forms::PairedColumns::BY_NUMBER) ? nil : item.title
            [date, title, turned(item) || pair || (Figures::Values.text(item) if item.value)].compact.reject(&:empty?).join(" ")
          end
          heading = object["heading"].to_s.delete_suffix(":")
          "#{"#{heading}#{':' unless heading.match?(/[?!.:]\z/)} " unless heading.empty?}#{items.join('; ')}."[0, 600]
        end
      end
    end
  end
end
