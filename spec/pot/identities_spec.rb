# frozen_string_literal: true

# The identities of the model, over kitchens at random.
RSpec.describe "The model's identities" do
  def poured(plan)
    plan.liquid_g + plan.load.carried_g
  end

  it "conserves water at every step of a run" do
    for_any_kitchen do |kitchen|
      plan = plan_for(kitchen)
      try_with(kitchen, plan.liquid_g * 1.1).run.curve.each do |point|
        held = point.free_g + point.taken_g + point.lost_g
        expect(held).to be_within(1e-3).of((plan.liquid_g * 1.1) + plan.load.carried_g)
      end
    end
  end

  it "runs a plan to the uptake that was wanted, with nothing left over" do
    for_any_kitchen do |kitchen|
      plan = plan_for(kitchen)
      run = FondKettle::Pot::Cooking.run(plan.load, plan.liquid_g, plan.stages, plan.setting)
      expect(run.uptake).to be_within(0.01 * plan.load.uptake).of(plan.load.uptake)
      expect(run.free_g).to be < 0.01 * plan.liquid_g
    end
  end

  it "never takes less liquid for more rice, nor more of it for each gram" do
    for_any_kitchen do |kitchen|
      few = plan_for(kitchen)
      more = plan_for(kitchen.merge("rice" => { "amount" => few.load.rice_g * 1.15, "unit" => "g" }))
      expect(more.liquid_g).to be >= few.liquid_g - 1e-3
      expect(more.ratio_by_weight).to be <= few.ratio_by_weight + 1e-5
    end
  end

  it "never takes more liquid after a longer soak" do
    for_any_kitchen do |kitchen|
      kitchen = Support::Kitchen.soaked_alike(kitchen, 15)
      soak = kitchen["soak"]
      longer = kitchen.merge("soak" => soak.merge("minutes" => soak["minutes"] + 15))
      expect(plan_for(longer).liquid_g).to be <= plan_for(kitchen).liquid_g + 1e-3
    end
  end

  it "never takes more liquid under a tighter lid" do
    for_any_kitchen do |kitchen|
      lids = Support::Kitchen::LIDS
      tighter = lids[[lids.index(kitchen["vessel"]["lid"]) - 1, 0].max]
      sealed = kitchen.merge("vessel" => kitchen["vessel"].merge("lid" => tighter))
      expect(plan_for(sealed).liquid_g).to be <= plan_for(kitchen).liquid_g + 1e-3
    end
  end

  it "never cooks faster from the boil on higher ground" do
    for_any_kitchen do |kitchen|
      higher = kitchen.merge("altitude_m" => kitchen["altitude_m"] + 40)
      expect(plan_for(higher).run.stage_minutes[1]).to be >= plan_for(kitchen).run.stage_minutes[1] - 1e-6
    end
  end

  it "turns depth into liquid and back" do
    for_any_kitchen do |kitchen|
      plan = plan_for(kitchen)
      depth = FondKettle::Pot::Depth
      over_mm = depth.over_rice_mm(plan.liquid_g, plan.load, plan.request.vessel)
      expect(depth.liquid_g(over_mm, plan.load, plan.request.vessel)).to be_within(1e-6).of(plan.liquid_g)
    end
  end

  it "ends within half a percent whether the step is halved or not" do
    for_any_kitchen do |kitchen|
      liquid_g = plan_for(kitchen).liquid_g * 0.9
      whole, half = [0.5, 0.25].map { |step| try_with(kitchen, liquid_g, step_min: step).run }
      expect(half.uptake).to be_within(0.005 * whole.uptake).of(whole.uptake)
      expect(half.lost_g).to be_within(0.005 * [whole.lost_g, 1].max).of(whole.lost_g)
      expect(half.core).to be_within(0.005).of(whole.core)
    end
  end
end
