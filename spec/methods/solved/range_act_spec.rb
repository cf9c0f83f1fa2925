# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Pouring do
  it "pours less than planned where the range is wide, and keeps the rest hot for when the craters are dry" do
    plan = plan_for(basic_request)
    act = described_class.of(plan)
    expect(act.pour_g).to be_between(plan.spread.low_g, plan.liquid_g)
    expect(act.pour_g + act.keep_g).to be_within(1e-6).of(plan.spread.high_g)
    expect(act.look_min).to be_between(plan.run.at("boil") + 3, plan.run.at("dry"))
    json = FondKettle::Formats::PlanJson.call(plan)[:act]
    expect(json[:pour_g]).to be_within(0.1).of(act.pour_g)
  end

  it "never pours more than planned, in any kitchen" do
    for_any_kitchen do |kitchen|
      plan = plan_for(kitchen)
      act = described_class.of(plan)
      expect(act.pour_g).to be <= plan.liquid_g + 1e-3 if act
    end
  end

  it "pours more at first where being wet costs less than the doubt, and nothing special in plenty, for " \
     "a broth or a sauce" do
    sure, unsure = %w[dough loose].map do |lid|
      plan = plan_for(basic_request(vessel: { "diameter_mm" => 300, "lid" => lid }))
      (plan.liquid_g - described_class.of(plan).pour_g) / plan.liquid_g
    end
    expect(unsure).to be > sure
    expect(%w[boil-and-drain broth-under-rice
              one-pot-sauce].map { |method| described_class.of(plan_for(basic_request(method: method))) })
      .to eq([nil, nil, nil])
  end
end
