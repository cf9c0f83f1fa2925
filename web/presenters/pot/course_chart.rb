# frozen_string_literal: true

require_relative "../../drawings/course_drawing"
require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # The course of a pot over time, and another laid over it.
      class CourseChart < Presenter
        OVERLAYS = { "lifted" => "with the lid lifted three times", "sea" => "at sea level",
                     "own" => "your own way" }.freeze
        COLUMNS = ["°C", "Free, g", "In the rice, g", "Lost, g", "White middle"].freeze
        # So many points of the curve make a row.
        POINTS = 4

        attr_reader :form, :with

        # `other`: the run laid over it (Pot::Run), named by `with`, or nil.
        def initialize(household, form, plan, other, with)
          super(household)
          @form = form
          @plan = plan
          @other = other
          @with = with
        end

        def lead
          "#{@plan.request.grain.name}, #{@plan.request.measures.weighed(@plan.load.rice_g)}, " \
            "#{@plan.method.name.downcase}, " \
            "#{@plan.request.measures.weighed(@plan.liquid_g)} water."
        end

        # The courses that can be laid over it: pairs of key and words.
        def overlays
          form.own_rule ? OVERLAYS : OVERLAYS.except("own")
        end

        def other?
          !@other.nil?
        end

        # Words for the course that is laid over it.
        def overlay
          OVERLAYS.fetch(with)
        end

        def drawing
          Drawings::CourseDrawing.new(@plan.run, @other).to_s
        end

        def compared
          run = @plan.run
          "#{overlay.capitalize} (dashed in the curves) it ends with #{plain(@other.uptake.round(2))} g of " \
            "water per g of rice instead of #{plain(run.uptake.round(2))}, #{grams(@other.lost_g)} lost " \
            "instead of #{grams(run.lost_g)}. The steam under a lid weighs about a gram: " \
            "a lifted lid costs heat and time more than water."
        end

        # [minute, numbers of the row, what was seen since the row before].
        def rows
          before = -1.0
          @plan.run.curve.each_slice(POINTS).map(&:last).map do |point|
            seen = seen_between(before, point.min)
            before = point.min
            [plain(point.min.round(1)), numbers(point), seen.join(", ")]
          end
        end

        private

        def numbers(point)
          [*[point.temp_c, point.free_g, point.taken_g, point.lost_g].map { |number| number.round.to_s },
           "#{(point.core * 100).round} %"]
        end

        def seen_between(from_min, to_min)
          @plan.run.cues.select { |cue| cue.at_min > from_min && cue.at_min <= to_min }.map do |cue|
            "#{Drawings::CourseDrawing::CUES.fetch(cue.cue)} at #{plain(cue.at_min.round(1))}"
          end
        end
      end
    end
  end
end
