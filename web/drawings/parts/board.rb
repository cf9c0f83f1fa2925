# frozen_string_literal: true

require_relative "shape"

module FondKettle
  module Web
    module Drawings
      # A board: what is cut lies on it in a heap.
      class Board < Shape
        TAPER = 1.0
        CURVED = false
        WORD = "board"

        private

        def parts
          over = 10 * @frame.scale
          [Svg.tag("rect", x: @frame.left - over, y: @frame.floor, height: @frame.wall * 1.6,
                           width: @frame.right - @frame.left + (over * 2), rx: @frame.wall / 2,
                           class: "plank")]
        end
      end
    end
  end
end
