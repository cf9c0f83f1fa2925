# frozen_string_literal: true

require_relative "../../app/forms/fields"
require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../../lib/fond_kettle/measure/unit_table"
require_relative "../../lib/fond_kettle/methods/request/own_rule"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # The form at a pot of the cupboard by which a cook says that their own water comes right in it.
      class OwnInPot < Presenter
        # Names of its fields, as a PlanForm has them.
        FIELDS = %w[grain amount unit own own_kind].freeze
        GRAINS = House::GRAINS.to_a.freeze
        KINDS = Methods::OwnRule::KINDS.to_a.freeze
        UNITS = Measure::UnitTable.all.slice(*Forms::RICE_UNITS).transform_values(&:shown).to_a.freeze
        # Most cooks go by a glass.
        USUAL = { "unit" => Forms::HOUSE_CUP, "own_kind" => "cup" }.freeze

        # `problems`: of what was typed for the pot with this id, `typed`; none where it was not sent.
        def initialize(household, id, typed, problems)
          super(household)
          @id = id
          @typed = problems ? typed : USUAL
          @problems = problems || []
        end

        # True where it was sent and something is wrong with it.
        def open?
          @problems.any?
        end

        # Arguments of Fields#control_field: of each field its id, name, label and text.
        def fields
          FIELDS.zip(["Rice", "So much rice", "Rice in", "So much water to it", "Water in"])
                .map { |name, label| ["#{place}-#{name}", name, label, @typed[name]] }
        end

        # Choices of a field, nil where it is typed.
        def choices(name)
          { "grain" => GRAINS, "unit" => [[Forms::HOUSE_CUP, cup], *UNITS], "own_kind" => KINDS }[name]
        end

        # Problems by the id of their field; those of the whole stand at the water.
        def problems
          @problems.map do |found|
            name = FIELDS.include?(found[:field].to_s) ? found[:field] : "own"
            found.merge(field: "#{place}-#{name}")
          end
        end

        private

        def place
          "mine-#{@id}"
        end

        def cup
          cup = household.values(:cups).first
          cup ? "#{cup.name}, #{plain(cup.ml)} mL" : "US cup, 237 mL"
        end
      end
    end
  end
end
