# frozen_string_literal: true

RSpec.describe FondKettle::Numerics::TwoSided do
  def quantiles(causes, z)
    described_class.quantiles(causes.map { |up, down| described_class.moments(up, down) }, z)
  end

  it "adds even causes by their squares, and leans where one goes further to one side" do
    expect(quantiles([[3.0, 3.0], [4.0, 4.0]], 1.0)).to match([be_within(1e-9).of(-5), be_within(1e-9).of(5)])
    low, high = quantiles([[0.0, 10.0], [3.0, 3.0]], 1.2816)
    expect(high).to be_between(2, 5)
    expect(low).to be_between(-14, -11)
    expect(quantiles([[0.0, 0.0]], 1.0)).to eq([0.0, 0.0])
  end

  it "scales the moments of a cause as if the cause were scaled" do
    whole = described_class.scaled(described_class.moments(2.0, 8.0), 0.5)
    expect(whole).to match(described_class.moments(1.0, 4.0).map { |each| be_within(1e-9).of(each) })
  end

  it "comes near to what is drawn" do
    random = Random.new(5)
    causes = [[2.0, 8.0], [5.0, 5.0], [1.0, 4.0]]
    drawn = Array.new(4000) do
      causes.sum do |up, down|
        z = FondKettle::Numerics::Normal.draw(random)
        z.positive? ? z * up : z * down
      end
    end.sort
    low, high = quantiles(causes, 1.2816)
    expect([low, high]).to match([be_within(0.8).of(drawn[400]), be_within(0.8).of(drawn[3600])])
  end
end
