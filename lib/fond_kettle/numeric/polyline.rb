# frozen_string_literal: true

module FondKettle
  module Numerics
    # Straight lines from point to point.
    module Polyline
      module_function

      # y at `x` on the line through `points` ([x, y], by rising x, one at least); beyond
      # them y of the nearest.
      #
      #   at([[0.0, 1.0], [2.0, 5.0]], 1.0) # => 3.0
      def at(points, x)
        after = points.index { |point_x, _| point_x >= x } || (points.size - 1)
        (x0, y0), (x1, y1) = points.values_at([after - 1, 0].max, after)
        x1 == x0 ? y1 : y0 + ((x.clamp(x0, x1) - x0) * (y1 - y0) / (x1 - x0))
      end
    end
  end
end
