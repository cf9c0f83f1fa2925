# frozen_string_literal: true

RSpec.describe FondKettle::Belief::Spreading do
  it "names every unknown as a cause, and leaves out what the stages do not meet" do
    covered, open = %w[covered-pot open-then-covered].map do |method|
      plan_for(basic_request(method: method)).spread.by_cause
    end
    expect(covered.keys).to eq(FondKettle::Belief::Unknowns.all.map(&:key))
    expect([covered[:open], open[:open]]).to match([0.0, be > 5])
  end

  it "asks for more where a pot drinks or loses more, and for less where more clings" do
    by_cause = plan_for(basic_request).spread.by_cause
    expect(by_cause.slice(:uptake, :lid).values).to all(be_positive)
    expect(by_cause[:carry]).to be_negative
  end

  it "never ends below nothing, and has what is poured within it, however much water food brings" do
    FondKettle::Methods::Library.ours.all.each_key do |method|
      [600, 2000].each do |g|
        plan = plan_for(basic_request(method: method, additions: [{ "ingredient" => "tomato", "g" => g }]))
        ends = [[plan.spread.low_g, plan.spread.high_g], *plan.spread.narrowed.values]
        ends.each do |low_g, high_g|
          expect([method, 0.0, low_g, plan.liquid_g,
                  high_g].drop(1)).to eq([0.0, low_g, plan.liquid_g, high_g].sort)
        end
      end
    end
  end
end
