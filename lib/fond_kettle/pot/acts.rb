# frozen_string_literal: true

require_relative "loss"

module FondKettle
  module Pot
    # What Simulation can do when a stage begins (Effects::OnEntering), each with the value
    # of its attribute.
    module Acts
      # Clings to rice that is poured off, g/g.
      CLINGS_DRAINED = 0.08
      # A stir takes so long with the lid off.
      STIR_S = 15.0

      private

      # What is poured off.
      def drain(_on)
        @column.layers.each { |layer| layer.drain(CLINGS_DRAINED) }
      end

      # From the floor up: what lay below and above is one again.
      def stir(_on)
        @stirred_at = @column.bed.progress
        lift(STIR_S / 60.0) unless @stage.open?
      end

      # What goes in (a Pot::Addition) cools the pot, or warms it.
      def add(addition)
        before_j_k = @column.floor_j_k
        @column.bed.add(addition)
        @floor.temp_c += (addition.at_c - @floor.temp_c) * (@column.floor_j_k - before_j_k) /
                         @column.floor_j_k
      end

      def lift_for(seconds)
        lift(seconds / 60.0)
      end

      # Lid off: the open rate for as long as it is off, paid for by the pot's own
      # heat where the burner cannot; then it has to come back to the boil.
      def lift(minutes)
        loss_g = [@fire.lifted_g_min * minutes, @floor.free_g].min
        short_j = (loss_g * Loss::LATENT_J_G) - (@fire.joule_min(@floor.temp_c) * minutes)
        @floor.lose(loss_g)
        @floor.temp_c -= short_j / @column.floor_j_k if short_j.positive?
        @min += minutes
      end
    end
  end
end
