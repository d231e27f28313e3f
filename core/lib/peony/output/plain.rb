# frozen_string_literal: true

module Peony
  module Output
    # A hash for people: one "name: value" a line.
    module Plain
      module_function

      # @return [String]
      def text(hash)
        hash.map { |key, value| "#{key}: #{value.is_a?(Array) ? value.map { |v| v.is_a?(Hash) ? v.values.compact.join(' ') : v }.join('; ') : value}" }.join("\n").concat("\n\n")
      end
    end
  end
end
