# frozen_string_literal: true

RSpec.describe FondKettle::Pot::Loss do
  it "is in proportion to the diameter" do
    plan = plan_for(basic_request(vessel: { "diameter_mm" => 240, "lid" => "ordinary" }))
    expect(described_class.lidded_g_min(plan.request.vessel, "ordinary", "low", "gas")).to eq(3.0)
    expect(described_class.lidded_g_min(plan.request.vessel, "ordinary", "high", "gas")).to eq(7.5)
  end
end
