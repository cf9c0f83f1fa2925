# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # The contents of a pot, to scale: the base, the bed of rice over it with grains of its own shape, and
      # the liquid.
      class PotFilling
        Svg = Html::Markup
        ACROSS = 11.0
        DOWN = 8.0
        # By shape: half length and half width of a grain, and where three of them lie.
        GRAINS = { "long" => [3.6, 0.8], "short" => [2.1, 1.5], "broken" => [1.2, 1.0] }.freeze
        PLACES = [[2.5, 2.5, 18], [7.8, 6.2, -24]].freeze
        CRUMB = [5.2, 4.2, 50].freeze

        # The shape of the grains of a kind of rice, by its traits.
        def self.shape(traits)
          return "broken" if traits.include?("broken")

          traits.include?("long") ? "long" : "short"
        end

        # `scale`: units for a mm; `shape`: a key of GRAINS; `id`: the drawing's own.
        def initialize(frame, scale, shape, id)
          @frame = frame
          @scale = scale
          @shape = shape
          @id = id
        end

        # The pattern of its grains.
        def defs
          long, wide = GRAINS.fetch(@shape)
          places = @shape == "broken" ? [*PLACES, CRUMB] : PLACES
          grains = places.map do |x, y, turn|
            Svg.tag("ellipse", cx: x, cy: y, rx: long, ry: wide, transform: "rotate(#{turn} #{x} #{y})",
                               class: "kernel")
          end
          Svg.tag("defs", Svg.tag("pattern", grains.join, id: "kernels-#{@id}", width: ACROSS, height: DOWN,
                                                          patternUnits: "userSpaceOnUse"))
        end

        # Depths over the floor, mm: of the base, of the top of the rice, of the liquid.
        def layers(base_mm:, bed_mm:, water_mm:)
          [layer(water_mm, "water", "liquid"), layer(bed_mm, "bed", "rice, #{@shape} grains"), grains(bed_mm),
           layer(base_mm, "base", "what lies under the rice")].join
        end

        # The y of a depth, never over the rim.
        def y(depth_mm)
          [@frame.floor - (depth_mm * @scale), @frame.top].max
        end

        private

        def layer(depth_mm, klass, words)
          titled = Svg.tag("title", words)
          Svg.tag("rect", titled, **place(depth_mm), class: klass)
        end

        def grains(depth_mm)
          Svg.tag("rect", **place(depth_mm), class: "grains", fill: "url(#kernels-#{@id})")
        end

        def place(depth_mm)
          { x: @frame.left, y: y(depth_mm), width: @frame.right - @frame.left,
            height: @frame.floor - y(depth_mm) }
        end
      end
    end
  end
end
