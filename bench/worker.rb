# frozen_string_literal: true

# A checkout of the core that does one of its CASES as often as it is told, for bench/limit.rb:
#   ruby bench/worker.rb ROOT
# reads lines "case times" and answers each with the seconds that it took. It knows the names that the core of
# 2a2bcbe had, so that both can be timed in turn.
root = File.expand_path(ARGV.fetch(0))
require File.join(root, "lib/fond_kettle")
%w[formats/stored_dish reading/barred/barred_dish table/quick_text table/dish evening/supper].each do |file|
  path = File.join(root, "lib/fond_kettle", "#{file}.rb")
  require path if File.exist?(path)
end

# What is timed.
module Worker
  OLD = FondKettle.const_defined?(:Method, false)
  Core = OLD ? FondKettle::Method : FondKettle::Methods
  SHORT = { "grain" => "basmati", "method" => "covered-pot",
            "rice" => { "amount" => 300, "unit" => "g" } }.freeze
  LONG = { "grain" => "brown-short", "method" => "covered-pot", "rice" => { "amount" => 800, "unit" => "g" },
           "stages" => [{ "heat" => "high", "until" => "boil" },
                        { "heat" => "low", "minutes" => 110 }] }.freeze
  FOODS = %w[carrot tomato leek cumin].freeze
  QUICK = (1..30).map { |index| "#{index * 10} g #{FOODS[index % 4]}, number #{index} | base" }.join("\n")

  KNOWN = lambda do
    { names: FondKettle::Larder::Names.ours, library: FondKettle::Methods::Library.ours }
  end

  module_function

  def reader(asked)
    FondKettle::Formats::RequestReader.new(asked)
  end

  # Lambdas by the name of what they do.
  def cases
    request = reader(SHORT).request
    long = reader(LONG)
    { "run" => -> { Core::Trying.run(request, 400.0) },
      "two-hour run" => -> { Core::Trying.run(long.request, 1600.0, stages: long.stages) },
      "figures" => -> { figures(request) },
      "plan" => -> { whole(Core::Planner.plan(request)) },
      "dish" => dish(request), **(OLD ? {} : newer(request)) }
  end

  # What a page with a few figures asks of a plan.
  def figures(request)
    plan = Core::Planner.plan(request)
    [plan.liquid_g, plan.spread, plan.verdict, plan.warnings] unless OLD
  end

  # All of a plan, with its range and its slip.
  def whole(plan)
    [plan.spread, plan.cautions, plan.warnings] unless OLD
    plan
  end

  def dish(request)
    number = 0
    if OLD
      lines = FondKettle::Table::QuickText.new.read(QUICK).lines
      dish = FondKettle::Table::Dish.new(title: "Dish", serves: 4.0, method: "covered-pot", grain: "basmati",
                                         rice_g: 320.0, note: "", pan_mm: 240.0, lines: lines, steps: [])
      return -> { FondKettle::Evening::Laying.supper(dish, 1.1 + ((number += 1) / 100.0 % 1), request) }
    end
    dish = newer_dish
    -> { whole(rescaled(dish, request).plan) }
  end

  # The supper of a dish in another amount each time.
  def rescaled(dish, request)
    @number = @number.to_i + 1
    FondKettle::Dishes::Laying.supper(dish, 1.1 + (@number / 100.0 % 1), request)
  end

  def newer_dish
    head = { title: "Dish", serves: 4.0, method: "covered-pot", grain: "basmati", rice_g: 320.0, pan_mm: 240.0 }
    graph = FondKettle::Reading::BarredDish.new(head, lines: QUICK, steps: "").call
    FondKettle::Formats::StoredDish.of(graph, **KNOWN.call)
  end

  # A dish of thirty lines, six vessels and twenty steps, told in plain sentences.
  FEAST = File.read(File.expand_path("feast.txt", __dir__))

  def newer(request)
    solved = Core::Solved.of(request)
    last = solved.last
    pot = FondKettle::Pot
    at = pot.const_defined?(:Hearth) ? pot::Hearth.new(last.setting) : last.setting
    told = FondKettle::Reading::Reader.new(FEAST).dish
    feast = FondKettle::Formats::StoredDish.of(told, **KNOWN.call)
    { "six vessels" => -> { whole(rescaled(feast, request).plan) },
      "supper of nine" => -> { rescaled(feast, request) },
      "read" => -> { FondKettle::Reading::Reader.new(FEAST).dish },
      "end" => -> { pot::Cooking.end_of(last.load, 400.0, last.stages, at) },
      "solved" => -> { Core::Solved.of(request) } }
  end
end

# How many exponentials, logarithms and divisions one of the cases takes.
module Counting
  COUNTS = { exponentials: 0, divisions: 0 }

  module Functions
    def exp(number)
      COUNTS[:exponentials] += 1
      super
    end

    def log(number)
      COUNTS[:exponentials] += 1
      super
    end
  end

  module Division
    def /(other)
      COUNTS[:divisions] += 1
      super
    end
  end

  module_function

  def of(work)
    Math.singleton_class.prepend(Functions)
    Float.prepend(Division)
    work.call
    COUNTS.each_key { |key| COUNTS[key] = 0 }
    work.call
    COUNTS.values.join(" ")
  end
end

# `times` of a lambda, s.
def seconds(work, times)
  from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  times.times { work.call }
  Process.clock_gettime(Process::CLOCK_MONOTONIC) - from
end

cases = Worker.cases
$stdout.sync = true
puts cases.keys.join(";")
while (line = $stdin.gets)
  name, times = line.chomp.split(";")
  work = cases.fetch(name)
  puts(case times
       when "count" then Counting.of(work)
       when "objects"
         work.call
         GC.disable
         before = GC.stat(:total_allocated_objects)
         work.call
         GC.stat(:total_allocated_objects) - before
       else seconds(work, times.to_i)
       end)
  GC.enable
end
