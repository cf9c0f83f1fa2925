# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../ground/value"
require_relative "../measure/rounding"
require_relative "../measure/spoken"
require_relative "../pot/fit"
require_relative "../pot/hot_liquid"
require_relative "../pot/loss"
require_relative "loading"

module FondKettle
  module Methods
    # One sprinkling: minutes after the steamer was set on, and g of water.
    Sprinkling = Value.define(:at_min, :g)

    # What there is to say of a steamed phase: the water below, how long, when it is sprinkled.
    class Steaming
      # The kind of step that heats the water under a steamer.
      KIND = "heat-steamer"
      # So much is always left below (figures: Steaming sticky rice).
      NEVER_DRY_G = 300.0
      # Of the pot under it, what water may fill: it must not boil up into the rice.
      FULL = Pot::Fitting::BOIL_SHARE
      TO_C = 100.0

      # Of the phase (Phases::Phase) of a Request, in its vessel (Kit::Vessel).
      def initialize(request, phase)
        @request = request
        @phase = phase
        @laid = phase.load.steamer
      end

      # Kit::Laid.
      attr_reader :laid

      # Minutes of one batch, steam and sprinklings.
      def minutes
        @phase.stage_minutes.sum
      end

      # When it is sprinkled (Sprinkling), in one batch of its own; g of all of it where one batch is all.
      def sprinklings
        began = @phase.stage_minutes.reduce([0.0]) { |list, min| [*list, list.last + min] }
        sprinkled = @phase.stages.each_index.select { |i| @phase.stages[i].sprinkle }
        sprinkled.map { |i| Sprinkling.new(at_min: began[i], g: pour_g) }
      end

      # One pour over one batch, g.
      def pour_g
        pours = @phase.stages.count(&:sprinkle)
        pours.zero? ? 0.0 : @phase.liquid_g / pours / @laid.batches
      end

      # Steam that became water in the rice, g.
      def condensed_g
        @phase.run.condensed_g
      end

      # Water below that all the steaming takes, and what is left, g.
      def needed_g
        (g_min * minutes * @laid.batches) + NEVER_DRY_G
      end

      # What of it goes in first, g: no more than the pot may hold.
      def below_g
        [needed_g, FULL * @phase.setting.vessel.volume_ml].min
      end

      # Minutes after which it has to be topped up; nil: never.
      def top_up_min
        (below_g - NEVER_DRY_G) / g_min if needed_g > below_g + 1
      end

      # Until the water boils, minutes.
      def heat_min
        burner = @phase.setting.burner
        setting = @phase.setting.with(burner: burner.with(high_w: burner.high_w / @laid.batches))
        Pot::HotLiquid.minutes(below_g, setting, @request.liquid_start_c, TO_C)
      end

      # What its texts have filled in.
      def words
        { below: below, top_up: top_up, tiers: tiers, steamed: steamed, holes: @laid.holes.to_s,
          bed: bed }
      end

      private

      # What the fire makes of steam, g/min (figures: net power/2257).
      def g_min
        joule = @phase.stages.first.then { |stage| @phase.setting.burner.joule_per_min(stage.heat) }
        joule / @laid.batches / Pot::Loss::LATENT_J_G
      end

      def weighed(grams)
        "#{@request.measures.weighed(grams)} (#{Measure::Spoken.say(grams, @request.measures)})"
      end

      def below
        all = Measure::Rounding.duration(minutes * @laid.batches)
        "#{all} of steam take #{(needed_g - NEVER_DRY_G).round} g of it; " \
          "#{NEVER_DRY_G.round} g must always be left, for a steamer that boils dry burns."
      end

      def tiers
        return "" if @laid.tiers == 1

        ", as much over each of the #{@laid.tiers} baskets, which then change places,"
      end

      def top_up
        return ". Look at the water below" unless top_up_min

        more_g = needed_g - below_g
        ". The water below needs #{weighed(more_g)} more, boiling hot, before minute #{top_up_min.floor}"
      end

      def steamed
        gain = (@phase.load.soak_gain_g / @phase.load.rice_g).round(2)
        "It soaked #{Measure::Rounding.plain(gain)} g of water a gram, #{condensed_g.round} g of steam " \
          "condensed in it, #{(@phase.liquid_g * Pot::SteamerPot::KEEPS).round} g of what was sprinkled " \
          "stayed."
      end

      def bed
        tiers = @laid.tiers > 1 ? " in #{@laid.tiers} tiers" : ""
        "#{@laid.bed_mm.round} mm thick#{tiers}"
      end
    end
  end
end
