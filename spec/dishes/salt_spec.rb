# frozen_string_literal: true

RSpec.describe FondKettle::Dishes::Salt do
  def dish(text, method: "covered-pot", steps: "", rice_g: 320.0)
    lines = FondKettle::Dishes::QuickText.new.read(text).lines
    FondKettle::Dishes::Dish.new(title: "Dish", serves: 4.0, method: method, grain: "basmati", rice_g: rice_g, pan_mm: 240.0,
                                 lines: lines, steps: FondKettle::Dishes::QuickSteps.read(steps), note: "")
  end

  def supper(dish, factor = 1.0, **request)
    asked = request_for(basic_request(method: dish.method, vessel: { "diameter_mm" => 240 }, **request))
    FondKettle::Dishes::Laying.supper(dish, factor, asked)
  end

  it "adds salt from all sources, also what is taken up from water poured off" do
    salt = supper(dish("500 g stock | liquid\n1 tbsp soy sauce\n1 tsp salt")).salt
    expect(salt.sources.map(&:first)).to eq(["salt", "stock", "soy sauce"])
    expect(salt.serving_g).to be_within(1e-6).of(salt.sources.sum(&:last) / 4)
    expect(salt.sodium_mg).to be_within(0.5).of(salt.serving_g * 393.4)
    boiled = supper(dish("40 g salt | liquid", method: "boil-and-drain"))
    expect(boiled.salt.total_g).to be_between(40 * 0.1, 40 * 0.3)
  end
end
