# frozen_string_literal: true

require_relative "shape"

module FondKettle
  module Web
    module Drawings
      # A jug: high, with a lip on one side and a handle on the other.
      class Jug < Shape
        TAPER = 0.86
        CURVED = false
        WORD = "jug"

        private

        def parts
          [wall, handle]
        end

        def wall
          frame = @frame
          d = "M#{frame.left - (12 * frame.scale)} #{frame.top - (5 * frame.scale)} L#{frame.left} " \
              "#{frame.top + (6 * frame.scale)} L#{frame.left + frame.lean} #{frame.floor} " \
              "H#{frame.right - frame.lean} L#{frame.right} #{frame.top}"
          outline(d)
        end

        def handle
          high = @frame.floor - @frame.top
          top_y = @frame.top + (high * 0.18)
          outline("M#{@frame.right - (2 * @frame.scale)} #{top_y} q#{26 * @frame.scale} " \
                  "#{high * 0.25} #{-4 * @frame.scale} #{high * 0.55}")
        end
      end
    end
  end
end
