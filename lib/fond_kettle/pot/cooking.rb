# frozen_string_literal: true

require_relative "contents"
require_relative "heat"
require_relative "kinetics"
require_relative "loss"
require_relative "run"
require_relative "soak"
require_relative "stage"

module FondKettle
  module Pot
    # The forward run of a pot: stages one after the other, in steps split where
    # the soak ends, the pot boils, runs dry or a stage ends. Between those events
    # every step is a closed form, so `step_min` sets how fine the curve is and
    # hardly moves the end (identity 5).
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
        @contents = Contents.new(charge, liquid_g)
        @setting = setting
        @step_min = step_min
        @temp_c = charge.start_c
        @pot_j_k = setting.vessel.heat_capacity_j_k
        @conductance = Heat.conductance(setting.vessel)
        @boil_pace = Kinetics.pace(setting.boil_c)
        @min = @off_min = 0.0
        @dry_min = Hash.new(0.0)
        @stage_minutes = []
        @seen = {}
        @watched = watched
        @over_ml = @contents.over_bed_ml
        @core = @contents.core
        @dry = false
        @curve = curve ? [point] : nil
      end

      def through(stages)
        stages.each { |stage| cook(stage) }
        result
      end

      private

      def cook(stage)
        began = @min
        @stage = stage
        @joule_min = @setting.burner.joule_per_min(stage.heat)
        @lag = stage.lid == "none" ? 1.0 : Kinetics::LIDDED_LAG
        @off_min = 0.0 unless stage.off?
        @boiling_g_min = stage.off? ? 0.0 : boiling_g_min
        run_for(limit(stage))
        @stuck ||= stage.key if stage.ends_at && !ended?
        @stage_minutes << (@min - began)
      end

      def result
        Run.new(uptake: @contents.uptake, free_g: @contents.free_g, drunk_g: @contents.drunk_g,
                lost_g: @contents.lost_g, core: @contents.core, temp_c: @temp_c, minutes: @min,
                boil_c: @setting.boil_c, kinetics: @contents.kinetics, dry_min: @dry_min.dup.freeze,
                stage_minutes: @stage_minutes.freeze, cues: cues, curve: @curve&.freeze, stuck: @stuck)
      end

      def limit(stage)
        return [stage.minutes || LONGEST_STAGE_MIN, LONGEST_STAGE_MIN].min unless stage.minutes == Stage::READY

        @contents.begin_cooking
        @contents.kinetics.minutes_from_boil(@charge.uptake, @lag / @boil_pace) + stage.extra_min
      end

      def run_for(minutes)
        left = minutes
        left -= step([left, @step_min].min) while left > HAIR && !ended? && !hopeless?
      end

      def ended?
        case @stage.ends_at
        when "boil" then boiling?
        when "dry" then @contents.dry?
        end
      end

      # Off the heat nothing comes to the boil.
      def hopeless?
        @stage.ends_at == "boil" && @stage.off?
      end

      def boiling?
        @temp_c >= @setting.boil_c
      end

      def step(most_min)
        return advance(most_min) unless @watched

        used = advance(most_min)
        watch(used)
        @curve << point if @curve
        used
      end

      def advance(most_min)
        used = if @stage.off? then cool(most_min)
               elsif boiling? then boil(most_min)
               else
                 heat(most_min)
               end
        @min += used
        used
      end

      def heat(most_min)
        loss = @contents.dry? ? 0.0 : heating_g_min
        rise = Heat::Rise.new(@temp_c, next_mark_c, @joule_min - (loss * Loss::LATENT_J_G), capacity_j_k, most_min)
        used = warm(rise, loss)
        @temp_c = used < rise.minutes ? @temp_c + ((rise.end_c - @temp_c) * used / rise.minutes) : rise.end_c
        used
      end

      # Below 65 °C the grain soaks, above it cooks.
      def warm(rise, loss)
        return cook_contents(rise.mean { |c| Kinetics.pace(c) }, loss, rise.minutes) if @contents.kinetics || cooking?

        per_min = rise.mean { |c| @charge.grain.k2 / Soak.k1(@charge.grain, c) }
        @contents.soak(per_min * rise.minutes, loss * rise.minutes)
        rise.minutes
      end

      def cooking?
        @temp_c >= Kinetics::COOKS_ABOVE_C
      end

      def next_mark_c
        return @setting.boil_c if @contents.kinetics || cooking?

        [Kinetics::COOKS_ABOVE_C, @setting.boil_c].min
      end

      def boil(most_min)
        cook_contents(@boil_pace, @contents.dry? ? 0.0 : @boiling_g_min, most_min)
      end

      def cool(most_min)
        closed_for = Loss::OFF_MIN - @off_min
        loss = closed_for > HAIR && !@contents.dry? ? Loss.off_g_min(@setting.vessel, @stage.lid) * loss_factor : 0.0
        minutes = closed_for > HAIR ? [most_min, closed_for].min : most_min
        fall = Heat::Fall.new(@temp_c, @setting.room_c, @conductance, loss, capacity_j_k, minutes)
        used = cook_contents(fall.mean { |c| Kinetics.pace(c) }, loss, minutes)
        @temp_c = used < minutes ? @temp_c + ((fall.end_c - @temp_c) * used / minutes) : fall.end_c
        @off_min += used
        used
      end

      def cook_contents(pace, loss, minutes)
        @contents.begin_cooking
        @contents.cook(pace / @lag, loss, minutes)
      end

      def capacity_j_k
        @pot_j_k + @contents.heat_capacity_j_k
      end

      def loss_factor
        @stage.lid == "none" ? @setting.open_factor : @setting.lid_factor
      end

      # Steam can carry off no more than the burner pays for.
      def boiling_g_min
        free = Loss.boiling_g_min(@setting.vessel, @stage.lid, @stage.heat, @setting.burner.source)
        [free * loss_factor, Loss.cap_g_min(@joule_min)].min
      end

      def heating_g_min
        Loss::HEATING_SHARE * @boiling_g_min
      end

      def watch(used)
        @seen["boil"] ||= @min if boiling? && !@stage.off?
        @over_ml = see("craters", @over_ml, @contents.over_bed_ml, used)
        @core = see("core-gone", @core, @contents.core - HAIR, used)
        @dry_min[@stage.heat] += used if @dry && !@stage.off?
        @dry ||= @contents.dry?
        @seen["dry"] ||= @min if @dry
      end

      # A quantity that falls through zero: the moment by a straight line. Returns
      # what it is now.
      def see(cue, before, after, used)
        unless after.positive? || @seen.key?(cue)
          share = before.positive? ? before / (before - after) : 0.0
          @seen[cue] = @min - (used * (1 - share))
        end
        after
      end

      def cues
        @seen.map { |cue, at_min| Cue.new(cue: cue, at_min: at_min) }.sort_by(&:at_min).freeze
      end

      def point
        Point.new(min: @min, temp_c: @temp_c, free_g: @contents.free_g, taken_g: @contents.taken_g,
                  lost_g: @contents.lost_g, core: @contents.core)
      end
    end
  end
end
