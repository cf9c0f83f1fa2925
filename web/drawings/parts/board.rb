# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # A board: what is cut lies on it in a heap.
      class Board
        Svg = Html::Markup
        TAPER = 1.0
        CURVED = false
        WORD = "board"

        # `frame`: its PotFrame.
        def initialize(frame)
          @frame = frame
        end

        # SVG markup, with what it is as its title.
        def to_s
          over = 10 * @frame.scale
          plank = Svg.tag("rect", x: @frame.left - over, y: @frame.floor, height: @frame.wall * 1.6,
                                  width: @frame.right - @frame.left + (over * 2), rx: @frame.wall / 2,
                                  class: "plank")
          Svg.tag("g", [Svg.tag("title", WORD), plank].join, class: "shape-board")
        end
      end
    end
  end
end
