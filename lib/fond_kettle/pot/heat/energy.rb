# frozen_string_literal: true

require_relative "../load"
require_relative "loss"

module FondKettle
  module Pot
    # The account of a run's heat, in J: from the fire into the pot, from its wall to the room, carried off by
    # steam (latent heat and the heat of the water), and stored in food, water and pot, all relative to the
    # room's temperature. Oven runs do not balance: an oven's surplus goes into dry walls.
    class Energy
      attr_reader :in_j, :wall_j, :steam_j

      # `column`: a Column in a room at `room_c`.
      def initialize(column, room_c)
        @column = column
        @room_c = room_c
        @in_j = @wall_j = @steam_j = 0.0
        @lost_g = column.lost_g
        @began_j = content_j
      end

      # Records the heat that the pot took and its wall gave off in a step: the block's value, in J.
      def takes
        in_j, wall_j = yield
        @in_j += in_j
        @wall_j += wall_j
        off_g = @column.lost_g - @lost_g
        @lost_g = @column.lost_g
        @steam_j += off_g * (Loss::LATENT_J_G + (WATER_J_G_K * (@column.floor.temp_c - @room_c)))
      end

      # Runs a block in which something goes in or is poured off, whose heat is not the fire's.
      def aside
        before_j = content_j
        yield
        @began_j += content_j - before_j
      end

      # The heat in food, water and pot beyond that at the beginning.
      def stored_j
        content_j - @began_j
      end

      # The heat that is unaccounted for.
      def open_j
        in_j - wall_j - steam_j - stored_j
      end

      # The account of a run in which nobody asks for it: many runs only search for the amount to pour.
      module NoAccount
        module_function

        # Does nothing, without calling the block.
        def takes; end

        # Runs the block.
        def aside
          yield
        end
      end

      private

      def content_j
        pot_j = @column.pot_j_k * (@column.floor.temp_c - @room_c)
        pot_j + @column.layers.sum { |layer| layer.heat_capacity_j_k * (layer.temp_c - @room_c) }
      end
    end
  end
end
