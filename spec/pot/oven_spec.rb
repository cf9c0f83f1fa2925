# frozen_string_literal: true

require_relative "../support/columns"

# Figures, Heat and Loss of water: what an oven gives, and that it leaves as steam.
RSpec.describe "A pot in the oven" do
  def fire(oven_c, mm, material: "cast-iron", wetted_mm: 26.0, parchment: false, lid: "tight")
    pot = FondKettle::Kit::Vessel.new(id: nil, name: "pot", diameter_mm: mm, height_mm: 120.0,
                                      floor_mm: nil, lid: lid,
                                      material: material, kg: 4.0, lid_factor: nil)
    setting = Support::Columns.setting.with(vessel: pot)
    stage = FondKettle::Pot::Stage.plain(key: "oven", heat: "off", oven_c: oven_c, lid: lid,
                                         parchment: parchment)
    FondKettle::Pot::Fire.new(stage, setting, wetted_mm: wetted_mm)
  end

  it "gives more the hotter it is, and all of it leaves as steam, whatever lid or parchment" do
    steam = [160.0, 190.0, 300.0].map { |oven_c| fire(oven_c, 240.0).boiling_g_min }
    expect(steam).to match([be_within(0.1).of(1.6), be_within(0.1).of(2.4), be_within(0.1).of(5.2)])
    same = [fire(190.0, 240.0, parchment: true), fire(190.0, 240.0, lid: "dough")].map(&:boiling_g_min)
    expect(same).to all(be_within(1e-9).of(steam[1]))
    expect(fire(190.0, 300.0, wetted_mm: 31.0).boiling_g_min * 20).to be_within(7).of(70)
    expect(fire(190.0, 240.0, material: "steel").boiling_g_min).to be_within(1e-9).of(steam[1] * 10 / 15)
  end

  it "heats the wetted wall alone, and a hotter one asks for more liquid" do
    expect(fire(190.0, 240.0, wetted_mm: 60.0).boiling_g_min).to be > fire(190.0, 240.0).boiling_g_min * 1.3
    liquids = [160.0, 190.0, 250.0, 300.0].map do |oven_c|
      request = request_for(basic_request(method: "oven-pilaf"))
      FondKettle::Methods::Planner.plan(request.with(choices: request.choices.with(oven_c: oven_c))).liquid_g
    end
    expect(liquids).to eq(liquids.sort)
    expect(liquids.last - liquids.first).to be > 20
  end

  it "is planned as hot as said, or refused, never turned down in silence" do
    request = request_for(basic_request(method: "oven-pilaf"))
    hot = request.with(choices: request.choices.with(oven_c: 300.0))
    stages = FondKettle::Methods::Planner.plan(hot).phases.flat_map(&:stages)
    expect(stages.filter_map(&:oven_c)).to include(300.0)
    small = FondKettle::Kit::Oven.new(id: 1, name: "Small oven", hotter_c: 15.0, most_c: 230.0)
    expect { FondKettle::Methods::Planner.plan(hot.with(oven: small)) }
      .to raise_error(FondKettle::InvalidInput, /oven_c must be at most 230 °C: Small oven gets no hotter/)
  end
end
