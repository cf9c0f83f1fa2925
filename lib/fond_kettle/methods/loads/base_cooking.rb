# frozen_string_literal: true

require_relative "../base_foods"
require_relative "../../care/cautions"
require_relative "../../kit/atmosphere"
require_relative "../../pot/heat/more_heat"
require_relative "../../pot/piece"

module FondKettle
  module Methods
    # Time for a base that is cooked before it is layered: until the thickest piece of each food is safe,
    # and until the slowest is tender (docs/model.md: Food in a vessel).
    class BaseCooking
      # The kind of step that cooks it.
      KIND = "simmer"
      # Out of the refrigerator.
      FROM_C = 5.0

      # `request`: a Request.
      def initialize(request)
        @request = request
        @boil_c = Kit::Atmosphere.boiling_point_c(request.altitude_m)
      end

      # True when the base is cooked before it is sealed in.
      def any?
        @request.method.sealed? && !base.raw
      end

      # Minutes of simmering, `usual_min` where nothing in it takes longer.
      def minutes(usual_min)
        [usual_min, *foods.flat_map { |food| [safe_min(food), tender_min(food)] }].max.ceil
      end

      # Minutes until the thickest piece of an Ingredient, or a BaseFood, is at its temperature; 0 where it
      # has none to get to.
      def safe_min(food)
        core_c = core_c(food)
        core_c ? Pot::MoreHeat.minutes(cut(food), FROM_C, core_c.to_f, @boil_c) : 0
      end

      # Minutes until it is tender, or boiled through.
      def tender_min(food)
        food.is_a?(BaseFood) ? food.tender_min : [food.tender_min, food.boil_min].max
      end

      private

      def base
        @base ||= @request.in_layers.base
      end

      def foods
        [*base.food, *@request.in_base.map(&:ingredient)]
      end

      def core_c(food)
        Care::Cautions.core_c([*food.care].map { |care| "#{Care::Cautions::INSIDE}#{care}" })
      end

      def cut(food)
        mm = food.is_a?(BaseFood) ? base.piece_mm : food.piece_mm
        Pot::Cut.new(shape: base.shape, mm: (mm || Pot::Piece::USUAL_MM).to_f, safe_c: nil, tender_min: 0.0)
      end
    end
  end
end
