# frozen_string_literal: true

require_relative "acts"
require_relative "../attributes"
require_relative "../column"
require_relative "../heat/energy"
require_relative "../heat/hearth"
require_relative "../heat/heat"
require_relative "../water/kinetics"
require_relative "../water/level"
require_relative "../heat/loss"
require_relative "../heat/off_heat"

module FondKettle
  module Pot
    # A Column of one bed on its way, taken on step by step through one stage after another.
    # Between events (the soak ends, it boils, water is gone) every step is a closed form.
    # Layers in a sealed pot are a SealedPot.
    class Simulation
      include Acts
      include OffHeat

      # The first minutes in an oven do not count as cooking.
      OVEN_IDLE_MIN = 4.0
      HAIR = 1e-9

      # `min`: minutes since the start; `boiled_min`: of these at the boil;
      # `idle_min`: still to come in an oven before it cooks; `lifted_min`: still to come
      # with the lid off; `stirred_at`: how far the grain had come when it was last stirred
      # (as Bed#progress); `energy`: where the heat went (Energy).
      attr_reader :column, :min, :boiled_min, :idle_min, :lifted_min, :fire, :stirred_at, :energy

      # `hearth`: the Hearth that it stands on; `uptake`: what the rice is to hold, g/g (for a
      # stage that ends level with it); `lag`: how time runs slower for the rice (Kinetics::LAG);
      # `energy`: who is told of heat;
      # `wetted_mm`: how deep the food lies when it is done, which an oven heats.
      def initialize(column, uptake, hearth, lag, energy, wetted_mm)
        @wetted_mm = wetted_mm
        @column = column
        @floor = column.floor
        @uptake = uptake
        @hearth = hearth
        @setting = hearth.setting
        @lag = lag
        @boil_c = @setting.boil_c
        @boil_pace = hearth.boil_pace
        @min = @off_min = @boiled_min = @lifted_min = @stirred_at = 0.0
        @boiled = false
        @drips_g = Hash.new(0.0)
        @energy = energy
      end

      # °C at the floor.
      def temp_c
        @floor.temp_c
      end

      # A stage begins, with another `following` it or nil: what is poured off, goes
      # in, or is done with the lid.
      def enter(stage, following)
        @stage = stage
        @off = stage.off?
        @fire = lit(stage)
        @level = stage.until == "level" ? level_before(following) : nil
        @off_min = 0.0 unless @off
        @idle_min = stage.oven_c ? OVEN_IDLE_MIN : 0.0
        @sink = Attributes.sinks.find { |one| one.set?(stage.public_send(one.key)) }
        Attributes.on_entering.each do |one|
          value = stage.public_send(one.key)
          send(one.effect.act, value) if one.set?(value)
        end
      end

      # Factor by which time runs slower for the rice, at the boil.
      def time_factor
        @lag / @boil_pace
      end

      # True once the floor is at the boil.
      def boiling?
        @floor.temp_c >= @boil_c
      end

      # True when the liquid is level with the rice; checked only in a stage that ends there.
      def level?
        @level.reached?
      end

      # Advances by one step of at most `most_min`; returns its minutes.
      def advance(most_min)
        used = if @lifted_min.positive? then lifted([most_min, @lifted_min].min)
               elsif @off then cool(most_min)
               elsif !boiling? || @fire.spare_j_min.negative? then heat(most_min)
               else
                 boil(most_min)
               end
        @boiled ||= !@off && boiling?
        @min += used
        used
      end

      private

      def lit(stage)
        @hearth.fire(stage, @wetted_mm)
      end

      def level_before(following)
        Level.new(@column.bed, @uptake, @fire, following && lit(following), @boil_pace / @lag)
      end

      # The floor warms, or falls below the boil where the heat cannot hold it.
      def heat(most_min)
        from_c = @floor.temp_c
        loss = @floor.dry? ? 0.0 : @fire.heating_g_min(from_c, @boiled)
        step = Heat::Drift.new(from_c, @fire.toward_c(loss, @boiled), @fire.per_min(@column.floor_j_k),
                               most_min, goal_c: next_mark_c)
        used = warm(step, loss)
        drifted(@floor, step, used)
        @energy.takes do
          mean_c = (from_c + @floor.temp_c) / 2
          [@fire.power_j_min(mean_c, @boiled) * used, @fire.wall_j_min(mean_c) * used]
        end
        used
      end

      # Below 65 °C the grain soaks, above it cooks.
      def warm(step, loss)
        return cook_floor(step.mean { |c| Kinetics.pace(c) }, loss, step.minutes) if @floor.cooking?

        @floor.soak(step, step.minutes, loss * step.minutes)
        step.minutes
      end

      def next_mark_c
        @floor.cooking? ? @boil_c : [Kinetics::COOKS_ABOVE_C, @boil_c].min
      end

      def boil(most_min)
        loss = @floor.dry? ? 0.0 : @fire.boiling_g_min
        @floor.begin_cooking
        minutes = @level ? @level.minutes(loss, most_min) : most_min
        before_g = @column.lost_g
        used = cook_floor(@boil_pace, loss, minutes)
        @boiled_min += used
        held_at_the_boil(used, @column.lost_g - before_g)
        used
      end

      # Nobody boils harder than they must: the pot takes what wall and steam need.
      def held_at_the_boil(minutes, steam_g)
        @energy.takes do
          wall_j = @fire.wall_j_min(@boil_c) * minutes
          [wall_j + (steam_g * Loss::LATENT_J_G), wall_j]
        end
      end

      # The lid is off: the open rate, paid for by the pot's own heat where the fire cannot;
      # then it has to come back to the boil.
      def lifted(most_min)
        from_c = @floor.temp_c
        before_g = @floor.lost_g
        used = lid_off(from_c, most_min)
        wall_j = @fire.wall_j_min(from_c) * used
        needed_j = wall_j + ((@floor.lost_g - before_g) * Loss::LATENT_J_G)
        # Nobody turns it up for a look: it gives what it gave.
        taken_j = (@boiled ? @fire.held_j_min : @fire.power_j_min(from_c, false)) * used
        taken_j = [taken_j, needed_j].min if boiling?
        @floor.temp_c = [from_c + ((taken_j - needed_j) / @column.floor_j_k), @boil_c].min
        @energy.takes { [taken_j, wall_j] }
        @lifted_min = @lifted_min - used < HAIR ? 0.0 : @lifted_min - used
        used
      end

      def lid_off(temp_c, minutes)
        loss = @floor.dry? ? 0.0 : @fire.lifted_g_min
        return cook_floor(Kinetics.pace(temp_c), loss, minutes) if @floor.cooking?

        @floor.soak(Heat::Drift.new(temp_c, temp_c, 1.0, minutes), minutes, loss * minutes)
        minutes
      end

      # After `used` of a step's minutes.
      def drifted(layer, step, used)
        layer.temp_c = used < step.minutes ? step.after(used) : step.end_c
      end

      # The floor cooks; in an oven not in its first minutes.
      def cook_floor(pace, loss, minutes)
        @floor.begin_cooking
        return evaporate(pace / @lag, loss, minutes) unless @idle_min.positive?

        used = evaporate(0.0, loss, [minutes, @idle_min].min)
        @idle_min = @idle_min - used < HAIR ? 0.0 : @idle_min - used
        used
      end

      # Cooks; a cloth under the lid takes its drips from the same water.
      def evaporate(pace, loss, minutes)
        return @floor.cook(pace, loss, minutes) unless @sink

        left_g = @sink.effect.most_g - @drips_g[@sink.key]
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
