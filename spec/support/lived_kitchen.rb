# frozen_string_literal: true

require_relative "../../app/lessons/judge"
require_relative "../../lib/fond_kettle/formats/plan_json"
require_relative "../../lib/fond_kettle/formats/stored_request"
require_relative "../../lib/fond_kettle/house/composition"
require_relative "../../lib/fond_kettle/methods/planning/planner"
require_relative "hidden_kitchen"

module Support
  # Somebody who cooks in a household that differs from the book, by its plans, and writes down what comes
  # out.
  class LivedKitchen
    # What a filled pot weighs, g: only the difference matters.
    FILLED_G = 3000.0
    # A pot for what nobody has cooked yet.
    POT = { name: "Blue pot", diameter_mm: 200.0, height_mm: 110.0, kg: 1.4, lid: "ordinary",
            material: "steel" }.freeze

    # `truth`: factors by key of Belief::Unknowns.
    def initialize(household, truth)
      @household = household
      @truth = truth
    end

    # Cooks amounts of raw rice (g) of basmati in a pot (its id), the next an evening after the last; returns
    # the ids.
    def cook(pot_id, amounts, from:, weigh: false)
      amounts.each_with_index.map { |grams, index| one(pot_id, grams, from + (index * 86_400), weigh) }
    end

    # The plan of so much in that pot, as the household has it now.
    def plan(pot_id, grams)
      FondKettle::Methods::Planner.plan(request(pot_id, grams))
    end

    private

    def one(pot_id, grams, at, weigh)
      plan = plan(pot_id, grams)
      id = @household.cooks.start(title: "Basmati, our pot", grain: "basmati", pot_id: pot_id,
                                  plan: FondKettle::Formats::PlanJson.for_the_stove(plan), now: at,
                                  request: FondKettle::Formats::StoredRequest.write(plan.request),
                                  address: "grain=basmati&for=amount&amount=#{grams}&unit=g&pot=#{pot_id}")
      @household.finish(id, at + (plan.total_min * 60))
      judge(id, shown(plan), weigh, at)
      id
    end

    def judge(id, shown, weigh, at)
      said = HiddenKitchen.said(shown.texture, shown.water)
      said.update(before_g: FILLED_G, after_g: FILLED_G - shown.loss_g.round) if weigh
      FondKettle::App::JudgeCook.new(@household, at + 7200)
                                .call(@household.cooks.find(id), said, nil, teaches: true)
    end

    # What comes of a plan in the kitchen as it is.
    def shown(plan)
      FondKettle::Log::KitchenRun.new(FondKettle::Log::SeenCook.planned(plan, {}), {}).shown(@truth)
    end

    def request(pot_id, grams)
      house = FondKettle::House
      wishes = house::Wishes.of(method: @household.library.fetch("covered-pot"),
                                grain: FondKettle::Larder::Grains.fetch("basmati"), chosen: { pot: pot_id },
                                quantity: house::Quantity.of(by: "amount", amount: grams.to_f))
      house::Composition.new(wishes, @household.shelves, log: @household.lessons).request
    end
  end
end
