# frozen_string_literal: true

require_relative "../heat/loss"

module FondKettle
  module Pot
    # The heat that comes into a SealedPot, and the heat that its walls take, in J/min.
    module SealedFire
      private

      # Of the burner, J/min; an oven gives each place its own.
      def fire_j_min
        @stage.oven_c ? 0.0 : held_j_min
      end

      # High and medium give what they are left at; low is held, once all is hot.
      def held_j_min
        low_j = @setting.burner.joule_per_min(@stage.heat)
        return low_j unless @stage.heat == "low" && hot?

        needed_j = walls_j_min + (@fire.boiling_g_min * Loss::LATENT_J_G)
        needed_j.clamp(low_j, @setting.burner.most_joule_per_min("low"))
      end

      def walls_j_min
        @stage.oven_c ? 0.0 : @places.sum(&:wall_j_min)
      end

      # To spare when all walls are paid, J/min.
      def spare_j_min
        @stage.oven_c ? oven_j_min : fire_j_min - walls_j_min
      end

      def oven_j_min
        @places.sum { |place| place.oven_j_min(@stage.oven_c) }
      end

      def taken_j_min
        @stage.oven_c ? oven_j_min : fire_j_min
      end
    end
  end
end
