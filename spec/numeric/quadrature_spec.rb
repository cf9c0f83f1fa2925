# frozen_string_literal: true

RSpec.describe FondKettle::Numerics::Quadrature do
  it "is exact for cubics" do
    expect(described_class.mean { |share| (4 * (share**3)) - share }).to be_within(1e-12).of(0.5)
  end
end
