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
end
