# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/words"
require_relative "../../../lib/fond_kettle/methods/solved/levels"
require_relative "../../drawings/pot_picture"
require_relative "../pot_views"
require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # A pot as it stands at one minute of its course, drawn, with what is seen, heard and smelt then.
      class CoursePot < Presenter
        WORDS = Words.of("course")
        # What is told of a minute is the last of these that has come.
        CUES = %w[first-steam boil craters dry].freeze
        SCALE = 1.0
        # Where nothing is said, the pot stands as it does at this cue.
        AT_FIRST = "craters"

        # `plan`: a Methods::Plan with its curve; `other`: a Pot::Run laid over it, or nil; `typed`: the
        # minute as it came in.
        def initialize(household, plan, other, typed)
          super(household)
          @plan = plan
          @other = other
          @min = (Float(typed.to_s, exception: false) || run.at(AT_FIRST) || 0.0).clamp(0.0, most_min)
        end

        # The minute that is shown.
        attr_reader :min

        # The last minute of the course.
        def most_min
          run.minutes.floor(1)
        end

        # "Minute 9: holes in the top of the rice … 97 °C, 210 g of water left."
        def sentence
          point = point_of(run)
          "**Minute #{plain(min.round(1))}.** #{WORDS.fetch(phase)}. #{point.temp_c.round} °C, " \
            "#{grams(point.free_g)} of water left, #{(point.core * 100).round} % of the white middle."
        end

        # Drawing of the pot then.
        def drawing
          picture(run, "course-pot")
        end

        # Drawing of the other pot at the same minute, or nil.
        def ghost
          @other && picture(@other, "course-ghost")
        end

        private

        def run
          @plan.run
        end

        # Minutes until the heat is off.
        def heated_min
          @heated_min ||= @plan.stages.zip(run.stage_minutes)
                               .take_while { |stage, _| !stage.off? }.sum(&:last)
        end

        def phase
          return "resting" if min > heated_min

          CUES.reverse.find { |cue| run.at(cue) && run.at(cue) <= min } || "warming"
        end

        def point_of(run)
          run.curve.reverse.find { |point| point.min <= min } || run.curve.first
        end

        def picture(run, id)
          look = household.lid_look(@plan.request.vessel.id)
          seen = PotViews.plan(@plan, look).with(says: nil, **stands(run), **fire)
          Drawings::PotPicture.new(seen, id, scale: SCALE).to_s
        end

        # Heights then; a steamer hides them.
        def stands(run)
          levels = Methods::Levels.of(@plan, run) || (return {})
          (levels.reverse.find { |one| one[:min] <= min } || levels.first).slice(:bed_mm, :water_mm)
        end

        def fire
          boils = run.at("boil")
          { steam: !boils.nil? && min >= boils, source: @plan.setting.burner.source,
            heat: (min <= heated_min ? "medium" : nil) }
        end
      end
    end
  end
end
