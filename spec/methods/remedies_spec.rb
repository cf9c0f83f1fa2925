# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Remedies do
  it "have a way out of what goes wrong at the stove" do
    remedies = described_class.for(plan_for(basic_request))
    expect(remedies.keys).to match_array(FondKettle::Care::Signs.all.keys)
    expect(remedies["chalky-dry"].add_g).to be > 20
    expect([remedies["chalky-wet"].add_g, remedies["wet"].minutes]).to match([0, be >= 1])
  end
end
