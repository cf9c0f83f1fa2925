# frozen_string_literal: true

RSpec.describe FondKettle::Pot::Cooking do
  it "comes to the boil when the heat has paid for it" do
    run = try_with(basic_request, 400).run
    expect(run.at("boil")).to be_within(0.2).of(4.0)
    expect(run.curve.each_cons(2).map { |a, b| b.min - a.min }.max).to be <= 0.5 + 1e-9
  end

  it "loses nothing more once it is dry" do
    dry = try_with(basic_request, 200).run
    after = dry.curve.select { |point| point.min > dry.at("dry") }
    expect(after.map(&:lost_g).uniq.size).to eq(1)
  end

  it "calls the verdicts by their signs" do
    verdicts = { 150 => "chalky", 330 => "firm", 386 => "standard", 450 => "soft", 700 => "wet" }
    expect(verdicts.keys.to_h do |liquid_g|
      [liquid_g,
       try_with(basic_request, liquid_g).verdict]
    end).to eq(verdicts)
  end

  it "scorches when it stands dry on high" do
    stages = [FondKettle::Pot::Stage.plain(key: "all", lid: "ordinary", heat: "high", minutes: 40.0,
                                           extra_min: 0.0)]
    trial = try_with(basic_request, 300, stages: stages)
    expect(trial.verdict).to eq("scorched")
    expect(trial.rescue.first.say).to include("Do not scrape")
  end

  it "ends with a sentence when it can never boil" do
    stages = [FondKettle::Pot::Stage.plain(key: "never", lid: "tight", heat: "off", until: "boil",
                                           minutes: nil,
                                           extra_min: 0.0)]
    expect(try_with(basic_request, 400, stages: stages).warnings.map(&:code)).to include("never-boiled")
  end
end
