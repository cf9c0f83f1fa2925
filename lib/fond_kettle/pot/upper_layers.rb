# frozen_string_literal: true

require_relative "heat"
require_relative "kinetics"
require_relative "loss"

module FondKettle
  module Pot
    # What happens to the layers of a Column over its floor while the floor takes a step:
    # the first that is not hot is warmed by the floor's steam, the others stay as they
    # are. They lose nothing; what they cook, they cook at their own temperature.
    class UpperLayers
      HAIR = 1e-9
      # A layer that stays as it is: the mean over its one temperature, °C.
      Steady = Struct.new(:temp_c) do
        # The block at that temperature.
        def mean
          yield temp_c
        end
      end
      # A layer that is warmed (Heat::Condensing) for `minutes`.
      Steeping = Struct.new(:warming, :minutes) do
        # The mean of the block over the temperatures, °C, of those minutes.
        def mean(&)
          warming.mean(minutes, &)
        end
      end
      private_constant :Steady, :Steeping

      # Of `column` (Column) in a kitchen where water boils at `boil_c`.
      def initialize(column, boil_c)
        @column = column
        @boil_c = boil_c
      end

      # The layer that steam from the floor would warm, or nil.
      def cold
        @column.cold(@boil_c)
      end

      # The step (Heat::Condensing) in which `joule_min` of steam warms that layer, of at
      # most `most_min`.
      def warming(joule_min, most_min)
        layer = cold
        Heat::Condensing.new(layer.temp_c, @boil_c, joule_min, layer.heat_capacity_j_k, most_min)
      end

      # `steam_g` condensed in the cold layer in `minutes` of `warming`, brought by
      # `joule_min`; `lag` is how time runs slower for the rice.
      def steamed(warming, minutes, steam_g, joule_min, lag)
        layer = cold
        layer.condense(steam_g)
        follow(layer, Steeping.new(warming, minutes), minutes, lag)
        layer.temp_c = warming.after(steam_g * Loss::LATENT_J_G / joule_min)
        wait(minutes, lag, except: layer)
      end

      # Layers as they are for `minutes`.
      def wait(minutes, lag, except: nil)
        @column.above.each do |layer|
          follow(layer, Steady.new(layer.temp_c), minutes, lag) unless layer.equal?(except)
        end
      end

      # A layer for `minutes` over the temperatures of `step`.
      def follow(layer, step, minutes, lag)
        return layer.soak(step, minutes, 0.0) unless layer.cooking?

        pace = step.mean { |c| Kinetics.pace(c) } / lag
        left = minutes
        left -= layer.cook(pace, 0.0, left) while left > HAIR
      end
    end
  end
end
