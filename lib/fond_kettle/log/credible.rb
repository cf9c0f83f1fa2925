# frozen_string_literal: true

module FondKettle
  module Log
    # The rules by which a cook teaches: one that was over at once does not count, and one that went far off
    # its plan is asked about first.
    module Credible
      # Nobody cooks rice in less, minutes.
      LEAST_MIN = 2.0
      # From this share off the plan on, minutes or water, the cook is asked.
      OFF = 0.3

      module_function

      # "yes", "ask" or "no".
      #
      #   of(planned_min: 40, took_min: 44, planned_g: 420, poured_g: 440) # => "yes"
      def of(planned_min:, took_min:, planned_g:, poured_g:)
        return "no" if took_min < LEAST_MIN

        off?(planned_min, took_min) || off?(planned_g, poured_g) ? "ask" : "yes"
      end

      def off?(planned, found)
        (found - planned).abs > OFF * planned
      end
      private_class_method :off?
    end
  end
end
