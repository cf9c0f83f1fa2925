# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Remedies do
  it "have a way out of what goes wrong at the stove" do
    remedies = described_class.for(plan_for(basic_request))
    expect(remedies.keys).to match_array(FondKettle::Care::Signs.all.keys)
    expect(remedies["chalky-dry"].add_g).to be > 20
    expect([remedies["chalky-wet"].add_g, remedies["wet"].minutes]).to match([0, be >= 1])
  end

  it "leaves no wrong pot of any way without advice: what can be done, and what cannot be undone" do
    FondKettle::Methods::Library.ours.all.each_key do |method|
      plan = plan_for(basic_request(method: method))
      remedies = described_class.for(plan)
      FondKettle::Methods::Remedies::OFF.each_key do |sign|
        expect([method, sign, remedies[sign]&.say.to_s.size]).to match([method, sign, be > 30])
      end
    end
  end

  it "never stirs layers to mend one of them, and has raw food measured again" do
    remedies = described_class.for(plan_for(basic_request(method: "sealed-raw-base")))
    %w[chalky-dry chalky-wet].each do |sign|
      expect(remedies[sign].say).to include("Do not stir", "measured again")
    end
    expect(remedies["chalky-dry"].add_g).to be_within(0.1).of(30)
    expect(remedies["wet"].say).to include("cannot be undone", "clear of the flame")
  end

  it "never calls chalky steamed rice done because water stands in it" do
    plan = plan_for(basic_request(method: "steamed-sticky", grain: "glutinous"))
    expect(described_class.for(plan)["chalky-wet"].say).not_to include("fan it")
  end
end
