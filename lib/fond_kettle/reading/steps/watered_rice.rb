# frozen_string_literal: true

require_relative "../lines/line_sorts"

module FondKettle
  module Reading
    # Whether rice that was spoken of goes on in water that a clause names.
    module WateredRice
      COOKED = /\A\W*(?:\d[^,.;]{0,20}\bwater,\s+)?(?:cook|boil|simmer|steam|soak|cooker\s+on)\b/i
      SOAKED = /\A\W*soak\b/i

      module_function

      # True for "boil in the water", "soak with a spoon of salt"; `lines`: ReadLines that it names.
      def in_water?(say, lines)
        return false unless say.match?(COOKED)

        lines.all? { |line| say.match?(SOAKED) ? LineSorts.brine?(line) : line.ingredient&.water? }
      end
    end
  end
end
