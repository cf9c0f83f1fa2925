# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../care/kind"
require_relative "../measure/rounding"
require_relative "../methods/loads/base_cooking"

module FondKettle
  module Dishes
    # A check of the steps with which a dish cooks the raw food of a base before it is sealed in: they must
    # last until it is safe and until it is tender. The cook's own minutes stand; the shortfall is reported.
    class BaseTimes
      # `dish`: a Dish; `request`: the Methods::Request of its evening.
      def initialize(dish, request)
        @dish = dish
        @cooking = Methods::BaseCooking.new(request)
      end

      # Sentences by the name of what is not safe by then.
      def unsafe
        short { |food| @cooking.safe_min(food) }.map do |line, has_min, wants_min|
          "#{line.name.capitalize} is at its temperature after about #{wants_min} min; its steps give it " \
            "#{plain(has_min)} min. Cook it longer, or in smaller pieces, and measure."
        end
      end

      # The same of what is safe, and tough.
      def tough
        short { |food| @cooking.tender_min(food) }.map do |line, has_min, wants_min|
          "#{line.name.capitalize} is tender after about #{wants_min.round} min of simmering; its " \
            "steps give it #{plain(has_min)} min."
        end
      end

      private

      # Lines of raw food whose steps take less than the block says of its Ingredient, with both minutes.
      def short
        return [] unless @cooking.any?

        raw.filter_map do |line, index|
          has_min = heated_min(index)
          wants_min = yield(line.ingredient)
          [line, has_min, wants_min] if has_min && has_min < wants_min
        end
      end

      def raw
        @dish.lines.each_with_index.select do |line, _|
          line.stage == "base" && line.ingredient.care.intersect?(Care::Cautions.surely_raw)
        end
      end

      # Minutes of the steps on the fire from the one that takes it, nil where none does.
      def heated_min(index)
        first = @dish.step_of[index]
        return unless first

        @dish.steps.drop(first).select { |step| step.stage == "base" && heats?(step) }.sum(&:minutes)
      end

      def heats?(step)
        kind = Care::Kinds.fetch(step.kind)
        kind.in_pot && kind.heats?
      end

      def plain(minutes)
        Measure::Rounding.plain(minutes)
      end
    end
  end
end
