# frozen_string_literal: true

RSpec.describe FondKettle::Methods::OwnRule do
  it "turn the cook's own way into grams" do
    plan = plan_for(basic_request)
    cup = FondKettle::Measure::US_CUP
    ways = described_class.new(plan.load, plan.request.vessel, cup)
    grams = FondKettle::Methods::OwnRule::KINDS.keys.to_h { |kind| [kind, ways.liquid_g(kind, 2.0).round(1)] }
    expect(grams).to include("volume" => 769.2, "weight" => 600.0, "g" => 2.0, "cup" => 473.2,
                             "finger" => be > 1900)
    expect(ways.liquid_g("finger", 1.0)).to be_within(1e-9).of(ways.liquid_g("depth", 25.0))
    expect { ways.liquid_g("luck", 1) }.to raise_error(FondKettle::InvalidInput, /must be one of: volume/)
  end

  it "say a mark of the bowl as what the empty bowl holds to it: the grains stand in it too" do
    plan = plan_for(basic_request)
    ways = described_class.new(plan.load, plan.request.vessel, FondKettle::Measure::US_CUP)
    level_mm = plan.request.vessel.depth_mm(plan.load.bed_ml) + ways.amount("depth", plan.liquid_g)
    marked_ml = ways.amount("mark", plan.liquid_g) * FondKettle::Measure::US_CUP.ml
    expect(plan.request.vessel.depth_mm(marked_ml)).to be_within(1e-6).of(level_mm)
  end

  it "say the same liquid in every way, and back" do
    for_any_kitchen do |kitchen|
      plan = plan_for(kitchen)
      ways = described_class.new(plan.load, plan.request.vessel, FondKettle::Measure::US_CUP)
      FondKettle::Methods::OwnRule::KINDS.each_key do |kind|
        expect(ways.liquid_g(kind, ways.amount(kind, plan.liquid_g))).to be_within(1e-6).of(plan.liquid_g)
      end
    end
  end
end
