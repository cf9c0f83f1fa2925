# frozen_string_literal: true

require_relative "../larder/ingredient"
require_relative "../ground/value"

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
    # the Ingredient in its `state`, and `like`, the key it was said to be like.
    Line = Value.define(:amount, :unit, :name, :note, :g, :ingredient, :stage, :state, :scales, :like) do
      # True where the water model has to know of it.
      def in_pot?
        %w[base liquid with].include?(stage) && !g.nil?
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

    # Where a dish's own step goes in, and in which section of its method that is.
    STEP_SECTIONS = { "base" => "base", "finish" => "after" }.freeze

    # Something to do for the dish beside what its method does; `kind` (a key of
    # Care::Kinds) is what it does, "own" where nobody said.
    DishStep = Value.define(:say, :stage, :kind, :minutes, :hands_on, :cue)

    # A dish for `serves` regular adults: `rice_g` of `grain` (a key) by `method` (a
    # key) in a pan `pan_mm` wide (nil: not said).
    Dish = Value.define(:title, :serves, :method, :grain, :rice_g, :pan_mm, :lines, :steps, :note) do
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
