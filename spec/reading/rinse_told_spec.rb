# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/request/dish_request"
require_relative "../../lib/fond_kettle/reading/reader"

# What a cook writes of rinsing is what the dish does.
RSpec.describe FondKettle::Reading::RinseTold do
  def dish(rinsing, rice = "300 g basmati")
    FondKettle::Reading::Reader.new(<<~TEXT).dish
      Onion rice
      Serves 4
      #{rice}
      200 g brown lentils
      500 ml vegetable stock
      1 onion, chopped
      2 tbsp oil

      Fry the onion in the oil for 8 minutes. #{rinsing} Add the stock, bring to the boil, cover and
      simmer for 15 minutes. Rest 10 minutes.
    TEXT
  end

  def rinses(...)
    dish(...).dig("way", "rinse")
  end

  def tasks(dish)
    request = { "dish" => dish, "for" => { "guests" => 4 }, "assume" => true }
    FondKettle::Formats::DishRequest.new(request).supper.plan.tasks.map(&:say)
  end

  it "counts the changes of water" do
    said = { "Rinse the rice 3 times and stir it in." => 3, "Rinse the rice 3x. Stir it in." => 3,
             "Wash the basmati twice and stir it in." => 2, "Rinse the rice 3 to 5 times. Stir it in." => 3,
             "Wash the rice in five changes of water. Stir it in." => 5 }
    expect(said.keys.map { |one| rinses(one) }).to eq(said.values)
  end

  it "rinses what the way would keep dry, where the text does" do
    said = ["Rinse the rice well. Stir it in.", "The rice is rinsed and stirred in for a minute.",
            "Stir in the washed and drained rice."]
    expect(said.map { |one| rinses(one) }).to all(eq(4))
    expect(rinses("Stir in the rice.", "300 g basmati, rinsed")).to eq(4)
  end

  it "keeps dry what is to stay dry, and lets the way decide of the rest" do
    expect(rinses("Do not rinse the rice. Stir it in.")).to eq(0)
    expect(rinses("Stir in the rice.", "300 g basmati, unwashed")).to eq(0)
    expect(rinses("Rinse the lentils twice. Add them with the rice.")).to be_nil
  end

  it "rinses it in the plan, and spreads it out to dry for no one" do
    ["The rice is rinsed and stirred in for a minute.", "Rinse the rice 4 times. Stir it in."].each do |said|
      expect(tasks(dish(said)))
        .to include("Rinse the rice in 4 changes of water", "Drain: shake the sieve well")
    end
  end
end
