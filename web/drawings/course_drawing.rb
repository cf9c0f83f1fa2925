# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # A run over time: water free, taken up and lost in grams, temperature and
      # core on the right-hand scale, cues marked; a second run laid over it dashed.
      class CourseDrawing
        Svg = Html::Markup
        WIDTH = 960
        HEIGHT = 490
        LEFT = 56.0
        RIGHT = 900.0
        TOP = 76.0
        BOTTOM = 400.0
        LINES = [[:free_g, "free water", "free"], [:taken_g, "taken up", "taken"], [:lost_g, "steam", "lost"],
                 [:temp_c, "temperature", "temp"], [:core, "core left", "core"]].freeze
        CUES = { "first-steam" => "first steam", "boil" => "boil", "craters" => "craters", "dry" => "dry",
                 "core-gone" => "core gone", "scorch-risk" => "scorches" }.freeze

        # `run` and `other` are Runs with a curve; `other` may be nil.
        def initialize(run, other = nil)
          @run = run
          @other = other
          runs = [run, other].compact
          @most_min = runs.map(&:minutes).max
          @most_g = runs.flat_map(&:curve).map { |point| [point.free_g, point.taken_g].max }.max * 1.05
        end

        def to_s
          drawn = [axes, cues, lines(@run, ""), (@other ? lines(@other, " over") : ""), legend].join
          Svg.tag("svg", Svg.tag("title", "The course of the pot", id: "course-title") + drawn,
                  viewBox: "0 0 #{WIDTH} #{HEIGHT}", class: "course-drawing", role: "img", aria_labelledby: "course-title")
        end

        private

        def x(min)
          LEFT + ((RIGHT - LEFT) * min / @most_min)
        end

        def y(share)
          BOTTOM - ((BOTTOM - TOP) * share)
        end

        # Grams on the left scale; °C and core share the right one, 0 to 100.
        def share(point, key)
          value = point.public_send(key)
          { temp_c: value / 100.0, core: value }.fetch(key) { value / @most_g }
        end

        def lines(run, over)
          LINES.map do |key, _, klass|
            points = run.curve.map { |point| "#{x(point.min).round(1)},#{y(share(point, key)).round(1)}" }
            Svg.tag("polyline", points: points.join(" "), class: "line-#{klass}#{over}")
          end.join
        end

        # Names of cues that come close together stand in rows above one another.
        def cues
          ends = []
          @run.cues.map do |cue|
            at = x(cue.at_min)
            row = (0..3).find { |level| (ends[level] || 0) <= at } || 0
            ends[row] = at + (9 * CUES.fetch(cue.cue).length)
            Svg.tag("path", d: "M#{at} #{TOP} V#{BOTTOM}", class: "cue-line") +
              Svg.text(CUES.fetch(cue.cue), x: at + 3, y: TOP - 6 - (row * 18), class: "label")
          end.join
        end

        def axes
          step = [1, 2, 5, 10, 20, 30, 60].find { |minutes| @most_min / minutes <= 12 } || 120
          across = (0..(@most_min / step).floor).map do |tick|
            Svg.text((tick * step).to_s, x: x(tick * step), y: BOTTOM + 20, class: "label middle")
          end
          grams = [0.25, 0.5, 0.75, 1.0].map do |part|
            Svg.text((@most_g * part).round.to_s, x: LEFT - 6, y: y(part) + 5, class: "label end")
          end
          right = [0.25, 0.5, 0.75, 1.0].map do |part|
            Svg.text((part * 100).round.to_s, x: RIGHT + 6, y: y(part) + 5, class: "label")
          end
          Svg.tag("path", d: "M#{LEFT} #{TOP} V#{BOTTOM} H#{RIGHT} V#{TOP}",
                          class: "axis") + across.join + grams.join + right.join +
            Svg.text("g", x: LEFT - 6, y: TOP - 8,
                          class: "label end") + Svg.text("°C, %", x: RIGHT + 6, y: TOP - 14, class: "label") +
            Svg.text("minutes from the heat going on", x: (LEFT + RIGHT) / 2, y: BOTTOM + 42, class: "label middle")
        end

        # The lines' names in their own dress, in a row under the chart.
        def legend
          LINES.each_with_index.map do |(_, words, klass), index|
            at = LEFT + (index * 165)
            Svg.tag("path", d: "M#{at} #{BOTTOM + 66} h36", class: "sample line-#{klass}") +
              Svg.text(words, x: at + 44, y: BOTTOM + 71, class: "label")
          end.join
        end
      end
    end
  end
end
