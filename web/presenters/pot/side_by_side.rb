# frozen_string_literal: true

require_relative "../../../app/forms/plan_form"
require_relative "../../../lib/fond_kettle/methods/placing/amounts"
require_relative "../../../lib/fond_kettle/pot/verdict"
require_relative "../../drawings/hands_bar"
require_relative "../../drawings/pot_picture"
require_relative "../pot_views"
require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # All methods for the same rice and pot, each as its pot and its time.
      class SideBySide < Presenter
        # One way: its key, its address as a plan, its name, the pictures of its pot and of its time, what it
        # `gives`, its `risk` and what `others` say, and `facts` in a few words each.
        MethodRow = Value.define(:key, :address, :name, :pot, :bar, :gives, :risk, :others, :facts)
        # What a cook may ask for, and the figure of a plan that says it, the least first.
        SORTS = {
          "soonest" => ["Soonest", lambda(&:total_min)],
          "watching" => ["Least watching", lambda(&:hands_on_min)],
          "separate" => ["Most separate", ->(plan) { [-plan.method.separate, plan.total_min] }],
          "wash" => ["Least to wash", ->(plan) { [plan.method.dishes.size, plan.total_min] }]
        }.freeze
        # What a way has of its own, and what of it goes with the pot.
        OWN = %i[rinse soak drain crust stir cover].freeze
        OF_THE_POT = %i[pot burner].freeze
        SCALE = 0.36
        IN_FULL = 2

        attr_reader :form, :sort

        # `plans`: Methods::Plans; `sort`: a key of SORTS, anything else is the first; `two`: keys of the
        # methods that are wanted in full.
        def initialize(household, form, plans, sort: nil, two: [])
          super(household)
          @form = form
          @plans = plans
          @sort = SORTS.key?(sort) ? sort : SORTS.keys.first
          @two = Array(two).first(IN_FULL)
        end

        def lead
          request = form.request
          "#{request.grain.name}, #{request.measures.weighed(request.rice_g)}, each way with its own rinse " \
            "and soak, in your pot and by your fire. Striped: your hands are busy."
        end

        # Keys and words of what it can be sorted by.
        def sorts
          SORTS.transform_values(&:first)
        end

        # MethodRows of the ways that come right here, in the order that is asked for.
        def rows
          sorted.select { |plan| right?(plan) }.map { |plan| row(plan) }
        end

        # Those of the ways that do not.
        def not_here
          sorted.reject { |plan| right?(plan) }.map { |plan| row(plan) }
        end

        def chosen?(key)
          @two.include?(key)
        end

        # [name, Methods::Plan, Forms::PlanForm] of each way that is wanted in full.
        def in_full
          @plans.select { |plan| chosen?(plan.method.key) }.map do |plan|
            typed = Rack::Utils.parse_nested_query(address(plan))
            [plan.method.name, plan, Forms::PlanForm.new(typed, household)]
          end
        end

        private

        def sorted
          @sorted ||= @plans.sort_by { |plan| Array(SORTS.fetch(sort).last.call(plan)) }
        end

        def right?(plan)
          Pot::Verdict::RIGHT.include?(plan.comes_out)
        end

        def longest_min
          right = @plans.select { |plan| right?(plan) }
          @longest_min ||= (right.empty? ? @plans : right).map(&:total_min).max
        end

        def row(plan)
          method = plan.method
          look = household.lid_look(plan.request.vessel.id)
          pot = Drawings::PotPicture.new(PotViews.plan(plan, look), "way-#{method.key}", scale: SCALE)
          MethodRow.new(key: method.key, address: address(plan), name: method.name, pot: pot,
                        bar: Drawings::HandsBar.new(plan, longest_min, "hands-#{method.key}"),
                        facts: facts(plan), gives: method.gives, risk: method.risks, others: method.disagrees)
        end

        def facts(plan)
          measured = Methods::Amounts.in_cups(plan.liquid_g, plan.load, plan.request.measures)
          ["**#{minutes(plan.total_min)}**, hands #{minutes(plan.hands_on_min.ceil)}",
           "#{plan.request.measures.weighed(plan.liquid_g)} water, #{measured}",
           "#{plan.method.oven? ? 'stove, oven' : plan.method.vessel_kind.word}; to wash: " \
           "#{plan.method.dishes.join(', ')}"]
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
