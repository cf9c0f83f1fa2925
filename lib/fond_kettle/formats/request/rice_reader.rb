# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../ground/limits"
require_relative "../../measure/units"
require_relative "../../table/eaters"

module FondKettle
  module Formats
    # Reads how much rice a request wants: an amount, or for whom.
    class RiceReader
      OWN_MEASURE = "measure"

      # `rice`: what the request says of it; `measure`: a Measure::Cup of the caller's own, or
      # nil; `portion`: the kind of meal.
      def initialize(rice, grain, measure, portion)
        @rice = rice
        @grain = grain
        @measure = measure
        @portion = portion
      end

      # Raw rice, g. Raises InvalidInput.
      def rice_g
        grams = @rice[:people] ? for_people : for_amount
        return grams if Limits::RICE_G.cover?(grams)

        raise InvalidInput.at("rice.amount", "must come to between #{Limits::RICE_G.min} and " \
                                             "#{Limits::RICE_G.max} g of rice", received: grams.round(2))
      end

      # Who eats (Table::Eater); none where an amount is given.
      def eaters
        (@rice[:people] || []).map { |person| Table::Eater.of(**person) }.freeze
      end

      private

      def for_people
        raise InvalidInput.at("rice", "must have an amount or people, not both") if @rice.key?(:amount)

        Table::Portions.rice_g(eaters, @portion)
      end

      def for_amount
        amount, unit = @rice.values_at(:amount, :unit)
        raise InvalidInput.at("rice", "must have an amount or people") unless amount
        unless unit
          raise InvalidInput.at("rice.unit",
                                "must be given with rice.amount: g, kg, oz, lb, a cup, ml or measure")
        end

        weigh(amount, unit)
      end

      def weigh(amount, unit)
        if @measure && [OWN_MEASURE, @measure.name].include?(unit)
          return amount * @measure.ml * @grain.rho_g_ml
        end

        Measure::Units.grams(amount, unit, @grain.rho_g_ml)
      rescue InvalidInput => e
        raise InvalidInput.at("rice.#{e.problems.first[:field]}", e.problems.first[:message],
                              received: unit || amount)
      end
    end
  end
end
