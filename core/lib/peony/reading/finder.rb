# frozen_string_literal: true

module Peony
  module Reading
    # Base of the finders: each sees one family in a passage. A finder is one file in finders/ that declares its family.
    class Finder
      extend Registry

      members_in "reading/finders"

      COUNTS = %w[no one two three four five six seven eight nine ten eleven twelve].freeze

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

      # @return [Finding, nil]
      def find = raise(NotImplementedError)

      private

      attr_reader :text

      def finding(fit, reason, items)
        Finding.new(family: self.class.name_of_family, fit: fit.clamp(0.0, 1.0).round(3), reason: reason, items: items)
      end

      def item(span, **more)
        title, detail = Titles.of(span.text)
        Item.new(title: title, detail: detail, spans: [span], children: [], aspects: [], **more)
      end

      # @return [String] "four steps", "one step"
      def count(number, noun) = "#{number < COUNTS.size ? COUNTS[number] : number} #{noun}#{'s' unless number == 1}"
    end
  end
end
