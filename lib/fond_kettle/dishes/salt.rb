# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Dishes
    # Salt of a dish from all sources: g in all, g and mg of sodium a serving, and
    # [name, g] by source, the largest first.
    Salted = Value.define(:total_g, :serving_g, :sodium_mg, :sources)

    # Adds the salt up.
    module Salt
      # Sodium in salt, mg/g.
      SODIUM_MG = 393.4
      # Less salt of one source is not told, g.
      LEAST_G = 0.01

      module_function

      # `lines`: Dishes::Scaled; `plan`: that of one of `batches` pots; for `servings` adults;
      # `main`: the dish's Line of which the plan says how much.
      def of(lines, plan, batches, servings, main)
        added_up(lines.filter_map { |scaled| source(scaled, plan, batches, main) }, servings)
      end

      # The Salted of [name, g] of each source, for so many servings.
      def added_up(found, servings)
        sources = found.sort_by { |_, grams| -grams }
        total_g = sources.sum { |_, grams| grams }
        Salted.new(total_g: total_g, serving_g: total_g / servings, sodium_mg: total_g / servings * SODIUM_MG,
                   sources: sources.freeze)
      end

      def source(scaled, plan, batches, main)
        line = scaled.line
        weight_g = line.equal?(main) ? plan.poured_g * batches : scaled.g
        return unless weight_g && line.ingredient.salt.positive?

        grams = weight_g * line.ingredient.salt / 100 * share(line, plan)
        [line.name, grams] if grams >= LEAST_G
      end

      # Share of a line's salt that the rice takes up with its water, for salt in water that is poured
      # off.
      def share(line, plan)
        in_water = plan.phases.find { |phase| phase.load.plenty? } if line.stage == "liquid"
        in_water ? in_water.taken_share : 1.0
      end

      private_class_method :source, :share
    end
  end
end
