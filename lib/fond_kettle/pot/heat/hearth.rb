# frozen_string_literal: true

require_relative "../water/kinetics"
require_relative "fire"
require_relative "heat"

module FondKettle
  module Pot
    # Figures and Fires that are the same for every run in one Setting, made once: whoever looks for a number
    # goes through the same stages again and again.
    class Hearth
      # The Setting; from the wall, and from all of the outside, to the room, J/min K (Heat); the pace at its
      # boil (Kinetics).
      attr_reader :setting, :wall_j_min_k, :whole_j_min_k, :boil_pace

      # `setting`: a Setting.
      def initialize(setting)
        @setting = setting
        @wall_j_min_k = Heat.wall_conductance(setting.vessel)
        @whole_j_min_k = Heat.whole_conductance(setting.vessel)
        @boil_pace = Kinetics.pace(setting.boil_c)
        @fires = {}.compare_by_identity
      end

      # The Fire of a Stage. What an oven gives goes by how deep the food lies, `wetted_mm` (nil: to the
      # brim).
      def fire(stage, wetted_mm = nil)
        return lit(stage, wetted_mm) if stage.oven_c && wetted_mm

        @fires[stage] ||= lit(stage, wetted_mm)
      end

      private

      def lit(stage, wetted_mm)
        Fire.new(stage, @setting, wall_j_min_k: @wall_j_min_k, wetted_mm: wetted_mm)
      end
    end
  end
end
