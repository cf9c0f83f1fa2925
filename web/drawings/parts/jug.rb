# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # A jug: high, with a lip on one side and a handle on the other.
      class Jug
        Svg = Html::Markup
        TAPER = 0.86
        CURVED = false
        WORD = "jug"

        # `frame`: its PotFrame.
        def initialize(frame)
          @frame = frame
        end

        # SVG markup, with what it is as its title.
        def to_s
          Svg.tag("g", [Svg.tag("title", WORD), wall, handle].join, class: "shape-jug")
        end

        private

        def wall
          frame = @frame
          d = "M#{frame.left - (12 * frame.scale)} #{frame.top - (5 * frame.scale)} L#{frame.left} " \
              "#{frame.top + (6 * frame.scale)} L#{frame.left + frame.lean} #{frame.floor} " \
              "H#{frame.right - frame.lean} L#{frame.right} #{frame.top}"
          Svg.tag("path", d: d, class: "outline", stroke_width: frame.wall)
        end

        def handle
          high = @frame.floor - @frame.top
          top_y = @frame.top + (high * 0.18)
          Svg.tag("path", d: "M#{@frame.right - (2 * @frame.scale)} #{top_y} q#{26 * @frame.scale} " \
                             "#{high * 0.25} #{-4 * @frame.scale} #{high * 0.55}",
                          class: "outline", stroke_width: @frame.wall)
        end
      end
    end
  end
end
