# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "../../table/eaters"
require_relative "../request/dressing"
require_relative "warning"
require_relative "../loads/plenty_pot"
require_relative "../request/provision"

module FondKettle
  module Methods
    # Warnings about the salt in a portion.
    module SaltWarnings
      # What the World Health Organization names as the most for an adult.
      SALT_DAY_G = 5.0
      # Of that, for one meal: two fifths.
      MOST_SALT_G = SALT_DAY_G * 2 / 5

      module_function

      # Salt that goes in beside the rice, for portions of the method's usual size.
      def of(request, liquid_g)
        salt_g = request.additions.sum(0.0) { |addition| addition.g * addition.ingredient.salt / 100 }
        salt_g += liquid_g * request.main_liquid.salt / 100 if request.main_liquid
        salt_g += Dressing.of(request)&.salt_g.to_f - poured_off_g(request)
        serving_g = salt_g * Table::PORTION_G.fetch(request.method.portion) / request.rice_g
        serving_g > MOST_SALT_G ? [too_salty(serving_g, "")] : []
      end

      # The salt in poured-off water that the rice does not take up, in g.
      def poured_off_g(request)
        text = request.method.phases.find(&:parts)
        return 0.0 unless text

        salts = request.provisions.select { |one| one.slot == Slots::SALT && one.stage == "liquid" && one.g }
        taken = request.grain.uptake_for(request.texture_here) / PlentyPot.new(request, text).parts
        salts.sum(0.0, &:g) * (1 - [taken, 1.0].min)
      end

      # `most` names where it comes from.
      def too_salty(serving_g, most)
        most_g, day_g = [MOST_SALT_G, SALT_DAY_G].map { |grams| Measure::Rounding.plain(grams) }
        Warning.new(code: "salt-high", say:
                "#{Measure::Rounding.plain(serving_g, 1)} g of salt a portion; above #{most_g} g " \
                "is a lot for one meal: two fifths of the #{day_g} g a day that the World " \
                "Health Organization names as the most.#{most}")
      end

      private_class_method :poured_off_g
    end
  end
end
