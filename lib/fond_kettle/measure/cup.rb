# frozen_string_literal: true

require_relative "../ground/value"
require_relative "rounding"

module FondKettle
  # Amounts as kitchens measure them.
  module Measure
    # The plural of a measure's name: "glasses", "leaves", "tbsp".
    def self.plural(name)
      return name if name.end_with?("sp")
      return "#{name.delete_suffix('f')}ves" if name.end_with?("leaf")
      return "#{name.delete_suffix('y')}ies" if name.match?(/[^aeiou]y\z/)

      name.end_with?("s", "sh", "ch", "x") ? "#{name}es" : "#{name}s"
    end

    # A cup, glass or spoon that the house owns; `ml` is what it holds level.
    Cup = Value.define(:id, :name, :ml) do
      # "1 house glass", "2 house glasses", "2 tbsp"
      def named(count)
        count <= 1 ? name : Measure.plural(name)
      end
    end

    US_CUP = Cup.new(id: nil, name: "cup", ml: 236.588)
    USUAL_SPOONS = [Cup.new(id: nil, name: "tbsp", ml: 15.0), Cup.new(id: nil, name: "tsp", ml: 5.0)].freeze

    # What a house measures by: its cups, its spoons and what its scale reads.
    House = Value.define(:cups, :spoons, :scale_step_g) do
      # From so many cups on nobody counts them: it is litres.
      const_set(:MOST_CUPS, 8)

      # A house of which one cup is known, or none.
      def self.with(cup, spoons: USUAL_SPOONS, scale_step_g: 1.0)
        new(cups: [cup || US_CUP].freeze, spoons: spoons, scale_step_g: scale_step_g)
      end

      # Equal houses have it equal: of the cup alone, as all that is said of amounts is kept by its house.
      def hash
        cup.hash
      end

      # The cup in use.
      def cup
        cups.first
      end

      # True for more mL than anybody measures by the cup.
      def litres?(ml)
        ml > self.class::MOST_CUPS * cup.ml
      end

      # Weight in g as this house's scale shows it: "385 g" on one that reads 5 g.
      def weighed(grams)
        "#{Rounding.plain(weighed_g(grams))} g"
      end

      # The weight as a number.
      def weighed_g(grams)
        step_g = if grams.abs < Rounding::SMALL_G then [scale_step_g, 1.0].min
                 elsif grams.abs < Rounding::WHOLE_G then scale_step_g
                 else [scale_step_g, 1.0].max
                 end
        (grams / step_g).round * step_g
      end
    end
  end
end
