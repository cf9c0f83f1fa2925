# frozen_string_literal: true

# What of the core is timed, with the names that it has now and those that it had at 2a2bcbe.
class Cases
  SHORT = { "grain" => "basmati", "method" => "covered-pot",
            "rice" => { "amount" => 300, "unit" => "g" } }.freeze
  LONG = { "grain" => "brown-short", "method" => "covered-pot", "rice" => { "amount" => 800, "unit" => "g" },
           "stages" => [{ "heat" => "high", "until" => "boil" },
                        { "heat" => "low", "minutes" => 110 }] }.freeze
  LAYERS = SHORT.merge("method" => "sealed-raw-base").freeze
  FOODS = %w[carrot tomato leek cumin].freeze
  THIRTY = (1..30).map { |index| "#{index * 10} g #{FOODS[index % 4]}, number #{index} | base" }.join("\n")
  HEAD = { title: "Dish", serves: 4.0, method: "covered-pot", grain: "basmati", rice_g: 320.0,
           pan_mm: 240.0 }.freeze
  # Thirty lines in six vessels, told in plain sentences.
  FEAST = File.read(File.expand_path("feast.txt", __dir__))

  # Lambdas by name.
  def self.all
    (FondKettle.const_defined?(:Method, false) ? CasesThen : CasesNow).new.all
  end

  def initialize
    @request = reader(SHORT).request
    @number = 0
  end

  def all
    long = reader(LONG)
    { "run" => -> { core::Trying.run(@request, 400.0) },
      "two-hour run" => -> { core::Trying.run(long.request, 1600.0, stages: long.stages) } }
  end

  private

  def reader(asked)
    FondKettle::Formats::RequestReader.new(asked)
  end

  # Another factor each time: nothing that was said of the last is said again.
  def factor
    @number += 1
    1.1 + (@number / 100.0 % 1)
  end
end

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

# Those of today.
class CasesNow < Cases
  def all
    thirty = dish(FondKettle::Reading::BarredDish.new(HEAD, lines: THIRTY, steps: "").call)
    feast = dish(FondKettle::Reading::Reader.new(FEAST).dish)
    layers = reader(LAYERS).request
    { **super, "figures" => -> { figures(core::Planner.plan(@request)) },
               "plan" => -> { whole(core::Planner.plan(@request)) },
               "layers" => -> { whole(core::Planner.plan(layers)) },
               "30 lines" => -> { whole(supper(thirty).plan) }, "six vessels" => -> { whole(supper(feast).plan) },
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
