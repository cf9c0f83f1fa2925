# frozen_string_literal: true

require "json"
require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # The pot at the stove as it should stand now: bed and water, to scale. The
      # script moves it on by the levels it carries.
      class LevelDrawing
        Svg = Html::Markup
        WIDE = 300.0
        HIGH = 170.0
        EDGE = 14.0

        # `plan`: a cook's stored plan (hash); `min`: minutes on the heat by its count.
        def initialize(plan, min)
          @levels = plan[:levels]
          @vessel = plan[:vessel]
          @min = min
          @scale = [WIDE / @vessel[:diameter_mm], HIGH / @vessel[:height_mm]].min
        end

        def to_s
          width = @vessel[:diameter_mm] * @scale
          Svg.tag("svg",
                  [title, within(width, layer(:water_mm, "water", width), layer(:bed_mm, "bed", width),
                                 base(width)), wall(width)].join,
                  viewBox: "0 0 #{(width + (2 * EDGE)).round} #{(floor_y + EDGE).round}",
                  class: "pot-drawing level-drawing",
                  role: "img",
                  aria_labelledby: "level-title", data_levels: JSON.generate(@levels), data_min: @min,
                  data_scale: @scale,
                  data_floor: floor_y)
        end

        private

        def now
          @levels.reverse.find { |level| level[:min] <= @min } || @levels.first
        end

        def title
          words = "The pot now: rice #{now[:bed_mm].round} mm deep, water to #{now[:water_mm].round} mm"
          Svg.tag("title", Svg.escape(words), id: "level-title")
        end

        def floor_y
          (@vessel[:height_mm] * @scale) + EDGE
        end

        def layer(key, klass, width)
          band(now[key], klass, width)
        end

        # From the floor up to `depth_mm`.
        def band(depth_mm, klass, width)
          height = depth_mm * @scale
          Svg.tag("rect", x: EDGE, y: floor_y - height, width: width, height: height, class: klass)
        end

        # What lies under the rice; cooks of an older version know of none.
        def base(width)
          band(@vessel.fetch(:base_mm, 0), "base", width)
        end

        def wall(width)
          Svg.tag("path", d: outline(width), class: "wall-line")
        end

        # Cut to the shape of the pot; cooks of an older version know only straight walls.
        def within(width, *layers)
          Svg.tag("clipPath", Svg.tag("path", d: "#{outline(width)} Z"), id: "inside") +
            Svg.tag("g", layers.join, clip_path: "url(#inside)")
        end

        def outline(width)
          floor_mm = @vessel[:floor_mm] || @vessel[:diameter_mm]
          lean = (width - (floor_mm * @scale)) / 2
          "M#{EDGE} #{EDGE} L#{EDGE + lean} #{floor_y} H#{EDGE + width - lean} L#{EDGE + width} #{EDGE}"
        end
      end
    end
  end
end
