# frozen_string_literal: true

require_relative "shape"

module FondKettle
  module Web
    module Drawings
      # A dish for the oven: straight low walls, and a flat lug at each end.
      class OvenDish < Shape
        TAPER = 0.92
        CURVED = false
        WORD = "oven dish"

        private

        def parts
          [wall]
        end

        # The lugs are the rim, drawn on.
        def wall
          frame = @frame
          lug = 16 * frame.scale
          d = "M#{frame.left - lug} #{frame.top} H#{frame.left} L#{frame.left + frame.lean} #{frame.floor} " \
              "H#{frame.right - frame.lean} L#{frame.right} #{frame.top} h#{lug}"
          outline(d)
        end
      end
    end
  end
end
