# frozen_string_literal: true

RSpec.describe FondKettle::Methods::LongSoak do
  grain = FondKettle::Larder::Grains.fetch("glutinous")
  soak = FondKettle::Pot::Soak

  it "is ready after an afternoon in cold water, not after an hour" do
    expect([60, 240].map { |min| described_class.new(grain, soak.after(grain, min, 20.0)).ready? })
      .to eq([false, true])
  end

  it "knows how long is left in any water: that long, and it is ready" do
    gain = soak.after(grain, 25, 20.0)
    late = described_class.new(grain, gain)
    [5.0, 20.0, 45.0].each do |water_c|
      later = described_class.new(grain, soak.after(grain, late.more_min(water_c), water_c, gain))
      expect(later.share).to be_within(1e-6).of(0.85)
    end
    expect(late.waters.values.each_cons(2).all? { |cold, warm| cold > warm }).to be(true)
  end

  it "tells a batch that began late what to do instead, and what it costs" do
    data = { "grain" => "glutinous", "method" => "steamed-sticky",
             "rice" => { "amount" => 500, "unit" => "g" } }
    late = plan_for(data.merge("soak" => { "minutes" => 30 }))
    expect(late.warnings.find { |one| one.code == "soak-short" }.say)
      .to match(/52 %.*in warm water \(45 °C\), .* more in cold water, .* more in the refrigerator/)
    on_time = plan_for(data)
    expect(late.liquid_g).to be > on_time.liquid_g
    expect(late.run.minutes).to be > on_time.run.minutes
  end
end
