# frozen_string_literal: true

require_relative "../../lib/fond_kettle/larder/density"
require_relative "../../lib/fond_kettle/measure/spoken"
require_relative "../../lib/fond_kettle/measure/unit_table"
require_relative "../../lib/fond_kettle/measure/units"
require_relative "../../app/forms/fields"
require_relative "../helpers/fields"
require_relative "../../app/forms/typed"
require_relative "place"

module FondKettle
  module Web
    # Page that converts measures: cups and grams of something, ovens, lengths.
    class MeasuresPlace < Place
      helpers Helpers::Fields

      WORDS = Measure::UnitTable.measured.transform_values(&:shown).freeze
      FIRST = { "amount" => "2", "unit" => "us-cup", "to" => "g", "of" => "basmati" }.freeze
      KNOWN = { **Larder::Grains.all, **Larder::Ingredients.all }.freeze
      THINGS = KNOWN.map { |key, thing| [key, thing.name.downcase] }.freeze
      SCHEMA = Schema.params do
        required(:amount).filled(Forms::Typed.within(-500..1_000_000), included_in?: -500..1_000_000)
        required(:unit).filled(:string, included_in?: WORDS.keys)
        required(:to).filled(:string, included_in?: WORDS.keys)
        required(:of).filled(:string, included_in?: KNOWN.keys)
      end

      # One measure in another.
      get "/" do
        typed = FIRST.merge(params.slice(*FIRST.keys))
        result = SCHEMA.call(typed)
        problems = Forms.problems(result)
        answer = convert(**result.to_h) if problems.empty?
        show(typed, problems, answer)
      rescue InvalidInput => e
        show(typed, e.problems, nil)
      end

      private

      def show(typed, problems, answer)
        status 422 if problems.any?
        @title = "Measures"
        erb :measures, locals: { typed: typed, problems: problems, answer: answer }
      end

      # Number in words, and what the house pours where it is a volume or a weight.
      def convert(amount:, unit:, to:, of:)
        number = Measure::Units.set(amount, unit, to, g_per_ml: Larder::Density.g_ml(of))
        shown = plain(number.round(number.abs < 10 ? 2 : 1))
        words = poured(amount, unit, of)
        [[shown, WORDS.fetch(to)[/\A[^,]+/]],
         words && "In the house's own measures: **#{words}** of #{KNOWN.fetch(of).name.downcase}."]
      end

      def poured(amount, unit, key)
        return unless amount.positive? && Measure::UnitTable.all.fetch(unit).amount?

        Measure::Spoken.say(Measure::Units.convert(amount, unit, "ml", g_per_ml: Larder::Density.g_ml(key)),
                            household.shelves.measures)
      end
    end
  end
end
