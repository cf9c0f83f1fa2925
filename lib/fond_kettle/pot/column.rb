# frozen_string_literal: true

module FondKettle
  module Pot
    # Layers over the floor of a pot, lowest first, in a pot whose own heat capacity
    # is `pot_j_k` (J/K) and goes with the lowest. A pot of rice is a column of one Bed;
    # what happens in one of several layers, a SealedPot knows.
    class Column
      # `floor`: the lowest layer; `above`: those over it; `beds`: those of rice; `bed`: the
      # lowest of them, or nil.
      attr_reader :layers, :floor, :above, :beds, :bed, :pot_j_k

      # Raises ArgumentError without a layer.
      def initialize(layers, pot_j_k:)
        raise ArgumentError, "a column needs a layer" if layers.empty?

        @layers = layers.dup.freeze
        @floor, *above = @layers
        @above = above.freeze
        @beds = @layers.select(&:bed?).freeze
        @bed = @beds.first
        @pot_j_k = pot_j_k
      end

      # J/K of floor and pot.
      def floor_j_k
        @pot_j_k + floor.heat_capacity_j_k
      end

      # J/K of everything.
      def heat_capacity_j_k
        floor_j_k + @above.sum(&:heat_capacity_j_k)
      end

      # Water in the grain, g per g of all the rice in it.
      def uptake
        mean(&:uptake)
      end

      # White core left where it is largest, 0.0 to 1.0.
      def core
        @beds.map(&:core).max
      end

      # Share of the core's time that is behind the rice that has come least far.
      def progress
        @beds.map(&:progress).min
      end

      # Water in dry food among the rice, g.
      def drunk_g
        @beds.sum(&:drunk_g)
      end

      # The state (Pot::GrainState) of all its rice, as that of the lowest bed but for its weight
      # and water.
      def state(surface_per_g:)
        @bed.state(surface_per_g: surface_per_g).with(rice_g: @beds.sum(&:rice_g), taken_per_g: uptake)
      end

      # Everything together, g: free water, water taken up, steam, water in the cloth, poured off.
      %i[free_g taken_g lost_g cloth_g drained_g].each do |amount|
        # Asked for in every step, and most pots hold one bed.
        class_eval <<~RUBY, __FILE__, __LINE__ + 1
          def #{amount}                                                                # def lost_g
            @above.empty? ? @floor.#{amount} : @floor.#{amount} + @above.sum(&:#{amount}) # @floor.lost_g + …
          end
        RUBY
      end

      private

      def mean
        return yield(@bed) if @beds.one?

        @beds.sum { |bed| yield(bed) * bed.rice_g } / @beds.sum(&:rice_g)
      end
    end
  end
end
