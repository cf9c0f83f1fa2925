# frozen_string_literal: true

RSpec.describe FondKettle::House::LeftBlank do
  kinds = FondKettle::House::SHELF_KINDS

  it "needs of a pot a width and a height, and guesses what it weighs from metal and size" do
    filled = described_class.filled(kinds.fetch(:pots), "diameter_mm" => "16 cm", "height_mm" => "110")
    expect(filled).to include("name" => "Steel pot", "kg" => "1.0", "lid" => "ordinary",
                              "lid_look" => "plain")
    clay = described_class.filled(kinds.fetch(:pots), "diameter_mm" => "160", "height_mm" => "110",
                                                      "material" => "clay", "name" => "Mine", "kg" => "1.6")
    expect(clay).to include("name" => "Mine", "kg" => "1.6")
  end

  it "leaves what cannot be read for the schema to refuse" do
    filled = described_class.filled(kinds.fetch(:pots), "diameter_mm" => "wide", "height_mm" => "110")
    expect([filled["diameter_mm"], filled.key?("kg")]).to eq(["wide", false])
  end

  it "guesses within a third of the pots of the demo" do
    { %w[steel 200 110] => 1.2, %w[clay 160 110] => 1.6, %w[cast-iron 240 120] => 4.2,
      %w[steel 300 70] => 1.8 }
      .each do |(material, width, height), kg|
      guess = FondKettle::Kit::Weight.guess_kg(material, width.to_f, height.to_f)
      expect(guess).to be_within(kg / 3).of(kg)
    end
  end
end
