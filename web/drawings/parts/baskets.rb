# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/value"
require_relative "../../../lib/fond_kettle/kit/steamer"
require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # How baskets are seen: `across_mm` inside, so many `tiers`, with a bed of `bed_mm` in each.
      BasketsSeen = Value.define(:across_mm, :tiers, :bed_mm)

      # The baskets of a steamer on the rim of a pot, cut open and to scale: cloth, bed and its holes.
      class Baskets
        Svg = Html::Markup
        # Height of one, mm.
        HIGH_MM = 70.0
        SLATS = 11

        # `middle` and `rim`: where the pot's rim is; `scale`: units for a mm; `wall`: how thick it is
        # drawn; `pattern`: id of the pattern of grains.
        def initialize(seen, middle, rim, scale, wall:, pattern:)
          @seen = seen
          @middle = middle
          @rim = rim
          @scale = scale
          @wall = wall
          @pattern = pattern
        end

        # SVG markup.
        def to_s
          Array.new(@seen.tiers) { |tier| basket(frame(tier)) }.join
        end

        # The topmost (PotFrame): what lies on it is its lid.
        def top
          frame(@seen.tiers - 1)
        end

        # The y of the top of the bed in a basket.
        def bed_y(box = top)
          box.floor - (@seen.bed_mm * @scale)
        end

        private

        # The lowest is the first.
        def frame(tier)
          half = @seen.across_mm * @scale / 2
          bottom = @rim - (tier * HIGH_MM * @scale)
          PotFrame.of(left: @middle - half, right: @middle + half, top: bottom - (HIGH_MM * @scale),
                      floor: bottom - (@wall * 0.7), wall: @wall, taper: 1.0)
        end

        def basket(box)
          [bed(box), holes(box), walls(box),
           Svg.tag("path", Svg.tag("title", "damp cloth"), d: "M#{box.left} #{box.floor} H#{box.right}",
                                                           class: "cloth-line")].join
        end

        def bed(box)
          place = { x: box.left, y: bed_y(box), width: box.right - box.left, height: box.floor - bed_y(box) }
          Svg.tag("rect", Svg.tag("title", "rice, #{@seen.bed_mm.round} mm"), **place, class: "bed") +
            Svg.tag("rect", **place, class: "grains", fill: "url(##{@pattern})")
        end

        def holes(box)
          count = [(@seen.across_mm / Kit::Steamer::HOLES_MM).round - 1, 1].max
          (1..count).map do |nth|
            x = box.left + ((box.right - box.left) * nth / (count + 1))
            Svg.tag("path", d: "M#{x} #{bed_y(box) - 3} V#{box.floor}", class: "hole")
          end.join
        end

        def walls(box)
          bars = [box.left - @wall, box.right].map do |x|
            Svg.tag("rect", x: x, y: box.top, width: @wall, height: box.floor - box.top + 4, class: "basket")
          end
          slats = (0..SLATS).map do |nth|
            at = box.left + ((box.right - box.left) * nth / SLATS) - (@wall * 0.8)
            "M#{at} #{box.floor + 3} h#{@wall * 1.6}"
          end
          bars.join + Svg.tag("path", d: slats.join(" "), class: "slats")
        end
      end
    end
  end
end
