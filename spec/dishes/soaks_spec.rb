# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Dishes::Soaks do
  include Support::Suppers

  def soaks(lines)
    made = supper(dish(lines, method: "covered-pot"), 1.0)
    described_class.new(made.lines, made.plan.request.measures)
  end

  it "says in how much water what is dried soaks, and what of that is stock" do
    found = soaks("40 g dried mushrooms | with\n20 g dried shrimp | with\n200 g dried chickpeas | base")
    says = found.all.map(&:say)
    expect(says[0]).to match(/40 g in 240 g of water, of which about 160 g are stock$/)
    expect(says[1]).to match(/20 g in 100 g of water, of which about 80 g are stock$/)
    expect(says[2]).to match(/soak in plenty of water; 200 g in 800 g of water$/)
    expect(found.stock_g).to eq(240.0)
  end

  it "shares the stock between what takes it: what is left over, what is lacking" do
    mushrooms = "40 g dried mushrooms | with\n"
    expect(soaks("#{mushrooms}100 g soaking liquid | with").all.first.say)
      .to match(/; 100 g of it go in, 60 g are left for another pot$/)
    expect(soaks("#{mushrooms}220 g soaking liquid | with").all.first.say)
      .to match(/; 220 g of it go in, make up the rest with water$/)
  end
end
