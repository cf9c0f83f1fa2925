# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # The walls of a pot by what it is made of, told apart by their outline: how thick they
      # are, how the rim ends, and what one takes hold of.
      class PotWalls
        Svg = Html::Markup
        # Times the wall of a usual pot, and what one holds it by.
        OUTLINES = { "steel" => [0.7, :loops], "enamel" => [0.6, :ears], "aluminium" => [0.9, :stick],
                     "cast-iron" => [1.35, :blocks], "clay" => [1.7, :lugs] }.freeze
        WORDS = { "cast-iron" => "cast iron" }.freeze

        # `held`: false for a bowl that stands in its cooker.
        def initialize(frame, material, held: true)
          @frame = frame
          @material = material
          thick, hold = OUTLINES.fetch(material)
          @hold = held ? hold : :nothing
          @wall = frame.wall * thick
        end

        # SVG markup, with what it is as its title.
        def to_s
          words = "#{WORDS.fetch(@material, @material)} pot"
          Svg.tag("g", [Svg.tag("title", words), wall, rim, *send(@hold)].join, class: "wall-#{@material}")
        end

        private

        def outer_left
          @frame.left - @wall
        end

        def outer_right
          @frame.right + @wall
        end

        def wall
          frame = @frame
          path = "M#{outer_left} #{frame.top} L#{outer_left + frame.lean} #{frame.floor + @wall} " \
                 "H#{outer_right - frame.lean} L#{outer_right} #{frame.top} H#{frame.right} " \
                 "L#{frame.right - frame.lean} #{frame.floor} H#{frame.left + frame.lean} " \
                 "L#{frame.left} #{frame.top} Z"
          Svg.tag("path", d: path, class: "wall")
        end

        # Enamel has a rolled rim, clay a lip.
        def rim
          return "" unless %w[enamel clay].include?(@material)

          wide = @wall + (5 * @frame.scale)
          [@frame.left - wide, @frame.right].map do |x|
            Svg.tag("rect", x: x, y: @frame.top - (2 * @frame.scale), width: wide, height: 6 * @frame.scale,
                            rx: 3 * @frame.scale, class: "wall")
          end.join
        end

        def nothing
          []
        end

        # Bent wire, open.
        def loops
          sides do |x, way|
            out = x + (way * 20 * @frame.scale)
            Svg.tag("path", d: "M#{x} #{low(12)} H#{out} V#{low(26)} H#{x}", class: "hold")
          end
        end

        # A round ear.
        def ears
          sides do |x, way|
            out = x + (way * 22 * @frame.scale)
            Svg.tag("path", d: "M#{x} #{low(10)} Q#{out} #{low(12)} #{out} #{low(19)} Q#{out} #{low(27)} " \
                               "#{x} #{low(28)}", class: "hold")
          end
        end

        def stick
          Svg.tag("rect", x: outer_right, y: low(10), width: 34 * @frame.scale, height: 9 * @frame.scale,
                          rx: 4 * @frame.scale, class: "handle")
        end

        # Cast on, solid.
        def blocks
          sides do |x, way|
            wide = 18 * @frame.scale
            Svg.tag("rect", x: way.positive? ? x : x - wide, y: low(8), width: wide,
                            height: 14 * @frame.scale, class: "handle")
          end
        end

        # A knob of clay, half round.
        def lugs
          sides do |x, way|
            out = x + (way * 16 * @frame.scale)
            Svg.tag("path", d: "M#{x} #{low(16)} Q#{out} #{low(20)} #{x} #{low(44)} Z", class: "handle")
          end
        end

        def low(down)
          @frame.top + (down * @frame.scale)
        end

        def sides(&)
          [[outer_left, -1], [outer_right, 1]].map(&)
        end
      end
    end
  end
end
