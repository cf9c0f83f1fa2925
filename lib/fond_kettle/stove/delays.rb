# frozen_string_literal: true

module FondKettle
  module Stove
    # The drift of a pot's times from its plan, by what was seen. Only a Cook includes it, which has the plan,
    # the events and the task.
    module Delays
      # Late craters move the end of the task by no more than this.
      MOST_CRATERS_S = 300

      # Time when the heat went on under the rice, or nil.
      def heat_on_at
        first = stage_task(0)
        first && @events.find { |event| event.kind == "task" && event.what == first[:id] }&.at
      end

      # Cues seen since the heat went on: name to Time.
      def seen_cues
        @events.select { |event| event.kind == "seen" }.to_h { |event| [event.what, event.at] }
      end

      # Cues to look out for in this task: name and expected Time, moved by as much
      # as the boil came sooner or later than reckoned.
      def expected
        task[:watch].reject { |cue| seen_cues.key?(cue) }.filter_map do |cue|
          minutes = cue_min(cue)
          { cue: cue, at: heat_on_at + (minutes * 60) + drift_s } if minutes && heat_on_at
        end
      end

      # Seconds on the heat at `now`, as the plan counts them: the boil puts it right.
      def on_heat_s(now)
        heat_on_at ? [now - heat_on_at - drift_s, 0].max : 0
      end

      # Time when it boiled: as seen, or when the cook went on from the stage that ends so; nil before
      # that.
      def boiled_at
        return seen_cues["boil"] if seen_cues["boil"]

        boils = @plan[:stages].index { |stage| stage[:until] == "boil" }
        boiling = boils && stage_task(boils)
        return unless boiling && tasks.index(boiling) < position

        after = tasks[tasks.index(boiling) + 1]
        began_at(after[:id])
      end

      # Times when a stage of the rice's pot began and ended (`now` while it goes on), or nil.
      def stage_times(index, now)
        task = stage_task(index)
        from = task && began_at(task[:id])
        return unless from

        following = stage_task(index + 1)
        to = following && began_at(following[:id])
        [from, to && to >= from ? to : now]
      end

      private

      # The task that is the stage of this index in the rice's pot.
      def stage_task(index)
        tasks.find { |task| task[:stage] == index }
      end

      def cue_min(cue)
        @plan.fetch(:cues).find { |entry| entry[:cue] == cue }&.fetch(:at_min)
      end

      # Seconds by which the craters came late in the task at hand, once they were
      # seen: slow water means a slow pot. Early craters shorten nothing, the core
      # takes its time all the same.
      def craters_late_s
        seen_at = this_task.find { |event| event.kind == "seen" && event.what == "craters" }&.at
        craters_min = cue_min("craters")
        return 0 unless seen_at && craters_min && heat_on_at

        (seen_at - heat_on_at - (craters_min * 60) - drift_s).clamp(0, MOST_CRATERS_S)
      end

      # Seconds by which the boil was late (negative: early).
      def drift_s
        boil_min = cue_min("boil")
        return 0 unless boil_min && boiled_at

        boiled_at - heat_on_at - (boil_min * 60)
      end
    end
  end
end
