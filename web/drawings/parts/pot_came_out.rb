# frozen_string_literal: true

require_relative "../../html/markup"

module FondKettle
  module Web
    module Drawings
      # The bed of a pot as its rice came out, told by shapes: hard cores, smeared grains, cracks, a puddle, a
      # crust, burnt patches. Nothing where it was right.
      class PotCameOut
        Svg = Html::Markup
        # Across and down between two signs of one kind, in the drawing's units.
        STEP = 13.0
        ROW = 9.0
        CRUST = 5.0
        PUDDLE = 6.0
        # The sign of what was said of the grain, and that every so many places have it.
        GRAIN = { "chalky" => [:core, 1], "firm" => [:core, 2], "soft" => [:smear, 2],
                  "mushy" => [:smear, 1] }.freeze

        # `frame`: PotFrame; `top`: y of the top of the bed; `came`: hash of grain, wetness and floor, as a
        # Log::Outcome has them, any of them nil.
        def initialize(frame, top, came)
          @frame = frame
          @top = top
          @came = came
        end

        # SVG markup, to lie over the bed.
        def to_s
          [grain, wetness, floor].join
        end

        private

        def left
          @frame.left
        end

        def wide
          @frame.right - @frame.left
        end

        def grain
          sign, apart = GRAIN[@came[:grain]]
          return "" unless sign

          places(apart).map { |x, y| send(sign, x, y) }.join
        end

        # Every `apart`-th place of a net over the bed, rows shifted.
        def places(apart)
          rows = (0...((@frame.floor - @top) / ROW).floor).to_a
          columns = (0...(wide / STEP).floor).to_a
          net = rows.product(columns).map do |row, column|
            [left + (STEP * (column + (row.odd? ? 0.75 : 0.3))), @top + (ROW * (row + 0.6))]
          end
          net.select.with_index { |_, index| (index % apart).zero? }
        end

        # A grain with its hard white core.
        def core(x, y)
          Svg.tag("ellipse", cx: x, cy: y, rx: 5.2, ry: 3.2, class: "came-grain") +
            Svg.tag("circle", cx: x, cy: y, r: 1.8, class: "came-core")
        end

        # Grains that have run into one another.
        def smear(x, y)
          Svg.tag("path", d: "M#{x.round(1)} #{y.round(1)} q3 -4 6 0 t6 0", class: "came-smear")
        end

        def wetness
          { "wet" => method(:puddle), "dry" => method(:cracks) }[@came[:wetness]]&.call || ""
        end

        # Water that stands at the floor, and drops on the top.
        def puddle
          drops = [0.2, 0.5, 0.8].map do |share|
            Svg.tag("path", d: "M#{across(share)} #{(@top - 9).round(1)} q4 6 0 7 q-4 -1 0 -7",
                            class: "water")
          end
          band("water", PUDDLE) + drops.join
        end

        def cracks
          [0.2, 0.45, 0.7].map do |share|
            Svg.tag("path", d: "M#{across(share)} #{@top.round(1)} l4 6 l-3 4 l5 6", class: "came-crack")
          end.join
        end

        def floor
          case @came[:floor]
          when "crust" then band("came-crust")
          when "burnt" then band("came-burnt") + patches
          else ""
          end
        end

        # Along the floor.
        def band(klass, high = CRUST)
          Svg.tag("rect", x: left, y: @frame.floor - high, width: wide, height: high, class: klass)
        end

        # x of a share of the width.
        def across(share)
          (left + (wide * share)).round(1)
        end

        def patches
          [0.15, 0.4, 0.6, 0.85].map do |share|
            Svg.tag("path", d: "M#{across(share)} #{@frame.floor - CRUST} l4 -6 l4 4 l4 -4 l4 6",
                            class: "came-burnt")
          end.join
        end
      end
    end
  end
end
