# frozen_string_literal: true

RSpec.describe FondKettle::Pot::Loss do
  it "is in proportion to the diameter, and capped by the burner" do
    plan = plan_for(basic_request(vessel: { "diameter_mm" => 240, "lid" => "ordinary" }))
    expect(described_class.boiling_g_min(plan.request.vessel, "ordinary", "low", "gas")).to eq(3.0)
    expect(described_class.boiling_g_min(plan.request.vessel, "ordinary", "high", "gas")).to eq(7.5)
    expect(described_class.cap_g_min(2257.0)).to eq(1.0)
  end
end
