# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Pot
    # One row of the course of a pot; `taken_g` is all water in rice and dry
    # additions, `gone_g` what was drained or went into a cloth. `layers_c`:
    # °C of each layer of a sealed pot and of the pieces in it (nil where there are none); nil
    # for one bed. `condensed_g`: steam from a steamer's water that became water in it.
    Point = Value.define(:min, :temp_c, :free_g, :taken_g, :lost_g, :gone_g, :core, :layers_c, :condensed_g)

    # How a layer of a sealed pot ended.
    #   what, rice_g, g        as in its Tier: rice in it, and food
    #   end_c, core_c          °C of it and of its thickest piece (nil: none)
    #   uptake, core, free_g   of its rice (nil for food); g of free water
    #   hot_min, safe_min, tender_at_min   when it was so, nil: never
    LayerEnd = Value.define(:what, :rice_g, :g, :end_c, :core_c, :uptake, :core, :free_g, :hot_min,
                            :safe_min, :tender_at_min)

    # What a sealed run says of its layers (LayerEnd, from the floor up): when the last was hot
    # through, when all was ready, when its food was safe and tender, when its dry floor
    # burns, when the rice had drunk all that it may have; nil: never. `hard_min`: how long high or
    # medium went on after all was hot, `heated_min` all of the heat; `bound_g`: what is still bound in a
    # cooked base.
    Layers = Value.define(:ends, :hot_min, :ready_min, :safe_min, :tender_min, :scorch_min, :drunk_min,
                          :hard_min, :heated_min, :bound_g) do
      # Was a layer (LayerEnd) safe while the heat was on?
      def safe?(layer)
        !layer.safe_min.nil? && layer.safe_min <= heated_min
      end
    end

    # Something that can be seen, heard or smelt, and when.
    Cue = Value.define(:cue, :at_min)

    # How a pot ended: water per g rice, free, drunk by dry food, lost, drained and cloth water in
    # g, core left (0..1), how far the dry floor is on its way to burning (`burnt`, Watch), minutes
    # of every stage, the cues in order and, where asked for, the curve. `stirred_at` is how far the
    # grain had come when it was last stirred (0.0: never). `energy`: where its heat went (Energy; of
    # an end alone Energy::NoAccount), `boiled_min` how long it was at the boil with the heat on.
    # `stuck` names a stage that would never have ended; `level_ml` is what stood over the bed when a
    # stage ended level with the rice, nil where none did; `layers` (Layers) of a sealed pot, nil
    # of one bed; `condensed_g` what steam from a steamer's water left in the rice.
    Run = Value.define(:uptake, :free_g, :drunk_g, :lost_g, :drained_g, :cloth_g, :core, :temp_c, :minutes,
                       :boil_c, :state, :energy, :kinetics, :progress, :stirred_at, :burnt, :boiled_min,
                       :stage_minutes, :cues, :curve, :stuck, :level_ml,
                       :layers, :condensed_g) do
      # Minutes at which `cue` came, or nil.
      def at(cue)
        cues.find { |seen| seen.cue == cue }&.at_min
      end

      # True when a sealed pot was short of steam: its floor ran dry before all was hot.
      def starved?
        !layers.nil? && layers.hot_min.nil? && !at("dry").nil?
      end

      # Minutes at the boil, with water to boil.
      def boiling_min
        boils? ? boiled_min : 0.0
      end

      # Did it ever boil, with water to boil?
      def boils?
        !at("boil").nil? && !dry_before_boil?
      end

      # Was the water gone before it ever boiled?
      def dry_before_boil?
        dry_min = at("dry")
        !dry_min.nil? && (at("boil").nil? || dry_min < at("boil"))
      end
    end
  end
end
