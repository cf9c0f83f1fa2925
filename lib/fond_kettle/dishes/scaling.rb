# frozen_string_literal: true

require_relative "../larder/grains"
require_relative "../measure/rounding"
require_relative "line"

module FondKettle
  module Dishes
    # A line in another amount, not rounded yet: `factor` times as written, `why` it
    # is not the batch's factor (nil where it is).
    Scaled = Value.define(:line, :factor, :why) do
      # g, or nil where the line's weight is not known.
      def g
        line.g && (line.g * factor)
      end

      # Amount in the line's unit; nil when none was written.
      def amount
        line.amount && (line.amount * factor)
      end
    end

    # The growth of a dish's lines with the batch (docs/model.md: Scaling). Nothing is rounded here, so that f
    # and then 1/f restore every amount (identity 6).
    module Scaling
      module_function

      # Lines of `dish` for `factor` times its rice, in `pans` pans `pan_mm` wide.
      def lines(dish, factor, pan_mm: nil, pans: 1)
        floor = floor_factor(dish, pan_mm) * pans
        finished = finished_factor(dish, factor, floor)
        dish.lines.map { |line| scaled(line, factor, floor, finished) }
      end

      # Factor at which `line` comes to `grams` (what there is of it); nil for a line
      # that has no weight or does not go with the batch.
      def factor_for(line, grams)
        return unless line.g&.positive? && %w[people whole finished slower].include?(line.scales)

        ratio = grams / line.g
        line.scales == "slower" ? ratio**(1 / line.ingredient.power) : ratio
      end

      # Frying fat covers the floor: by its area, or as written where a pan is not known.
      def floor_factor(dish, pan_mm)
        dish.pan_mm && pan_mm ? (pan_mm / dish.pan_mm.to_f)**2 : 1.0
      end

      # Factor by which the finished weight grows; salt follows it.
      def finished_factor(dish, factor, floor)
        finished_g(dish, factor, floor) / finished_g(dish, 1.0, 1.0)
      end

      def finished_g(dish, factor, floor)
        uptake = Larder::Grains.fetch(dish.grain).uptake[:standard]
        others = dish.lines.reject do |line|
          line.g.nil? || line.stage == "liquid" || line.scales == "finished"
        end
        (dish.rice_g * factor * (1 + uptake)) + others.sum { |line| line.g * grown(line, factor, floor) }
      end

      def grown(line, factor, floor)
        case line.scales
        when "slower" then factor**line.ingredient.power
        when "floor" then floor
        when "fixed" then 1.0
        else factor
        end
      end

      def scaled(line, factor, floor, finished)
        grows = line.scales == "finished" ? finished : grown(line, factor, floor)
        Scaled.new(line: line, factor: grows, why: (grows - factor).abs > 0.005 ? why(line) : nil)
      end

      def why(line)
        twice = Measure::Rounding.plain(2**line.ingredient.power, 1)
        { "slower" => "Spice grows slower than the batch: for twice the rice #{twice} times as much.",
          "floor" => "Frying fat covers the pan's floor: it goes with the pan, not with the people.",
          "finished" => "Salt goes by the weight of the finished food.",
          "fixed" => "The same for any number." }.fetch(line.scales)
      end

      private_class_method :floor_factor, :finished_factor, :finished_g, :grown, :scaled, :why
    end
  end
end
