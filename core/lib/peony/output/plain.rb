# frozen_string_literal: true

module Peony
  module Output
    # A hash for people: one "name: value" a line.
    module Plain
      module_function

      # @return [String]
      def text(hash) = "#{hash.map { |key, value| "#{key}: #{words(value)}" }.join("\n")}\n\n"

      def words(value)
        return value.to_s unless value.is_a?(Array)

        value.map { |entry| entry.is_a?(Hash) ? entry.values.compact.join(" ") : entry }.join("; ")
      end
    end
  end
end
