# frozen_string_literal: true

require_relative "../ground/value"
require_relative "effects"
require_relative "food"

module FondKettle
  module Vessels
    # What is in one vessel of a dish: its foods, free liquid with the salt in it, free fat. A value: each
    # step makes new contents.
    #
    #   pan = Contents.of([Food.of(onion, 150.0)], fat_g: 20.0)
    #   pan.after(Step.of("fry", state: "golden", heat: "medium"), setting).contents.water_g # => 58.5
    Contents = Value.define(:foods, :liquid_g, :liquid_salt_g, :liquid_c, :fat_g) do
      const_set(:FAT_G_ML, 0.92)

      # Contents with the given parts; the others are none.
      def self.of(foods = [], liquid_g: 0.0, liquid_salt_g: 0.0, liquid_c: Food::ROOM_C, fat_g: 0.0)
        new(foods: foods.freeze, liquid_g: liquid_g, liquid_salt_g: liquid_salt_g, liquid_c: liquid_c,
            fat_g: fat_g)
      end

      # The contents after a Step in a Setting (Change). Raises KeyError for a kind that changes nothing,
      # NeverHot where the fire cannot.
      def after(step, setting)
        Effects.fetch(step.kind).call(self, step, setting)
      end

      # The contents with one more Food: what runs is free liquid at once, fat melts.
      def taking(food)
        return melting(food) if food.ingredient.fat?
        return with(foods: [*foods, food].freeze) unless food.ingredient.runs?

        given_g = [food.ingredient.brings * food.raw_g, food.water_g].min
        salt_g = food.water_g.positive? ? food.salt_g * given_g / food.water_g : 0.0
        rest = food.giving(given_g)
        poured = Contents.of([rest.with(salt_g: food.salt_g - salt_g)],
                             liquid_g: given_g, liquid_salt_g: salt_g, liquid_c: food.temp_c)
        self + poured
      end

      # Water in the foods and free, in g.
      def water_g
        foods.sum(liquid_g, &:water_g)
      end

      # Fat in the foods and free, in g.
      def total_fat_g
        foods.sum(fat_g, &:fat_g)
      end

      # Salt in the foods and in the liquid, in g.
      def salt_g
        foods.sum(liquid_salt_g, &:salt_g)
      end

      # All that is in it, in g.
      def mass_g
        foods.sum(liquid_g + liquid_salt_g + fat_g, &:mass_g)
      end

      # Room that it takes, in mL.
      def volume_ml
        foods.sum(liquid_g + (fat_g / self.class::FAT_G_ML), &:volume_ml)
      end

      # Allergens of all of it, sorted.
      def allergens
        foods.flat_map { |food| food.ingredient.allergens }.uniq.sort
      end

      # Indexes of the foods that a step takes: those it names, or all.
      def taken(step)
        step.foods || foods.each_index.to_a
      end

      # The contents with what else is tipped in (Contents).
      def +(other)
        with(foods: (foods + other.foods).freeze, liquid_g: liquid_g + other.liquid_g,
             liquid_salt_g: liquid_salt_g + other.liquid_salt_g, fat_g: fat_g + other.fat_g,
             liquid_c: mixed_c(other))
      end

      # A `share` of the contents; above 1: as much of the same, for several rounds at once. `liquid`, `fat`:
      # other shares of these.
      def part(share, liquid: share, fat: share)
        parts = share.zero? ? [] : foods.map { |food| food.part(share) }
        with(foods: parts.freeze, liquid_g: liquid_g * liquid, liquid_salt_g: liquid_salt_g * liquid,
             fat_g: fat_g * fat)
      end

      # The contents with the foods that the block makes of those at `indexes` (nil: all); it is given a food
      # and its index.
      def map(indexes = nil)
        changed = foods.each_with_index.map do |food, index|
          indexes.nil? || indexes.include?(index) ? yield(food, index) : food
        end
        with(foods: changed.freeze)
      end

      private

      def melting(food)
        with(foods: [*foods, food.with(fat_g: 0.0)].freeze, fat_g: fat_g + food.fat_g)
      end

      def mixed_c(other)
        all_g = liquid_g + other.liquid_g
        all_g.zero? ? liquid_c : ((liquid_g * liquid_c) + (other.liquid_g * other.liquid_c)) / all_g
      end
    end
  end
end
