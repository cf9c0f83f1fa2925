# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../measure/rounding"
require_relative "../../pot/heat/loss"
require_relative "../loads/loading"
require_relative "water_below"

module FondKettle
  module Methods
    # One sprinkling: minutes after the steamer was set on, and g of water.
    Sprinkling = Value.define(:at_min, :g)

    # The description of a steamed phase: the water below, the minutes, the sprinklings.
    class Steaming
      # The kind of step that heats the water under a steamer.
      KIND = "heat-steamer"

      # `request`: a Request; `phase`: one of its phases (Phases::Phase), in its vessel (Kit::Vessel).
      def initialize(request, phase)
        @request = request
        @phase = phase
        @laid = phase.load.steamer
      end

      # Kit::SteamerLayout.
      attr_reader :laid

      # Minutes of one batch, steam and sprinklings.
      def minutes
        @phase.stage_minutes.sum
      end

      # The sprinklings (Sprinkling) of one batch, or in g of all the rice when there is one batch.
      def sprinklings
        sprinkled.map { |number| Sprinkling.new(at_min: began_min(1, number), g: pour_g) }
      end

      # Amount of one sprinkling over one batch, in g.
      def pour_g
        pours = @phase.stages.count(&:sprinkle)
        pours.zero? ? 0.0 : @phase.liquid_g / pours / @laid.batches
      end

      # The heat for steaming: no more than the pot can take.
      def heat
        @phase.stages.first.heat
      end

      # Steam that became water in the rice, g.
      def condensed_g
        @phase.run.condensed_g
      end

      # The water under it (WaterBelow), for all batches.
      def below
        @below ||= WaterBelow.new(g_min: g_min, minutes: minutes * @laid.batches, openings: openings,
                                  most_g: WaterBelow.most_g(@phase.setting.vessel))
      end

      # The TopUp of the water below at the start of stage `number` (nil: when it is filled) in batch 1, 2 …,
      # or nil.
      def top_up(batch, number)
        at_min = opened(batch)[number]
        below.top_ups.find { |one| one.at_min == at_min }
      end

      # The part of the rice that goes in at once, with `others` (Care::Amount) beside it.
      def part(others)
        all = others.any? ? "the rice and the rest" : "the rice"
        return "Spread #{all}" if @laid.batches == 1

        load = @phase.load
        lies_g = load.rice_g + load.soak_gain_g + load.surface_g + others.sum { |one| one.g.to_f }
        "#{others.any? ? "Mix #{all}, and spread" : 'Spread'} one of #{@laid.batches} equal parts (about " \
          "#{@request.measures.weighed(lies_g / @laid.batches)} of it)"
      end

      # Values for its texts.
      def words
        { below: told_below, tiers: tiers, steamed: steamed,
          holes: @laid.holes.to_s, bed: bed }
      end

      private

      # What the fire makes of steam, g/min (docs/model.md: Steaming sticky rice).
      def g_min
        @phase.setting.burner.joule_per_min(heat) / @laid.batches / Pot::Loss::LATENT_J_G
      end

      # Numbers of the stages that sprinkle.
      def sprinkled
        @phase.stages.each_index.select { |number| @phase.stages[number].sprinkle }
      end

      # Minutes after the steamer was first set on.
      def began_min(batch, number)
        (minutes * (batch - 1)) + @phase.stage_minutes.take(number).sum
      end

      # When it is opened: as the next batch is laid, and as it is sprinkled.
      def openings
        (1..@laid.batches).flat_map { |batch| opened(batch).values }
      end

      # The same of one batch, by the number of the stage (nil: as it is laid).
      def opened(batch)
        [*([nil] if batch > 1), *sprinkled].to_h { |number| [number, began_min(batch, number.to_i)] }
      end

      def told_below
        all = Measure::Rounding.duration(minutes * @laid.batches)
        "#{all} of steam take #{(below.needed_g - WaterBelow::NEVER_DRY_G).round} g of it; " \
          "#{WaterBelow::NEVER_DRY_G.round} g must always be left, for a steamer that boils dry burns."
      end

      def tiers
        return "" if @laid.tiers == 1

        ", as much over each of the #{@laid.tiers} baskets, which then change places,"
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
