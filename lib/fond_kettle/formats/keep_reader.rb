# frozen_string_literal: true

require_relative "../care/keeping"
require_relative "../care/keeping_text"
require_relative "../care/reheating"
require_relative "../ground/errors"
require_relative "../ground/limits"
require_relative "../ground/schema"
require_relative "../pot/heat/cooling"
require_relative "request/unknown_keys"

module FondKettle
  module Formats
    # The JSON of what is put away, as the command line's contract has it.
    KEEP_SCHEMA = Schema.json do
      required(:g).filled(Schema::Number, included_in?: Limits::KEPT_G)
      required(:depth_mm).filled(Schema::Number, included_in?: Limits::KEPT_MM)
      optional(:vessel).filled(:string, included_in?: Pot::Cooling::SURFACES.keys)
      optional(:start_c).filled(Schema::Number, included_in?: Limits::KEPT_START_C)
      optional(:below_60_min).filled(Schema::Number, included_in?: Limits::BELOW_60_MIN)
      optional(:place_c).filled(Schema::Number, included_in?: Limits::PLACE_C)
      optional(:then_c).filled(Schema::Number, included_in?: Limits::FRIDGE_C)
      optional(:moved_after_min).filled(Schema::Number, included_in?: Limits::MOVED_MIN)
    end

    # Reads what is put away, and answers how it cools. Raises InvalidInput with the field's path.
    class KeepReader
      # As it usually is: off the heat, in a kitchen, moved into a refrigerator.
      USUAL = { vessel: "tray", start_c: 90.0, below_60_min: nil, place_c: 20.0, then_c: 4.0,
                moved_after_min: 60.0 }.freeze

      # `data`: the parsed JSON. Raises InvalidInput.
      def initialize(data)
        given = UnknownKeys.checked(data, KEEP_SCHEMA)
        numbers = given.except(:vessel).transform_values(&:to_f)
        @keeping = Care::Keeping.new(Care::Kept.new(**USUAL, **numbers, **given.slice(:vessel)))
      end

      # Care::Keeping.
      attr_reader :keeping

      # The contract's answer as a hash.
      def answer
        { min_to_60: min(Care::Keeping::HOT_C), min_to_21: min(Care::Keeping::MIDDLE_C),
          min_to_5: min(keeping.cold_c), cold_c: keeping.cold_c, safe: keeping.safe?,
          use_within_h: keeping.use_within_h,
          reheat_min: reheat, say: Care::KeepingText.new(keeping).to_s }
      end

      private

      def min(to_c)
        keeping.min_to(to_c)&.round(1)
      end

      # Nothing is reheated that was not cold soon enough.
      def reheat
        return unless keeping.safe?

        kept = keeping.kept
        Care::Reheating.minutes(kept.g, kept.depth_mm, frozen: keeping.frozen?)
                       .transform_values { |minutes| minutes.round(1) }
      end
    end
  end
end
