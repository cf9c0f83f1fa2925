# frozen_string_literal: true

require "delegate"
require_relative "../../lib/fond_kettle/dishes/supper"
require_relative "../../lib/fond_kettle/formats/plan_json"
require_relative "../../lib/fond_kettle/formats/stored_request"
require_relative "../../lib/fond_kettle/meals/meal_dish"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/house/usual"
require_relative "../../lib/fond_kettle/methods/planning/planner"
require_relative "../forms/meals/meal_form"
require_relative "../forms/plan_form"

module FondKettle
  module App
    # The dishes of a meal, each planned in a pot of its own.
    class PlanDishes
      # One of them: its key, what was chosen, the form that planned it, its plan, into how many equal
      # pots it goes.
      PlannedDish = Value.define(:key, :form, :plan, :batches, :stored) do
        def title
          form.dish ? form.dish.title : plan.request.grain.name
        end

        # Meals::MealDish
        def value
          Meals::MealDish.new(key: key, title: title, plan: stored, cook_ids: [])
        end

        # Address of its plan, in the pot that it has here.
        def address
          form.address(batches: (batches if batches > 1), pot: form.kit.pot&.id)
        end

        # Attributes that the store keeps of it.
        def put
          { key: key, title: title, address: address,
            grain: plan.request.grain.key, pot_id: form.kit.pot&.id, plan: stored,
            request: Formats::StoredRequest.write(plan.request) }
        end
      end

      # The house without the pots that are taken.
      class LessPots < SimpleDelegator
        def initialize(household, taken)
          super(household)
          @taken = taken
        end

        def shelves
          whole = __getobj__.shelves
          whole.with(pots: whole.pots.reject { |pot| @taken.include?(pot.id) })
        end
      end

      # `form`: a Forms::MealForm without problems.
      def initialize(household, form)
        @household = household
        @form = form
        @chosen = form.chosen.uniq
        @taken = []
        @problems = []
      end

      # The dishes in the form's order, each in pots that no other takes (PlannedDish). Raises InvalidInput
      # with what is wrong with each.
      def call
        laid = @chosen.each_with_index.filter_map { |key, index| lay(key, "d#{index + 1}") }
        raise InvalidInput, @problems if @problems.any?

        laid
      end

      private

      def lay(key, name)
        form = Forms::PlanForm.new(wishes(key), LessPots.new(@household, @taken))
        return refuse(text(form, form.problems)) unless form.ok?

        form, plan, batches = planned(form, key)
        return unless room?(form) && boiling_room?(form, plan)

        @taken.concat(pots(form, batches), boiled_in(plan))
        look = @household.lid_look(form.kit.pot&.id)
        PlannedDish.new(key: name, form: form, plan: plan, batches: batches,
                        stored: Formats::PlanJson.for_the_stove(plan, look: look))
      rescue InvalidInput => e
        refuse(text(form, e.problems))
      end

      # The form, its plan, and into how many equal pots it goes.
      def planned(form, key)
        return plain(form, key) unless form.dish

        supper = Dishes::Laying.supper(form.dish, form.factor, form.base_request, servings: form.servings)
        [form, supper.plan, supper.batches]
      end

      # Plain rice that is too much for one pot goes into as many as it takes.
      def plain(form, key)
        plan = Methods::Planner.plan(form.request)
        return [form, plan, 1] if plan.fit.batches == 1

        split = Forms::PlanForm.new({ **wishes(key), "batches" => plan.fit.batches.to_s }, form.household)
        [split, Methods::Planner.plan(split.request), plan.fit.batches]
      end

      # A pot of the house for it; what is too much for its pots at once goes in rounds.
      def room?(form)
        return true if form.kit.pot || @household.shelves.pots.empty?

        refuse("#{named(form)} has no pot left: the others take them all. Leave it out, or make it later")
        false
      end

      # A pot for rice that is boiled in another one before.
      def boiling_room?(form, plan)
        if form.method.phases.none?(&:vessel) || @household.shelves.pots.empty? || boiled_apart?(plan)
          return true
        end

        refuse("#{named(form)} has no second pot left to boil its rice in: the others take them all. " \
               "Leave it out, or make it later")
        false
      end

      def boiled_apart?(plan)
        plan.phases.map { |phase| phase.setting.vessel.id }.uniq.size > 1
      end

      def refuse(words)
        @problems << { field: "dish", message: words }
        nil
      end

      def text(form, problems)
        said = problems.map { |one| "#{one[:field]} #{one[:message]}" }.join("; ")
        "#{named(form)}: #{said}"
      end

      def named(form)
        form.dish ? form.dish.title : form.grain.name
      end

      # Ids of the pots that it takes: as many alike as it has batches.
      def pots(form, batches)
        pot = form.kit.pot
        return [] unless pot

        alike = form.shelves.pots.select do |one|
          one.with(id: nil, name: "") == pot.with(id: nil, name: "")
        end
        [pot.id, *(alike.map(&:id) - [pot.id])].first(batches)
      end

      # Ids of pots of the house in which rice is boiled before it goes into its own.
      def boiled_in(plan)
        plan.phases.filter_map { |phase| phase.setting.vessel.id }
      end

      # As the Pot's address has it: plain rice by its grain; one of several dishes for its share.
      def wishes(key)
        plain = Forms::MealForm.grain_of(key)
        what = plain ? { "grain" => plain, "method" => House::Usual::METHOD } : { "dish" => key }
        { **what, "for" => "people", **eaters(key) }
      end

      def eaters(key)
        share = @form.share(key)
        return { "guests" => share, "who" => [] } unless share.empty?
        return { "guests" => @form.guests.to_s, "who" => @form.who } if @chosen.one?

        { "guests" => (@form.heads / @chosen.size.to_f).ceil.to_s, "who" => [] }
      end
    end
  end
end
