# frozen_string_literal: true

require_relative "contents"
require_relative "fire"
require_relative "heat"
require_relative "kinetics"
require_relative "level"
require_relative "loss"
require_relative "soak"

module FondKettle
  module Pot
    # A pot on its way: contents and temperature, taken on step by step through one
    # stage after another. Between events every step is a closed form.
    class Stepping
      # The first minutes in an oven do not count as cooking.
      OVEN_IDLE_MIN = 4.0
      # Clings to rice that is poured off, g/g.
      CLINGS_DRAINED = 0.08
      # A stir takes so long with the lid off.
      STIR_S = 15.0
      HAIR = 1e-9

      # `min`: minutes since the start; `boiled_min`: of these at the boil;
      # `idle_min`: still to come in an oven before it cooks; `stirred_at`: how far
      # the grain had come when it was last stirred (as Contents#progress).
      attr_reader :contents, :temp_c, :min, :boiled_min, :idle_min, :fire, :stirred_at

      def initialize(charge, liquid_g, setting)
        @charge = charge
        @contents = Contents.new(charge, liquid_g)
        @setting = setting
        @pot_j_k = setting.vessel.heat_capacity_j_k
        @temp_c = mixed_c(liquid_g)
        @conductance = Heat.conductance(setting.vessel)
        @boil_pace = Kinetics.pace(setting.boil_c)
        @min = @off_min = @boiled_min = @stirred_at = 0.0
      end

      # A stage begins, with another `following` it or nil: what is poured off, goes
      # in, or is done with the lid.
      def enter(stage, following)
        @stage = stage
        @fire = Fire.new(stage, @setting)
        @level = stage.ends_at == "level" ? level_before(following) : nil
        @off_min = 0.0 unless stage.off?
        @idle_min = stage.oven_c ? OVEN_IDLE_MIN : 0.0
        @cloth_left_g = stage.cloth ? Loss::CLOTH_G - @contents.cloth_g : 0.0
        begin_stage(stage) if stage.drain || stage.add || stage.stirred || stage.lifted_s.positive?
      end

      # How time stretches for the rice in this stage, at the boil.
      def stretch
        @fire.lag / @boil_pace
      end

      def boiling?
        @temp_c >= @setting.boil_c
      end

      # Is the liquid level with the rice? Only for a stage that ends so.
      def level?
        @level.reached?
      end

      # One step of at most `most_min`; returns the minutes it took.
      def advance(most_min)
        used = if @stage.off? then cool(most_min)
               elsif boiling? then boil(most_min)
               else
                 heat(most_min)
               end
        @min += used
        used
      end

      private

      def level_before(following)
        Level.new(@contents, @charge.uptake, @fire, following && Fire.new(following, @setting), @boil_pace)
      end

      # Liquid and the rest meet; a pot that the liquid was heated in is as warm as it.
      def mixed_c(liquid_g)
        return @charge.start_c if @charge.liquid_c == @charge.start_c

        hot_j_k = (liquid_g * WATER_J_G_K) + @pot_j_k
        all_j_k = @contents.heat_capacity_j_k + @pot_j_k
        (((all_j_k - hot_j_k) * @charge.start_c) + (hot_j_k * [@charge.liquid_c, @setting.boil_c].min)) / all_j_k
      end

      def begin_stage(stage)
        @contents.drain(CLINGS_DRAINED) if stage.drain
        add(stage.add) if stage.add
        stir if stage.stirred
        lift(stage.lifted_s / 60.0) if stage.lifted_s.positive?
      end

      # From the floor up: what lay below and above is one again.
      def stir
        @stirred_at = @contents.progress
        lift(STIR_S / 60.0) unless @stage.open?
      end

      # What goes in cools the pot (or warms it).
      def add(addition)
        before_j_k = capacity_j_k
        @contents.add(addition)
        @temp_c += (addition.at_c - @temp_c) * (capacity_j_k - before_j_k) / capacity_j_k
      end

      # Lid off: the open rate for as long as it is off, paid for by the pot's own
      # heat where the burner cannot; then it has to come back to the boil.
      def lift(minutes)
        loss_g = [@fire.lifted_g_min * minutes, @contents.free_g].min
        short_j = (loss_g * Loss::LATENT_J_G) - (@fire.joule_min(@temp_c) * minutes)
        @contents.lose(loss_g)
        @temp_c -= short_j / capacity_j_k if short_j.positive?
        @min += minutes
      end

      def heat(most_min)
        loss = @contents.dry? ? 0.0 : @fire.heating_g_min
        joule_min = @fire.joule_min(@temp_c) - (loss * Loss::LATENT_J_G)
        return wait(most_min) unless joule_min.positive?

        rise = Heat::Rise.new(@temp_c, next_mark_c, joule_min, capacity_j_k, most_min)
        used = warm(rise, loss)
        @temp_c = used < rise.minutes ? @temp_c + ((rise.end_c - @temp_c) * used / rise.minutes) : rise.end_c
        used
      end

      # Too little heat to warm any further: the temperature stays.
      def wait(minutes)
        cooking? ? cook_contents(Kinetics.pace(@temp_c), 0.0, minutes) : minutes
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
        loss = @contents.dry? ? 0.0 : @fire.boiling_g_min
        @contents.begin_cooking
        minutes = @level ? @level.minutes(loss, most_min) : most_min
        used = cook_contents(@boil_pace, loss, minutes)
        @boiled_min += used
        used
      end

      def cool(most_min)
        closed_for = Loss::OFF_MIN - @off_min
        loss = closed_for > HAIR && !@contents.dry? ? @fire.off_g_min : 0.0
        minutes = closed_for > HAIR ? [most_min, closed_for].min : most_min
        fall = Heat::Fall.new(@temp_c, @setting.room_c, @conductance, loss, capacity_j_k, minutes)
        used = cook_contents(fall.mean { |c| Kinetics.pace(c) }, loss, minutes)
        @temp_c = used < minutes ? @temp_c + ((fall.end_c - @temp_c) * used / minutes) : fall.end_c
        @off_min += used
        used
      end

      def cook_contents(pace, loss, minutes)
        @contents.begin_cooking
        return evaporate(pace / @fire.lag, loss, minutes) unless @idle_min.positive?

        used = evaporate(0.0, loss, [minutes, @idle_min].min)
        @idle_min = @idle_min - used < HAIR ? 0.0 : @idle_min - used
        used
      end

      # Cooks; a cloth under the lid takes its drips from the same water.
      def evaporate(pace, loss, minutes)
        return @contents.cook(pace, loss, minutes) if @cloth_left_g < HAIR || @contents.dry?

        before_g = @contents.lost_g
        used = @contents.cook(pace, loss + Loss::CLOTH_G_MIN, [minutes, @cloth_left_g / Loss::CLOTH_G_MIN].min)
        dripped_g = (@contents.lost_g - before_g) * Loss::CLOTH_G_MIN / (loss + Loss::CLOTH_G_MIN)
        @contents.into_cloth(dripped_g)
        @cloth_left_g -= dripped_g
        used
      end

      def capacity_j_k
        @pot_j_k + @contents.heat_capacity_j_k
      end
    end
  end
end
