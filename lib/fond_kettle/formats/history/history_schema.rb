# frozen_string_literal: true

require_relative "../../ground/limits"
require_relative "../../ground/schema"
require_relative "../../log/outcome"

module FondKettle
  module Formats
    # Names of what a cook was made with, as a part of a schema.
    SCOPES = proc do
      %i[bag pot burner dish oven].each do |name|
        optional(name).maybe(:string, max_size?: Limits::NAME_LENGTH)
      end
    end

    # The JSON of a history of cooks and the next pot, as the command line's contract has it. What stands in
    # its requests is checked with each of them.
    HISTORY_SCHEMA = Schema.json do
      required(:request).filled(:hash)
      optional(:scopes).maybe(:hash, &SCOPES)
      optional(:cooks).array(:hash) do
        optional(:on).filled(:string, max_size?: Limits::NAME_LENGTH)
        optional(:scopes).maybe(:hash, &SCOPES)
        required(:request).filled(:hash)
        optional(:liquid).hash { required(:g).filled(Schema::Number, included_in?: Limits::LIQUID_G) }
        optional(:seen).array(:hash) do
          required(:cue).filled(:string, max_size?: Limits::NAME_LENGTH)
          required(:at_min).filled(Schema::Number, included_in?: Limits::SEEN_MIN)
        end
        optional(:weighed).maybe(:hash) do
          required(:before_g).filled(Schema::Number, included_in?: Limits::WEIGHED_G)
          required(:after_g).filled(Schema::Number, included_in?: Limits::WEIGHED_G)
        end
        optional(:different).filled(:bool)
        optional(:outcome).maybe(:hash) do
          optional(:grain).filled(:string, included_in?: Log::GRAIN)
          optional(:wetness).filled(:string, included_in?: Log::WETNESS)
          optional(:floor).filled(:string, included_in?: Log::FLOOR)
        end
      end
      optional(:mine).array(:hash) do
        required(:request).filled(:hash)
        required(:liquid).hash { required(:g).filled(Schema::Number, included_in?: Limits::LIQUID_G) }
        optional(:scopes).maybe(:hash, &SCOPES)
      end
    end
  end
end
