# frozen_string_literal: true

require_relative "cases"

# Those of today.
class CasesNow < Cases
  def all
    thirty = dish(FondKettle::Reading::BarredDish.new(HEAD, lines: THIRTY, steps: "").call)
    feast = dish(FondKettle::Reading::Reader.new(FEAST).dish)
    layers = reader(LAYERS).request
    { **super, "figures" => -> { figures(core::Planner.plan(@request)) },
               "plan" => -> { whole(core::Planner.plan(@request)) },
               "layers" => -> { whole(core::Planner.plan(layers)) },
               "30 lines" => -> { whole(supper(thirty).plan) },
               "six vessels" => -> { whole(supper(feast).plan) },
               "read" => -> { FondKettle::Reading::Reader.new(FEAST).dish }, **parts }
  end

  private

  def core
    FondKettle::Methods
  end

  def parts
    last = core::Solved.of(@request).last
    pot = FondKettle::Pot
    at = pot.const_defined?(:Hearth) ? pot::Hearth.new(last.setting) : last.setting
    { "solved" => -> { core::Solved.of(@request) },
      "end of a run" => -> { pot::Cooking.end_of(last.load, 400.0, last.stages, at) } }
  end

  # A page with a few figures asks that of a plan.
  def figures(plan)
    [plan.liquid_g, plan.spread, plan.verdict, plan.warnings]
  end

  # All of it, the range and the slip too.
  def whole(plan)
    [*figures(plan), plan.cautions]
  end

  def dish(graph)
    FondKettle::Formats::StoredDish.of(graph, names: FondKettle::Larder::Names.ours,
                                              library: FondKettle::Methods::Library.ours)
  end

  def supper(dish)
    FondKettle::Dishes::Laying.supper(dish, factor, @request)
  end
end
