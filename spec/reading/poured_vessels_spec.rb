# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Reading::PouredVessels do
  include Support::Suppers

  lines = "600 g chicken | base\n200 g yoghurt | base\n3 onions | base\n40 g oil | base\n1 tsp salt"
  steps = <<~STEPS.strip
    For the marinade (bowl):
    Marinate the chicken in yoghurt | base | marinate | 60 min | wait
    For the onions (pan):
    Brown the onions in the oil | base | fry | 20 min | until golden
    In the pot:
    Lay in the chicken and the onions | base | lay-in | 2 min
  STEPS

  def read_back(text)
    FondKettle::Reading::BarredSteps.write(FondKettle::Reading::BarredSteps.read(text))
  end

  it "reads a heading that names a vessel, by its own word or the one in brackets" do
    heading = ->(line) { FondKettle::Reading::VesselHeading.heading(line) }
    kinds = { "For the onions (pan):" => "frying-pan", "In a bowl:" => "bowl", "On the board:" => "board",
              "In the wide pan:" => "frying-pan", "Relish (jug):" => "jug" }
    expect(kinds.keys.to_h { |line| [line, heading.call(line).kind] }).to eq(kinds)
    expect(["In the pot:", "Fry the onions:", "For the sauce:", "In the pan"].map(&heading))
      .to eq([:rice, nil, nil, nil])
    expect(read_back(steps)).to eq(steps)
  end

  it "lays each vessel into a pot of the house, and pours it where the rice's pot names it again" do
    made_in = supper(dish(lines, steps: steps, method: "sealed-raw-base")).plan.request.made_in
    expect(made_in.steps.map { |step| [step.vessel, step.after, step.from.map(&:vessel)] })
      .to eq([["for-the-marinade", [], []], ["for-the-onions", [], []],
              ["pot", %w[dish-1 dish-2], %w[for-the-marinade for-the-onions]]])
    expect(made_in.vessels.map { |vessel| vessel.pot.name }).to eq(["pot", "a bowl", "a pan", "a pot"])
  end

  it "says the vessel at its step, and lets what waits go on beside the rest" do
    plan = supper(dish(lines, steps: steps, method: "sealed-raw-base")).plan
    fry, marinate = %w[fry marinate].map { |kind| plan.tasks.find { |task| task.kind.key == kind } }
    expect(fry.say).to eq("In a pan: brown the onions in the oil")
    starts = plan.placed.starts
    expect(starts[fry.id]).to be_between(1, starts[marinate.id] - 1)
    vessel = FondKettle::Methods::RiceVessel.of(plan.request)
    brought_g = FondKettle::Methods::FoodLoad.water_g(vessel.contents)
    expect(brought_g).to be_within(1e-6).of((600 * 0.22) + (200 * 0.6))
  end

  it "brings what is under a heading to the rice when that goes in, where no step names it" do
    plan = supper(dish("300 g tomatoes | base\n30 g oil | base",
                       steps: "For the sauce (pan):\nCook the tomatoes in the oil | reduce | 5 min")).plan
    expect(plan.request.made_in.rice_from.map(&:vessel)).to eq(["for-the-sauce"])
    expect(plan.load.brought_g).to be_between(100, 250)
  end
end
