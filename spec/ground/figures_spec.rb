# frozen_string_literal: true

RSpec.describe FondKettle::Figures do
  it "reads numbers as people write them" do
    { "2300" => [2300.0], "2 300" => [2300.0], "2,300" => [2300.0, 2.3], "2.300" => [2.3, 2300.0],
      "1,5" => [1.5], "1.5" => [1.5], "0,125" => [0.125], "1,234.5" => [1234.5], "1.234,5" => [1234.5],
      "12’500" => [12_500.0], "-5" => [-5.0], "−2,5" => [-2.5], "1,234,567" => [1_234_567.0],
      "1 23" => [], "12 3456" => [], "" => [], "9" * 41 => [], "1e400" => [], "1,2,3" => [] }.each do |text,
        values|
      expect(described_class.readings(text)).to eq(values), text
    end
  end

  it "lets the range decide, and leaves what it cannot decide" do
    expect(described_class.read("2,300", range: 1..10)).to eq(2.3)
    expect(described_class.read("2,300", range: 100..6000)).to eq(2300)
    expect(described_class.read("2,300", range: 0..6000)).to be_nil
    expect(["2,300", "2.300", "2,30", "2 300"].map { |text| described_class.undecided?(text) })
      .to eq([true, false, false, false])
    expect(described_class.read("2,300", range: 0..6000, whole: true)).to eq(2300)
    expect(described_class.read("1.625", range: 0..6000)).to eq(1.625)
    expect(described_class.read("70,000", range: 0..6000)).to eq(70)
    expect(described_class.read("70,000", range: 0..5)).to eq(70_000)
    expect(described_class.read("1,250", range: 0..50_000, whole: true) { |kg| kg * 1000 }).to eq(1250)
  end
end
