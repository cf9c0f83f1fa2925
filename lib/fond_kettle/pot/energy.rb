# frozen_string_literal: true

require_relative "load"
require_relative "loss"

module FondKettle
  module Pot
    # Where the heat of a run goes, J: what the pot took from the fire, what its wall gave
    # to the room, what steam carried off (its latent heat, and what it had been warmed by),
    # and what is in food, water and pot, all over the room's temperature. Oven runs do not
    # close: an oven's surplus goes into dry walls.
    class Energy
      attr_reader :in_j, :wall_j, :steam_j

      # Of a Column in a room at `room_c`.
      def initialize(column, room_c)
        @column = column
        @room_c = room_c
        @in_j = @wall_j = @steam_j = 0.0
        @lost_g = column.lost_g
        @began_j = content_j
      end

      # In a step the pot took so much, and its wall gave off so much: what the block gives, J.
      def takes
        in_j, wall_j = yield
        @in_j += in_j
        @wall_j += wall_j
        off_g = @column.lost_g - @lost_g
        @lost_g = @column.lost_g
        @steam_j += off_g * (Loss::LATENT_J_G + (WATER_J_G_K * (@column.floor.temp_c - @room_c)))
      end

      # Something goes in or is poured off in the block: what that changes is no heat of
      # the fire's.
      def aside
        before_j = content_j
        yield
        @began_j += content_j - before_j
      end

      # What is in food, water and pot more than at the beginning.
      def stored_j
        content_j - @began_j
      end

      # What does not close.
      def open_j
        in_j - wall_j - steam_j - stored_j
      end

      # Where nobody asks for it: many runs only look for how much to pour.
      module Unasked
        module_function

        # Is not even reckoned.
        def takes; end

        # What goes in goes in.
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
