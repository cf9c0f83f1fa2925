# frozen_string_literal: true

require_relative "../load"

module FondKettle
  module Pot
    # A layer of a pot: food and water of one temperature. Like all parts of a Column it changes while the pot
    # cooks; its water leaves only into another layer, a cloth or the air, so that water is conserved by
    # construction.
    class Layer
      # `solids_j_k`: heat capacity without the free water, J/K.
      attr_reader :name, :free_g, :lost_g, :cloth_g, :drained_g, :solids_j_k
      attr_accessor :temp_c

      # `free_g`: water that can boil off, g.
      def initialize(name:, solids_j_k:, free_g:, temp_c:)
        @name = name
        @solids_j_k = solids_j_k
        @free_g = free_g
        @temp_c = temp_c
        @lost_g = @cloth_g = @drained_g = 0.0
      end

      # True where rice takes up water in it.
      def bed?
        false
      end

      # True when no free water is left.
      def dry?
        @free_g <= 0
      end

      # Water that food in it has taken up, g.
      def taken_g
        0.0
      end

      # J/K.
      def heat_capacity_j_k
        @solids_j_k + (@free_g * WATER_J_G_K)
      end

      # Does nothing: nothing in it cooks in a way that counts.
      def begin_cooking; end

      # Always as it is: there is no soak that could end.
      def cooking?
        true
      end

      # Steams at `loss_g_min` for at most `minutes`, or until it is dry; the pace is
      # the rice's. Returns the minutes used.
      def cook(_pace, loss_g_min, minutes)
        used = dry? || loss_g_min.zero? ? minutes : [minutes, @free_g / loss_g_min].min
        lose(loss_g_min * used)
        used
      end

      # Takes up no water: it only steams.
      def soak(_step, _minutes, loss_g)
        lose(loss_g)
      end

      # Water goes off as steam, g; never more than there is.
      def lose(grams)
        return if grams.zero?

        grams = [grams, @free_g].min
        @free_g -= grams
        @free_g = 0.0 if @free_g < 1e-12
        @lost_g += grams
      end

      # Moves lost water into a cloth under the lid instead, in g.
      def into_cloth(grams)
        @lost_g -= grams
        @cloth_g += grams
      end

      # Water that was bound in its food becomes free, g.
      def release(grams)
        @free_g += grams
        @solids_j_k -= grams * WATER_J_G_K
      end

      # Moves lost water into a layer above, where it condensed, in g.
      def pass_up(grams)
        @lost_g -= grams
      end

      # Gives water to another layer, in g.
      def give(grams)
        @free_g -= grams
        @free_g = 0.0 if @free_g < 1e-12
      end

      # Steam from below becomes water here, g.
      def condense(grams)
        @free_g += grams
      end

      # Removes poured water that runs through, in g.
      def run_through(grams)
        @drained_g += grams
      end

      # All but `clinging_per_g` of the food's weight is poured off.
      def drain(_clinging_per_g)
        @drained_g += @free_g
        @free_g = 0.0
      end
    end
  end
end
