# frozen_string_literal: true

require_relative "charge"
require_relative "kinetics"
require_relative "soak"

module FondKettle
  module Pot
    # What is in the pot while it cooks: the only mutable thing in the model. All
    # water that leaves `free_g` goes to the grain, the dry additions or the air
    # in the same step, so water is conserved by construction.
    class Contents
      attr_reader :free_g, :uptake, :drunk_g, :lost_g, :drained_g, :cloth_g, :progress, :kinetics

      def initialize(charge, liquid_g)
        @charge = charge
        @grain = charge.grain
        water_g = liquid_g + charge.carried_g
        # Never more in the grain than was poured over it.
        @uptake = [charge.washed.soak_gain, water_g / charge.rice_g].min
        @free_g = water_g - (@uptake * charge.rice_g)
        @core_per_uptake = 1 / (0.9 * @grain.uptake[:firm])
        @voids_ml = charge.rice_g * @grain.voids_ml_per_g(0.0)
        @voids_per_g = (charge.rice_g * @grain.voids_ml_per_g(1.0)) - @voids_ml
        @drunk_g = @lost_g = @drained_g = @cloth_g = @progress = 0.0
        @kept_g = charge.kept_g
        @drink_g = charge.drink_g
        @solids_j_k = charge.solids_j_k + (charge.rice_g * DRY_FOOD_J_G_K)
        reckon_drinkers
      end

      def dry?
        @free_g <= 0
      end

      # Free water that the grain may have (a sauce keeps its share).
      def available_g
        @free_g - @kept_g
      end

      def taken_g
        (@uptake * @charge.rice_g) + @drunk_g
      end

      # J/K without the pot.
      def heat_capacity_j_k
        @solids_j_k + ((@free_g + taken_g) * WATER_J_G_K)
      end

      # White core left, 0..1. A grain cannot lose it without water.
      def core
        by_time = 1 - @progress
        by_water = 1 - (@uptake * @core_per_uptake)
        left = [by_time, by_water].max
        left.positive? ? left : 0.0
      end

      # Free water standing above the bed, mL; negative when craters show. Dry food
      # lies in the bed as so much more rice.
      def over_bed_ml
        @free_g - ((@voids_ml + (@voids_per_g * @uptake)) * @drinkers_g / @charge.rice_g)
      end

      # The soak ends and cooking begins: the kinetics are fixed from here on.
      def begin_cooking
        return if @kinetics

        @kinetics = Kinetics.of(@grain, @uptake)
        reckon_drinkers
      end

      # A step of soaking: Peleg's u grows by `growth`; `loss_g` goes off as steam.
      def soak(growth, loss_g)
        lose(loss_g)
        gain = Soak.advance(@grain, @uptake, growth) - @uptake
        take([gain * @charge.rice_g, @free_g].min, @charge.rice_g)
      end

      # A step of cooking at `pace` (reference minutes per minute) with steam at
      # `loss_g_min`, for at most `minutes`; ends early when the water that may be
      # drawn, or all of it, is gone. Returns the minutes used.
      def cook(pace, loss_g_min, minutes)
        return cook_wet(pace, loss_g_min, minutes) if available_g.positive?

        cook_drawn(pace, loss_g_min, minutes)
      end

      # Minutes of `cook` until the liquid over the bed has fallen by `ml`, or `most`.
      def minutes_to_fall(ml, pace, loss_g_min, most)
        falls_ml = @drinkers_g * (1 + (@voids_per_g / @charge.rice_g)) * ((2 * @kinetics.a) - @uptake)
        minutes_to_draw([ml, 0.0].max, falls_ml, @kinetics.l * pace, loss_g_min, most)
      end

      # Liquid and food go in (a Pot::Addition).
      def add(addition)
        @free_g += addition.liquid_g + addition.brought_g
        @solids_j_k += addition.solids_j_k
        @drink_g += addition.drink_g
        reckon_drinkers
      end

      # All but what clings to the grain is poured off.
      def drain(clinging_per_g)
        poured_g = [@free_g - (clinging_per_g * @charge.rice_g), 0.0].max
        @free_g -= poured_g
        @drained_g += poured_g
      end

      # Of what was lost, so much dripped into a cloth under the lid instead.
      def into_cloth(grams)
        @lost_g -= grams
        @cloth_g += grams
      end

      def lose(grams)
        grams = [grams, @free_g].min
        @free_g -= grams
        @free_g = 0.0 if @free_g < 1e-12
        @lost_g += grams
      end

      private

      # Dry food drinks at the rice's pace: it counts as so much more rice.
      def reckon_drinkers
        @drinkers_g = @charge.rice_g + ((@drink_g - @drunk_g) / [@charge.uptake - @uptake, 0.05].max)
      end

      def cook_wet(pace, loss_g_min, minutes)
        room_g = @drinkers_g * ((2 * @kinetics.a) - @uptake)
        per_min = @kinetics.l * pace
        used = minutes_to_draw(available_g, room_g, per_min, loss_g_min, minutes)
        short = used < minutes
        lose(loss_g_min * used)
        take(room_g * (1 - Math.exp(-per_min * used)), @drinkers_g)
        @free_g = @kept_g if short
        @progress += pace * used / @kinetics.core_min
        used
      end

      def cook_drawn(pace, loss_g_min, minutes)
        used = dry? || loss_g_min.zero? ? minutes : [minutes, @free_g / loss_g_min].min
        lose(loss_g_min * used)
        @progress += Kinetics::DRY_PACE * pace * used / @kinetics.core_min
        used
      end

      # Minutes until `water_g` is gone, or `most`. What is left is convex and
      # falling, so Newton's steps from 0 close in from the left and never overshoot.
      def minutes_to_draw(water_g, room_g, per_min, loss_g_min, most)
        left = ->(min) { water_g - (room_g * (1 - Math.exp(-per_min * min))) - (loss_g_min * min) }
        return most if left.call(most) >= 0

        minutes = 0.0
        20.times do
          rest = left.call(minutes)
          break if rest < 1e-10

          minutes += rest / ((room_g * per_min * Math.exp(-per_min * minutes)) + loss_g_min)
        end
        [minutes, most].min
      end

      def take(grams, drinkers_g)
        @free_g -= grams
        @uptake += grams / drinkers_g
        @drunk_g += grams * (1 - (@charge.rice_g / drinkers_g))
      end
    end
  end
end
