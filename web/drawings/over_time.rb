# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # Parts shared by the drawings over time, between their own LEFT and RIGHT and over their BOTTOM:
      # minutes across, and a mark on each line, so that colour is never the only sign.
      module OverTime
        MARKS = { "free" => "m-5 0 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0", "taken" => "m-5 -5 h10 v10 h-10 z",
                  "lost" => "m0 -6 l6 11 h-12 z", "temp" => "m0 -7 l7 7 l-7 7 l-7 -7 z",
                  "core" => "m-5 -5 l10 10 m0 -10 l-10 10" }.freeze
        STEPS_MIN = [1, 2, 5, 10, 20, 30, 60].freeze
        MOST_STEPS = 12
        LONG_STEP_MIN = 120

        private

        def x(min)
          left = self.class::LEFT
          left + ((self.class::RIGHT - left) * min / @most_min)
        end

        # Minutes, so far below the drawing.
        def minute_ticks(below)
          step = STEPS_MIN.find { |minutes| @most_min / minutes <= MOST_STEPS } || LONG_STEP_MIN
          (0..(@most_min / step).floor).map do |tick|
            Html::Markup.text((tick * step).to_s, x: x(tick * step), y: self.class::BOTTOM + below,
                                                  class: "label middle")
          end
        end

        def point_at(run, min)
          run.curve.min_by { |point| (point.min - min).abs }
        end

        # Minutes of a run at which the `index`-th of `lines` lines has its `count` marks, no two
        # lines' at the same.
        def marked_min(run, index, lines, count)
          (0...count).map { |nth| run.minutes * (nth + ((index + 0.5) / lines)) / count }
        end

        def mark(klass, across, down)
          Html::Markup.tag("path", d: "M#{across.round(1)} #{down.round(1)} #{MARKS.fetch(klass)}",
                                   class: "on-line line-#{klass}")
        end
      end
    end
  end
end
