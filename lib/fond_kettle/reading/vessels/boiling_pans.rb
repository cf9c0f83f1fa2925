# frozen_string_literal: true

require_relative "cooked_beside"
require_relative "vessel_course"

module FondKettle
  module Reading
    # "A large pan of water": a pan in which something boils and nothing is fried is a pot.
    module BoilingPans
      BOILS = %w[boil par-boil simmer].freeze
      POT = "pot"
      # What its name says is a pan all the same.
      FRIES = /\b(?:frying|fry|saut[ée]|wok|skillet|paella|flat)\b/i

      module_function

      # A ReadVessel as some ReadSteps use it.
      def as_used(vessel, steps)
        return vessel unless vessel.kind == VesselCourse::PAN && !vessel.name.to_s.match?(FRIES)

        kinds = steps.select { |step| step.vessel == vessel.key }.map(&:kind)
        boils = kinds.intersect?(BOILS) && !kinds.intersect?(CookedBeside::FRIES)
        boils ? vessel.with(kind: POT) : vessel
      end
    end
  end
end
