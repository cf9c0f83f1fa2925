# frozen_string_literal: true

require_relative "../support/typed_dishes"

RSpec.describe FondKettle::Formats::DishForward do
  it "plans every dish that was typed as it was planned then: water, salt, allergens, cautions" do
    seen = 0
    Support::TypedDishes.suppers do |title, planned, laid|
      seen += 1
      water_g = planned["liquid_g"]
      expect(laid.liquid_g).to be_within(0.03 * [water_g, 300].max).of(water_g), title
      expect(laid.salt.total_g).to be_within(0.3).of(planned["salt_g"]), title
      expect(laid.allergens).to eq(planned["allergens"]), title
      expect(laid.plan.cautions.keys.map(&:code)).to match_array(planned["cautions"]), title
    end
    expect(seen).to eq(13)
  end

  it "reads the text that it makes of each as it brought the dish forward" do
    Support::TypedDishes.all.each do |typed|
      dish = described_class.new(typed["dish"]).call
      again = FondKettle::Reading::Reader.new(dish["text"]).dish
      expect(again).to eq(dish.except("text")), dish["title"]
    end
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
