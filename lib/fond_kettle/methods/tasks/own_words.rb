# frozen_string_literal: true

module FondKettle
  module Methods
    # Values for the texts of one task: its own by name, and behind them those of its phase (TaskWords).
    class OwnWords
      # `own`: a hash of values by name.
      def initialize(own, phase)
        @own = own
        @phase = phase
      end

      # Value for a name, or `otherwise` for one that nobody knows here; without that, raises KeyError.
      def fetch(name, *otherwise)
        @own.fetch(name) { @phase.fetch(name, *otherwise) }
      end
    end
  end
end
