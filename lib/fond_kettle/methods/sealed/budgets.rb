# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../pot/water/kinetics"

module FondKettle
  module Methods
    # The water of a sealed pot: what the rice wants (`needed_g`), what it carries in grain and
    # on it, what the base has for it net of loss and gravy, all g; `low` and `high` are how far it
    # may be par-cooked to end between firm and soft (nil: no par-cooking gets there); even raw
    # rice would have `too_much_g` more than it can hold soft.
    WaterBudget = Value.define(:needed_g, :carried_g, :net_from_base_g, :low, :high, :too_much_g)

    # Its time: minutes on the heat, minutes until the last rice is hot, and how far it must be
    # par-cooked to lose its core in what is left.
    TimeBudget = Value.define(:steam_min, :hot_after_min, :low)

    # The degree to which rice is to be par-cooked (docs/model.md: Par-cooking and the sealed pot).
    module Budgets
      module_function

      # Share of the core's time after which a grain holds `uptake` (g/g), with `kinetics`
      # (Pot::Kinetics): the inverse of `uptake`. 0.0 where it holds that from the soak; nil
      # where it never does.
      #
      #   done(kinetics_of_soaked_basmati, 1.24) # => 0.736…
      def done(kinetics, uptake)
        return 0.0 if uptake <= kinetics.a0
        return if uptake >= 2 * kinetics.a

        Math.log(((2 * kinetics.a) - uptake) / room(kinetics)) / Math.log(kinetics.a / room(kinetics))
      end

      # The water that a grain holds after this share of the core's time, in g/g.
      def uptake(kinetics, done)
        (2 * kinetics.a) - (room(kinetics) * ((kinetics.a / room(kinetics))**done))
      end

      # g/g that it must hold when it goes into the pot, to end at `wanted` with `surface` on it
      # and `net_g` of the base's water for `rice_g`.
      def needed(wanted, surface, net_g, rice_g)
        wanted - surface - (net_g / rice_g)
      end

      # The WaterBudget of `state` (Pot::GrainState as it goes in) for `wanted` g/g between
      # `firm` and `soft`, with `net_g` of the base's water.
      def water(kinetics, state, wanted, firm, soft, net_g)
        needed = [firm, soft].map { |one| needed(one, state.surface_per_g, net_g, state.rice_g) }
        low, high = needed.map { |uptake| done(kinetics, uptake) }
        WaterBudget.new(too_much_g: [(kinetics.a0 - needed.last) * state.rice_g, 0.0].max,
                        needed_g: wanted * state.rice_g,
                        carried_g: (state.taken_per_g + state.surface_per_g) * state.rice_g,
                        net_from_base_g: net_g, low: low, high: high && [high, 1.0].min)
      end

      # The TimeBudget of `steam_min` on the heat, of which the last rice is hot from
      # `hot_after_min` on (nil: never) at `boil_c`; `wet_share` of that with water of the base.
      def time(kinetics, steam_min, hot_after_min, boil_c, wet_share)
        left_min = hot_after_min ? [steam_min - hot_after_min, 0.0].max : 0.0
        pace = wet_share + ((1 - wet_share) * Pot::Kinetics::DRY_PACE)
        low = 1 - (pace * Pot::Kinetics.pace(boil_c) * left_min / kinetics.core_min)
        TimeBudget.new(steam_min: steam_min, hot_after_min: hot_after_min, low: [low, 0.0].max)
      end

      def room(kinetics)
        (2 * kinetics.a) - kinetics.a0
      end
      private_class_method :room
    end
  end
end
