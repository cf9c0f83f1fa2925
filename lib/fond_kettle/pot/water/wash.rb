# frozen_string_literal: true

require_relative "../../numeric/polyline"
require_relative "../grain_state"
require_relative "soak"

module FondKettle
  module Pot
    # Rinse, soak and drain: what they make of rice.
    module Wash
      ROOM_C = 20.0
      # The way of draining that drains nothing.
      COOKED_IN = "cooked-in"
      # Water on the grains, g/g, when they go in (docs/model.md: Rinse and soak).
      SURFACE = { "quick" => 0.12, "shaken" => 0.08, "long" => 0.05, "air-dried" => 0.02,
                  COOKED_IN => 0.0 }.freeze
      # Minutes the rice stands wet in the sieve, taking in its own surface water.
      STANDING_MIN = { "quick" => 0.0, "shaken" => 0.0, "long" => 10.0, "air-dried" => 60.0,
                       COOKED_IN => 0.0 }.freeze
      # The most that drawing in while standing can add, g/g: what left the
      # surface, less what dripped off or went to the air.
      STANDING_MOST = { "long" => 0.03, "air-dried" => 0.03 }.freeze

      # Shaking takes a minute.
      SHAKEN_MIN = 1.0
      # Water on the grains by the logarithm of the minutes in the sieve.
      BY_LOG_MIN = { "shaken" => SHAKEN_MIN, **STANDING_MIN.slice("long", "air-dried") }
                   .map { |drain, minutes| [Math.log(minutes), SURFACE.fetch(drain)].freeze }.freeze

      module_function

      # Minutes that rinsing takes, and so soaks, unless told.
      RINSE_MIN = 3.0

      # The GrainState after `rinse_changes` of water (0: not rinsed) in `rinse_min`, `soak_min` in
      # water at `water_c`, then `drain` (a key of SURFACE), for `drain_min` where somebody said how long.
      # Rice never wetted stays dry.
      def call(state, rinse_changes:, soak_min:, water_c:, drain:, rinse_min: RINSE_MIN, drain_min: nil)
        return state if rinse_changes.zero? && soak_min.zero?

        rinsed = rinse_changes.zero? ? 0.0 : Soak.after(state.grain, rinse_min, ROOM_C)
        soaked = Soak.after(state.grain, soak_min, water_c, rinsed)
        drain_min = nil if drain == COOKED_IN
        state.with(taken_per_g: stand(state.grain, soaked, drain, drain_min),
                   surface_per_g: drain_min ? surface_after(drain_min) : SURFACE.fetch(drain),
                   in_liquid: drain == COOKED_IN)
      end

      # Share of the first cloudiness left after so many changes of water (q^n), 0.0 to 1.0.
      def cloudiness(grain, changes)
        grain.clear_per_change**changes
      end

      # Water on grains that were left to drain for so many minutes, g/g.
      #
      #   surface_after(10.0) # => 0.05
      def surface_after(minutes)
        Numerics::Polyline.at(BY_LOG_MIN, Math.log(minutes))
      end

      def stand(grain, gain, drain, drain_min)
        after = Soak.after(grain, drain_min || STANDING_MIN.fetch(drain), ROOM_C, gain)
        gain + [after - gain, drain_min ? STANDING_MOST.values.max : STANDING_MOST.fetch(drain, 0.0)].min
      end
      private_class_method :stand
    end
  end
end
