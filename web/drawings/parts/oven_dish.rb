# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # A dish for the oven: straight low walls, and a flat lug at each end.
      class OvenDish
        Svg = Html::Markup
        TAPER = 0.92
        CURVED = false
        WORD = "oven dish"

        # `frame`: its PotFrame.
        def initialize(frame)
          @frame = frame
        end

        # SVG markup, with what it is as its title.
        def to_s
          Svg.tag("g", [Svg.tag("title", WORD), wall].join, class: "shape-oven-dish")
        end

        private

        # The lugs are the rim, drawn on.
        def wall
          frame = @frame
          lug = 16 * frame.scale
          d = "M#{frame.left - lug} #{frame.top} H#{frame.left} L#{frame.left + frame.lean} #{frame.floor} " \
              "H#{frame.right - frame.lean} L#{frame.right} #{frame.top} h#{lug}"
          Svg.tag("path", d: d, class: "outline", stroke_width: frame.wall)
        end
      end
    end
  end
end
