# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Dishes
    # Something to be done in good time: what (`say`) and for how many `minutes`.
    Ahead = Value.define(:say, :minutes)

    # The dried or frozen food of a dish that soaks or thaws beforehand, its soaking water, and the stock that
    # remains, shared between the lines that use some.
    class Soaks
      # The ingredient that stands for such stock in a dish.
      STOCK = "soaking-liquid"
      # Less than that is not worth keeping, g.
      LEAST_G = 10

      # `lines`: Scaled, for all pots; `house`: Measure::House.
      def initialize(lines, house)
        @lines = lines
        @house = house
      end

      # A list of Ahead, and what becomes of the stock.
      def all
        soaked.map { |scaled| Ahead.new(say: say(scaled), minutes: scaled.line.ingredient.ahead_min) }
      end

      # Stock that soaking leaves, g.
      def stock_g
        soaked.select { |scaled| scaled.line.ingredient.stock }.sum { |scaled| left_g(scaled) }
      end

      # The stock that the lines of the dish use, in g.
      def used_g
        @lines.select { |scaled| scaled.line.ingredient.key == STOCK }.sum { |scaled| scaled.g.to_f }
      end

      private

      def soaked
        @lines.select { |scaled| scaled.line.ingredient.ahead_min.positive? }
      end

      def say(scaled)
        food = scaled.line.ingredient
        said = "#{scaled.line.name}: #{food.ahead}"
        return said unless food.soak_in && scaled.g

        "#{said}; #{weighed(scaled.g)} in #{weighed(scaled.g * food.soak_in)} of water#{stock_left(scaled)}"
      end

      def stock_left(scaled)
        return "" unless scaled.line.ingredient.stock

        ", of which about #{weighed(left_g(scaled))} are stock#{shared}"
      end

      def shared
        return "" unless used_g.positive?

        spare_g = stock_g - used_g
        used = "; #{weighed(used_g)} of it go in"
        return "#{used}, make up the rest with water" if spare_g < -LEAST_G

        spare_g > LEAST_G ? "#{used}, #{weighed(spare_g)} are left for another pot" : used
      end

      # What is not drunk, g.
      def left_g(scaled)
        food = scaled.line.ingredient
        scaled.g.to_f * [food.soak_in - food.takes, 0].max
      end

      def weighed(grams)
        @house.weighed(grams)
      end
    end
  end
end
