# frozen_string_literal: true

RSpec.describe FondKettle::Methods::DepthRules do
  it "judge the finger and the level by this pot" do
    plan = plan_for(basic_request(method: "knuckle", vessel: { "diameter_mm" => 180 },
                                  rice: { "amount" => 900, "unit" => "g" }))
    finger = described_class.judge(plan, 25.0)
    expect(finger.holds).to match([be_between(700, 1300), be_between(800, 1600)])
    expect(described_class.judge(plan, 0.0).comes_out).to eq("pot-too-small")
  end
end
