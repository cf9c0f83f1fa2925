# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../kit/atmosphere"
require_relative "../../pot/water/kinetics"
require_relative "budgets"

module FondKettle
  module Methods
    # What to change in a sealed pot that does not close: a key, how much of it, in words.
    Change = Value.define(:key, :amount, :say)

    # The changes that would close it, each computed alone.
    class SealedChanges
      # What is poured or drained is told in such steps, g.
      STEP_G = 10.0
      MOST_STEAM_MIN = 120
      # Rice that is drained goes in with less water on it than washed rice: so much further.
      DRAINED_WET = 0.03

      # A list of Change for a `request` with the Pot::Load of its sealed phase, and what was found
      # of it (Sealed).
      def self.of(request, load, sealed)
        new(request, load, sealed).to_a
      end

      # The arguments are those of `of`.
      def initialize(request, load, sealed)
        @request = request
        @load = load
        @par = sealed.par_cook
        @starved = sealed.run.starved?
        state = load.state
        @kinetics = state.kinetics || Pot::Kinetics.of(state.grain, state.taken_per_g)
      end

      # The changes; empty when the pot comes right as it is. Without steam, neither time nor less water
      # helps.
      def to_a
        return [] if @par.closes?

        [*pour, *cook_further, *cook_less, *(@starved ? [] : [*steam_longer, *drain])].compact
      end

      private

      # How far the rice is taken to be cooked: as asked, or as the plan does.
      def done
        @par.done
      end

      # Water that is lacking (below 0: too much), g, by rice that far cooked.
      def lacking_g(done = self.done)
        needed = Budgets.needed(@load.uptake, @load.state.surface_per_g, @par.water.net_from_base_g,
                                @load.rice_g)
        (needed - Budgets.uptake(@kinetics, done)) * @load.rice_g
      end

      def low
        @par.water.low || Float::INFINITY
      end

      def high
        @par.water.high || 0.0
      end

      def pour
        return unless done < low && lacking_g.positive?

        grams = (lacking_g / STEP_G).ceil * STEP_G
        Change.new(key: "pour", amount: grams, say: "Pour #{grams.round} g of milk or stock over the rice.")
      end

      def cook_further
        wanted = [low, @par.time.low].max + DRAINED_WET
        return unless done < wanted && wanted <= [high, 1.0].min

        Change.new(key: "cook-further", amount: wanted,
                   say: "Cook the rice further, to #{(wanted * 100).ceil} %.")
      end

      def cook_less
        return if through? || done <= high || high < @par.time.low || high.zero?

        Change.new(key: "cook-less", amount: high, say: "Cook the rice less far, to #{(high * 100).floor} %.")
      end

      def through?
        done >= 1
      end

      # Time that is lacking where no par-cooking has it.
      def steam_longer
        short = @par.time.low - [high, done].min
        # Time alone helps only where the water is right.
        return unless short.positive? && done >= low

        minutes = (short * @kinetics.core_min / Pot::Kinetics.pace(boil_c)).ceil
        return if minutes > MOST_STEAM_MIN

        Change.new(key: "steam-longer", amount: minutes, say: "Steam it #{minutes} min longer.")
      end

      def drain
        most = [done, @par.time.low].max
        return unless most > high || @par.water.too_much_g.positive?

        grams = (-lacking_g(most) / STEP_G).ceil * STEP_G
        Change.new(key: "drain", amount: grams, say: "Drain the base, or boil it down, by #{grams.round} g.")
      end

      def boil_c
        Kit::Atmosphere.boiling_point_c(@request.altitude_m)
      end
    end
  end
end
