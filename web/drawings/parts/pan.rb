# frozen_string_literal: true

require_relative "shape"

module FondKettle
  module Web
    module Drawings
      # A frying pan: low walls that lean out, and one long handle.
      class Pan < Shape
        TAPER = 0.82
        CURVED = false
        WORD = "pan"

        private

        def parts
          [wall, handle]
        end

        def wall
          frame = @frame
          d = "M#{frame.left} #{frame.top} L#{frame.left + frame.lean} #{frame.floor} " \
              "H#{frame.right - frame.lean} L#{frame.right} #{frame.top}"
          outline(d)
        end

        def handle
          y = @frame.top + (4 * @frame.scale)
          d = "M#{@frame.right} #{y} l#{62 * @frame.scale} #{-14 * @frame.scale}"
          outline(d, @frame.wall * 1.2)
        end
      end
    end
  end
end
