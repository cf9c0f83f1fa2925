# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Dishes::Capacity do
  include Support::Suppers

  it "fills a pot and no more" do
    asked = request_for(basic_request(vessel: { "diameter_mm" => 240 }))
    rice_g = described_class.rice_g(asked)
    fits = [rice_g, rice_g * 1.02].map do |grams|
      FondKettle::Methods::Planner.plan(asked.with(rice_g: grams)).fit.fits?
    end
    expect(fits).to eq([true, false])
    pilaf = dish("3 onions | base")
    expect(described_class.factor(pilaf, asked) * 320).to be < rice_g
  end

  it "is the most that a plan says fits, to 1.2 %, in any pot by any method" do
    sizes_mm = [[160, 80], [180, 300], [240, 120], [320, 60]]
    pots = sizes_mm.map { |width, height| { "diameter_mm" => width, "height_mm" => height } }
    %w[covered-pot boil-and-drain one-pot-sauce mixed-rice].product(pots) do |method, pot|
      asked = request_for(basic_request(method: method, vessel: pot))
      most_g = described_class.rice_g(asked)
      fits = [most_g, most_g * 1.012].map do |g|
        FondKettle::Methods::Planner.plan(asked.with(rice_g: g)).fit.fits?
      end
      expect(fits).to eq([true, false]), "#{method} in #{pot}: #{most_g}"
    end
  end
end
