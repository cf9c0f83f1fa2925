# frozen_string_literal: true

require_relative "../../ground/vocabulary"
require_relative "../beds/bed"
require_relative "../heat/energy"
require_relative "../heat/hearth"
require_relative "../fit"
require_relative "../run"
require_relative "../sealed/sealed_filling"
require_relative "../sealed/sealed_watch"
require_relative "simulation"
require_relative "../stage"
require_relative "../steamer/steamer_pot"
require_relative "../steamer/steamer_watch"
require_relative "watch"

module FondKettle
  module Pot
    # The forward run of a pot: stages one after the other, in steps split where
    # the soak ends, the pot boils, a layer is hot, water is gone or a stage ends;
    # `step_min` sets how fine the curve is and hardly moves the end (identity 5).
    class Cooking
      # A stage that has not ended by then never will.
      LONGEST_STAGE_MIN = 720.0
      # Nobody waits longer for a boil that does not come.
      HOPELESS_MIN = 45.0
      # Rice that is not done in a steamer by then lacks water, not time.
      LONGEST_STEAM_MIN = 90.0
      # Coarse steps for planning, where no curve is wanted.
      PLANNING_STEP_MIN = 4.0
      # Fine enough for the cues, which lie on straight lines between steps.
      CUES_STEP_MIN = 1.0
      CURVE_STEP_MIN = 0.5
      HAIR = 1e-9
      # Ten minutes of many steps are ten, for those who tell them in whole minutes.
      MINUTE_PLACES = 9

      # Runs `stages` (Stage) over `load` (Load) with `liquid_g` poured in, in
      # `setting` (Setting). Returns a Run with its cues; with `curve`, one Point a step.
      def self.run(load, liquid_g, stages, setting, step_min: CURVE_STEP_MIN, curve: false)
        new(load, liquid_g, stages, Hearth.new(setting), step_min, watched: true,
                                                                   curve: curve).through(stages)
      end

      # The same end in the setting of a Hearth, by the coarsest steps and without looking: no cues.
      def self.end_of(load, liquid_g, stages, hearth)
        new(load, liquid_g, stages, hearth, PLANNING_STEP_MIN, watched: false, curve: false).through(stages)
      end

      # A pot of rice is a column of one bed. Liquid and the rest meet in it; a pot
      # that the liquid was heated in is as warm as it.
      def self.bed(load, liquid_g, setting)
        pot_j_k = setting.vessel.heat_capacity_j_k
        bed = Bed.new(load, liquid_g, temp_c: load.start_c)
        unless [load.liquid_c, load.food_c].all?(load.start_c)
          bed.temp_c = mixed_c(load, (liquid_g * WATER_J_G_K) + pot_j_k, bed.heat_capacity_j_k + pot_j_k,
                               setting.boil_c)
        end
        Column.new([bed], pot_j_k: pot_j_k)
      end

      # °C of liquid and pot (`hot_j_k`), food and rice, that come to `all_j_k`.
      def self.mixed_c(load, hot_j_k, all_j_k, boil_c)
        food_j_k = load.solids_j_k + (load.brought_g * WATER_J_G_K)
        ((hot_j_k * [load.liquid_c, boil_c].min) + (food_j_k * [load.food_c, boil_c].min) +
          ((all_j_k - hot_j_k - food_j_k) * load.start_c)) / all_j_k
      end
      private_class_method :mixed_c

      # `load`: Load with `liquid_g` poured in. In plenty of water nothing lags.
      def initialize(load, liquid_g, stages, hearth, step_min, watched:, curve:)
        @load = load
        @hearth = hearth
        @setting = hearth.setting
        @step_min = step_min
        @stage_minutes = []
        if load.steamed? then steamer(liquid_g, stages, watched)
        else
          load.stack ? sealed(liquid_g, watched) : one_bed(liquid_g, watched)
        end
        @column = @pot.column
        @bed = @column.bed
        @curve = curve ? [point] : nil
      end

      # The Run through a list of Stage.
      def through(stages)
        stages.zip(stages.drop(1)) { |stage, following| cook(stage, following) }
        result
      end

      private

      def one_bed(liquid_g, watched)
        column = self.class.bed(@load, liquid_g, @setting)
        @pot = Simulation.new(column, @load.uptake, @hearth,
                              @load.plenty? ? Kinetics::NO_LAG : Kinetics::LAG,
                              watched ? Energy.new(column, @setting.room_c) : Energy::NoAccount, wetted_mm)
        @watch = Watch.new(column, @setting) if watched
      end

      def wetted_mm
        @setting.vessel.depth_mm(@load.bulk_ml + Fitting.cooked_ml(@load))
      end

      # What is poured is poured in as many parts as it is sprinkled.
      def steamer(liquid_g, stages, watched)
        @pot = SteamerPot.new(@load, liquid_g, @hearth, stages.count(&:sprinkle))
        @watch = SteamerWatch.new(@pot) if watched
      end

      def sealed(liquid_g, watched)
        @pot = SealedFilling.pot(@load, liquid_g, @hearth)
        @watch = SealedWatch.new(@pot, @load, @setting)
        @step_min = [@step_min, SealedWatch::STEP_MIN].min unless watched
      end

      def cook(stage, following)
        began = @pot.min
        @stage = stage
        @pot.enter(stage, following)
        @watch&.stirred if stage.stirred
        run_for(limit(stage))
        finish(stage) if stage.until
        @stage_minutes << (@pot.min - began).round(MINUTE_PLACES)
      end

      # Level with the rice is what the cook sees as craters.
      def finish(stage)
        return @stuck ||= stage.key unless ended?

        return unless stage.until == "level"

        @level_ml = @bed.over_bed_ml
        @watch&.craters(@pot.min)
      end

      # Nobody waits for long where nothing can come of it.
      def limit(stage)
        return stage.off? ? 0.0 : HOPELESS_MIN if stage.until && @pot.fire.hopeless?

        unless stage.minutes == Vocabulary::READY
          return [stage.minutes || LONGEST_STAGE_MIN, LONGEST_STAGE_MIN].min
        end

        return LONGEST_STEAM_MIN if @load.steamed?

        @bed.begin_cooking
        ready_min + @pot.idle_min + stage.extra_min
      end

      def ready_min
        kinetics = @bed.kinetics
        if @load.plenty?
          return kinetics.minutes_in_plenty(@load, @pot.time_factor, @bed.uptake, @bed.progress)
        end

        [kinetics.minutes_from_boil(@load, @pot.time_factor) - @pot.boiled_min, 0.0].max
      end

      # A lifted lid comes first, and on again before the minutes count.
      def run_for(minutes)
        step([@pot.lifted_min, @step_min].min) while @pot.lifted_min.positive?
        left = minutes
        left -= step([left, @step_min].min) while left > HAIR && !ended?
      end

      def ended?
        return steamed? if @load.steamed? && @stage.minutes == Vocabulary::READY

        case @stage.until
        when "boil" then @pot.boiling?
        when "level" then @pot.level?
        when "dry" then @column.floor.dry?
        when "hot" then @pot.hot?
        end
      end

      def steamed?
        @steamed_at ||= @pot.min if @pot.ready?
        !@steamed_at.nil? && @pot.min >= @steamed_at + @stage.extra_min
      end

      def step(most_min)
        used = @pot.advance(most_min)
        return used unless @watch

        @watch.look(@pot.min, used, @pot.temp_c, @stage)
        @curve << point if @curve
        used
      end

      def result
        Run.new(uptake: @column.uptake, free_g: @column.free_g, drunk_g: @column.drunk_g,
                lost_g: @column.lost_g, drained_g: @column.drained_g, cloth_g: @column.cloth_g,
                core: @column.core, temp_c: @pot.temp_c, minutes: @pot.min, boil_c: @setting.boil_c,
                state: @column.state(surface_per_g: @column.free_g / @load.rice_g),
                energy: @pot.energy, kinetics: @bed.kinetics, progress: @column.progress,
                stirred_at: @pot.stirred_at, burnt: @watch ? @watch.burnt : 0.0,
                boiled_min: @pot.boiled_min, stage_minutes: @stage_minutes.freeze,
                cues: @watch ? @watch.cues : [], curve: @curve&.freeze,
                stuck: @stuck, level_ml: @level_ml, layers: @load.stack ? @watch.layers : nil,
                condensed_g: condensed_g)
      end

      def condensed_g
        @load.steamed? ? @pot.condensed_g : 0.0
      end

      def point
        Point.new(min: @pot.min, temp_c: @pot.temp_c, free_g: @column.free_g, taken_g: @column.taken_g,
                  lost_g: @column.lost_g, gone_g: @column.drained_g + @column.cloth_g, core: @column.core,
                  layers_c: @load.stack ? @watch.layers_c : nil, condensed_g: condensed_g)
      end
    end
  end
end
