# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # A frying pan: low walls that lean out, and one long handle.
      class Pan
        Svg = Html::Markup
        TAPER = 0.82
        CURVED = false
        WORD = "pan"

        # `frame`: its PotFrame.
        def initialize(frame)
          @frame = frame
        end

        # SVG markup, with what it is as its title.
        def to_s
          Svg.tag("g", [Svg.tag("title", WORD), wall, handle].join, class: "shape-pan")
        end

        private

        def wall
          frame = @frame
          d = "M#{frame.left} #{frame.top} L#{frame.left + frame.lean} #{frame.floor} " \
              "H#{frame.right - frame.lean} L#{frame.right} #{frame.top}"
          Svg.tag("path", d: d, class: "outline", stroke_width: frame.wall)
        end

        def handle
          y = @frame.top + (4 * @frame.scale)
          d = "M#{@frame.right} #{y} l#{62 * @frame.scale} #{-14 * @frame.scale}"
          Svg.tag("path", d: d, class: "outline",
                          stroke_width: @frame.wall * 1.2)
        end
      end
    end
  end
end
