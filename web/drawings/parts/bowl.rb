# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # A bowl: walls that run into a small floor in a curve.
      class Bowl
        Svg = Html::Markup
        TAPER = 0.45
        CURVED = true
        WORD = "bowl"

        # `frame`: its PotFrame.
        def initialize(frame)
          @frame = frame
        end

        # SVG markup, with what it is as its title.
        def to_s
          Svg.tag("g", [Svg.tag("title", WORD), wall, foot].join, class: "shape-bowl")
        end

        private

        def wall
          frame = @frame
          d = "M#{frame.left} #{frame.top} Q#{frame.left} #{frame.floor} #{frame.left + frame.lean} " \
              "#{frame.floor} H#{frame.right - frame.lean} Q#{frame.right} #{frame.floor} #{frame.right} " \
              "#{frame.top}"
          Svg.tag("path", d: d, class: "outline", stroke_width: frame.wall)
        end

        def foot
          half = (@frame.right - @frame.left) * TAPER / 3
          Svg.tag("path", d: "M#{@frame.middle - half} #{@frame.floor + (@frame.wall * 1.2)} h#{half * 2}",
                          class: "outline", stroke_width: @frame.wall)
        end
      end
    end
  end
end
