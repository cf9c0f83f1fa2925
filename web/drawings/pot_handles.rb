# frozen_string_literal: true

require_relative "../html/markup"
require_relative "grip"
require_relative "parts/pot_frame"

module FondKettle
  module Web
    module Drawings
      # The handles of a pot's water line and rice bed: the whole line, the whole bed, and a disc for each
      # when they cannot lie over one another.
      class PotHandles
        Svg = Html::Markup
        # So large, in units: 44 px where the drawing is as wide as a phone.
        REACH = 94.0
        # As much as anybody cooks at once, g.
        MOST_G = 20_000
        LEAST_G = 10

        # `line_y`, `bed_y`: where the water and the bed end.
        def initialize(frame, line_y, bed_y)
          @frame = frame
          @line_y = line_y
          @bed_y = bed_y
        end

        # SVG markup. `over_mm`: the water over the rice, `over_words` the same as it is read;
        # `rice_g` in a bed of `bed_mm`, in a pot of `high_mm`.
        def to_s(over_mm:, over_words:, rice_g:, bed_mm:, high_mm:)
          Grip.slider("water", "Water over the rice, mm", over_mm, -bed_mm.round, high_mm, line,
                      aria_valuetext: over_words) +
            Grip.slider("bed", "Raw rice, g", rice_g.round, LEAST_G, MOST_G, bed,
                        aria_valuetext: "#{rice_g.round} g of rice, #{bed_mm.round} mm deep",
                        data_g_per_mm: rice_g / bed_mm)
        end

        private

        # Left of the pot, and along the line.
        def line
          Grip.reach(0, @line_y - (REACH / 2), @frame.left - @frame.wall, REACH) +
            Grip.reach(@frame.left, @line_y - 8, wide, 16) +
            Grip.disc(@frame.left - 46, @line_y, "water-grip")
        end

        def bed
          Grip.reach(@frame.left, @bed_y + 9, wide, [@frame.floor - @bed_y - 9, REACH].max) +
            Grip.disc(@frame.middle, [@bed_y + 20, @frame.floor - 12].max, "bed-grip")
        end

        def wide
          @frame.right - @frame.left
        end
      end
    end
  end
end
