# frozen_string_literal: true

require_relative "../heat/heat"

module FondKettle
  module Pot
    # The actions of a Simulation at the start of a stage (Effects::OnEntering), each with the value of its
    # attribute.
    module Acts
      # Clings to rice that is poured off, g/g.
      CLINGS_DRAINED = 0.08
      # A stir takes so long with the lid off.
      STIR_S = 15.0

      private

      def drain(_on)
        @energy.aside { @column.layers.each { |layer| layer.drain(CLINGS_DRAINED) } }
      end

      # Only rice in a steamer is sprinkled from what was to be poured (SteamerPot).
      def sprinkle(_on); end

      # From the floor up: what lay below and above is one again.
      def stir(_on)
        @stirred_at = @column.bed.progress
        lift_for(STIR_S) unless @stage.open?
      end

      # What goes in (a Pot::Addition) cools the pot, or warms it.
      def add(addition)
        @energy.aside do
          before_j_k = @column.floor_j_k
          @column.bed.add(addition)
          @floor.temp_c = Heat.mixed_c(@floor.temp_c, addition.at_c, before_j_k, @column.floor_j_k)
        end
      end

      # The lid comes off, and the stage goes on when it is on again.
      def lift_for(seconds)
        @lifted_min += seconds / 60.0
      end
    end
  end
end
