# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Holding do
  it "is longer in a heavy pot than in a thin one, and never without end" do
    minutes = [0.9, 6.0].map do |kg|
      plan = plan_for(basic_request(method: "sealed-cooked-base", vessel: { "kg" => kg }))
      described_class.off_heat_min(plan.load, plan.stages, plan.setting)
    end
    expect(minutes).to match([be_between(20, 200), be > minutes.first])
    expect(minutes.max).to be <= described_class::MOST_MIN
  end
end
