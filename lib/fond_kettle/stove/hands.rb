# frozen_string_literal: true

require_relative "bed_cooling"

module FondKettle
  module Stove
    # Work on the done rice: pieces counted as they are made, a bed that cools. Only a Cook includes it.
    module Hands
      # Kinds of step at which pieces are made.
      COUNTED = %w[shape wrap].freeze
      # The kind at which a bed cools.
      COOLS = "cool"
      # A step of the dish's own, whose minutes are the cook's.
      OWN = /\.dish-\d+(?:\.round-\d+)?\z/

      # Number of pieces to be made in this task, or nil.
      def pieces
        plan.dig(:pieces, :count) if COUNTED.include?(task[:kind])
      end

      # Number of pieces that are made.
      def made
        [this_task.select { |event| event.kind == "tally" }.sum { |event| Integer(event.what, 10) }, 0].max
      end

      # The bed that cools at the task at hand (BedCooling), or nil.
      def cooling
        return unless task[:kind] == COOLS && !task[:id].match?(OWN) && plan[:cooling]&.key?(:to_c)

        BedCooling.new(plan[:cooling], task_began_at, readings)
      end

      private

      # What a thermometer showed in this task: [Time, °C].
      def readings
        this_task.select { |event| event.kind == "measured" }.map { |event| [event.at, Float(event.what)] }
      end
    end
  end
end
