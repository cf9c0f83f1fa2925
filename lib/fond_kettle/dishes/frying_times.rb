# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../ground/errors"
require_relative "../measure/rounding"
require_relative "../vessels/contents"
require_relative "../vessels/frying"
require_relative "../vessels/step"

module FondKettle
  module Dishes
    # A check of the minutes of a dish's frying steps: lines of the base that count as browned, and so bring
    # the rice hardly any water, must be in the pan until they are golden, for as much as there is on the
    # evening.
    class FryingTimes
      STATE = "golden"
      HEAT = "medium"
      # Minutes this far from what it takes are remarked on.
      FAR = 0.5

      # `dish`: a Dish; `request`: the Methods::Request of its evening, for one pot.
      def initialize(dish, request)
        @dish = dish
        @request = request
        @factor = request.rice_g / dish.rice_g
      end

      # A sentence for each step that is too short.
      def short
        @dish.steps.zip(@dish.claims).filter_map do |step, claims|
          lines = browned(claims) if step.kind == "fry"
          sentence(step, lines) if lines&.any?
        end
      end

      private

      def browned(claims)
        claims.map { |claim| @dish.lines[claim.index] }.select do |line|
          line.state == "browned" && line.shares.key?("base") && line.g &&
            !line.ingredient.care.intersect?(Care::Cautions.raw)
        end
      end

      def sentence(step, lines)
        wants_min = minutes(lines)
        return if step.minutes >= wants_min * FAR

        grams = Measure::Rounding.grams(lines.sum { |line| line.g * @factor })
        minutes = Measure::Rounding.plain(step.minutes)
        "#{lines.first.name.capitalize}: #{grams} g are golden after about #{wants_min.round} min on " \
          "#{HEAT} in the #{vessel_name}, not after #{minutes}. In two pans it takes half as long. Counted " \
          "as browned, this brings the rice hardly any water."
      rescue NeverHot => e
        e.message
      end

      def vessel_name
        @request.vessel.name.sub(/\A./, &:downcase)
      end

      def minutes(lines)
        foods = lines.map { |line| Vessels::Food.of(line.ingredient, line.g * @factor) }
        setting = Vessels::Setting.of(@request.vessel, @request.burner, altitude_m: @request.altitude_m)
        step = Vessels::Step.of("fry", state: STATE, heat: HEAT)
        Vessels::Frying.minutes(Vessels::Contents.of(foods), step, setting)
      end
    end
  end
end
