# frozen_string_literal: true

require "date"
require_relative "../../app/forms/component_form"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # The components of the house, the first to go first.
      class Components < Presenter
        # One of them: its `record`, a line on it, and whether its day is over.
        ComponentEntry = Value.define(:record, :say, :past)
        PLACES = { "fridge" => "in the refrigerator", "freezer" => "in the freezer",
                   "cupboard" => "in the cupboard" }.freeze

        def initialize(household, now)
          super(household)
          @today = now.getlocal.to_date
        end

        def all
          @all ||= household.components.there.map { |record| shown(record) }
        end

        # Components past their day.
        def due
          all.select(&:past)
        end

        # The assumed values of a new one; for a dressing by `plan` (the JSON of its plan), when it is known.
        def blank(dressing = nil)
          kind = dressing ? "dressing" : "stock"
          { kind: kind, place: "fridge", use_by: (@today + Forms::ComponentForm::KINDS.fetch(kind)[2]).iso8601,
            **(dressing ? dressed(dressing) : {}) }
        end

        private

        def shown(record)
          use_by = Date.iso8601(record[:use_by])
          past = use_by < @today
          contains = record[:allergens].empty? ? "" : "; contains #{record[:allergens]}"
          good = past ? "past its day, #{day(use_by)}: **throw it away**" : "use by **#{day(use_by)}**"
          left = "**#{grams(record[:left_g])}** #{PLACES.fetch(record[:place])}"
          ComponentEntry.new(record: record, past: past, say: "#{left}, #{good}#{contains}.")
        end

        def day(date)
          date.strftime("%-d %b")
        end

        # Its water and salt by weight.
        def dressed(dressing)
          g = dressing.fetch(:vinegar_ml) * FondKettle::Larder::Ingredients.fetch("rice-vinegar").g_ml
          all_g = g + dressing[:sugar_g] + dressing[:salt_g]
          { name: "House dressing", left_g: all_g.round, brings: (dressing[:water_g] / all_g).round(2),
            salt: (dressing[:salt_g] / all_g * 100).round(1) }
        end
      end
    end
  end
end
