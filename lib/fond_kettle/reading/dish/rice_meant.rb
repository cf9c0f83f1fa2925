# frozen_string_literal: true

require_relative "../vessels/vessel_course"

module FondKettle
  module Reading
    # Whether a step before the rice cooks speaks of that rice: by name, or by the bowl it lies in.
    module RiceMeant
      RICE = /\brice\b/i

      module_function

      #   RiceMeant.call(step, rice) # => true
      def call(step, rice)
        step.vessel == VesselCourse::RICE_BOWL || step.clause.say.match?(RICE) ||
          rice.names.any? { |name| step.clause.say.downcase.include?(name) }
      end
    end
  end
end
