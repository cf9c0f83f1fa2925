# frozen_string_literal: true

require_relative "../ground/value"
require_relative "solve"

module FondKettle
  module Phases
    # What a phase may be asked for: the liquid to pour, the minutes that rice lies in plenty
    # of water, what is sprinkled over it in a steamer, or nothing: what comes of what lies in it.
    UNKNOWNS = %w[liquid minutes sprinklings nothing].freeze

    # One vessel, its stages and one unknown, solved. A plan is a list of these; the
    # rice of one (`grain_state`) is what goes into the next.
    #   key      unique in its plan
    #   setting  Pot::Setting: the vessel and the fire of this phase
    #   stages   Pot::Stage, with the minutes that they take
    #   balance  Balance: the unknown found, and where the water goes
    #   rounds   in how many parts the rice goes through it, one after the other in the same water
    Phase = Value.define(:key, :unknown, :setting, :stages, :balance, :rounds) do
      # Solves `stages` of `load` for `unknown`. Raises Error where nothing settles.
      def self.solve(key:, unknown:, load:, stages:, setting:, rounds: 1)
        balance = Solving.solve(load, stages, setting)
        new(key: key, unknown: unknown, setting: setting, stages: timed(stages, balance.run),
            balance: balance, rounds: rounds)
      end

      # The stages with the minutes that the run took, so that they can be run again
      # as they stand.
      def self.timed(stages, run)
        stages.zip(run.stage_minutes).map do |stage, minutes|
          stage.until ? stage : stage.with(minutes: minutes, extra_min: 0.0)
        end
      end

      # The Load as it was cooked.
      def load
        balance.load
      end

      # The coarse run that solved it (Pot::Run).
      def run
        balance.run
      end

      # Liquid poured, g.
      def liquid_g
        balance.liquid_g
      end

      # The water at hand at once, in g: when the rice goes through it in rounds, enough for one.
      def standing_g
        liquid_g / rounds
      end

      # The water that is poured off in the end, in g; water lost to rice and steam is topped up.
      def off_g
        [standing_g - (liquid_g - balance.drained_g), 0.0].max
      end

      # Share of what is poured that the rice takes up: what is in the water and is
      # poured off with the rest is not eaten.
      def taken_share
        return 1.0 unless load.plenty?

        [(run.uptake * load.rice_g) / (liquid_g + load.carried_g), 1.0].min
      end

      # Minutes of each stage.
      def stage_minutes
        run.stage_minutes
      end

      # The rice as it leaves (Pot::GrainState).
      def grain_state
        run.state
      end
    end
  end
end
