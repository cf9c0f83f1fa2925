# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../larder/ingredient"

module FondKettle
  module Dishes
    # Where in the cooking a line enters, in order of use:
    #   base    before the rice      liquid  in place of water   with  with the rice
    #   finish  when the heat is off beside  on the table; never in the pot
    STAGES = { "base" => "in the base", "liquid" => "as liquid", "with" => "with the rice",
               "finish" => "at the end",
               "beside" => "beside it" }.freeze
    # The same with where food goes that boils beside the rice in water that is poured off: with the rice, or
    # for the last minutes (LATE).
    BOILED = "boiled"
    LATE = "late"
    PLACES = { "base" => STAGES["base"], BOILED => "in the boiling water",
               LATE => "late in the boiling water", **STAGES }.freeze

    # One ingredient of a dish as written: `amount` of `unit` (nil: to taste), the
    # `name` and `note` in the cook's words, `g` what that weighs (nil: not known),
    # the Ingredient in its `state`, and `like`, the key it was said to be like. `shares`: what
    # of it goes in at which stage (its `stage` comes first), `out` as of a Methods::Addition,
    # `optional`: it may be left out; `instead_of`: what it takes the place of where that is
    # wanted, in the cook's words, or nil; `written`: the id of the GraphLine that it is of, or nil.
    Line = Value.define(:amount, :unit, :name, :note, :g, :ingredient, :stage, :state, :scales, :like,
                        :shares, :out, :optional, :instead_of, :written) do
      const_set(:IN_POT, ["base", "liquid", BOILED, LATE, "with"].freeze)

      # A Line that goes in at one place.
      def self.of(stage:, **given)
        new(like: nil, out: nil, optional: false, instead_of: nil, written: nil,
            shares: { stage => 1.0 }.freeze, stage: stage, **given)
      end

      # Share of it that lies in the pot with the rice.
      def pot_share
        shares.sum(0.0) { |stage, share| self.class::IN_POT.include?(stage) ? share : 0.0 }
      end

      # True where the water model has to know of it.
      def in_pot?
        pot_share.positive? && !g.nil?
      end

      # Poured when the pot is filled, in place of water.
      def poured?
        stage == "liquid"
      end

      # True for a line whose amount the model may choose.
      def free?
        poured? && ingredient.liquid
      end
    end
  end
end
