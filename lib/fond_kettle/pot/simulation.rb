# frozen_string_literal: true

require_relative "attributes"
require_relative "column"
require_relative "fire"
require_relative "heat"
require_relative "kinetics"
require_relative "level"
require_relative "loss"

module FondKettle
  module Pot
    # A Column on its way, taken on step by step through one stage after another.
    # Between events (the soak ends, the floor boils, the next layer is hot, water is
    # gone) every step is a closed form.
    class Simulation
      # The first minutes in an oven do not count as cooking.
      OVEN_IDLE_MIN = 4.0
      # Clings to rice that is poured off, g/g.
      CLINGS_DRAINED = 0.08
      # A stir takes so long with the lid off.
      STIR_S = 15.0
      HAIR = 1e-9

      # `min`: minutes since the start; `boiled_min`: of these at the boil;
      # `idle_min`: still to come in an oven before it cooks; `stirred_at`: how far
      # the grain had come when it was last stirred (as Bed#progress).
      attr_reader :column, :min, :boiled_min, :idle_min, :fire, :stirred_at

      # `uptake`: what the rice is to hold, g/g (for a stage that ends level with it).
      def initialize(column, uptake, setting)
        @column = column
        @floor = column.floor
        @uptake = uptake
        @setting = setting
        @conductance = Heat.conductance(setting.vessel)
        @boil_pace = Kinetics.pace(setting.boil_c)
        @min = @off_min = @boiled_min = @stirred_at = 0.0
        @drips_g = Hash.new(0.0)
      end

      # °C at the floor.
      def temp_c
        @floor.temp_c
      end

      # A stage begins, with another `following` it or nil: what is poured off, goes
      # in, or is done with the lid.
      def enter(stage, following)
        @stage = stage
        @fire = Fire.new(stage, @setting)
        @level = stage.until == "level" ? level_before(following) : nil
        @off_min = 0.0 unless stage.off?
        @idle_min = stage.oven_c ? OVEN_IDLE_MIN : 0.0
        @sink = Attributes.sinks.find { |one| one.set?(stage.public_send(one.key)) }
        Attributes.on_entering.each do |one|
          value = stage.public_send(one.key)
          send(one.effect.act, value) if one.set?(value)
        end
      end

      # How time stretches for the rice in this stage, at the boil.
      def stretch
        @fire.lag / @boil_pace
      end

      # True once the floor is at the boil.
      def boiling?
        @floor.temp_c >= @setting.boil_c
      end

      # Is the liquid level with the rice? Only for a stage that ends so.
      def level?
        @level.reached?
      end

      # One step of at most `most_min`; returns the minutes it took.
      def advance(most_min)
        used = if @stage.off? then cool(most_min)
               elsif !boiling? then heat(most_min)
               elsif steams_up? then steam(most_min)
               else
                 boil(most_min)
               end
        @min += used
        used
      end

      private

      def level_before(following)
        Level.new(@column.bed, @uptake, @fire, following && Fire.new(following, @setting), @boil_pace)
      end

      # What is poured off when the stage begins.
      def drain(_on)
        @column.layers.each { |layer| layer.drain(CLINGS_DRAINED) }
      end

      # From the floor up: what lay below and above is one again.
      def stir(_on)
        @stirred_at = @column.bed.progress
        lift(STIR_S / 60.0) unless @stage.open?
      end

      # What goes in cools the pot (or warms it).
      def add(addition)
        before_j_k = @column.floor_j_k
        @column.bed.add(addition)
        @floor.temp_c += (addition.at_c - @floor.temp_c) * (@column.floor_j_k - before_j_k) / @column.floor_j_k
      end

      def lift_for(seconds)
        lift(seconds / 60.0)
      end

      # Lid off: the open rate for as long as it is off, paid for by the pot's own
      # heat where the burner cannot; then it has to come back to the boil.
      def lift(minutes)
        loss_g = [@fire.lifted_g_min * minutes, @floor.free_g].min
        short_j = (loss_g * Loss::LATENT_J_G) - (@fire.joule_min(@floor.temp_c) * minutes)
        @floor.lose(loss_g)
        @floor.temp_c -= short_j / @column.floor_j_k if short_j.positive?
        @min += minutes
      end

      # The floor warms; while a layer above is cold no steam gets past it.
      def heat(most_min)
        loss = @floor.dry? || @column.cold(@setting.boil_c) ? 0.0 : @fire.heating_g_min
        joule_min = @fire.joule_min(@floor.temp_c) - (loss * Loss::LATENT_J_G)
        return stand(most_min) unless joule_min.positive?

        rise = Heat::Rise.new(@floor.temp_c, next_mark_c, joule_min, @column.floor_j_k, most_min)
        used = warm(rise, loss)
        @floor.temp_c = used < rise.minutes ? @floor.temp_c + ((rise.end_c - @floor.temp_c) * used / rise.minutes) : rise.end_c
        wait_above(used)
        used
      end

      # Too little heat to warm any further: the temperature stays.
      def stand(minutes)
        @floor.cooking? ? cook_floor(Kinetics.pace(@floor.temp_c), 0.0, minutes) : minutes
      end

      # Below 65 °C the grain soaks, above it cooks.
      def warm(rise, loss)
        return cook_floor(rise.mean { |c| Kinetics.pace(c) }, loss, rise.minutes) if @floor.cooking?

        @floor.soak(rise, rise.minutes, loss * rise.minutes)
        rise.minutes
      end

      def next_mark_c
        @floor.cooking? ? @setting.boil_c : [Kinetics::COOKS_ABOVE_C, @setting.boil_c].min
      end

      # True while the floor's steam has a cold layer to warm.
      def steams_up?
        @column.above.any? && !@floor.dry? && @column.cold(@setting.boil_c) && @fire.joule_min(@setting.boil_c).positive?
      end

      # The floor's steam condenses in the first layer that is not hot.
      def steam(most_min)
        cold = @column.cold(@setting.boil_c)
        joule_min = @fire.joule_min(@setting.boil_c)
        warming = Heat::Condensing.new(cold.temp_c, @setting.boil_c, joule_min, cold.heat_capacity_j_k, most_min)
        before_g = @floor.lost_g
        used = cook_floor(@boil_pace, joule_min / Loss::LATENT_J_G, warming.minutes)
        steam_g = @floor.lost_g - before_g
        @floor.pass_up(steam_g)
        warm_above(cold, warming, used, steam_g)
        @boiled_min += used
        used
      end

      def warm_above(cold, warming, used, steam_g)
        steeping = Steeping.new(warming, used)
        cold.condense(steam_g)
        stay(cold, steeping, used)
        cold.temp_c = warming.after(steam_g * Loss::LATENT_J_G / @fire.joule_min(@setting.boil_c))
        wait_above(used, except: cold)
      end

      # Layers above the floor as they are for `minutes`.
      def wait_above(minutes, except: nil)
        @column.above.each { |layer| stay(layer, Steady.new(layer.temp_c), minutes) unless layer.equal?(except) }
      end

      # A layer above for `minutes` over the temperatures of `step`; it loses nothing.
      def stay(layer, step, minutes)
        return layer.soak(step, minutes, 0.0) unless layer.cooking?

        pace = step.mean { |c| Kinetics.pace(c) } / @fire.lag
        left = minutes
        left -= layer.cook(pace, 0.0, left) while left > HAIR
      end

      # Temperatures of a layer that stays as it is, and of one that is warmed.
      Steady = Struct.new(:temp_c) do
        def mean
          yield temp_c
        end
      end
      Steeping = Struct.new(:warming, :minutes) do
        def mean(&)
          warming.mean(minutes, &)
        end
      end
      private_constant :Steady, :Steeping

      def boil(most_min)
        loss = @floor.dry? ? 0.0 : @fire.boiling_g_min
        @floor.begin_cooking
        minutes = @level ? @level.minutes(loss, most_min) : most_min
        used = cook_floor(@boil_pace, loss, minutes)
        wait_above(used)
        @boiled_min += used
        used
      end

      # All layers fall alike: each gives off by its share of the heat.
      def cool(most_min)
        closed_for = Loss::OFF_MIN - @off_min
        loss = closed_for > HAIR && !@floor.dry? ? @fire.off_g_min : 0.0
        minutes = closed_for > HAIR ? [most_min, closed_for].min : most_min
        falls = @column.layers.to_h { |layer| [layer, fall(layer.temp_c, loss, minutes)] }
        used = cook_floor(falls[@floor].mean { |c| Kinetics.pace(c) }, loss, minutes)
        falls.each do |layer, fall|
          stay(layer, fall, used) unless layer.equal?(@floor)
          layer.temp_c = used < minutes ? layer.temp_c + ((fall.end_c - layer.temp_c) * used / minutes) : fall.end_c
        end
        @off_min += used
        used
      end

      def fall(from_c, loss, minutes)
        Heat::Fall.new(from_c, @setting.room_c, @conductance, loss, @column.heat_capacity_j_k, minutes)
      end

      # The floor cooks; in an oven not in its first minutes.
      def cook_floor(pace, loss, minutes)
        @floor.begin_cooking
        return evaporate(pace / @fire.lag, loss, minutes) unless @idle_min.positive?

        used = evaporate(0.0, loss, [minutes, @idle_min].min)
        @idle_min = @idle_min - used < HAIR ? 0.0 : @idle_min - used
        used
      end

      # Cooks; a cloth under the lid takes its drips from the same water.
      def evaporate(pace, loss, minutes)
        left_g = @sink ? @sink.effect.most_g - @drips_g[@sink.key] : 0.0
        return @floor.cook(pace, loss, minutes) if left_g < HAIR || @floor.dry?

        sink = @sink.effect
        before_g = @floor.lost_g
        used = @floor.cook(pace, loss + sink.g_min, [minutes, left_g / sink.g_min].min)
        dripped_g = (@floor.lost_g - before_g) * sink.g_min / (loss + sink.g_min)
        @floor.into_cloth(dripped_g)
        @drips_g[@sink.key] += dripped_g
        used
      end
    end
  end
end
