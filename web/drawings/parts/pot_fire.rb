# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # The fire under a pot, as high as it is set: flames for gas, a plate for a stove, rods for an oven; and
      # the steam over the pot.
      class PotFire
        Svg = Html::Markup
        # How many flames, and how high they are.
        FLAMES = { "low" => [5, 0.5], "medium" => [6, 0.75], "high" => [7, 1.0] }.freeze
        # How thick a plate glows.
        GLOW = { "low" => 4, "medium" => 7, "high" => 10 }.freeze

        # `source`: of Kit::BURNER_HIGH_W, or "oven"; `heat`: of Vocabulary::HEATS.
        def initialize(frame, source, heat)
          @frame = frame
          @source = source
          @heat = heat
        end

        # SVG markup, with what it is as its title.
        def to_s
          return "" if @heat == "off"

          words = @source == "oven" ? "in the oven" : "#{@source}, on #{@heat}"
          Svg.tag("g", Svg.tag("title", words) + drawn, class: "fire")
        end

        # Three wisps over the rim.
        def steam
          wisps = [-1, 0, 1].map do |place|
            x = @frame.middle + (place * (@frame.right - @frame.left) / 5)
            y = @frame.top - (46 * s)
            Svg.tag("path", d: "M#{x} #{y} q#{-6 * s} #{-7 * s} 0 #{-14 * s} t0 #{-14 * s}", class: "steam")
          end
          Svg.tag("g", Svg.tag("title", "steam") + wisps.join)
        end

        private

        def s
          @frame.scale
        end

        def under
          @frame.floor + (@frame.wall * 1.7) + (3 * s)
        end

        def drawn
          case @source
          when "gas" then flames
          when "oven" then rods
          else plate
          end
        end

        def flames
          count, share = FLAMES.fetch(@heat)
          (1..count).map do |index|
            x = @frame.left + ((@frame.right - @frame.left) * index / (count + 1))
            Svg.tag("path", d: flame(x, 24 * share * s), class: "flame")
          end.join
        end

        def flame(x, high)
          half = 6 * s
          "M#{x - half} #{under + high} Q#{x - (half * 1.4)} #{under + (high * 0.4)} #{x} #{under} " \
            "Q#{x + (half * 1.4)} #{under + (high * 0.4)} #{x + half} #{under + high} Z"
        end

        def plate
          Svg.tag("rect", x: @frame.left, y: under, width: @frame.right - @frame.left, height: 9 * s,
                          rx: 3 * s, class: "plate") +
            Svg.tag("rect", x: @frame.left, y: under, width: @frame.right - @frame.left,
                            height: GLOW.fetch(@heat) * s / 2, class: "flame")
        end

        # A box round it would hide it: a rod below and one above.
        def rods
          [under + (5 * s), @frame.top - (66 * s)].map do |y|
            Svg.tag("path", d: "M#{@frame.left - (10 * s)} #{y} H#{@frame.right + (10 * s)}", class: "rod")
          end.join
        end
      end
    end
  end
end
