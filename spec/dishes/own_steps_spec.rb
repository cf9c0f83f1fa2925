# frozen_string_literal: true

RSpec.describe FondKettle::Dishes::OwnSteps do
  def dish(text, method: "covered-pot", steps: "", rice_g: 320.0)
    lines = FondKettle::Dishes::QuickText.new.read(text).lines
    FondKettle::Dishes::Dish.new(title: "Dish", serves: 4.0, method: method, grain: "basmati", rice_g: rice_g, pan_mm: 240.0,
                                 lines: lines, steps: FondKettle::Dishes::QuickSteps.read(steps), note: "")
  end

  def supper(dish, factor = 1.0, **request)
    asked = request_for(basic_request(method: dish.method, vessel: { "diameter_mm" => 240 }, **request))
    FondKettle::Dishes::Laying.supper(dish, factor, asked)
  end

  it "takes a dish's own steps for its base and its end" do
    plan = supper(dish("2 onions | base", method: "oven-pilaf", steps: "Fry 100%{x} | 7 min\nServe | finish | 2 min")).plan
    expect(plan.tasks.map(&:say)).to include("Fry 100% {x}", "Serve").and(satisfy { |says| says.none?(/Soften the onion/) })
    expect([plan.starts.first.before_min, plan.starts.last.before_min]).to eq([plan.total_min, 2])
  end
end
