# frozen_string_literal: true

RSpec.describe FondKettle::Pot::Piece do
  def safe_after(shape, thick_mm, layer_c, start_c, wanted_c)
    piece = described_class.new(FondKettle::Pot::Cut.new(shape: shape, mm: thick_mm, safe_c: wanted_c,
                                                         tender_min: 0.0),
                                start_c)
    piece.follow(start_c, layer_c, 1e-6)
    (1..6000).find { piece.follow(layer_c, layer_c, 0.05) && piece.core_c >= wanted_c } * 0.05
  end

  it "takes the minutes of the sphere's formula in a layer that is held" do
    alpha = 1.4e-7
    { "cubes" => 1.35, "bone-in" => 2.3 }.each do |shape, factor|
      by_formula = factor * (0.02**2) / ((Math::PI**2) * alpha) * Math.log(2 * (98 - 20.0) / (98 - 74.0)) / 60
      expect(safe_after(shape, 40.0, 98.0, 20.0, 74.0)).to be_within(0.1).of(by_formula)
    end
  end

  it "takes those of the slab's for what is flat" do
    by_formula = 1.2 * 0.405 * (0.015**2) / 1.4e-7 * Math.log(1.273 * (98 - 5.0) / (98 - 74.0)) / 60
    expect(safe_after("flat", 30.0, 98.0, 5.0, 74.0)).to be_within(0.15).of(by_formula)
  end

  it "never is warmer than its layer, nor colder than it was" do
    piece = described_class.new(
      FondKettle::Pot::Cut.new(shape: "cubes", mm: 40.0, safe_c: 74, tender_min: 0.0), 5.0
    )
    [[5.0, 60.0, 3.0], [60.0, 95.0, 4.0], [95.0, 95.0, 60.0]].each do |from_c, to_c, minutes|
      piece.follow(from_c, to_c, minutes)
      expect(piece.core_c).to be_between(5.0, to_c)
    end
    expect(piece.core_c).to be_within(0.5).of(95.0)
  end
end
