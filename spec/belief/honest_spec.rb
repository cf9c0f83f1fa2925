# frozen_string_literal: true

require_relative "../support/true_pots"

# The range is honest: bench/spread.rb prints the table for all methods.
RSpec.describe FondKettle::Belief::Spreading do
  { "covered-pot" => {}, "broth-under-rice" => {}, "rice-cooker" => { grain: "short-white" },
    "one-pot-sauce" => { additions: [{ "ingredient" => "tomato", "g" => 200 }] },
    "oven-pilaf" => { grain: "brown-long" }, "open-then-covered" => {} }.each do |method, changes|
    it "holds about eight of ten pots drawn from its own spreads: #{method}" do
      request = request_for(basic_request(method: method, **changes))
      inside, below, above = Support::TruePots.of(request, 200, Random.new(11))
      expect(inside).to be_between(0.72, 0.89)
      expect([below, above]).to all(be < 0.2)
    end
  end
end
