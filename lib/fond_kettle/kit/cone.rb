# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Kit
    # The inside of a pot whose walls lean evenly: a slice of a cone, `floor_mm` wide below and
    # `rim_mm` at `height_mm`; goes on above the rim.
    Cone = Value.define(:floor_mm, :rim_mm, :height_mm) do
      # As good as straight, mm of width.
      const_set(:STRAIGHT, 1e-6)

      # mL up to `depth_mm`.
      #
      #   Cone.new(floor_mm: 160.0, rim_mm: 200.0, height_mm: 100.0).volume_ml(100.0) # => 2555.16…
      def volume_ml(depth_mm)
        low, high = [0.0, depth_mm].map { |at_mm| width_mm(at_mm) }
        Math::PI * depth_mm * ((low**2) + (low * high) + (high**2)) / 12_000.0
      end

      # Depth of `volume_ml`, in mm. A negative volume counts as if the floor went on straight down.
      def depth_mm(volume_ml)
        lean = (rim_mm - floor_mm) / height_mm
        if volume_ml.negative? || (rim_mm - floor_mm).abs < self.class::STRAIGHT
          return volume_ml * 4000.0 / (Math::PI * (floor_mm**2))
        end

        (Math.cbrt([(floor_mm**3) + (12_000.0 * lean * volume_ml / Math::PI), 0.0].max) - floor_mm) / lean
      end

      # Inside width at a depth, mm.
      def width_mm(depth_mm)
        floor_mm + ((rim_mm - floor_mm) * depth_mm / height_mm)
      end
    end
  end
end
