# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Comparison do
  library = FondKettle::Methods::Library.ours.all

  it "stand side by side, each that suits the grain" do
    request = request_for(basic_request(grain: "glutinous"))
    plans = described_class.plans(request, library.values,
                                  vessel_for: ->(_) { [request.vessel, request.burner] })
    suited = library.values.select do |method|
      method.suits.intersect?(%w[all clinging glutinous]) && !method.unsuited.include?("glutinous")
    end
    expect(plans.map { |plan| plan.method.key }).to match_array(suited.map(&:key))
  end
end
