# frozen_string_literal: true

RSpec.describe FondKettle::Stove::MyWay do
  house = FondKettle::Measure::House.with(FondKettle::Measure::Cup.new(id: 1, name: "glass", ml: 210.0))

  def poured(plan)
    amounts = plan[:tasks].flat_map { |task| task[:amounts] }
    amounts.select { |amount| amount[:name] == "Water" && !amount[:poured_off] }
  end

  it "puts the cook's own water in the step where the pot is filled, once" do
    stored = FondKettle::Formats::PlanJson.for_the_stove(plan_for(basic_request))
    own = described_class.of(stored, 420.0, 12.0, house)
    expect(poured(own).map { |amount| amount.values_at(:g, :measured) }).to eq([[420.0, "2 glasses"]])
    fill = own[:tasks].find { |task| task[:kind] == "fill" }
    expect([fill[:puts_in], fill[:cue]]).to match([/420 g water \(2 glasses\)/, /12 mm over/])
    expect(own[:steps].find { |step| step[:id] == fill[:id] }[:puts_in]).to eq(fill[:puts_in])
    expect(own[:liquid]).to eq(stored[:liquid])
  end

  it "leaves a broth as it is: its food brings the water" do
    stored = FondKettle::Formats::PlanJson.for_the_stove(plan_for(basic_request(method: "broth-under-rice")))
    expect(described_class.of(stored, 999.0, 12.0, house)[:tasks].to_s).not_to include("999")
  end
end
