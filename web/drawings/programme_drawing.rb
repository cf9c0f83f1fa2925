# frozen_string_literal: true

require_relative "../html/markup"
require_relative "over_time"

module FondKettle
  module Web
    module Drawings
      # A heat programme over time: its stages, how warm floor, middle, top and the thickest piece get,
      # and what is when; a second programme laid over it dashed.
      class ProgrammeDrawing
        include OverTime

        Svg = Html::Markup
        WIDTH = 960
        HEIGHT = 470
        LEFT = 60.0
        RIGHT = 930.0
        TOP = 96.0
        BOTTOM = 370.0
        STAGE_Y = 30.0
        STAGE = 26.0
        LINES = { "floor" => "temp", "middle" => "taken", "top" => "free", "thickest piece" => "core" }.freeze
        MARKS_ON_A_LINE = 6
        TICKS_C = [20, 40, 60, 80, 100].freeze

        # `run`: a Pot::Run of layers with its curve; `stages`: [words, minutes] of it; `marks`: [words,
        # minute] of what is when; `other`: a second Run, or nil.
        def initialize(run, stages, marks, other = nil)
          @run = run
          @stages = stages
          @marks = marks
          @other = other
          @most_min = [run, other].compact.map(&:minutes).max
        end

        # SVG markup.
        def to_s
          drawn = [stages, axes, marks, lines(@run, ""), (lines(@other, " over") if @other), on_lines, legend]
          Svg.tag("svg", Svg.tag("title", "The heat programme", id: "programme-title") + drawn.compact.join,
                  viewBox: "0 0 #{WIDTH} #{HEIGHT}", class: "course-drawing programme-drawing", role: "img",
                  aria_labelledby: "programme-title")
        end

        private

        def y(temp_c)
          BOTTOM - ((BOTTOM - TOP) * temp_c / 100.0)
        end

        # °C by name of a point: floor, middle, top, and the coldest piece there is.
        def temps(point)
          layers = point.layers_c
          middle = layers[layers.size / 2]
          cores = layers.filter_map(&:last)
          { "floor" => layers.first.first, "middle" => (middle.first if layers.size > 2),
            "top" => layers.last.first, "thickest piece" => cores.min }.compact
        end

        def lines(run, over)
          points = run.curve.map { |point| [x(point.min).round(1), temps(point)] }
          LINES.filter_map do |name, klass|
            next unless points.first.last.key?(name)

            Svg.tag("polyline", points: points.map { |at, warm| "#{at},#{y(warm[name]).round(1)}" }.join(" "),
                                class: "line-#{klass}#{over}")
          end.join
        end

        def on_lines
          LINES.each_with_index.map do |(name, klass), index|
            marked_min(@run, index, LINES.size, MARKS_ON_A_LINE).filter_map do |min|
              point = point_at(@run, min)
              warm = temps(point)[name]
              mark(klass, x(point.min), y(warm)) if warm
            end.join
          end.join
        end

        def stages
          began = 0.0
          @stages.map do |words, minutes|
            from = x(began)
            began += minutes
            Svg.tag("rect", x: from, y: STAGE_Y, width: [x(began) - from, 1].max, height: STAGE,
                            class: "stage-band") +
              Svg.text(words, x: from + 5, y: STAGE_Y - 8, class: "label")
          end.join
        end

        def marks
          ends = []
          @marks.sort_by(&:last).map do |words, min|
            at = x(min)
            row = (0..2).find { |level| (ends[level] || 0) <= at } || 0
            ends[row] = at + (10 * words.length)
            Svg.tag("path", d: "M#{at} #{TOP - 18} V#{BOTTOM}", class: "cue-line") +
              Svg.text(words, x: at + 4, y: BOTTOM - 12 - (row * 22), class: "label")
          end.join
        end

        def axes
          degrees = TICKS_C.map do |tick|
            Svg.text(tick.to_s, x: LEFT - 8, y: y(tick) + 6, class: "label end")
          end
          [Svg.tag("path", d: "M#{LEFT} #{TOP} V#{BOTTOM} H#{RIGHT}", class: "axis"),
           *minute_ticks(22), *degrees,
           Svg.text("°C", x: LEFT - 8, y: TOP - 12, class: "label end"),
           Svg.text("minutes on the heat and resting", x: (LEFT + RIGHT) / 2, y: BOTTOM + 46,
                                                       class: "label middle")].join
        end

        def legend
          drawn = LINES.select { |name, _| temps(@run.curve.first).key?(name) }
          drawn.each_with_index.map do |(name, klass), index|
            at = LEFT + (index * 210)
            Svg.tag("path", d: "M#{at} #{BOTTOM + 76} h36", class: "sample line-#{klass}") +
              mark(klass, at + 18, BOTTOM + 76) +
              Svg.text(name, x: at + 44, y: BOTTOM + 82, class: "label")
          end.join
        end
      end
    end
  end
end
