# frozen_string_literal: true

require_relative "../ground/limits"
require_relative "../ground/schema"

module FondKettle
  module Formats
    # Keys of a plan's task beside its times, and of a meal (MealJson): known to the clock, and they make no
    # difference to it.
    TASK_SAYS = %i[kind key say puts_in cue why hands_on amounts cautions timed_min heat watch stage
                   core_c list].freeze
    MEAL_SAYS = %i[title cooks ahead pins cautions starts span_minutes lower_bound_minutes].freeze

    # The JSON of a clock request.
    CLOCK_SCHEMA = Schema.json do
      required(:serve_at).filled(:string)
      optional(:resources).maybe(:hash)
      required(:tasks).array(:hash) do
        required(:id).filled(:string, max_size?: Limits::NAME_LENGTH)
        required(:minutes).filled(:integer, included_in?: Limits::TASK_MIN)
        optional(:uses).maybe(:hash)
        optional(:oven_c).filled(Schema::Number, included_in?: Limits::OVEN_C)
        optional(:dish).filled(:string, max_size?: Limits::NAME_LENGTH)
        optional(:after).array(:hash) do
          required(:task).filled(:string)
          optional(:gap).value(:array, size?: 2)
        end
        TASK_SAYS.each { |name| optional(name) }
      end
      MEAL_SAYS.each { |name| optional(name) }
      optional(:ends).array(:hash) do
        required(:task).filled(:string)
        required(:before_serve).value(:array, size?: 2)
      end
      optional(:spans).array(:hash) do
        %i[id from to].each { |name| required(name).filled(:string, max_size?: Limits::NAME_LENGTH) }
        required(:uses).filled(:hash)
        optional(:tasks).array(:string)
      end
    end
  end
end
