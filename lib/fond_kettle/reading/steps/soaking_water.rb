# frozen_string_literal: true

module FondKettle
  module Reading
    # Water in which something else than the rice soaks, or the rice is washed: none of the dish's own.
    module SoakingWater
      SOAK = "soak"
      RINSE = "rinse"
      WATER = "water"
      OWN = /\brice\b|\b(?:the|its)\s+(?:measured\s+)?water\b|\ball\s+the\b/i

      module_function

      # True for such water (a ReadLine) that is named in a Clause.
      def named?(clause, line)
        return false unless line.ingredient&.water?
        return !clause.say.include?(line.text) if clause.kind == RINSE
        return false if clause.kind != SOAK || !line.food.casecmp?(WATER)

        !clause.say.match?(OWN) && !clause.say.include?(line.text)
      end
    end
  end
end
