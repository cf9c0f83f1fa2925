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
end
