# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Methods
    # Moments at which a dish's own step is done, neither before the rice nor after it: while the rice soaks,
    # at the boil, so many minutes after the boil, when the liquid is gone, when the heat goes off, while it
    # rests.
    module Moments
      SOAK = "soak"
      BOIL = "boil"
      DRY = "dry"
      REST = "rest"
      # Once the heat is off, before it rests.
      OFF = "off"
      # Before the rice, but not in its pot.
      APART = "apart"
      KEYS = [SOAK, BOIL, DRY, OFF, REST].freeze
      # Of these, when it is done to what is in the pot, and when beside it.
      IN_POT = [BOIL, DRY, OFF].freeze
      OUT_OF_POT = [SOAK, REST, APART].freeze
      # The ends of a stage that say that the liquid is gone.
      DRY_ENDS = %w[level dry].freeze

      # A dish's own StageText beside one in the pot: when that is over (`into_min` nil), or so
      # many minutes after it began.
      OwnStage = Value.define(:stage, :into_min)

      module_function

      # OwnStage by the key of the stage in the pot; `cooked`: triples of StageText, Pot::Stage and its
      # minutes.
      def places(text, cooked)
        text.between.reject { |stage| stage.moment == SOAK }
            .each_with_object({}) do |stage, found|
          key, into_min = place(stage.moment, cooked)
          (found[key] ||= []) << OwnStage.new(stage: stage, into_min: into_min)
        end
      end

      def place(moment, cooked)
        case moment
        when BOIL then [boil(cooked).first.key, nil]
        when DRY then [dry(cooked).first.key, nil]
        when OFF then [heated(cooked).last.first.key, nil]
        when REST then resting(cooked)
        else minutes_in(moment, cooked)
        end
      end

      def boil(cooked)
        cooked.find { |stage, _, _| stage.until == "boil" } || cooked.first
      end

      def dry(cooked)
        cooked.reverse.find { |stage, _, _| DRY_ENDS.include?(stage.until) } || heated(cooked).last
      end

      def heated(cooked)
        heated = cooked.reject { |_, pot_stage, _| pot_stage.off? }
        heated.empty? ? cooked : heated
      end

      def resting(cooked)
        found = cooked.find { |_, pot_stage, _| pot_stage.off? }
        found ? [found.first.key, 0.0] : [cooked.last.first.key, nil]
      end

      # Minutes after the boil. A moment at the end is later than everything.
      def minutes_in(left_min, cooked)
        after = cooked.drop(cooked.index(boil(cooked)) + 1)
        after.each do |stage, _, minutes|
          return [stage.key, left_min.floor] if left_min < minutes

          left_min -= minutes
        end
        [cooked.last.first.key, nil]
      end

      private_class_method :place, :boil, :dry, :heated, :resting, :minutes_in
    end
  end
end
