# frozen_string_literal: true

require_relative "../html/markup"
require_relative "over_time"

module FondKettle
  module Web
    module Drawings
      # The temperature over time while food cools: a curve, marks where it is folded over (or at a
      # temperature that counts), and the readings of a probe.
      class CoolingDrawing
        include OverTime

        Svg = Html::Markup
        WIDTH = 720
        HEIGHT = 300
        LEFT = 70.0
        RIGHT = 690.0
        TOP = 34.0
        BOTTOM = 236.0
        POINTS = 60
        MOST_C = 100.0

        # `curve`: minutes -> °C; `most_min`: how long it is drawn; `marks`: [minute, words]; `to_c`: the
        # temperature that is wanted; `readings`: [minute, °C] as they were measured; `title`.
        def initialize(curve, most_min, marks, to_c, readings: [], title: "How it cools")
          @curve = curve
          @most_min = [most_min, 1.0].max
          @marks = marks
          @to_c = to_c
          @readings = readings
          @title = title
        end

        # SVG markup.
        def to_s
          drawn = [Svg.tag("title", @title, id: "cooling-title"), axes, wanted, line, *marks, *measured].join
          Svg.tag("svg", drawn, class: "course-drawing cooling-drawing", role: "img",
                                viewBox: "0 0 #{WIDTH} #{HEIGHT}", aria_labelledby: "cooling-title")
        end

        private

        def y(temp_c)
          BOTTOM - ((BOTTOM - TOP) * temp_c / MOST_C)
        end

        def axes
          degrees = [20, 40, 60, 80, 100].map do |tick|
            Svg.text(tick.to_s, x: LEFT - 8, y: y(tick) + 6, class: "label end")
          end
          [Svg.tag("path", d: "M#{LEFT} #{TOP} V#{BOTTOM} H#{RIGHT}", class: "axis"),
           *minute_ticks(24), *degrees,
           Svg.text("°C", x: LEFT - 8, y: TOP - 12, class: "label end"),
           Svg.text("minutes", x: RIGHT, y: BOTTOM + 52, class: "label end")].join
        end

        def wanted
          Svg.tag("path", d: "M#{LEFT} #{y(@to_c)} H#{RIGHT}", class: "cue-line") +
            Svg.text("#{@to_c.round} °C", x: LEFT + 8, y: y(@to_c) - 8, class: "label")
        end

        def line
          points = (0..POINTS).map do |nth|
            min = @most_min * nth / POINTS
            "#{x(min).round(1)},#{y(@curve.call(min)).round(1)}"
          end
          Svg.tag("polyline", points: points.join(" "), class: "line-temp")
        end

        def marks
          @marks.map do |min, words|
            at = x(min)
            mark("temp", at, y(@curve.call(min))) +
              Svg.text(words, x: [at + 6, RIGHT - (9 * words.length)].min, y: y(@curve.call(min)) - 14,
                              class: "label")
          end
        end

        def measured
          @readings.map do |min, temp_c|
            mark("core", x(min), y(temp_c)) +
              Svg.text("#{temp_c.round} °C measured", x: x(min) + 8, y: BOTTOM - 8, class: "label")
          end
        end
      end
    end
  end
end
