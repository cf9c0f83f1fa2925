# frozen_string_literal: true

require_relative "../../kit/atmosphere"
require_relative "../../phases/phase"
require_relative "../../pot/runs/acts"
require_relative "../../pot/runs/cooking"
require_relative "budgets"
require_relative "../loads/loading"
require_relative "../loads/plenty_pot"

module FondKettle
  module Methods
    # Rice boiled in plenty of water before it is layered: what it is like once it is so far done,
    # how long that takes, and in how many rounds.
    class ParBoil
      # Of the batch, in which the boil has to come back.
      MOST_ROUNDS = 8
      STEP_MIN = 1.0

      # How fast the soaked rice cooks (Pot::Kinetics).
      attr_reader :kinetics

      # `text`: the PhaseText of the boil, or nil where the rice goes in raw; `washed`: the rice as
      # it comes from its soak (Pot::GrainState).
      def initialize(request, text, washed)
        @request = request
        @text = text
        @washed = washed
        @kinetics = Pot::Kinetics.of(washed.grain, washed.taken_per_g)
        @phases = {}
      end

      # True when there is any.
      def any?
        !@text.nil?
      end

      # True when the rice is cooked through before it is layered.
      def through?
        any? && @text.done >= 1
      end

      # Boiling point here, °C.
      def boil_c
        Kit::Atmosphere.boiling_point_c(@request.altitude_m)
      end

      # The rice as it goes in, `done` of the core's time behind it: drained at once, it has gone on
      # for half a minute's worth.
      def state(done)
        return @washed if done.zero?

        after = Pot::Kinetics::AFTER_DRAINING_MIN * Pot::Kinetics.pace(boil_c) / @kinetics.core_min
        taken = Budgets.uptake(@kinetics, done)
        clings = Pot::Acts::CLINGS_DRAINED - (taken - Budgets.uptake(@kinetics, [done - after, 0.0].max))
        @washed.with(taken_per_g: taken, surface_per_g: [clings, 0.0].max, in_liquid: false,
                     kinetics: @kinetics, progress: done)
      end

      # The Phases::Phase that brings it so far, in so many rounds: on so many times the heat as
      # one, which comes to the same.
      def phase(done, rounds)
        @phases[[done, rounds]] ||= begin
          pot = Loading.potful(@request, @text.with(done: [done, 1.0].min), nil)
          burner = pot.setting.burner
          pot = pot.with(load: pot.load.with(uptake: Budgets.uptake(@kinetics, done)),
                         setting: pot.setting.with(burner: burner.with(high_w: burner.high_w * rounds)))
          Phases::Phase.solve(key: @text.key, unknown: @text.unknown, rounds: rounds, **pot.to_h)
        end
      end

      # Minutes in the boiling water for so far; 0.0 where it is not boiled.
      def minutes(done, rounds)
        done.positive? && any? ? phase(done, rounds).stage_minutes.first : 0.0
      end

      # Number of rounds in which the boil comes back before the rice is drained, and the pot holds it.
      def rounds(done)
        return 1 unless done.positive?

        (1..MOST_ROUNDS).find { |count| holds?(count) && back_min(done, count) } || MOST_ROUNDS
      end

      # Minutes until the water boils again; nil when the rice is drained before.
      def back_min(done, rounds)
        return unless done.positive?

        solved = phase(done, rounds)
        course = Pot::Cooking.run(solved.load, solved.liquid_g, solved.stages, solved.setting,
                                  step_min: STEP_MIN)
        min = course.at("boil")
        min if min && min <= solved.stage_minutes.first
      end

      private

      def holds?(rounds)
        @plenty ||= PlentyPot.new(@request, @text)
        @plenty.holds?(rounds)
      end
    end
  end
end
