# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../ground/field_schema"
require_relative "../../ground/limits"
require_relative "../../kit/dish_vessels"
require_relative "../../kit/fields"
require_relative "../../kit/vessel"
require_relative "checked"

module FondKettle
  module Formats
    # Reads the `kit` of a request: the vessels of a house.
    class DishKit
      SCHEMA = Schema.json(strict: true) do
        required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
        required(:kind).filled(:string, included_in?: Kit::DishVessels.all.keys)
        FieldSchema.declare(self, Kit::VESSEL_FIELDS, optional: true)
      end
      # Weight of a vessel that does not say, kg.
      USUAL_KG = 1.5
      POT = "pot"

      # `given`: a list of hashes. Raises InvalidInput where it is no list.
      def initialize(given)
        raise InvalidInput.at("kit", "must be a list") unless given.is_a?(Array)

        @given = given
      end

      # [kind, Kit::Vessel] of each. Raises InvalidInput.
      def vessels
        @vessels ||= @given.each_with_index.map { |one, index| vessel(one, index) }
      end

      # Of these, what rice can be boiled in.
      def pots
        vessels.select { |kind, _| kind == POT }.map(&:last)
      end

      private

      def vessel(given, index)
        known = Checked.call(SCHEMA, given, "kit.#{index}")
        usual = Kit::DishVessels.fetch(known[:kind]).usual
        [known[:kind], usual.with(id: index, kg: USUAL_KG, **known.except(:kind))]
      end
    end
  end
end
