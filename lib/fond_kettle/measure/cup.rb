# frozen_string_literal: true

require_relative "../value"

module FondKettle
  module Measure
    # A cup, glass or spoon that the house owns; `ml` is what it holds level.
    Cup = Value.define(:id, :name, :ml) do
      # "1 house glass", "2 house glasses", "2 tbsp"
      def named(count)
        return name if count <= 1 || name.end_with?("sp")

        name.end_with?("s", "sh", "ch", "x") ? "#{name}es" : "#{name}s"
      end
    end

    US_CUP = Cup.new(id: nil, name: "cup", ml: 236.588)
    USUAL_SPOONS = [Cup.new(id: nil, name: "tbsp", ml: 15.0), Cup.new(id: nil, name: "tsp", ml: 5.0)].freeze

    # What a house measures by: its cups, its spoons and what its scale reads.
    House = Value.define(:cups, :spoons, :scale_step_g) do
      # A house of which one cup is known, or none.
      def self.with(cup, spoons: USUAL_SPOONS, scale_step_g: 1.0)
        new(cups: [cup || US_CUP].freeze, spoons: spoons, scale_step_g: scale_step_g)
      end

      # The cup in use.
      def cup
        cups.first
      end
    end
  end
end
