# frozen_string_literal: true

require_relative "../../vessels/effects/take_out"
require_relative "../../vessels/graph"

module FondKettle
  module Methods
    # A step of a dish as steps in its vessels (Vessels::GraphStep). What is taken out of one vessel into
    # another leaves that with the fat that clings to it, and not with half of all there is.
    module PlacedStep
      # Between the key of a stage and the vessel that what is taken out then lies in.
      LAID = "-laid"
      LIQUID = "liquid"

      module_function

      # `key`: of the stage; `place`: a MadeInStep; `given`: takes, does and only of a GraphStep.
      def of(key, place, **given)
        lift = lifted(place, given[:does])
        return [Vessels::GraphStep.of(key, place.vessel, **given, from: place.from, to: place.to)] unless lift

        out = given[:does].with(share: lift.share, g: lift.g)
        [Vessels::GraphStep.of(key, lift.vessel, **given, does: out, to: place.vessel),
         Vessels::GraphStep.of("#{key}#{LAID}", place.vessel)]
      end

      # The Vessels::Pour that a step takes out of another vessel, or nil.
      def lifted(place, does)
        pour = place.from.first
        pour if does&.kind == Vessels::Effects::TakeOut::PIECES && place.from.one? && pour.what != LIQUID
      end
      private_class_method :lifted
    end
  end
end
