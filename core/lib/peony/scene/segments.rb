# frozen_string_literal: true

module Peony
  module Scene
    # Straight pieces of lines and boxes.
    module Segments
      module_function

      # Whether the straight piece from a to b passes through a box (Liang and Barsky 1984).
      # @param box [Array<Float>] left, top, right, bottom
      def crosses?(box, a, b)
        dx = b[0] - a[0]
        dy = b[1] - a[1]
        near = 0.0
        far = 1.0
        [[-dx, a[0] - box[0]], [dx, box[2] - a[0]], [-dy, a[1] - box[1]], [dy, box[3] - a[1]]].each do |p, q|
          return false if p.zero? && q.negative?
          next if p.zero?

          t = q / p.to_f
          p.negative? ? near = [near, t].max : far = [far, t].min
        end
        near <= far
      end
    end
  end
end
