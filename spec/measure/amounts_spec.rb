# frozen_string_literal: true

RSpec.describe FondKettle::Measure::Amounts do
  let(:glass) { FondKettle::Measure::Cup.new(id: 1, name: "jam glass", ml: 210.0) }
  let(:house) { described_class.new(cups: [glass]) }

  def read(text, amounts = described_class.new)
    amount = amounts.read(text)
    amount && [amount.number, amount.unit, amount.rest]
  end

  it "reads a number, a unit by any of its names, and leaves the rest" do
    { "2 tablespoons of oil" => [2, "tbsp", "oil"], "1 1/2 Cups flour" => [1.5, "us-cup", "flour"],
      "3 fl oz milk" => [3, "us-fl-oz", "milk"], "2 cloves garlic" => [2, "clove", "garlic"],
      "9 g" => [9, "g", ""], "a pinch of a thing" => [1, "pinch", "thing"],
      "2 dl stock" => [2, "dl", "stock"], "2 garlic" => [2, nil, "garlic"], "5 grapes" => [5, nil, "grapes"],
      "2 rice-cooker cups rice" =>
        [2, "rice-cup", "rice"], "salt" => nil, "1/0 cup" => nil }.each do |text, wanted|
      expect(read(text)).to eq(wanted), text
    end
  end

  it "knows a cup of the house before the cups of the world" do
    own = described_class.new(cups: [FondKettle::Measure::Cup.new(id: 1, name: "cup", ml: 200.0)])
    expect(read("2 cups rice", own)).to eq([2, "cup", "rice"])
    expect(own.number("2 cups", "ml")).to eq(400)
    expect(read("2 Jam Glasses stock", house)).to eq([2, "jam glass", "stock"])
  end

  it "adds and takes away" do
    expect(read("1 cup plus 2 tbsp stock")).to match([be_within(1e-4).of(1 + (30 / 236.588)), "us-cup",
                                                      "stock"])
    expect(house.number("1 jam glass + 2 tbsp + 1 tsp", "ml")).to be_within(1e-6).of(245)
    expect(house.number("2 jam glasses less 1 tsp", "ml")).to be_within(1e-6).of(415)
    expect(read("2 cans and 3 carrots")).to eq([2, "can", "and 3 carrots"])
    expect(read("1 cup and 3 carrots")).to eq([1, "us-cup", "and 3 carrots"])
  end

  it "reads every amount that the product says" do
    PropCheck.forall(PropCheck::Generators.choose(20..3000)).check do |ml|
      measures = FondKettle::Measure::House.with(glass)
      said = FondKettle::Measure::Spoken.say(ml, measures)
      expect(house.number(said, "ml"))
        .to be_within(1).of(FondKettle::Measure::Spoken.measured_ml(ml, measures)), said
    end
  end

  it "takes a whole text for a number of one unit, and nothing else" do
    lengths = described_class.new(families: %w[length])
    expect([lengths.number('9 1/2 "', "mm"), lengths.number("240", "mm"), lengths.number("2 moons", "mm")])
      .to match([be_within(1e-6).of(241.3), 240.0, nil])
    expect { described_class.new.number("2 cups", "g") }.to raise_error(FondKettle::InvalidInput,
                                                                        /of must name/)
  end

  it "says units beside a number" do
    expect({ "us-cup" => 2, "leaf" => 3, "g" => 5, "tbsp" => 2, "jam glass" => 2 }
      .map { |unit, count| described_class.label(unit, count) }).to eq(["cups", "leaves", "g", "tbsp",
                                                                        "jam glasses"])
  end
end
