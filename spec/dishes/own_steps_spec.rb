# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Dishes::OwnSteps do
  include Support::Suppers

  it "takes a dish's own steps for its base and its end" do
    plan = supper(dish("2 onions | base", method: "oven-pilaf",
                                          steps: "Fry 100%{x} | 7 min\nServe | finish | 2 min")).plan
    expect(plan.tasks.map(&:say))
      .to include("Fry 100% {x}", "Serve")
      .and(satisfy { |says| says.none?(/Soften the onion/) })
    expect([plan.starts.first.before_min, plan.starts.last.before_min]).to eq([plan.total_min, 2])
  end

  it "takes the oven for its own steps in it, hot when they begin, as hot as they say" do
    plan = supper(dish("1 kg squash | base", steps: "Roast the squash at 400 °F | bake | 30 min")).plan
    heated, baked = %w[preheat bake].map { |kind| plan.tasks.find { |task| task.kind.key == kind } }
    expect([heated, baked].map do |task|
      [task.slot.uses["oven"], task.slot.oven_c.round]
    end).to eq([[1, 204]] * 2)
    expect(baked.slot.after.map(&:task)).to include(heated.id)
  end

  it "looks at what is fried while the rice rests where it lies, and brings it to the table" do
    steps = "Brown the chicken | fry | 5 min\nFry the eggs | while it rests | fry | 3 min"
    plan = supper(dish("3 eggs | beside\n200 g chicken | base", steps: steps)).plan
    said = plan.tasks.to_h { |task| [task.say, task] }
    frying, looking, measuring =
      said.values_at("In a pan: fry the eggs", *said.keys.grep(/egg: white and yolk|74 °C/))
    starts = plan.starts.to_h { |start| [start.task.id, start.before_min] }
    before = [frying, looking, measuring].map { |task| starts[task.id] }
    expect(before).to eq(before.sort.reverse)
    expect(before.first - before[1]).to be_between(3, 5)
    expect(plan.starts.last.task.say).to eq("Serve it with the eggs")
    expect(said.keys.grep(/71 °C/)).to eq([looking.say])
  end
end
