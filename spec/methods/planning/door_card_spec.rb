# frozen_string_literal: true

RSpec.describe FondKettle::Methods::DoorCards do
  let(:request) { request_for(basic_request(vessel: { "diameter_mm" => 160 })) }
  let(:rows) { described_class.rows(request, 75.0, 25.0) }

  it "says for 1 to 9 people what a plan of each would, less water a head for more" do
    expect(rows.map(&:people)).to eq((1..9).to_a)
    fourth = FondKettle::Methods::Planner.plan(request.with(rice_g: 300.0))
    expect(rows[3]).to have_attributes(rice_g: 300.0, liquid_g: fourth.liquid_g, comes_out: fourth.comes_out)
    a_head = rows.map { |row| row.liquid_g / row.people }
    expect(a_head).to eq(a_head.sort.reverse)
  end

  it "tells where the finger holds, and that too much for the pot does not come out" do
    expect(rows.map(&:finger).uniq).to include("holds").or include("drowns")
    longer = described_class.rows(request, 75.0, 15.0).count { |row| row.finger == "drowns" }
    expect(longer).to be < rows.count { |row| row.finger == "drowns" }
    expect(rows.last.comes_out).to match(/boils-over|pot-too-small/)
  end

  it "has moved when somewhere a tablespoon more or less is poured" do
    then_g = rows.map(&:liquid_g)
    expect([described_class.moved?(rows, then_g), described_class.moved?(rows, then_g.map { |g| g + 14 }),
            described_class.moved?(rows, [*then_g.take(8), then_g.last - 16])]).to eq([false, false, true])
  end
end
