# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # A pot of the shelf from the side, all to one scale, with water to where it
      # would boil over.
      class PotOutline
        Svg = Html::Markup
        # Drawing units for a millimetre.
        SCALE = 0.5
        WALL = 4.0
        EDGE = 16.0
        LID = 22.0

        # `vessel`: a Kit::Vessel; `share`: how full it may be before it boils over.
        def initialize(vessel, share)
          @vessel = vessel
          @share = share
          @width = vessel.diameter_mm * SCALE
          @height = vessel.height_mm * SCALE
        end

        # SVG markup; the pot's name stands beside it.
        def to_s
          wide = @width + (2 * EDGE)
          high = @height + LID + WALL
          Svg.tag("svg", [water, wall, lid].join, viewBox: "0 0 #{wide} #{high}", width: wide, height: high,
                                                  class: "pot-drawing pot-outline", aria_hidden: "true")
        end

        private

        def right
          EDGE + @width
        end

        def floor
          LID + @height
        end

        def water
          Svg.tag("rect", x: EDGE, y: floor - (@height * @share), width: @width, height: @height * @share, class: "water")
        end

        def wall
          handles = [EDGE - 14, right + WALL].map do |from|
            Svg.tag("rect", x: from, y: LID + 6, width: 10, height: 5, rx: 2, class: "handle")
          end
          path = "M#{EDGE - WALL} #{LID} V#{floor + WALL} H#{right + WALL} V#{LID} H#{right} V#{floor} H#{EDGE} V#{LID} Z"
          Svg.tag("path", d: path, class: "wall") + handles.join
        end

        def lid
          return "" if @vessel.lid == "none"

          dome = "M#{EDGE - 6} #{LID - 2} Q#{EDGE + (@width / 2)} #{LID - 18} #{right + 6} #{LID - 2} Z"
          Svg.tag("path", d: dome, class: "lid") +
            Svg.tag("rect", x: EDGE + (@width / 2) - 8, y: LID - 16, width: 16, height: 6, rx: 3, class: "handle")
        end
      end
    end
  end
end
