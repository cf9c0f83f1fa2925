# frozen_string_literal: true

require_relative "../larder/ingredient"
require_relative "../ground/value"
require_relative "way"

module FondKettle
  module Dishes
    # Where in the cooking a line enters, in order of use:
    #   base    before the rice      liquid  in place of water   with  with the rice
    #   finish  when the heat is off beside  on the table; never in the pot
    STAGES = { "base" => "in the base", "liquid" => "as liquid", "with" => "with the rice",
               "finish" => "at the end",
               "beside" => "beside it" }.freeze

    # One ingredient of a dish as written: `amount` of `unit` (nil: to taste), the
    # `name` and `note` in the cook's words, `g` what that weighs (nil: not known),
    # the Ingredient in its `state`, and `like`, the key it was said to be like. `shares`: what
    # of it goes in at which stage (its `stage` comes first), `out` as of a Methods::Addition,
    # `optional`: it may be left out; `instead_of`: what it takes the place of where that is
    # wanted, in the cook's words, or nil.
    Line = Value.define(:amount, :unit, :name, :note, :g, :ingredient, :stage, :state, :scales, :like, :shares,
                        :out, :optional, :instead_of) do
      const_set(:IN_POT, %w[base liquid with].freeze)

      # One that goes in at one place.
      def self.of(stage:, **given)
        new(like: nil, out: nil, optional: false, instead_of: nil, shares: { stage => 1.0 }.freeze, stage: stage,
            **given)
      end

      # The share of it that lies in the pot with the rice.
      def pot_share
        shares.slice(*self.class::IN_POT).values.sum(0.0)
      end

      # True where the water model has to know of it.
      def in_pot?
        pot_share.positive? && !g.nil?
      end

      # Poured when the pot is filled, in place of water.
      def poured?
        stage == "liquid"
      end

      # Of which the model may say how much.
      def free?
        poured? && ingredient.liquid
      end
    end

    # When a dish's own step is done: before the rice, once it is done, or in between (a moment
    # of Methods::Moments, "minute" so many minutes after the boil).
    STEP_STAGES = { "base" => "base", "finish" => "finish", "soak" => "while it soaks",
                    "boil" => "at the boil", "minute" => "at %s min", "dry" => "when dry",
                    "rest" => "while it rests" }.freeze

    # Something to do for the dish beside what its method does; `kind` (a key of
    # Care::Kinds) is what it does, "own" where nobody said; `at_min` minutes after the boil,
    # where that is its stage; `takes`: names of the lines that go in at it, nil where its words
    # say so.
    DishStep = Value.define(:say, :stage, :kind, :minutes, :hands_on, :cue, :at_min, :takes) do
      # One of which only what is said is given.
      def self.of(say:, **said)
        new(stage: "base", kind: "own", minutes: 0.0, hands_on: true, cue: "", at_min: nil, takes: nil, say: say,
            **said)
      end
    end

    # A dish for `serves` regular adults: `rice_g` of `grain` (a key) by `method` (a
    # key) in a pan `pan_mm` wide (nil: not said); `way`: what it keeps of its own (Way).
    Dish = Value.define(:title, :serves, :method, :grain, :rice_g, :pan_mm, :lines, :steps, :note, :way) do
      # One that keeps to its method's way, unless told.
      def self.of(way: Way.of, **given)
        new(way: way, **given)
      end

      # Raw rice for one regular adult, g.
      def portion_g
        rice_g / serves
      end

      # The line that the water model answers for, or nil: then it is plain water. Of several
      # liquids that is the water; the others stay as written.
      def main_liquid
        liquids = lines.select(&:free?)
        liquids.find { |line| line.ingredient.water? } || liquids.first
      end
    end
  end
end
