# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Trying do
  it "even out floor and top by a stir half way, at the price of some heat" do
    deep = basic_request(rice: { "amount" => 900, "unit" => "g" },
                         vessel: { "diameter_mm" => 180, "height_mm" => 300 })
    low = { "lid" => "ordinary", "heat" => "low", "minutes" => 5 }
    boil = { "lid" => "ordinary", "heat" => "high", "until" => "boil" }
    left, stirred = [false, true].map do |stir|
      stages = [boil, low, low.merge("stirred" => stir)]
      reader = FondKettle::Formats::RequestReader.new(deep.merge("liquid" => { "g" => 1300 },
                                                                 "stages" => stages))
      described_class.run(reader.request, 1300, stages: reader.stages)
    end
    expect(stirred.run.stirred_at).to be_positive
    expect(left.run.stirred_at).to eq(0.0)
    expect(stirred.run.lost_g).to be > left.run.lost_g
    tops = [left, stirred].map do |trial|
      trial.run.progress - (0.15 * (trial.run.progress - trial.run.stirred_at))
    end
    expect(tops.last).to be > tops.first
  end

  it "lose heat and time, not water, by a lifted lid" do
    stages = [{ "heat" => "high", "until" => "boil" }, { "heat" => "low", "minutes" => 12 }]
    lifted = [stages.first, stages.last.merge("lifted_s" => 30)]
    plain, opened = [stages, lifted].map do |list|
      reader = FondKettle::Formats::RequestReader.new(basic_request(stages: list))
      described_class.run(reader.request, 386.0, stages: reader.stages).run
    end
    expect(opened.at("core-gone")).to be > plain.at("core-gone")
    expect(opened.lost_g - plain.lost_g).to be_between(0, 6)
  end

  it "take liquid and food into a stage, and conserve their water" do
    add = { "liquid_g" => 100, "at_c" => 90, "food" => [{ "ingredient" => "tomato", "g" => 50 }] }
    stages = [{ "heat" => "high", "until" => "boil" }, { "heat" => "low", "minutes" => 12, "add" => add }]
    reader = FondKettle::Formats::RequestReader.new(basic_request(stages: stages))
    last = described_class.run(reader.request, 300.0, stages: reader.stages).run.curve.last
    carried = plan_for(basic_request).load.carried_g
    expect(last.free_g + last.taken_g + last.lost_g).to be_within(1e-3).of(300 + carried + 100 + 42.5)
  end
end
