# frozen_string_literal: true

require_relative "../../numeric/root"
require_relative "../grain_state"
require_relative "../water/kinetics"
require_relative "layer"
require_relative "../water/soak"

module FondKettle
  module Pot
    # A layer of rice that takes up water, with the liquid and the food that lie in it.
    # All water that leaves `free_g` goes to the grain, the dry additions, the air, a
    # cloth or a layer above in the same step.
    class Bed < Layer
      # `uptake`: water in the grain, g per g; `drunk_g`: in dry additions, g.
      # `rice_g`: raw rice in it, g.
      attr_reader :uptake, :drunk_g, :progress, :kinetics, :rice_g

      # `load`: a Load with `liquid_g` poured in; it lies at `temp_c`.
      def initialize(load, liquid_g, temp_c:, name: "rice")
        @load = load
        @grain = load.grain
        @rice_g = load.rice_g
        water_g = liquid_g + load.carried_g
        # Never more in the grain than was poured over it.
        @uptake = [load.state.taken_per_g, water_g / @rice_g].min
        super(name: name, free_g: water_g - (@uptake * @rice_g), temp_c: temp_c,
              solids_j_k: load.solids_j_k + (@rice_g * DRY_FOOD_J_G_K))
        @drunk_g = 0.0
        @progress = load.state.progress
        fixed(load.state.kinetics) if load.state.kinetics
        @kept_g = load.kept_g
        @drink_g = load.drink_g
        reckon_shape
        reckon_drinkers
      end

      # True: rice takes up water in it.
      def bed?
        true
      end

      # Free water that the grain may have (a sauce keeps its share), g.
      def available_g
        @free_g - @kept_g
      end

      # Water in rice and dry additions, g.
      def taken_g
        (@uptake * @rice_g) + @drunk_g
      end

      # J/K.
      def heat_capacity_j_k
        @solids_j_k + ((@free_g + ((@uptake * @rice_g) + @drunk_g)) * WATER_J_G_K)
      end

      # White core left, 0.0 to 1.0. A grain cannot lose it without water.
      def core
        left = core_left
        left.positive? ? left : 0.0
      end

      # The same on beyond nothing: below 0 the grain is that far past it.
      def core_left
        by_time = 1 - @progress
        by_water = 1 - (@uptake * @core_per_uptake)
        [by_time, by_water].max
      end

      # Free water standing above the bed, mL; negative when craters show. Dry food
      # lies in the bed as so much more rice.
      def over_bed_ml
        @free_g - ((@voids_ml + (@voids_per_g * @uptake)) * @drinkers_g / @rice_g)
      end

      # The rice as it is now: what this pot gives back (GrainState), with
      # `surface_per_g` of water clinging to it.
      def state(surface_per_g: 0.0)
        @load.state.with(taken_per_g: @uptake, surface_per_g: surface_per_g, in_liquid: false,
                         kinetics: @kinetics,
                         progress: @progress, temp_c: @temp_c)
      end

      # True once the soak has ended, or it is warm enough to cook.
      def cooking?
        !@kinetics.nil? || @temp_c >= Kinetics::COOKS_ABOVE_C
      end

      # The soak ends and cooking begins: the kinetics are fixed from here on.
      def begin_cooking
        return if @kinetics

        fixed(Kinetics.of(@grain, @uptake))
        reckon_drinkers
      end

      # A step of soaking over `step` (with a mean over its temperatures) of `minutes`,
      # in which `loss_g` goes off as steam.
      def soak(step, minutes, loss_g)
        per_min = step.mean { |c| @grain.k2 / Soak.k1(@grain, c) }
        lose(loss_g)
        gain = Soak.advance(@grain, @uptake, per_min * minutes) - @uptake
        take([gain * @rice_g, @free_g].min, @rice_g)
      end

      # A step of cooking at `pace` (reference minutes per minute) with steam at
      # `loss_g_min`, for at most `minutes`; ends early when the water that may be
      # drawn, or all of it, is gone. Returns the minutes used.
      def cook(pace, loss_g_min, minutes)
        begin_cooking unless @kinetics
        return cook_wet(pace, loss_g_min, minutes) if @free_g > @kept_g

        cook_drawn(pace, loss_g_min, minutes)
      end

      # The water that it would take up in `minutes` at `pace` if there were enough, in g.
      def thirst_g(pace, minutes)
        room_g * (1 - Math.exp(-@per_min * pace * minutes))
      end

      # Minutes of `cook` until the liquid over the bed has fallen by `ml`, or `most`.
      def minutes_to_fall(ml, pace, loss_g_min, most)
        falls_ml = room_g * (1 + (@voids_per_g / @rice_g))
        minutes_to_draw([ml, 0.0].max, falls_ml, @per_min * pace, loss_g_min, most)
      end

      # Adds liquid and food (a Pot::Addition).
      def add(addition)
        @free_g += addition.liquid_g + addition.brought_g
        @solids_j_k += addition.solids_j_k
        @drink_g += addition.drink_g
        reckon_drinkers
      end

      # All but what clings to the grain is poured off, g per g of rice.
      def drain(clinging_per_g)
        poured_g = [@free_g - (clinging_per_g * @rice_g), 0.0].max
        @free_g -= poured_g
        @drained_g += poured_g
      end

      private

      # The core and the voids of the grain, of which every step asks.
      def reckon_shape
        @core_per_uptake = 1 / (0.9 * @grain.uptake[:firm])
        @voids_ml = @rice_g * @grain.voids_ml_per_g(0.0)
        @voids_per_g = (@rice_g * @grain.voids_ml_per_g(1.0)) - @voids_ml
      end

      # Dry food drinks at the rice's pace: it counts as so much more rice.
      def reckon_drinkers
        @drinkers_g = @rice_g + ((@drink_g - @drunk_g) / [@load.uptake - @uptake, 0.05].max)
      end

      # The kinetics do not change once cooking has begun; every step reckons with them.
      def fixed(kinetics)
        @kinetics = kinetics
        @most_uptake = 2 * kinetics.a
        @per_min = kinetics.l
        @core_min = kinetics.core_min
      end

      # What rice and dry food could still take up, g.
      def room_g
        @drinkers_g * (@most_uptake - @uptake)
      end

      def cook_wet(pace, loss_g_min, minutes)
        per_min = @per_min * pace
        room_g = self.room_g
        drawn_g = room_g * (1 - Math.exp(-per_min * minutes))
        used = minutes
        # In most steps there is enough for all of it.
        if drawn_g + (loss_g_min * minutes) > available_g
          used = minutes_to_draw(available_g, room_g, per_min, loss_g_min, minutes)
          drawn_g = room_g * (1 - Math.exp(-per_min * used))
        end
        lose(loss_g_min * used)
        take(drawn_g, @drinkers_g)
        @free_g = @kept_g if used < minutes
        @progress += pace * used / @core_min
        used
      end

      def cook_drawn(pace, loss_g_min, minutes)
        used = dry? || loss_g_min.zero? ? minutes : [minutes, @free_g / loss_g_min].min
        lose(loss_g_min * used)
        @progress += Kinetics::DRY_PACE * pace * used / @core_min
        used
      end

      # Minutes until `water_g` is gone, or `most`: what is left is convex and falling.
      def minutes_to_draw(water_g, room_g, per_min, loss_g_min, most)
        Numerics::Root.falling(most) do |min|
          fading = Math.exp(-per_min * min)
          [water_g - (room_g * (1 - fading)) - (loss_g_min * min), (room_g * per_min * fading) + loss_g_min]
        end
      end

      def take(grams, drinkers_g)
        @free_g -= grams
        @uptake += grams / drinkers_g
        @drunk_g += grams * (1 - (@rice_g / drinkers_g))
      end
    end
  end
end
