# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Log
    # Words of how a pot came out.
    GRAIN = %w[chalky firm right soft mushy].freeze
    WETNESS = %w[dry right wet].freeze
    FLOOR = %w[clean crust burnt].freeze
    # Of the floor, where nobody looked.
    UNSAID = "unsaid"

    # How a pot came out, in the cook's words; its weight before it went on the heat (`before_g`) and before
    # it was opened (`after_g`), g (nil: nobody weighed it). `different`: whether something was different that
    # time, where that was asked (nil: nobody said).
    Outcome = Value.define(:grain, :wetness, :floor, :note, :before_g, :after_g, :different) do
      # An Outcome of a grain and a wetness; of the rest nothing was said.
      def self.of(grain:, wetness:, **said)
        new(grain: grain, wetness: wetness, floor: UNSAID, note: "", before_g: nil, after_g: nil,
            different: nil, **said)
      end
    end
  end
end
