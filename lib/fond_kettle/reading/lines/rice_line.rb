# frozen_string_literal: true

module FondKettle
  module Reading
    # Finds the line of a dish that is its rice: the one with most of it, where a text names several ("2 tbsp
    # raw rice" under a smoker).
    module RiceLine
      module_function

      # That ReadLine of some, or nil.
      def of(lines)
        lines.select(&:grain).max_by { |line| line.g.to_f }
      end

      # Its index, or nil.
      def index(lines)
        found = of(lines)
        found && lines.index(found)
      end
    end
  end
end
