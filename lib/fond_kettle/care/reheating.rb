# frozen_string_literal: true

require_relative "../pot/heat/cooling"
require_relative "../pot/heat/slab"
require_relative "keeping"

module FondKettle
  module Care
    # Minutes until stored food is hot right through, for each way of reheating (docs/model.md: Parcels). Food
    # is reheated once only, and measured in its middle.
    module Reheating
      # From the refrigerator and the freezer, °C.
      CHILLED_C = 5.0
      FROZEN_C = -18.0
      STEAM_C = 100.0
      # A microwave oven of 800 W, of which so much gets into the food; ice melts at 334 J/g, of which
      # there is so much in rice; it stands as long again a third of its time.
      MICROWAVE_W = 800.0
      INTO_FOOD = 0.6
      ICE_J_G = 334.0 * 0.62
      STANDS = 1.33
      # In a pan with a splash of water, covered, on low: heat comes from one side only.
      ONE_SIDE = 2.0
      PAN_SPREAD_MM = 25.0

      module_function

      # Minutes by way ("steam", "pan", "microwave") of `grams` that lie `depth_mm` thick, from the
      # refrigerator or, `frozen`, the freezer.
      def minutes(grams, depth_mm, frozen: false)
        { steam: steam_min(depth_mm, frozen), pan: pan_min(depth_mm, frozen),
          microwave: microwave_min(grams, frozen) }
      end

      # Heated from both sides.
      def steam_min(depth_mm, frozen)
        slab_min(depth_mm / 2.0, frozen)
      end

      # Loosened and spread: no thicker than PAN_SPREAD_MM.
      def pan_min(depth_mm, frozen)
        slab_min([depth_mm, PAN_SPREAD_MM].min / ONE_SIDE, frozen)
      end

      # Shared out by its heat.
      def microwave_min(grams, frozen)
        from_c = frozen ? FROZEN_C : CHILLED_C
        joule = grams * ((Pot::Cooling::J_G_K * (Keeping::REHEAT_C - from_c)) + (frozen ? ICE_J_G : 0))
        joule / (MICROWAVE_W * INTO_FOOD) / 60 * STANDS
      end

      def slab_min(half_mm, frozen)
        minutes = Pot::Slab.minutes(half_mm, CHILLED_C, STEAM_C, Keeping::REHEAT_C)
        frozen ? minutes * Pot::Slab::FROZEN : minutes
      end
      private_class_method :steam_min, :pan_min, :microwave_min, :slab_min
    end
  end
end
