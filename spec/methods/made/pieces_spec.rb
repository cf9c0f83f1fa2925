# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Pieces do
  def parcels(**changes)
    { "grain" => "glutinous", "method" => "leaf-parcels", "rice" => { "amount" => 560, "unit" => "g" } }
      .merge(changes.transform_keys(&:to_s))
  end

  def portions(data)
    plan = plan_for(data)
    described_class.new(plan.request, plan.last)
  end

  it "divides all of the rice into equal whole grams, the sum exact, the rest said" do
    [1, 7, 12, 13, 200].each do |count|
      found = portions(parcels(pieces: { "count" => count }))
      expect((found.count * found.rice_g_each) + found.left_g).to be_within(1e-9).of(found.seasoned_g)
      expect(found.left_g).to be_between(0, count)
    end
  end

  it "goes the other way round: pieces of so many grams, as many as it gives" do
    found = portions(parcels(pieces: { "g_each" => 130 }, filling: { "g_each" => 30 }))
    expect([found.rice_g_each, found.filling_g_each]).to eq([100, 30.0])
    expect([found.count, found.left_g]).to match([9, be_within(1).of(80)])
  end

  it "steams the contract's parcel of 75 and 25 g for 22 min from the refrigerator, 31 from the freezer" do
    found = portions(parcels(rice: { "amount" => 514.3, "unit" => "g" }, pieces: { "count" => 12 },
                             filling: { "g_each" => 25 }, from: "chilled"))
    expect([found.rice_g_each, found.thickness_mm.round, found.left_g]).to match([75, 34, be < 1])
    expect(found.parcels).to have_attributes(steam_min: be_within(1).of(22),
                                             frozen_min: be_within(1.4).of(31))
  end

  it "takes 16.7 min for a slab of 30 mm from 5 to 74 °C, four times that for 60" do
    data = parcels(from: "chilled", pieces: { "count" => 12 })
    thick = lambda { |thickness_mm|
      portions(data).tap { |found| allow(found).to receive(:thickness_mm).and_return(thickness_mm) }.parcels
    }
    expect(thick.call(30.0).steam_min).to be_within(0.1).of(16.7)
    expect(thick.call(60.0).steam_min).to be_within(0.4).of(4 * 16.7)
  end

  it "agrees with the heart of the slab, followed through its own series" do
    cut = FondKettle::Pot::Cut.new(shape: "flat", mm: 34.0, safe_c: 74, tender_min: 0.0)
    piece = FondKettle::Pot::Piece.new(cut, 5.0)
    piece.follow(5.0, 100.0, 1e-6)
    min = (1..200).find do
      piece.follow(100.0, 100.0, 0.5)
      piece.core_c >= 74
    end * 0.5
    found = portions(parcels(from: "chilled"))
    allow(found).to receive(:thickness_mm).and_return(34.0)
    # A flat piece that is not wrapped takes 1.2 times as long by the figures of meat.
    expect(min / 1.2).to be_within(0.6).of(found.parcels.steam_min)
  end

  it "knows how hot the heart is at any minute: as reckoned when it is hot, and never colder than before" do
    %w[fresh chilled frozen].each do |from|
      found = portions(parcels(from: from)).parcels
      expect(found.heart_c(found.steam_min)).to be_within(1e-6).of(74)
      expect((0..60).map { |min| found.heart_c(min) }.each_cons(2)).to all(satisfy { |one, two| two >= one })
    end
  end

  it "lays no more in a basket than there is room for, and rounds where it is not enough" do
    found = portions(parcels(pieces: { "count" => 20 }, steamer: { "diameter_mm" => 200, "tiers" => 2 }))
    layout = found.parcels.layout
    expect(layout[:a_tier] * layout[:tiers] * layout[:batches]).to be >= 20
    expect(layout[:a_tier] * ((found.across_mm + 12)**2)).to be <= 0.8 * Math::PI * (100**2)
  end

  it "has leaves for all of them, and some that tear" do
    expect(portions(parcels(pieces: { "count" => 12 })).parcels.leaves).to include(each: 1, all: 14)
  end

  it "gives everybody at the table one bowl" do
    people = Array.new(7) { { "appetite" => "regular" } }
    found = portions("grain" => "short-white", "method" => "sushi", "rice" => { "people" => people })
    expect([found.count, found.use.one]).to eq([7, "bowl"])
  end
end
