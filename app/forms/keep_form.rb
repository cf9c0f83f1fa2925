# frozen_string_literal: true

require "time"
require_relative "../../lib/fond_kettle/care/put_away"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/pot/heat/cooling"
require_relative "fields"
require_relative "kept_fields"
require_relative "typed"

module FondKettle
  module Forms
    # Food that is put away: how much of what, its depth, since when, and where it goes.
    class KeepForm
      include KeptFields

      SCHEMA = Schema.params do
        required(:what).filled(:string, max_size?: Limits::NAME_LENGTH)
        required(:portions).filled(Schema::TypedWhole, included_in?: Limits::PORTIONS)
        required(:g_each).filled(Typed.within(Limits::KEPT_PORTION_G, "g"), included_in?: Limits::KEPT_PORTION_G)
        required(:depth_mm).filled(Typed.within(Limits::KEPT_MM, "mm"), included_in?: Limits::KEPT_MM)
        required(:vessel).filled(:string, included_in?: Pot::Cooling::SURFACES.keys)
        required(:place).filled(:string, included_in?: Care::PutAway::PLACES)
        optional(:place_c).maybe(Typed.within(Limits::PLACE_C, "°C"))
        required(:made).filled(:string)
        optional(:moved).maybe(:string)
        required(:start_c).filled(Typed.within(Limits::KEPT_START_C, "°C"), included_in?: Limits::KEPT_START_C)
        optional(:below_60_min).maybe(Typed.within(Limits::BELOW_60_MIN, "min"),
                                      included_in?: Limits::BELOW_60_MIN)
        optional(:grain).maybe(:string, included_in?: ["", *Larder::Grains.all.keys])
        optional(:contains).maybe(:string, max_size?: Limits::TEXT_LENGTH)
        optional(:not_checked).maybe(:string, max_size?: Limits::TEXT_LENGTH)
      end
      FIELDS = %i[what portions g_each depth_mm vessel place place_c made moved start_c below_60_min grain
                  contains
                  not_checked cook].freeze
      # How cold each place may be.
      COLD = { "freezer" => Limits::FREEZER_C, "fridge" => Limits::COLD_C }.freeze
      MADE = /\A\d{4}-\d{2}-\d{2}T\d{2}:\d{2}\z/
      SHOWN = "%Y-%m-%dT%H:%M"
      # A clock at the stove and one in a form differ by so much, s.
      SLACK_S = 60
      # What has been cooked for longer went into the cold some time ago, s.
      TOLD_S = Care::Keeping::MOST_TO_MIDDLE_MIN * 60

      # `typed`: what was typed, as texts; `now`: a Time.
      def initialize(typed, now)
        @typed = FIELDS.to_h do |field|
          [field, typed[field.to_s].is_a?(String) ? typed[field.to_s].strip : nil]
        end
                       .compact
        @now = now
        result = SCHEMA.call(@typed.reject { |_, value| value == "" })
        @values = result.to_h
        @problems = Forms.problems(result).dup
        @problems.push(*made_problem, *moved_problem, *cold_problem, *since_problem) if @problems.empty?
        @problems.freeze
      end

      # A form without problems, its fields filled with `values`.
      def self.filled(values, now)
        new({}, now).filled(values)
      end

      # Time when it came off the heat.
      def made_at
        @made_at ||= time(:made)
      end

      # Time when it went into the cold; nil while it still cools.
      def moved_at
        cold? ? (time(:moved) || @now) : nil
      end

      # Attributes that the store keeps, without times and place.
      def attributes
        { **@values.slice(:what, :portions, :g_each, :depth_mm, :vessel, :start_c, :below_60_min, :place_c),
          grain: (@values[:grain] unless @values[:grain].to_s.empty?),
          contains: @values[:contains].to_s, not_checked: @values[:not_checked].to_s }
      end

      # Id of the cook that it is said to come from, or nil.
      def cook_id
        Integer(self[:cook].to_s, 10, exception: false)
      end

      private

      def made_problem
        return [problem(:made, "must be a day and a time, like #{@now.strftime(SHOWN)}")] unless made_at
        return [problem(:made, "must not be in the future")] if made_at > @now + SLACK_S

        over = @now - made_at > longest_s
        over ? [problem(:made, "is too long ago: what stood for so long is thrown away")] : []
      end

      def cold?
        Care::PutAway::COLD.include?(@values[:place])
      end

      def time(field)
        MADE.match?(self[field]) ? Time.strptime(self[field], SHOWN) : nil
      rescue ArgumentError
        nil
      end

      # Nobody has to guess whether it was cold soon enough.
      def moved_problem
        return [] unless made_at
        return self[:moved].empty? ? [] : [problem(:moved, "must be blank while it cools")] unless cold?
        return unsaid if self[:moved].empty?

        moved = time(:moved)
        return [problem(:moved, "must be a day and a time, like #{@now.strftime(SHOWN)}")] unless moved

        in_time = moved.between?(made_at - SLACK_S, @now + SLACK_S)
        in_time ? [] : [problem(:moved, "must be between when it came off the heat and now")]
      end

      def unsaid
        return [] unless @now - made_at > TOLD_S

        [problem(:moved, "must be said: it came off the heat more than 2 h ago")]
      end

      # What is frozen may have been for weeks.
      def longest_s
        return Care::Keeping::FREEZER_DAYS * 86_400 if @values[:place] == "freezer"

        Care::Keeping::USE_WITHIN_H * 3600
      end

      # Food that is neither hot nor cold is safe only where somebody knows since when.
      def since_problem
        between = @values[:start_c] > Care::Keeping::COLD_C && @values[:start_c] < Care::Keeping::HOT_C
        return [] unless between && @values[:below_60_min].nil?

        [problem(:below_60_min, "must be given: below 60 °C it keeps only where it is known since when")]
      end

      def cold_problem
        range = COLD[@values[:place]]
        return [] if range.nil? || @values[:place_c].nil? || range.cover?(@values[:place_c])

        [problem(:place_c, "must be between #{range.min} and #{range.max}: warmer it does not keep")]
      end
    end
  end
end
