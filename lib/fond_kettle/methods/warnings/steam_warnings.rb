# frozen_string_literal: true

require_relative "../../kit/steamer"
require_relative "../made/long_soak"
require_relative "warning"
require_relative "../made/pieces"
require_relative "../made/steaming"
require_relative "../made/water_below"

module FondKettle
  module Methods
    # Warnings about rice in a steamer, before the start.
    module SteamWarnings
      # More than that over a bed at once runs through it in streams, g per g of rice.
      MOST_PER_G = 0.3

      module_function

      # Warnings about a Request whose `last` phase (Phases::Phase) took this `run`; empty when it is not
      # steamed.
      def of(request, last, run)
        return [] unless last.load.steamed?

        steaming = Steaming.new(request, last)
        [*soak(last.load), *pours(steaming, last.load), *bed(steaming.laid), *lags(run),
         *below(steaming.below), *below(Pieces.new(request, last).parcels&.below)]
      end

      def soak(load)
        soak = LongSoak.new(load.grain, load.state.taken_per_g)
        return [] if soak.ready?

        [warning("soak-short",
                 "The grain has only #{(soak.share * 100).round} % of the water that soaking can give it, " \
                 "and does not crush between two fingers yet: #{soak.say}. As it is, the steam takes " \
                 "longer, and it is sprinkled more.")]
      end

      def pours(steaming, load)
        return [] unless steaming.pour_g * steaming.laid.batches > MOST_PER_G * load.rice_g

        [warning("too-much-sprinkled",
                 "#{steaming.pour_g.round} g at once runs through the bed in streams: soak it longer.")]
      end

      def bed(laid)
        return [] unless laid.bed_mm < Kit::Steamer::THINNEST_MM

        [warning("bed-too-thin", "The bed is only #{laid.bed_mm.round} mm thick: it dries before it is " \
                                 "done. Heap it in the middle, or take a smaller steamer.")]
      end

      # True when the pot under it holds too little until it is opened next (WaterBelow, or nil).
      def below(water)
        return [] unless water&.short_min

        [warning("little-below",
                 "The pot under the steamer holds too little: after #{water.short_min.floor} min less than " \
                 "#{WaterBelow::NEVER_DRY_G.round} g of its water is left, before the steamer is opened. " \
                 "Take a larger pot, or open it by then and top up with boiling water.")]
      end

      # True when the steam never gets to all of it.
      def lags(run)
        return [] if run.at("first-steam") || !run.at("boil")

        [warning("never-hot",
                 "The steam never gets through all of it: take a stronger burner or fewer tiers.")]
      end

      def warning(code, say)
        Warning.new(code: code, say: say)
      end

      private_class_method :soak, :pours, :bed, :below, :lags, :warning
    end
  end
end
