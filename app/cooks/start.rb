# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/plan_json"
require_relative "../../lib/fond_kettle/formats/stored_request"
require_relative "../../lib/fond_kettle/stove/one_pot"
require_relative "../plans/look"
require_relative "../act"
require_relative "../lessons/worth_of_pot"

module FondKettle
  module App
    # Starts a cook of each of a plan's equal pots, with the cook's own water where that is given.
    class StartCook < Act
      # Starts the cooks of a Forms::PlanForm without problems. Returns their ids; the first cook is begun,
      # the others wait.
      def call(form)
        look = LookAtPlan.new(form, household.kitchen)
        plan = look.plan
        own = look.own(plan)
        worth = WorthOfPot.new(household).call(plan, form.bag&.id, form.dish&.title)
        stored = { **look.stored(plan, own, household.lid_look(form.kit.pot&.id)), worth: worth }
        (1..plan.request.pots).map { |number| start(form, plan, Stove::OnePot.of(stored, number), number, own) }
      end

      # Starts a single cook of a plan that exists already. Returns its id.
      def at_once(form, plan)
        start(form, plan, Formats::PlanJson.for_the_stove(plan), 1, nil)
      end

      private

      def start(form, plan, stored, number, own)
        happened = own ? [["poured", own.liquid_g.round(1)], ["outlook", own.trial.comes_out]] : []
        household.cooks.start(title: title(form, plan), grain: plan.request.grain.key,
                              pot_id: form.kit.pot&.id, address: form.address, now: now, plan: stored,
                              request: Formats::StoredRequest.write(plan.request), pot_no: number,
                              pots: plan.request.pots, happened: happened)
      end

      def title(form, plan)
        return form.dish.title if form.dish

        "#{plan.request.grain.name}, #{form.kit.pot ? form.kit.pot.name : plan.method.name.downcase}"
      end
    end
  end
end
