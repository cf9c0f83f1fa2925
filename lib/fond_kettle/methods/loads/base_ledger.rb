# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../pot/heat/loss"
require_relative "rice_vessel"

module FondKettle
  module Methods
    # A broth's own liquid (docs/model.md: The base ledger): what is poured at its start, what
    # simmers away, what its food gives off, and what should stand there when the rice goes in;
    # g. `off_g_min`: what goes on boiling off while it is made less, g a minute. A broth that
    # has `uncovered_g` too little does not cover its food.
    BaseLedger = Value.define(:start_g, :lost_g, :brought_g, :standing_g, :off_g_min, :uncovered_g) do
      # It simmers on low with no lid on, and is boiled down on medium.
      const_set(:SIMMERS, "low")
      const_set(:BOILS_DOWN, "medium")

      # The ledger of a PhaseText solved as `phase` (Phases::Phase), or nil when its base is no broth. The
      # water poured at the start is what the rice wants and what simmers away; the liquid of the food stands
      # there too and is counted once.
      def self.of(request, text, phase)
        broth = text.broth
        return unless broth

        vessel = phase.setting.vessel
        lost_g = broth.minutes.to_f * Pot::Loss.open_g_min(vessel, self::SIMMERS)
        brought_g = text.equal?(request.method.last_phase) ? RiceVessel.of(request).load[:brought_g] : 0.0
        standing_g = phase.liquid_g + phase.load.brought_g
        start_g = [standing_g + lost_g - brought_g, 0.0].max
        new(start_g: start_g, lost_g: lost_g, brought_g: brought_g, standing_g: standing_g,
            off_g_min: Pot::Loss.open_g_min(vessel, self::BOILS_DOWN),
            uncovered_g: [gaps_g(request) - start_g, 0.0].max)
      end

      # The ledger of a broth made once for this many rounds; its surface is that of one pot.
      def times(rounds)
        standing_g = self.standing_g * rounds
        brought_g = self.brought_g * rounds
        with(standing_g: standing_g, brought_g: brought_g,
             start_g: [standing_g + lost_g - brought_g, 0.0].max,
             uncovered_g: uncovered_g * rounds)
      end

      # The water that covers the food: the room between its pieces, in g.
      def self.gaps_g(request)
        request.additions.reject(&:poured).sum(0.0) do |addition|
          (addition.g / addition.ingredient.g_ml) - addition.g
        end
      end
    end
  end
end
