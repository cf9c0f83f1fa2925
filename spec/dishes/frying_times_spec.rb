# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Dishes::FryingTimes do
  # Sentences for a pot of 300 g rice over so many grams of onion, fried for so many minutes.
  def short(onion_g, minutes, state: "browned")
    dishes = FondKettle::Dishes
    food = FondKettle::Larder::Ingredients.fetch("onion").in_state(state)
    line = dishes::Line.of(amount: onion_g, unit: "g", name: "onions", note: "", g: onion_g.to_f,
                           stage: "base", ingredient: food, state: state, scales: "people", like: nil,
                           shares: { "base" => 1.0 }, out: nil, optional: false, instead_of: nil)
    step = dishes::DishStep.of(say: "Fry the onions", kind: "fry", minutes: minutes.to_f)
    dish = dishes::Dish.of(title: "Onions", serves: 4.0, method: "covered-pot", grain: "basmati",
                           rice_g: 300.0, pan_mm: nil, lines: [line], steps: [step], note: "")
    described_class.new(dish, request_for(basic_request)).short
  end

  it "remarks on onions that are soft, not brown, by then: 500 g in 8 min" do
    golden = /\AOnions: 500 g are golden after about 2\d min on medium .* not after 8\. /
    expect(short(500, 8)).to match([golden])
  end

  it "says nothing of a step that is long enough, of few onions, or of what is raw" do
    expect([short(500, 20), short(100, 8), short(500, 5, state: "raw")]).to all(eq([]))
  end
end
