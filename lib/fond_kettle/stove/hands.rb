# frozen_string_literal: true

require_relative "bed_cooling"

module FondKettle
  module Stove
    # What hands do once the rice is done: pieces counted as they are made, a bed that cools; for a
    # Cook.
    module Hands
      # Kinds of step at which pieces are made.
      COUNTED = %w[shape wrap].freeze
      # The kind at which a bed cools.
      COOLS = "cool"

      # How many pieces are to be made at the task at hand, or nil.
      def pieces
        plan.dig(:pieces, :count) if COUNTED.include?(task[:kind])
      end

      # How many of them are made.
      def made
        [this_task.select { |event| event.kind == "tally" }.sum { |event| Integer(event.what, 10) }, 0].max
      end

      # The bed that cools at the task at hand (BedCooling), or nil.
      def cooling
        return unless task[:kind] == COOLS && plan[:cooling]&.key?(:to_c)

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
