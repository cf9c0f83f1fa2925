# frozen_string_literal: true

require_relative "../../pot/heat/hot_liquid"

module FondKettle
  module Methods
    # The way to heat the liquid of a phase that goes in hot, and the minutes it takes.
    module HotStart
      # Where it is done: the keys of its texts.
      KETTLE = "kettle"
      POT = "heat-liquid"
      BOILING_C = 100.0

      module_function

      # True when the kettle can be used: only water goes into an electric kettle.
      def kettle?(request)
        only_water = request.main_liquid.nil? || request.main_liquid.water?
        !request.kettle_w.nil? && request.poured.empty? && only_water
      end

      # The same for water under a steamer that is topped up.
      def below(request)
        return "kettle-below" if request.kettle_w

        request.rings > 1 ? "pot-below" : "flask-below"
      end

      # Minutes for so much of that, g.
      def below_min(request, phase, grams)
        return boil_min(request, phase, grams) unless request.kettle_w

        Pot::HotLiquid.in_kettle(grams, request.kettle_w, request.liquid_start_c, BOILING_C)
      end

      # Minutes until so much water boils in the vessel of a phase, g. Where rice goes through a steamer in
      # batches, its setting has the fire of all of them (Loading): this is one.
      def boil_min(request, phase, grams)
        batches = phase.load.steamed? ? phase.load.steamer.batches : 1
        burner = phase.setting.burner
        setting = phase.setting.with(burner: burner.with(high_w: burner.high_w / batches))
        Pot::HotLiquid.minutes(grams, setting, request.liquid_start_c, BOILING_C)
      end

      # Minutes for all that is poured in a phase (PhaseText, solved as Phases::Phase).
      def minutes(request, text, phase)
        from_c = request.liquid_start_c
        liquid_g = phase.liquid_g + request.poured.sum(&:g)
        return Pot::HotLiquid.in_kettle(liquid_g, request.kettle_w, from_c, text.liquid_c) if kettle?(request)

        Pot::HotLiquid.minutes(liquid_g, phase.setting, from_c, text.liquid_c)
      end
    end
  end
end
