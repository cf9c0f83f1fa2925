# frozen_string_literal: true

require_relative "run"

module FondKettle
  module Pot
    # The first sightings of a watch and their minutes, for a class that keeps minutes by cue in @seen.
    module Sightings
      # A core that nobody sees.
      CORE_LEFT = 0.02

      # Cue values in the order in which they came.
      def cues
        @seen.map { |cue, at_min| Cue.new(cue: cue, at_min: at_min) }.sort_by(&:at_min).freeze
      end

      private

      # The first time that something is so.
      def see(cue, min, is_so)
        @seen[cue] ||= min if is_so
      end
    end
  end
end
