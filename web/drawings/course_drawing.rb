# frozen_string_literal: true

require_relative "../html/markup"
require_relative "over_time"

module FondKettle
  module Web
    module Drawings
      # A run over time: water free, taken up and lost in grams, temperature and
      # core on the right-hand scale, cues marked; a second run laid over it dashed.
      class CourseDrawing
        include OverTime

        Svg = Html::Markup
        WIDTH = 960
        HEIGHT = 490
        LEFT = 56.0
        RIGHT = 900.0
        TOP = 76.0
        BOTTOM = 400.0
        LINES = [[:free_g, "free water", "free"], [:taken_g, "in the rice", "taken"],
                 [:lost_g, "steam", "lost"],
                 [:temp_c, "temperature", "temp"], [:core, "core left", "core"]].freeze
        MARKS_ON_A_LINE = 7
        CUES = { "first-steam" => "first steam", "boil" => "boil", "craters" => "craters", "dry" => "dry",
                 "core-gone" => "core gone", "scorch-risk" => "scorches" }.freeze

        # `run` and `other` are Runs with a curve; `other` may be nil.
        def initialize(run, other = nil)
          @run = run
          @other = other
          runs = [run, other].compact
          @most_min = runs.map(&:minutes).max
          most_g = runs.flat_map(&:curve).map { |point| [point.free_g, point.taken_g].max }.max
          @step_g = round_step(most_g)
          @most_g = (most_g / @step_g).ceil * @step_g
        end

        def to_s
          drawn = [axes, cues, lines(@run, ""), (@other ? lines(@other, " over") : ""), marks, legend].join
          Svg.tag("svg", Svg.tag("title", "The course of the pot", id: "course-title") + drawn,
                  viewBox: "0 0 #{WIDTH} #{HEIGHT}", class: "course-drawing", role: "img",
                  aria_labelledby: "course-title")
        end

        private

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

        # Each line's own mark along it.
        def marks
          LINES.each_with_index.map do |(key, _, klass), index|
            marked_min(@run, index, LINES.size, MARKS_ON_A_LINE).map do |min|
              point = point_at(@run, min)
              mark(klass, x(point.min), y(share(point, key)))
            end.join
          end.join
        end

        # 1, 2 or 5 times a power of ten, whole, so that at most five steps do.
        def round_step(most)
          power = 10**[Math.log10(most / 5.0).floor, 0].max
          [1, 2, 5, 10].map { |times| times * power }.find { |step| most / step <= 5 }
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
          [Svg.tag("path", d: "M#{LEFT} #{TOP} V#{BOTTOM} H#{RIGHT} V#{TOP}", class: "axis"),
           *minute_ticks(20), *gram_ticks, *percent_ticks,
           Svg.text("g", x: LEFT - 6, y: TOP - 14, class: "label end"),
           Svg.text("°C, %", x: RIGHT + 6, y: TOP - 14, class: "label"),
           Svg.text("minutes from the heat going on", x: (LEFT + RIGHT) / 2, y: BOTTOM + 42,
                                                      class: "label middle")].join
        end

        def gram_ticks
          (1..(@most_g / @step_g)).map do |tick|
            at = y((tick * @step_g).fdiv(@most_g)) + 5
            Svg.text((tick * @step_g).to_s, x: LEFT - 6, y: at, class: "label end")
          end
        end

        def percent_ticks
          [25, 50, 75, 100].map do |percent|
            Svg.text(percent.to_s, x: RIGHT + 6, y: y(percent / 100.0) + 5, class: "label")
          end
        end

        # The lines' names in their own dress, in a row under the chart.
        def legend
          LINES.each_with_index.map do |(_, words, klass), index|
            at = LEFT + (index * 165)
            Svg.tag("path", d: "M#{at} #{BOTTOM + 66} h36", class: "sample line-#{klass}") +
              mark(klass, at + 18, BOTTOM + 66) +
              Svg.text(words, x: at + 44, y: BOTTOM + 71, class: "label")
          end.join
        end
      end
    end
  end
end
