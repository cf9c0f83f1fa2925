# frozen_string_literal: true

require_relative "run"
require_relative "stage"
require_relative "stepping"
require_relative "watch"

module FondKettle
  module Pot
    # The forward run of a pot: stages one after the other, in steps split where
    # the soak ends, the pot boils, runs dry or a stage ends; `step_min` sets how
    # fine the curve is and hardly moves the end (identity 5).
    class Cooking
      # A stage that has not ended by then never will.
      LONGEST_STAGE_MIN = 720.0
      # Coarse steps for planning, where no curve is wanted.
      PLANNING_STEP_MIN = 4.0
      # Fine enough for the cues, which lie on straight lines between steps.
      CUES_STEP_MIN = 1.0
      CURVE_STEP_MIN = 0.5
      HAIR = 1e-9

      # Runs `stages` (Stage) over `charge` (Charge) with `liquid_g` poured in, in
      # `setting` (Setting). Returns a Run with its cues; with `curve`, one Point a step.
      def self.run(charge, liquid_g, stages, setting, step_min: CURVE_STEP_MIN, curve: false)
        new(charge, liquid_g, setting, step_min, watched: true, curve: curve).through(stages)
      end

      # The same end, by the coarsest steps and without looking: no cues.
      def self.end_of(charge, liquid_g, stages, setting)
        new(charge, liquid_g, setting, PLANNING_STEP_MIN, watched: false, curve: false).through(stages)
      end

      def initialize(charge, liquid_g, setting, step_min, watched:, curve:)
        @charge = charge
        @setting = setting
        @pot = Stepping.new(charge, liquid_g, setting)
        @contents = @pot.contents
        @step_min = step_min
        @stage_minutes = []
        @watch = Watch.new(@contents, setting) if watched
        @curve = curve ? [point] : nil
      end

      def through(stages)
        stages.zip(stages.drop(1)) { |stage, following| cook(stage, following) }
        result
      end

      private

      def cook(stage, following)
        began = @pot.min
        @stage = stage
        @pot.enter(stage, following)
        @watch&.stirred if stage.stirred
        run_for(limit(stage))
        finish(stage) if stage.ends_at
        @stage_minutes << (@pot.min - began)
      end

      # Level with the rice is what the cook sees as craters.
      def finish(stage)
        return @stuck ||= stage.key unless ended?

        return unless stage.ends_at == "level"

        @level_ml = @contents.over_bed_ml
        @watch&.craters(@pot.min)
      end

      def limit(stage)
        return [stage.minutes || LONGEST_STAGE_MIN, LONGEST_STAGE_MIN].min unless stage.minutes == Stage::READY

        @contents.begin_cooking
        ready_min + @pot.idle_min + stage.extra_min
      end

      def ready_min
        kinetics = @contents.kinetics
        return kinetics.minutes_in_plenty(@charge.uptake, @pot.stretch, @contents.uptake, @contents.progress) if @charge.plenty?

        [kinetics.minutes_from_boil(@charge.uptake, @pot.stretch) - @pot.boiled_min, 0.0].max
      end

      def run_for(minutes)
        left = minutes
        left -= step([left, @step_min].min) while left > HAIR && !ended? && !(@stage.ends_at && @pot.fire.hopeless?)
      end

      def ended?
        case @stage.ends_at
        when "boil" then @pot.boiling?
        when "level" then @pot.level?
        when "dry" then @contents.dry?
        end
      end

      def step(most_min)
        used = @pot.advance(most_min)
        return used unless @watch

        @watch.look(@pot.min, used, @pot.temp_c, @stage)
        @curve << point if @curve
        used
      end

      def result
        Run.new(uptake: @contents.uptake, free_g: @contents.free_g, drunk_g: @contents.drunk_g,
                lost_g: @contents.lost_g, drained_g: @contents.drained_g, cloth_g: @contents.cloth_g,
                core: @contents.core, temp_c: @pot.temp_c, minutes: @pot.min, boil_c: @setting.boil_c,
                kinetics: @contents.kinetics, progress: @contents.progress, stirred_at: @pot.stirred_at,
                dry_min: @watch ? @watch.dry_min : {}, stage_minutes: @stage_minutes.freeze,
                cues: @watch ? @watch.cues : [], curve: @curve&.freeze, stuck: @stuck, level_ml: @level_ml)
      end

      def point
        Point.new(min: @pot.min, temp_c: @pot.temp_c, free_g: @contents.free_g, taken_g: @contents.taken_g,
                  lost_g: @contents.lost_g, gone_g: @contents.drained_g + @contents.cloth_g, core: @contents.core)
      end
    end
  end
end
