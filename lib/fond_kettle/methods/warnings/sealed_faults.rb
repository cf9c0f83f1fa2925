# frozen_string_literal: true

require_relative "../../pot/verdict"
require_relative "../layer_kinds"
require_relative "warning"

module FondKettle
  module Methods
    # The faults of a course of a sealed pot, planned or the cook's own: danger, food that never gets hot,
    # scorching, mere faults of taste.
    class SealedFaults
      # High may run on so long after all is hot, minutes.
      HARD_MIN = 2.0
      # Less gravy than wanted by that share is told.
      GRAVY_SHARE = 0.25

      # A list of Warning of `request` whose `load` (Pot::Load) took this `run`.
      def self.of(request, load, run)
        new(request, load, run).to_a
      end

      # The arguments are those of `of`.
      def initialize(request, load, run)
        @load = load
        @run = run
        @layers = run.layers
        @base = request.in_layers.base
        @done_already = request.in_layers.done_already?
      end

      # The faults, the most important first.
      def to_a
        [*not_safe, *never_hot, *scorched, *not_tender, *dry_floor, *hard, *gravy]
      end

      private

      def not_safe
        [*pulses, *short_of_heat]
      end

      def pulses
        return [] unless @base.raw && @base.food&.boils

        [warning("not-safe",
                 "Raw #{@base.food.word} must be boiled through before they go into a sealed pot: " \
                 "nothing boils hard in it.")]
      end

      def short_of_heat
        cold = @layers.ends.zip(@load.stack.tiers).select { |_, tier| tier.cut&.safe_c }
                      .reject { |layer, _| @layers.safe?(layer) }
        return [] if cold.empty?

        layer, tier = cold.min_by { |one, _| one.core_c }
        smaller = " Cut it smaller or steam it longer." unless @run.starved?
        [warning("not-safe",
                 "The thickest piece (#{tier.cut.mm.round} mm) #{cold_words(layer, tier.cut)}.#{smaller}")]
      end

      # What gets there in the rest alone lacks time, not heat.
      def cold_words(layer, cut)
        if layer.safe_min
          late_min = (layer.safe_min - @layers.heated_min).ceil
          return "is at #{cut.safe_c} °C only #{[late_min, 1].max} min after the heat goes off"
        end

        "gets to #{layer.core_c.floor} °C; it wants #{cut.safe_c} °C"
      end

      # Drained rice alone is not heated through by what clings to it, whatever a single layer's run says.
      def never_hot
        return [] if @layers.hot_min && !bare?

        [warning("never-boiled", "It never gets hot right through: #{cold_because}.")]
      end

      def cold_because
        if bare?
          return "nothing under the rice has water for steam. Lay it on a base, or pour some stock over it"
        end
        return "the floor runs dry before its steam has reached the top. #{more_below}" if @run.starved?

        "the heat does not pay for the wall of this pot"
      end

      def more_below
        return "Lay more of the base on the floor" if base_between?

        "Leave more gravy in the base, or pour some stock over it"
      end

      # Does base lie between the rice too?
      def base_between?
        @load.stack.tiers.drop_while { |tier| !tier.rice? }.any? { |tier| tier.what == LayerKinds::BASE }
      end

      def bare?
        @load.stack.tiers.none? { |tier| !tier.rice? && tier.g.positive? }
      end

      def scorched
        return [] unless Pot::Verdict.scorched?(@run)

        [warning("scorches",
                 "The floor is dry and scorches after #{@layers.scorch_min.floor} min: turn it down " \
                 "sooner, lay a flat pan under it, or leave more gravy in the base.")]
      end

      def not_tender
        return [] unless @base.raw && @layers.tender_min.nil?

        [warning("not-tender", "The #{@base.food&.word || 'base'} is not tender when the heat goes off" \
                               "#{': steam it longer' unless @run.starved?}.")]
      end

      # Its steam needs water: what warms the layers above comes from the floor.
      def dry_floor
        dry_min = @run.at("dry")
        return [] unless dry_min && @layers.hot_min && !Pot::Verdict.scorched?(@run)

        [warning("floor-dry",
                 "The floor is dry after #{dry_min.floor} min; it stands that on low for a while.")]
      end

      def hard
        return [] unless @layers.hard_min > HARD_MIN

        [warning("high-too-long",
                 "High runs on for #{@layers.hard_min.floor} min after all is hot: that only " \
                 "drives #{@run.lost_g.round} g of steam out past the seal.")]
      end

      def gravy
        return little_gravy unless Pot::LayerVerdicts.gravy?(@run, @load)

        more_g = (@run.free_g - @load.residue_g).round
        [warning("stays-wet", gravy_words(more_g))]
      end

      def gravy_words(more_g)
        return "#{more_g} g more gravy is left at the floor than was wanted." unless @done_already

        "#{more_g} g of gravy stand against the rice: its lowest 25 mm come out wet. Boil the base down, " \
          "or ladle it off."
      end

      # The seal lets out what was meant to stay.
      def little_gravy
        return [] unless @load.residue_g - @run.free_g > GRAVY_SHARE * @load.residue_g

        [warning("little-gravy",
                 "#{@run.free_g.round} g of gravy stays, not #{@load.residue_g.round} g: seal it " \
                 "better, or leave more in the base.")]
      end

      def warning(code, say)
        Warning.new(code: code, say: say)
      end
    end
  end
end
