# frozen_string_literal: true

RSpec.describe FondKettle::Numerics::Polyline do
  it "goes from point to point, and no further" do
    points = [[1.0, 10.0], [2.0, 20.0], [4.0, 0.0]]
    by_x = { 0.5 => 10.0, 1.0 => 10.0, 1.5 => 15.0, 2.0 => 20.0, 3.0 => 10.0, 4.0 => 0.0, 9.0 => 0.0 }
    expect(by_x.keys.to_h { |x| [x, described_class.at(points, x)] }).to eq(by_x)
    expect(described_class.at([[3.0, 7.0]], 5.0)).to eq(7.0)
  end
end
