# frozen_string_literal: true

require_relative "../../dishes/graph/graph_dish"
require_relative "../../dishes/graph/graph_pots"
require_relative "../../ground/errors"
require_relative "../../ground/field_schema"
require_relative "../../ground/limits"
require_relative "../../kit/fields"
require_relative "../../kit/vessel"
require_relative "checked"

module FondKettle
  module Formats
    # Reads the `kit` of a request: the vessels of a house.
    class DishKit
      SCHEMA = Schema.json(strict: true) do
        required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
        required(:kind).filled(:string, included_in?: Dishes::GraphVessel::KINDS)
        FieldSchema.declare(self, Kit::VESSEL_FIELDS, optional: true)
      end
      # What a vessel is like where it does not say.
      USUAL = { floor_mm: nil, lid_factor: nil, material: "steel", kg: 1.5 }.freeze
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
        _, wide_mm, high_mm, lid, = Dishes::GraphPots::USUAL.fetch(known[:kind])
        usual = { **USUAL, id: index, diameter_mm: wide_mm, height_mm: high_mm, lid: lid }
        [known[:kind], Kit::Vessel.new(**usual, **known.except(:kind))]
      end
    end
  end
end
