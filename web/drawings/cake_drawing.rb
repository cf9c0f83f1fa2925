# frozen_string_literal: true

require_relative "../html/markup"
require_relative "layers_drawing"

module FondKettle
  module Web
    module Drawings
      # The cake that is turned out, right side up on its plate, and its slices laid out on the floor of
      # the pot, from above; to one scale.
      class CakeDrawing
        Svg = Html::Markup
        WIDTH = 720.0
        HEIGHT = 300.0
        MOST = 250.0
        PLATE_Y = 236.0

        # `cake`: Methods::Cake; `tiers`: [what, height_mm] from the pot's floor up; `floor_mm`: how
        # wide that is.
        def initialize(cake, tiers, floor_mm)
          @cake = cake
          @tiers = tiers
          @floor_mm = floor_mm
          @scale = MOST / [cake.plate_mm, floor_mm].max
        end

        # SVG markup.
        def to_s
          drawn = [title, plate, layers, words, from_above].join
          Svg.tag("svg", drawn, class: "pot-drawing cake-drawing", role: "img", aria_labelledby: "cake-title",
                                viewBox: "0 0 #{WIDTH.to_i} #{HEIGHT.to_i}")
        end

        private

        def title
          stands = @cake.stands ? "it stands" : "it falls: #{@cake.falls_because}"
          said = "Turned out: #{size}, #{stands}; #{@cake.slices} slices cover the floor"
          Svg.tag("title", Svg.escape(said), id: "cake-title")
        end

        def size
          "#{@cake.height_mm.round} mm high, #{@cake.diameter_mm.round} mm wide"
        end

        def middle
          150.0
        end

        def plate
          half = @cake.plate_mm * @scale / 2
          Svg.tag("path", d: "M#{middle - half} #{PLATE_Y} h#{half * 2} l-14 12 h-#{(half * 2) - 28} z",
                          class: "plate")
        end

        def layers
          half = @cake.diameter_mm * @scale / 2
          y = PLATE_Y
          @tiers.reverse.map do |what, high_mm|
            high = high_mm * @scale
            y -= high
            Svg.tag("rect", x: middle - half, y: y, width: half * 2, height: high, class: LayersDrawing::KLASS[what])
          end.join
        end

        def words
          stands = @cake.stands ? "✓ stands" : "▲ falls"
          Svg.text(stands, x: middle, y: 34, class: "says middle#{' wrong' unless @cake.stands}") +
            Svg.text(size, x: middle, y: HEIGHT - 16, class: "label middle")
        end

        # Slices in rings; as many as are wanted.
        def from_above
          radius = @floor_mm * @scale / 2
          centre = [500.0, 140.0]
          circle = Svg.tag("circle", cx: centre[0], cy: centre[1], r: radius, class: "pan-floor")
          circle + slices(centre, radius) +
            Svg.text("#{@cake.slices} slices on the floor", x: centre[0], y: HEIGHT - 16,
                                                            class: "label middle")
        end

        def slices(centre, radius)
          slice = @cake.class::SLICE_MM * @scale / 2
          places = rings(radius, slice)
          places.first(@cake.slices).map do |from, turn|
            Svg.tag("circle", cx: centre[0] + (from * Math.cos(turn)),
                              cy: centre[1] + (from * Math.sin(turn)),
                              r: slice, class: "slice")
          end.join
        end

        # [distance from the middle, angle] of each: from the wall inwards.
        def rings(radius, slice)
          outer = [radius - slice, 0.0].max
          count = [(2 * Math::PI * outer / (slice * 1.33)).ceil, 1].max
          inner = [@cake.slices - count, 0].max
          turns = ->(number) { (0...number).map { |nth| nth * 2 * Math::PI / [number, 1].max } }
          [*turns.call([count, @cake.slices].min).map { |turn| [outer, turn] },
           *turns.call(inner).map { |turn| [inner > 1 ? outer * 0.42 : 0.0, turn] }]
        end
      end
    end
  end
end
