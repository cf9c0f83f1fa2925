# frozen_string_literal: true

require_relative "../../care/cautions"

module FondKettle
  module Reading
    # By what a question about a dish changes, its place among the others.
    class QuestionWeight
      SAFETY = 0
      WATER = 1
      MINUTES = 2
      OTHER = 3
      # Of the whole dish.
      OF_RICE = %w[rice_g grain method].freeze
      OF_STEP = %w[minutes kind takes].freeze
      PULSES = "pulses"
      # Food of which so much of its weight is water that comes out changes the rice's water.
      BRINGS = 0.2

      # `lines`: ReadLines.
      def initialize(lines)
        @lines = lines.to_h { |line| [line.id, line] }
      end

      # Its place (SAFETY first); `question`: a hash of `asked`.
      def of(question)
        line = @lines[question["of"]]
        return of_line(line) if line
        return WATER if OF_RICE.include?(question["of"])

        OF_STEP.include?(question["field"]) ? MINUTES : OTHER
      end

      private

      def of_line(line)
        return SAFETY if line.unknown? || raw?(line)

        watery?(line.ingredient) ? WATER : OTHER
      end

      # True for food that has to be heated, or boiled through.
      def raw?(line)
        line.ingredient.care.intersect?([*Care::Cautions.raw, PULSES])
      end

      def watery?(food)
        food.liquid || food.brings > BRINGS || food.takes.positive?
      end
    end
  end
end
