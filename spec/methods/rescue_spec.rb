# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Rescue do
  it "gives water and minutes that bring a dry chalky pot right" do
    remedy = try_with(basic_request, 180).rescue.first
    expect(try_with(basic_request, 180 + remedy.add_g).verdict).to eq("standard")
    expect(remedy.minutes).to be > 2
  end

  it "gives time before water where water is still there" do
    stages = %w[boil low].zip(%w[high low], ["boil", nil], [nil, 3.0]).map do |key, heat, ends_at, minutes|
      FondKettle::Pot::Stage.plain(key: key, lid: "ordinary", heat: heat, until: ends_at, minutes: minutes)
    end
    remedy = try_with(basic_request, 400, stages: stages).rescue.first
    expect([remedy.add_g, remedy.say]).to match([0, /more time/])
  end

  it "opens and dries a wet pot" do
    remedy = try_with(basic_request, 600).rescue.first
    expect([remedy.say, remedy.off_g, remedy.minutes]).to match([/Open the pot/, 0, be_between(2, 16)])
  end

  it "pours off what would take longer to dry than rice can stand" do
    remedy = try_with(basic_request, 700).rescue.first
    expect([remedy.say, remedy.minutes]).to match([/sieve, the steam away from you/, be < 10])
    spare_g = try_with(basic_request, 700).run.free_g
    expect(remedy.off_g).to be_between(0.8 * spare_g, spare_g)
    expect(try_with(basic_request, 700 - remedy.off_g).rescue.first&.off_g.to_i).to eq(0)
  end
end
