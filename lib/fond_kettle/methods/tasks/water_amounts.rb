# frozen_string_literal: true

require_relative "../../care/task"
require_relative "../../measure/spoken"
require_relative "../../pot/steamer/steamer_pot"
require_relative "../made/pieces"
require_relative "../made/steaming"

module FondKettle
  module Methods
    # Water that is not, or not all, eaten (Care::Amount): of rinsing and soaking, under a steamer
    # and over the rice in it.
    class WaterAmounts
      # Water to cover what soaks, and of one change of rinsing, g per g of rice.
      COVERS = 2.0
      RINSES = 3.0
      # The section of stages once the rice is done.
      AFTER = "after"

      # `request`: a Request; `phase`: one of its phases (Phases::Phase); `words`: its TaskWords.
      def initialize(request, phase, words)
        @request = request
        @phase = phase
        @words = words
      end

      # The water for rinsing, which nobody measures.
      def rinsing
        thrown("Rinsing water", RINSES * @request.rinse_changes)
      end

      # Poured off but for what the grain drinks.
      def soaking
        thrown("Soaking water", COVERS, @phase.load.soak_gain_g, told: to_cover)
      end

      # The water and food under a steamer at a StageText beside the rice's own.
      def below(stage)
        return [] unless stage.kind == Steaming::KIND

        of = stage.section == AFTER ? Pieces.new(@request, @phase).parcels : steaming
        of ? [under("Water below the steamer", of.below.first_g)] : []
      end

      # Boiling water that is put to it (TopUp, or nil).
      def topped(top_up)
        top_up ? [under("Boiling water below the steamer", top_up.g)] : []
      end

      # The water of one sprinkling over rice in a steamer; a bed keeps its share.
      def sprinkled
        grams = steaming.pour_g
        kept_g = grams * Pot::SteamerPot::KEEPS
        name = @words.liquid_name
        [Care::Amount.of(key: @words.liquid_key, what: name, g: kept_g, measured: @words.in_cups(kept_g),
                         told: @words.told_water(name, grams)),
         left(name, grams - kept_g, key: @words.liquid_key)]
      end

      # Amount that is poured off in the end, in g.
      def left(name, grams, key: Care::Amount::WATER)
        Care::Amount.new(key: key, what: name, g: grams, measured: @words.in_cups(grams), poured_off: true,
                         told: nil)
      end

      private

      # Enough, to half a cup.
      def to_cover
        half_ml = @request.measures.cup.ml / 2
        at_once = @request.rounds? ? 1 : @request.pots
        ml = ((@phase.load.rice_g * at_once * COVERS) / half_ml).ceil * half_ml
        "about #{Measure::Spoken.say(ml, @request.measures)} water, to cover it"
      end

      # Of rice in a steamer, or nil.
      def steaming
        @steaming ||= Steaming.new(@request, @phase) if @phase.load.steamed?
      end

      def under(name, grams)
        left("Water for the steamer", grams).with(told: @words.told_water(name, grams))
      end

      # Water, so much of it for each g of rice, of which `kept_g` is taken up.
      def thrown(name, per_g, kept_g = 0.0, told: nil)
        all_g = per_g * @phase.load.rice_g
        off = Care::Amount.new(key: Care::Amount::WATER, what: name, g: all_g - kept_g, poured_off: true,
                               told: told,
                               measured: @words.in_cups(all_g - kept_g))
        kept = Care::Amount.of(key: Care::Amount::WATER, what: name, g: kept_g,
                               measured: @words.in_cups(kept_g), told: nil)
        kept_g.positive? ? [off, kept] : [off]
      end
    end
  end
end
