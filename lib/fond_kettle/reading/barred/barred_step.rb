# frozen_string_literal: true

require_relative "../../dishes/dish_step"
require_relative "../../ground/value"

module FondKettle
  module Reading
    # A step that a cook writes with bars, with all that a Dishes::DishStep has; `takes`: names of the lines
    # that go in at it, nil where its words say so; `vessel`: the VesselHeading that it stands under, nil: in
    # the rice's pot.
    BarredStep = Value.define(*Dishes::DishStep.members, :takes, :vessel) do
      # A BarredStep with the given attributes; the others take their defaults.
      def self.of(say:, takes: nil, vessel: nil, **said)
        new(**FondKettle::Dishes::DishStep.of(say: say, **said).to_h, takes: takes, vessel: vessel)
      end

      # Time of the step as a cook writes it: "base", "at 10 min", "when dry".
      def time
        FondKettle::Dishes::DishStep.new(**to_h.except(:takes, :vessel)).time
      end
    end
  end
end
