# frozen_string_literal: true

require_relative "acts"
require_relative "attributes"
require_relative "column"
require_relative "fire"
require_relative "heat"
require_relative "kinetics"
require_relative "level"
require_relative "loss"
require_relative "upper_layers"

module FondKettle
  module Pot
    # A Column on its way, taken on step by step through one stage after another.
    # Between events (the soak ends, the floor boils, the next layer is hot, water is
    # gone) every step is a closed form.
    class Simulation
      include Acts

      # The first minutes in an oven do not count as cooking.
      OVEN_IDLE_MIN = 4.0
      HAIR = 1e-9

      # `min`: minutes since the start; `boiled_min`: of these at the boil;
      # `idle_min`: still to come in an oven before it cooks; `stirred_at`: how far
      # the grain had come when it was last stirred (as Bed#progress).
      attr_reader :column, :min, :boiled_min, :idle_min, :fire, :stirred_at

      # `uptake`: what the rice is to hold, g/g (for a stage that ends level with it).
      def initialize(column, uptake, setting)
        @column = column
        @floor = column.floor
        @upper = UpperLayers.new(column, setting.boil_c)
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

      # How time runs slower for the rice in this stage, at the boil.
      def time_factor
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

      # The floor warms; while a layer above is cold no steam gets past it.
      def heat(most_min)
        loss = @floor.dry? || @upper.cold ? 0.0 : @fire.heating_g_min
        joule_min = @fire.joule_min(@floor.temp_c) - (loss * Loss::LATENT_J_G)
        return stand(most_min) unless joule_min.positive?

        rise = Heat::Rise.new(@floor.temp_c, next_mark_c, joule_min, @column.floor_j_k, most_min)
        used = warm(rise, loss)
        share = used < rise.minutes ? used / rise.minutes : 1.0
        @floor.temp_c += (rise.end_c - @floor.temp_c) * share
        @upper.wait(used, @fire.lag)
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
        !@floor.dry? && @upper.cold && @fire.joule_min(@setting.boil_c).positive?
      end

      # The floor's steam condenses in the first layer that is not hot.
      def steam(most_min)
        joule_min = @fire.joule_min(@setting.boil_c)
        warming = @upper.warming(joule_min, most_min)
        before_g = @floor.lost_g
        used = cook_floor(@boil_pace, joule_min / Loss::LATENT_J_G, warming.minutes)
        steam_g = @floor.lost_g - before_g
        @floor.pass_up(steam_g)
        @upper.steamed(warming, used, steam_g, joule_min, @fire.lag)
        @boiled_min += used
        used
      end

      def boil(most_min)
        loss = @floor.dry? ? 0.0 : @fire.boiling_g_min
        @floor.begin_cooking
        minutes = @level ? @level.minutes(loss, most_min) : most_min
        used = cook_floor(@boil_pace, loss, minutes)
        @upper.wait(used, @fire.lag)
        @boiled_min += used
        used
      end

      # All layers fall alike: each gives off by its share of the heat.
      def cool(most_min)
        closed_for = Loss::OFF_MIN - @off_min
        loss = closed_for > HAIR && !@floor.dry? ? @fire.off_g_min : 0.0
        minutes = closed_for > HAIR ? [most_min, closed_for].min : most_min
        above = @column.above.map { |layer| [layer, fall(layer, loss, minutes)] }
        falling = fall(@floor, loss, minutes)
        used = cook_floor(falling.mean { |c| Kinetics.pace(c) }, loss, minutes)
        cooled(@floor, falling, used)
        above.each do |layer, step|
          @upper.follow(layer, step, used, @fire.lag)
          cooled(layer, step, used)
        end
        @off_min += used
        used
      end

      def fall(layer, loss, minutes)
        Heat::Fall.new(layer.temp_c, @setting.room_c, @conductance, loss, @column.heat_capacity_j_k, minutes)
      end

      # After `used` of the step's minutes.
      def cooled(layer, step, used)
        share = used < step.minutes ? used / step.minutes : 1.0
        layer.temp_c = share < 1 ? layer.temp_c + ((step.end_c - layer.temp_c) * share) : step.end_c
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
