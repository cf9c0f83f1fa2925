# frozen_string_literal: true

require_relative "../html/markup"
require_relative "grip"

module FondKettle
  module Web
    module Drawings
      # The soaking time of the rice, as a ring that fills once round in four hours.
      class SoakRing
        Svg = Html::Markup
        # Right of the lid.
        X = 560
        RADIUS = 30
        TURN_MIN = 240.0
        MOST_MIN = 1440

        def initialize(soak_min, middle_y)
          @soak_min = soak_min
          @y = middle_y
          angle = 2 * Math::PI * share
          @dx, @dy = [Math.sin(angle), -Math.cos(angle)].map { |part| part * RADIUS }
        end

        def to_s
          Svg.tag("circle", cx: X, cy: @y, r: RADIUS, class: "ring") +
            Svg.tag("path", d: arc, class: "ring-arc") +
            Svg.text("soak #{@soak_min.round} min", x: X, y: @y + RADIUS + 24,
                                                    class: "label middle ring-label") +
            Grip.slider("soak", "Soak, minutes", @soak_min.round, 0, MOST_MIN,
                        Svg.tag("circle", cx: X, cy: @y, r: 47, class: "reach") +
                        Svg.tag("circle", cx: X + @dx, cy: @y + @dy, r: 13, class: "grip"),
                        aria_valuetext: "soaked #{@soak_min.round} minutes")
        end

        private

        def share
          [@soak_min / TURN_MIN, 0.9999].min
        end

        def arc
          "M#{X} #{@y - RADIUS} A#{RADIUS} #{RADIUS} 0 #{share > 0.5 ? 1 : 0} 1 #{X + @dx} #{@y + @dy}"
        end
      end
    end
  end
end
