# frozen_string_literal: true

require_relative "../value"

module FondKettle
  module Stove
    # Something that happened at the stove: `kind` "step" (a step began), "seen"
    # (a cue was seen), "lifted" (the lid was) or "sign" (something is wrong); `what`
    # the step's index, the cue or the sign; `at` a Time.
    Event = Value.define(:kind, :what, :at)

    # Where a cook stands, worked out from its plan (the stored JSON hash) and its
    # events alone, so that any device and any restart comes to the same answer.
    class Cook
      # Late craters move the end of the step by no more than this.
      MOST_CRATERS_S = 300

      attr_reader :plan, :events

      def initialize(plan, events)
        @plan = plan
        @events = events.freeze
        freeze
      end

      def steps
        @plan.fetch(:steps)
      end

      # Index of the step at hand.
      def position
        @events.reverse.find { |event| event.kind == "step" }.what.to_i
      end

      def step
        steps.fetch(position)
      end

      def following
        steps[position + 1]
      end

      def last?
        position == steps.size - 1
      end

      # When the step at hand began: a Time.
      def step_began_at
        @events.reverse.find { |event| event.kind == "step" }.at
      end

      # When the step at hand should be over, or nil where it takes its time: later
      # by what a lifted lid costs, and no sooner than a remedy asks.
      def step_ends_at
        return unless step[:minutes]

        planned = step_began_at + (step[:minutes] * 60) + (lifts * plan.dig(:lift, :minutes).to_f * 60) + craters_late_s
        sign = signs.last
        sign && remedy ? [planned, sign.at + (remedy[:minutes] * 60)].max : planned
      end

      # How often the lid was lifted in this step.
      def lifts
        this_step.count { |event| event.kind == "lifted" }
      end

      # What to do about the last sign reported in this step: {say, add_g, off_g, minutes}.
      def remedy
        sign = signs.last
        sign && plan.fetch(:remedies, {})[sign.what.to_sym]
      end

      # When the heat went on, or nil.
      def heat_on_at
        @events.find { |event| event.kind == "step" && event.what.to_i == first_on_heat }&.at
      end

      # Cues seen since the heat went on: name to Time.
      def seen
        @events.select { |event| event.kind == "seen" }.to_h { |event| [event.what, event.at] }
      end

      # Cues to look out for in this step: name and expected Time, moved by as much
      # as the boil came sooner or later than reckoned.
      def expected
        step[:watch].reject { |cue| seen.key?(cue) }.filter_map do |cue|
          minutes = cue_min(cue)
          { cue: cue, at: heat_on_at + (minutes * 60) + drift_s } if minutes && heat_on_at
        end
      end

      # Seconds on the heat at `now`, as the plan counts them: the boil puts it right.
      def on_heat_s(now)
        heat_on_at ? [now - heat_on_at - drift_s, 0].max : 0
      end

      private

      def signs
        this_step.select { |event| event.kind == "sign" }
      end

      # Events since the step at hand began.
      def this_step
        @events.drop(@events.rindex { |event| event.kind == "step" })
      end

      def cue_min(cue)
        @plan.fetch(:cues).find { |entry| entry[:cue] == cue }&.fetch(:at_min)
      end

      # Seconds by which the craters came late in the step at hand, once they were
      # seen: slow water means a slow pot. Early craters shorten nothing, the core
      # takes its time all the same.
      def craters_late_s
        seen_at = this_step.find { |event| event.kind == "seen" && event.what == "craters" }&.at
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

      # When it boiled: as seen, else when the cook went on from the step that ends so.
      def boiled_at
        return seen["boil"] if seen["boil"]

        return unless @plan[:stages].first[:until] == "boil" && first_on_heat && position > first_on_heat

        @events.reverse.find { |event| event.kind == "step" && event.what.to_i == first_on_heat + 1 }&.at
      end

      # Index of the step that is the method's first stage.
      def first_on_heat
        steps.index { |step| step[:key] == @plan[:stages].first[:key] }
      end
    end
  end
end
