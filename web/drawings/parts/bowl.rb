# frozen_string_literal: true

require_relative "shape"

module FondKettle
  module Web
    module Drawings
      # A bowl: walls that run into a small floor in a curve.
      class Bowl < Shape
        TAPER = 0.45
        CURVED = true
        WORD = "bowl"

        private

        def parts
          [wall, foot]
        end

        def wall
          frame = @frame
          d = "M#{frame.left} #{frame.top} Q#{frame.left} #{frame.floor} #{frame.left + frame.lean} " \
              "#{frame.floor} H#{frame.right - frame.lean} Q#{frame.right} #{frame.floor} #{frame.right} " \
              "#{frame.top}"
          outline(d)
        end

        def foot
          half = (@frame.right - @frame.left) * TAPER / 3
          outline("M#{@frame.middle - half} #{@frame.floor + (@frame.wall * 1.2)} h#{half * 2}")
        end
      end
    end
  end
end
