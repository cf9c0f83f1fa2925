# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/methods/placing/amounts"
require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # All methods for the same rice and pot, a row each.
      class SideBySide < Presenter
        # One way: its address as a plan, name, cells of the table and words.
        MethodRow = Value.define(:address, :name, :cells, :words)
        # Names of the columns and whether they hold numbers.
        COLUMNS = { "Water" => true, "In your cup" => false, "By cup, to 1" => true, "In all" => true,
                    "Hands on" => true, "On" => false, "To wash" => false, "Comes out" => false }.freeze
        # What a way has of its own, and what of it goes with the pot.
        OWN = %i[rinse soak drain crust stir cover].freeze
        OF_THE_POT = %i[pot burner].freeze

        attr_reader :form

        def initialize(household, form, plans)
          super(household)
          @form = form
          @plans = plans
        end

        def lead
          request = form.request
          "#{request.grain.name}, #{request.measures.weighed(request.rice_g)}, each way with its own rinse " \
            "and soak, in your pot and by your fire."
        end

        def rows
          @plans.map do |plan|
            MethodRow.new(address: address(plan), name: plan.method.name, words: words(plan.method),
                          cells: COLUMNS.keys.zip(cells(plan)).to_h)
          end
        end

        private

        def cells(plan)
          measured = Methods::Amounts.in_cups(plan.liquid_g, plan.load, plan.request.measures)
          [plan.request.measures.weighed(plan.liquid_g), measured, plain(plan.ratio_by_volume.round(2)),
           minutes(plan.total_min), minutes(plan.hands_on_min.round(1)),
           plan.method.oven? ? "stove, oven" : plan.method.vessel_kind.word, plan.method.dishes.join(", "),
           outcome_words(plan)]
        end

        def words(method)
          "#{method.gives} **Risk:** #{method.risks} **Against others:** #{method.disagrees}"
        end

        # The plan's address for another method, with that method's own ways.
        def address(plan)
          fields = plan.request.vessel.id == form.kit.pot&.id ? OWN : OWN + OF_THE_POT
          form.address(method: plan.method.key, **fields.to_h { |field| [field, nil] })
        end
      end
    end
  end
end
