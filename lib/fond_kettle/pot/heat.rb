# frozen_string_literal: true

require_relative "../numeric/quadrature"
require_relative "load"
require_relative "loss"

module FondKettle
  module Pot
    # Steps of temperature: heating by a burner, by steam from below, cooling off the
    # heat. Each step gives its length in minutes, the °C at its end and the mean of a
    # function of temperature over it.
    module Heat
      # A step never spans more than this many degrees, so that two points are enough.
      MOST_C = 20.0
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

        # The mean of the block over the temperatures (°C) of the step.
        def mean
          span_c = @end_c - @from_c
          Numerics::Quadrature.mean { |share| yield(@from_c + (share * span_c)) }
        end
      end

      # A layer warmed by steam that condenses in it: `joule_min` of latent heat, and
      # the water it comes as. What is lacking to the boil is
      #   (C + c m)(boil - T) = C (boil - T0) - m L, with m the steam so far.
      class Condensing
        attr_reader :minutes

        # Ends at `boil_c` or after `most_min`, whichever is first.
        def initialize(from_c, boil_c, joule_min, capacity_j_k, most_min)
          @boil_c = boil_c
          @joule_min = joule_min
          @capacity_j_k = capacity_j_k
          @lacking_j = capacity_j_k * (boil_c - from_c)
          @minutes = [@lacking_j / joule_min, most_min, MOST_C * capacity_j_k / joule_min].min
        end

        # °C after `minutes` of it.
        def after(minutes)
          heat_j = @joule_min * minutes
          return @boil_c if heat_j >= @lacking_j * (1 - 1e-12)

          @boil_c - ((@lacking_j - heat_j) / (@capacity_j_k + (WATER_J_G_K * heat_j / Loss::LATENT_J_G)))
        end

        # The mean of the block over the temperatures (°C) of the first `minutes`.
        def mean(minutes)
          Numerics::Quadrature.mean { |share| yield(after(share * minutes)) }
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

        # °C at its end.
        def end_c
          after(@minutes)
        end

        # The mean of the block over the temperatures (°C) of the step.
        def mean
          Numerics::Quadrature.mean { |share| yield(after(share * @minutes)) }
        end

        private

        def after(minutes)
          [@floor_c + ((@from_c - @floor_c) * Math.exp(-@per_min * minutes)), @coolest_c].max
        end
      end
    end
  end
end
