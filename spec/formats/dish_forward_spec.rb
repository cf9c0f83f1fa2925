# frozen_string_literal: true

require_relative "../support/graphs"
require_relative "../support/scaled_dishes"
require_relative "../../lib/fond_kettle/formats/dish_json"

RSpec.describe FondKettle::Formats::DishForward do
  include Support::Graphs

  # A demo dish as JSON of schema 1, in the pot and at the height of its own plan.
  def request(supper)
    dish = JSON.parse(JSON.generate(FondKettle::Formats::DishJson.call(supper.dish)))
    pot = supper.plan.request.vessel
    { "dish" => described_class.new(dish).call, "altitude_m" => supper.plan.request.altitude_m,
      "vessel" => %i[diameter_mm height_mm material kg lid].to_h { |key| [key.to_s, pot.public_send(key)] } }
  end

  it "plans every demo dish as a graph as it was planned of its typed lines: water, salt, each line once" do
    seen = []
    Support::ScaledDishes.suppers do |supper, _|
      next unless (supper.factor - 1).abs < 1e-9

      seen << supper.dish.title
      laid = laid(request(supper)).supper
      expect(laid.liquid_g).to be_within(0.02 * [supper.liquid_g, 300].max).of(supper.liquid_g),
                               supper.dish.title
      expect(laid.salt.total_g).to be_within(0.3).of(supper.salt.total_g), supper.dish.title
      expect(laid.allergens).to eq(supper.allergens), supper.dish.title
      expect(laid.plan.cautions.keys.map(&:code)).to match_array(supper.plan.cautions.keys.map(&:code)),
                                                     supper.dish.title
    end
    expect(seen.size).to eq(13)
  end

  it "makes vessels of headings, and says what is wrong with the old one" do
    typed = { "format" => "fond-kettle-dish-1", "title" => "Any", "serves" => 4,
              "method" => "covered-pot", "grain" => "basmati", "rice" => { "g" => 300 },
              "lines" => [{ "name" => "onion", "amount" => 2, "stage" => "base" }],
              "steps" => [{ "say" => "Brown the onion", "kind" => "fry", "minutes" => 12,
                            "vessel" => { "name" => "For the onions", "kind" => "frying-pan" } }] }
    dish = described_class.new(typed).call
    expect(dish["vessels"].map { |one| one["kind"] }).to eq(%w[pot frying-pan])
    expect(dish["steps"].last["from"]).to eq([{ "vessel" => dish["vessels"].last["key"] }])
    expect { described_class.in({ "dish" => typed.merge("rice" => {}) }) }
      .to raise_error(FondKettle::InvalidInput)
    expect(described_class.in({ "dish" => dish })["dish"]).to equal(dish)
  end
end
