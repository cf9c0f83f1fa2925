# frozen_string_literal: true

require_relative "../html/markup"
require_relative "pot_shell"

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
          lid = @vessel.lid == "none" ? "" : shell.lid
          Svg.tag("svg", [water, shell.walls, lid].join, viewBox: "0 0 #{wide} #{high}", width: wide,
                                                         height: high,
                                                         class: "pot-drawing pot-outline",
                                                         aria_hidden: "true")
        end

        private

        def shell
          @shell ||= PotShell.new(left: EDGE, right: EDGE + @width, top: LID, floor: floor, wall: WALL)
        end

        def floor
          LID + @height
        end

        def water
          Svg.tag("rect", x: EDGE, y: floor - (@height * @share), width: @width, height: @height * @share,
                          class: "water")
        end
      end
    end
  end
end
