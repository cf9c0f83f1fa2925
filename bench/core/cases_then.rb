# frozen_string_literal: true

require_relative "cases"

# Those of 2a2bcbe, where a plan was all of it.
class CasesThen < Cases
  def all
    plan = -> { core::Planner.plan(@request) }
    lines = FondKettle::Table::QuickText.new.read(THIRTY).lines
    dish = FondKettle::Table::Dish.new(**HEAD, note: "", lines: lines, steps: [])
    { **super, "figures" => plan, "plan" => plan,
               "30 lines" => -> { FondKettle::Evening::Laying.supper(dish, factor, @request) } }
  end

  private

  def core
    FondKettle::Method
  end
end
