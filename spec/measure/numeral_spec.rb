# frozen_string_literal: true

RSpec.describe FondKettle::Measure::Numeral do
  it "reads fractions written in every way" do
    { "1 1/2 cups" => 1.5, "1½ cups" => 1.5, "1 ½ cups" => 1.5, "1,5 l" => 1.5, "1.5 l" => 1.5,
      "one and a half cups" => 1.5, "half a lemon" => 0.5, "a half cup" => 0.5, "a pinch" => 1,
      "¾ tsp" => 0.75, "three quarters of a cup" => 0.75, "a dozen eggs" => 12, "2-3 onions" => 2.5,
      "2 to 3 onions" => 2.5, "twelve" => 12,
      "3⁄4 cup" => 0.75 }.each do |text, number|
      expect(described_class.read(text)&.first).to be_within(1e-9).of(number), text
    end
    expect([described_class.read("salt to taste"), described_class.read("1/0 cup")]).to eq([nil, nil])
  end

  it "writes what it reads" do
    PropCheck.forall(PropCheck::Generators.choose(1..800)).check do |eighths|
      number = eighths / 8.0
      expect(described_class.read(described_class.write(number)).first).to be_within(1e-3).of(number)
    end
  end
end
