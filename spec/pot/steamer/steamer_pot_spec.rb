# frozen_string_literal: true

RSpec.describe FondKettle::Pot::SteamerPot do
  def sticky(**changes)
    { "grain" => "glutinous", "method" => "steamed-sticky", "rice" => { "amount" => 500, "unit" => "g" } }
      .merge(changes.transform_keys(&:to_s))
  end

  def steaming(plan)
    FondKettle::Methods::Steaming.new(plan.request, plan.last)
  end

  it "takes about 34 min and three sprinklings for 500 g soaked four hours" do
    plan = plan_for(sticky)
    expect(plan.load.state.taken_per_g).to be_within(0.005).of(0.37)
    expect(steaming(plan).minutes).to be_within(1.0).of(34)
    expect(steaming(plan).sprinklings.map(&:g)).to match_array([be_between(64, 86)] * 3)
    expect([plan.verdict, plan.comes_out, plan.warnings]).to eq(["standard", "standard", []])
  end

  it "condenses m c dT/2257 of steam while it heats, about 0.12 g a gram" do
    plan = plan_for(sticky)
    heated = FondKettle::Methods::Trying.run(plan.request, 0.0).run.curve.find { |one| one.min > 4 }
    capacity = (500 * 1.6) + (plan.load.carried_g * 4.18)
    expect(heated.condensed_g).to be_within(0.01).of(capacity * 80 / 2257)
    expect(heated.condensed_g / 500).to be_within(0.01).of(0.12)
  end

  it "conserves water at every step: carried, condensed and sprinkled are in the rice, on it, or below" do
    for_any_kitchen do |kitchen|
      data = kitchen.merge("method" => "steamed-sticky", "steamer" => { "diameter_mm" => 160, "tiers" => 3 },
                           "vessel" => kitchen["vessel"].merge("diameter_mm" => 200))
      plan = plan_for(data)
      pours = steaming(plan).sprinklings
      FondKettle::Pot::Cooking.run(plan.load, plan.liquid_g, plan.stages, plan.setting, curve: true)
                              .curve.each do |point|
        poured = pours.select { |one| one.at_min < point.min - 1e-9 }.sum(&:g) * plan.load.steamer.batches
        expect(point.free_g + point.taken_g + point.gone_g)
          .to be_within(1e-3).of(plan.load.carried_g + point.condensed_g + poured)
      end
    end
  end

  it "ends as wanted by its own plan, with nothing on the grain, whatever the texture" do
    [-1, -0.4, 0.3, 1].each do |texture|
      plan = plan_for(sticky(texture: texture, altitude_m: 2300))
      expect(plan.run.uptake).to be_within(0.01 * plan.load.uptake).of(plan.load.uptake)
      expect(plan.run.free_g).to be_within(1e-6).of(0)
      expect(plan.run.core).to be <= 0.02
    end
  end

  it "ends alike whether the step is halved or not" do
    whole, half = [0.5, 0.25].map { |step| try_with(sticky, 180, step_min: step).run }
    expect(half.uptake).to be_within(0.001).of(whole.uptake)
    expect(half.condensed_g).to be_within(0.1).of(whole.condensed_g)
  end

  it "heats upper tiers later" do
    one, three = [1, 3].map do |tiers|
      plan_for(sticky(rice: { "amount" => 2400, "unit" => "g" },
                      steamer: { "diameter_mm" => 240, "tiers" => tiers }))
    end
    expect([one.load.steamer.tiers, three.load.steamer.tiers]).to eq([1, 2])
    expect([one.load.steamer.batches, three.load.steamer.batches]).to eq([2, 1])
    expect(three.run.at("first-steam")).to be > 1.6 * one.run.at("first-steam")
  end

  it "is dry and chalky where nothing is sprinkled, and knows the way out, tried" do
    trial = try_with(sticky(soak: { "minutes" => 30 }), 0)
    expect([trial.verdict, trial.comes_out]).to eq(%w[chalky short-of-water])
    expect(trial.rescue.map(&:add_g)).to all(be > 300)
    plan = plan_for(sticky(soak: { "minutes" => 30 }))
    stages = [*plan.stages, *trial.rescue.first.stages]
    again = FondKettle::Pot::Cooking.run(trial.load, 0.0, stages, plan.setting)
    expect(FondKettle::Pot::Verdict.of(again, trial.load)).to satisfy("be right") { |one| %w[firm standard soft].include?(one) }
  end

  it "runs in under 30 ms" do
    plan = plan_for(sticky)
    took = Array.new(5) do
      began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      FondKettle::Pot::Cooking.run(plan.load, plan.liquid_g, plan.stages, plan.setting, curve: true)
      Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
    end
    expect(took.min).to be < 0.03
  end
end
