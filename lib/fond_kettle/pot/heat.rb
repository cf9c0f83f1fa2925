# frozen_string_literal: true

require_relative "loss"

module FondKettle
  module Pot
    # Steps of temperature: heating by a burner, cooling off the heat. Each step
    # gives its length, the temperature at its end and the mean of a function of
    # temperature over it (two-point Gauss).
    module Heat
      # A step never spans more than this many degrees, so that two points are enough.
      MOST_C = 20.0
      EARLY = 0.5 - (0.5 / Math.sqrt(3))
      LATE = 0.5 + (0.5 / Math.sqrt(3))
      # Off the heat, W/m2K times 60 s (figures: Off the heat).
      COOLING_J_MIN_M2_K = 10.0 * 60
      OVEN_J_MIN_M2_K = 15.0 * 60

      # Off the heat, of the whole outside of `vessel`, J/min K.
      def self.conductance(vessel)
        COOLING_J_MIN_M2_K * vessel.outer_area_m2
      end

      # Into the whole outside of `vessel` in an oven, J/min K (figures: Heat).
      def self.oven_conductance(vessel)
        OVEN_J_MIN_M2_K * vessel.outer_area_m2
      end

      # Warming with `joule_min` net of steam in a pot of `capacity_j_k`: a line.
      class Rise
        attr_reader :minutes, :end_c

        # Ends at `goal_c` or after `most_min`, whichever is first.
        def initialize(from_c, goal_c, joule_min, capacity_j_k, most_min)
          rate = joule_min / capacity_j_k
          to_goal = (goal_c - from_c) / rate
          @from_c = from_c
          @minutes = [to_goal, most_min, MOST_C / rate].min
          @end_c = @minutes == to_goal ? goal_c : from_c + (rate * @minutes)
        end

        def mean
          span_c = @end_c - @from_c
          (yield(@from_c + (EARLY * span_c)) + yield(@from_c + (LATE * span_c))) / 2
        end
      end

      # Cooling towards the room while `loss_g_min` of steam leaves: an exponential.
      class Fall
        attr_reader :minutes

        # `conductance` in J/min K (Heat.conductance).
        def initialize(from_c, room_c, conductance, loss_g_min, capacity_j_k, minutes)
          @floor_c = room_c - (loss_g_min * Loss::LATENT_J_G / conductance)
          @from_c = from_c
          @per_min = conductance / capacity_j_k
          @coolest_c = [room_c, from_c].min
          @minutes = minutes
        end

        def end_c
          after(@minutes)
        end

        def mean
          (yield(after(EARLY * @minutes)) + yield(after(LATE * @minutes))) / 2
        end

        private

        def after(minutes)
          [@floor_c + ((@from_c - @floor_c) * Math.exp(-@per_min * minutes)), @coolest_c].max
        end
      end
    end
  end
end
