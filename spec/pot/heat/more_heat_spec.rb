# frozen_string_literal: true

RSpec.describe FondKettle::Pot::MoreHeat do
  def minutes(thick_mm, read_c, wanted_c: 74, boil_c: 100.0)
    cut = FondKettle::Pot::Cut.new(shape: "cubes", mm: thick_mm, safe_c: wanted_c, tender_min: 0.0)
    described_class.minutes(cut, read_c, wanted_c, boil_c)
  end

  it "is longer the colder and the thicker the piece, and the higher the kitchen" do
    expect([minutes(40.0, 70.0), minutes(40.0, 60.0), minutes(40.0,
                                                              40.0)]).to(satisfy { |list| list == list.sort })
    expect(minutes(80.0, 60.0)).to be > 3 * minutes(40.0, 60.0)
    expect(minutes(40.0, 60.0, boil_c: 90.0)).to be >= minutes(40.0, 60.0)
  end

  it "ends, whatever is asked" do
    expect(minutes(300.0, 5.0, boil_c: 76.0)).to eq(120)
  end
end
