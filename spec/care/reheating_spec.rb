# frozen_string_literal: true

RSpec.describe FondKettle::Care::Reheating do
  it "takes a 30 mm slab 16.7 min in steam, 1.4 times that from the freezer" do
    chilled, frozen = [false, true].map { |one| described_class.minutes(500.0, 30.0, frozen: one) }
    expect(chilled[:steam]).to be_within(0.1).of(16.7)
    expect(frozen[:steam]).to be_within(0.1).of(1.4 * 16.7)
    expect(chilled.keys.map { |way| frozen[way] - chilled[way] }.min).to be_positive
  end
end
