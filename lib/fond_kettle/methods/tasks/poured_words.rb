# frozen_string_literal: true

require_relative "../../care/task"
require_relative "../../measure/rounding"
require_relative "../../measure/spoken"
require_relative "../placing/amounts"

module FondKettle
  module Methods
    # The rice of one phase and what is poured over it, in the house's measures.
    class PouredWords
      # `phase`: Phases::Phase of a Request; `ledger`: the BaseLedger of its broth, or nil.
      def initialize(request, phase, ledger)
        @request = request
        @phase = phase
        @ledger = ledger
        @load = phase.load
      end

      # The water that is poured for a broth (or for the rice, when there is none), in g.
      def poured_g
        @ledger ? @ledger.start_g : @phase.standing_g
      end

      # The rice in the house's own cup.
      def rice_in_cups
        @rice_in_cups ||= Measure::Spoken.say(@load.rice_g / @load.grain.rho_g_ml, @request.measures)
      end

      # The rice as a cook reads it, of so many pots: "300 g basmati (1 3/4 jam glasses)".
      def told_rice(pots)
        grams = @load.rice_g * pots
        in_cups = Measure::Spoken.say(grams / @load.grain.rho_g_ml, @request.measures)
        "#{@request.measures.weighed(grams)} #{@load.grain.name.downcase} (#{in_cups})"
      end

      # The model's own liquid as a cook reads it.
      def told_liquid
        return "no #{liquid_name.downcase}" unless poured_g.round.positive?

        told_water(liquid_name, poured_g)
      end

      # An amount of a liquid, as a cook reads it. Nobody counts many cups.
      def told_water(name, grams)
        return "#{Measure::Rounding.litres(grams)} #{name.downcase}" if @request.measures.litres?(grams)

        "#{@request.measures.weighed(grams)} #{name.downcase} (#{in_cups(grams)})"
      end

      # g of water in the house's own measures.
      def in_cups(grams)
        Amounts.in_cups(grams, @load, @request.measures)
      end

      # True when some of the model's own liquid is poured.
      def pours_own?
        poured_g.round.positive? || poured.empty?
      end

      # The key of the liquid that the model doses.
      def liquid_key
        (@request.main_liquid if last?)&.key || Care::Amount::WATER
      end

      # Its name.
      def liquid_name
        (@request.main_liquid if last?)&.name || "Water"
      end

      # The other liquids that are poured with it: each Addition and its amount in the house's measures.
      def poured
        others = last? ? @request.poured : []
        others.to_h { |one| [one, Measure::Spoken.say(one.g / one.ingredient.g_ml, @request.measures)] }
      end

      # "385 g (1 3/4 jam glasses) of water", and whatever else is poured with it.
      def pour
        others = poured.map { |one, in_cups| "#{grams(one.g, in_cups)} of #{one.ingredient.name.downcase}" }
        main = "#{grams(poured_g, liquid_in_cups)} of #{liquid_name.downcase}"
        [*others, *(main if pours_own?)].join(" and ")
      end

      # "200 g (1 jam glass)" of raw rice
      def rice
        grams(@load.rice_g, rice_in_cups)
      end

      # Its own liquid alone, told likewise.
      def liquid
        grams(poured_g, liquid_in_cups)
      end

      # "385 g (1 3/4 jam glasses)" of water
      def weighed(of_it_g)
        grams(of_it_g, in_cups(of_it_g))
      end

      private

      def last?
        @phase.key == @request.method.last_phase.key
      end

      def liquid_in_cups
        @liquid_in_cups ||= in_cups(poured_g)
      end

      def grams(of_it_g, in_cups)
        "#{@request.measures.weighed(of_it_g)} (#{in_cups})"
      end
    end
  end
end
