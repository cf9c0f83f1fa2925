# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/care/signs"
require_relative "../../../lib/fond_kettle/larder/grains"
require_relative "../fields"
require_relative "../measured"

module FondKettle
  module Forms
    # A pot that is on the stove and was never planned: which, what is in it, how long it has
    # boiled, and what is seen. Pot and rice are those of the last cook at first.
    class AlreadyForm
      FIELDS = %w[pot grain rice since poured sign].freeze
      SINCE = [5, 10, 15, 20, 30].freeze
      USUAL_RICE_G = 300
      SCHEMA = Schema.params do
        required(:pot).filled(Schema::TypedWhole)
        required(:grain).filled(:string, included_in?: Larder::Grains.all.keys)
        required(:rice).filled(Typed.within(10..20_000, "g"), included_in?: 10..20_000)
        required(:since).filled(Typed.within(0..120, "min"), included_in?: 0..120)
        optional(:poured).maybe(Typed.within(Limits::LIQUID_G, "g"), included_in?: Limits::LIQUID_G)
        required(:sign).filled(:string, included_in?: Care::Signs.all.keys)
      end

      attr_reader :problems, :values

      # `typed`: as sent; `household`: what is usual there.
      def initialize(typed, household)
        @typed = typed.slice(*FIELDS)
        @household = household
        result = SCHEMA.call(@typed.merge(measured))
        @values = result.to_h
        @problems = Forms.problems(result)
        @problems = [{ field: "pot", message: "is not in the cupboard" }] if ok? && pot.nil?
      end

      def ok?
        @problems.empty?
      end

      # The typed value of a field, or its usual value.
      def [](field)
        @typed.fetch(field.to_s) { usual[field.to_sym] }
      end

      # Minutes since the boil, as they are offered.
      def since
        SINCE
      end

      # Fields of a plan of it (PlanForm).
      def plan_fields
        { "grain" => @values[:grain], "pot" => @values[:pot].to_s, "for" => "amount", "unit" => "g",
          "amount" => Measure::Rounding.plain(@values[:rice]) }
      end

      private

      def pot
        @household.shelf(:pots).all.find { |record| record[:id] == @values[:pot] }
      end

      # Rice and water as they are typed, in g.
      def measured
        cups = @household.values(:cups)
        rice, unit = Measured.of(@typed["rice"], "g", cups)
        rice *= Larder::Grains.all.fetch(@typed["grain"]).rho_g_ml if unit == "ml" && known_grain?
        poured, = Measured.water(@typed["poured"], "g", cups)
        { "rice" => rice, "poured" => poured }.compact
      end

      def known_grain?
        Larder::Grains.all.key?(@typed["grain"])
      end

      # The last pot, its rice and how much of it.
      def usual
        @usual ||= begin
          last = @household.cooks.finished(most: 1).first
          { pot: (last && last[:pot_id]) || @household.shelf(:pots).all.first&.fetch(:id),
            grain: last ? last[:grain] : @household.shelf(:bags).all.first&.fetch(:grain),
            rice: Measure::Rounding.grams(last ? last[:plan][:rice][:g] : USUAL_RICE_G).to_s,
            since: "10", poured: "" }
        end
      end
    end
  end
end
