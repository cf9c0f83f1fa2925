# frozen_string_literal: true

module FondKettle
  module Pot
    # Layers over the floor of a pot, lowest first, in a pot whose own heat capacity
    # is `pot_j_k` (J/K) and goes with the lowest. The floor is heated; once it boils,
    # its steam condenses in the first layer above that is not hot (figures: Heating
    # through). A pot of rice is a column of one Bed.
    class Column
      # `floor`: the lowest layer; `above`: those over it; `bed`: the lowest Bed, or nil.
      attr_reader :layers, :floor, :above, :bed, :pot_j_k

      # Raises ArgumentError without a layer.
      def initialize(layers, pot_j_k:)
        raise ArgumentError, "a column needs a layer" if layers.empty?

        @layers = layers.dup.freeze
        @floor, *above = @layers
        @above = above.freeze
        @bed = @layers.find(&:bed?)
        @pot_j_k = pot_j_k
      end

      # The first layer above the floor that is not at `boil_c`, or nil.
      def cold(boil_c)
        @above.find { |layer| layer.temp_c < boil_c }
      end

      # J/K of floor and pot.
      def floor_j_k
        @pot_j_k + floor.heat_capacity_j_k
      end

      # J/K of everything.
      def heat_capacity_j_k
        floor_j_k + @above.sum(&:heat_capacity_j_k)
      end

      # What it would take to bring everything to `boil_c`, J.
      def lacking_j(boil_c)
        (@pot_j_k * (boil_c - floor.temp_c)) +
          @layers.sum { |layer| layer.heat_capacity_j_k * (boil_c - layer.temp_c) }
      end

      # Everything together, g: free water, water taken up, steam, water in the cloth, poured off.
      %i[free_g taken_g lost_g cloth_g drained_g].each do |amount|
        define_method(amount) { @floor.public_send(amount) + @above.sum(&amount) }
      end
    end
  end
end
