# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # The pot itself, cut open: walls, handles and lid, as thick as its wall.
      class PotShell
        Svg = Html::Markup
        # The wall that the other measures are given for.
        FULL_WALL = 7.0

        # `left`, `right`, `top`, `floor`: the inside; `wall`: how thick it is drawn; `taper`: how
        # wide the floor is, times the rim.
        def initialize(left:, right:, top:, floor:, wall:, taper: 1.0)
          @in = (right - left) * (1 - taper) / 2
          @left = left
          @right = right
          @top = top
          @floor = floor
          @wall = wall
          @scale = wall / FULL_WALL
        end

        def walls
          outer_left = @left - @wall
          outer_right = @right + @wall
          path = "M#{outer_left} #{@top} L#{outer_left + @in} #{@floor + @wall} " \
                 "H#{outer_right - @in} L#{outer_right} #{@top} H#{@right} L#{@right - @in} #{@floor} " \
                 "H#{@left + @in} L#{@left} #{@top} Z"
          Svg.tag("path", d: path, class: "wall") + handle(outer_left - (16 * @scale)) + handle(outer_right)
        end

        # What lies in it, cut to its shape.
        def within(layers)
          inside = "M#{@left} #{@top} H#{@right} L#{@right - @in} #{@floor} H#{@left + @in} Z"
          Svg.tag("clipPath", Svg.tag("path", d: inside), id: "inside") +
            Svg.tag("g", layers, clip_path: "url(#inside)")
        end

        def lid
          middle = (@left + @right) / 2
          over = @wall + (3 * @scale)
          rim = @top - (4 * @scale)
          dome = "M#{@left - over} #{rim} Q#{middle} #{@top - (34 * @scale)} #{@right + over} #{rim} Z"
          Svg.tag("path", d: dome, class: "lid") +
            Svg.tag("rect", x: middle - (14 * @scale), y: @top - (33 * @scale), width: 28 * @scale,
                            height: 11 * @scale,
                            rx: 5 * @scale, class: "handle")
        end

        private

        def handle(from)
          Svg.tag("rect", x: from, y: @top + (14 * @scale), width: 16 * @scale, height: 9 * @scale,
                          rx: 3 * @scale,
                          class: "handle")
        end
      end
    end
  end
end
