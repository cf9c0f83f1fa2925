# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/pot/heat/kit_test"

RSpec.describe FondKettle::Pot::KitTest do
  let(:request) { request_for(basic_request(vessel: { "diameter_mm" => 240 })) }

  it "measures a pot by what it holds" do
    expect(described_class.height_mm(request.vessel.volume_ml, 240.0)).to be_within(1e-9).of(120.0)
  end

  it "finds what a lid loses, and refuses what no lid does" do
    expect(described_class.lid_factor(request.vessel, request.burner, 45.0, 10.0)).to be_within(1e-9).of(1.5)
    expect do
      described_class.lid_factor(request.vessel, request.burner, 450.0, 10.0)
    end.to raise_error(FondKettle::InvalidInput, /15.0 times/)
  end

  it "finds a burner's power from the time a plan's own water takes" do
    watts = described_class.high_w(request.vessel, 1000.0, 20.0, 100.0, 5.0)
    # Water and pot, the steam on the way, and the wall at 60 °C on the mean: 0.113 m2.
    heat_j_min = ((1000 * 4.18) + 750) * 80 / 5.0
    expect(watts).to be_within(1).of(((heat_j_min + (3.0 * 2257)) / 60) + (7 * 0.1357 * 40))
  end
end
