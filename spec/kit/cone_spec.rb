# frozen_string_literal: true

RSpec.describe FondKettle::Kit::Cone do
  include FondKettle

  def pot(**changes)
    request_for(basic_request(vessel: { "diameter_mm" => 220 }.merge(changes.transform_keys(&:to_s)))).vessel
  end

  it "is a cylinder where it does not taper" do
    cone = described_class.new(floor_mm: 200.0, rim_mm: 200.0, height_mm: 100.0)
    expect([cone.volume_ml(50.0), cone.depth_mm(1570.796)]).to match([be_within(0.01).of(1570.796),
                                                                      be_within(1e-3).of(50)])
  end

  it "holds what a slice of a cone holds, and turns volume and depth into each other" do
    cone = described_class.new(floor_mm: 160.0, rim_mm: 200.0, height_mm: 100.0)
    expect(cone.volume_ml(100.0)).to be_within(0.01).of(Math::PI * 100 * (6400 + 8000 + 10_000) / 3000)
    [-5.0, 0.0, 3.0, 40.0, 100.0, 130.0].each do |depth_mm|
      next if depth_mm.negative?

      expect(cone.depth_mm(cone.volume_ml(depth_mm))).to be_within(1e-9).of(depth_mm)
    end
  end

  it "changes nothing in a pot whose floor is as wide as its rim" do
    straight, same = [pot, pot(floor_mm: 220)].map do |vessel|
      FondKettle::Methods::Planner.plan(request_for(basic_request).with(vessel: vessel))
    end
    expect([same.liquid_g, same.fit.fill_before]).to match([be_within(1e-6).of(straight.liquid_g),
                                                            be_within(1e-9).of(straight.fit.fill_before)])
  end

  it "stands deeper, is sooner full and loses less in a pot that tapers; depth and amount stay inverses" do
    straight, tapered = [pot, pot(floor_mm: 150)].map do |vessel|
      FondKettle::Methods::Planner.plan(request_for(basic_request).with(vessel: vessel))
    end
    depth = ->(plan) { FondKettle::Pot::Depth.over_rice_mm(plan.liquid_g, plan.load, plan.request.vessel) }
    expect([depth.call(tapered) > depth.call(straight), tapered.fit.bed_mm > straight.fit.bed_mm,
            tapered.fit.fill_before > straight.fit.fill_before]).to all(be(true))
    [-3.0, 0.0, 9.0].each do |mm|
      liquid_g = FondKettle::Pot::Depth.liquid_g(mm, tapered.load, tapered.request.vessel)
      expect(FondKettle::Pot::Depth.over_rice_mm(liquid_g, tapered.load, tapered.request.vessel))
        .to be_within(1e-6).of(mm)
    end
    expect(tapered.verdict).to eq("standard")
  end
end
