# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/bench/bench_rice"
require_relative "../../lib/fond_kettle/larder/ingredients"
require_relative "../../lib/fond_kettle/vessels/contents"
require_relative "../support/vessels"

RSpec.describe FondKettle::Vessels::Effects::CookThrough do
  include Support::Vessels

  def rice(grams)
    FondKettle::Vessels::Food.of(FondKettle::Dishes::BenchRice.as_written("basmati", grams).ingredient, grams)
  end

  def pot(liquid_g, salt_g: 0.0)
    given = FondKettle::Vessels::Contents.of([rice(300.0)], liquid_g: liquid_g)
    salt_g.zero? ? given : given.taking(food("salt", salt_g))
  end

  def step(kind, **given)
    FondKettle::Vessels::Step.of(kind, heat: "low", lid: "tight", **given)
  end

  it "lets rice take up its measured water, and the rest is gone as steam" do
    change = pot(500.0).after(step("low", minutes: 12.0, to_g: 0.0), setting)
    expect(change.contents.foods.first.drunk_g).to be_within(0.1).of(450)
    expect([change.contents.liquid_g, change.steam_g]).to match([0.0, be_within(0.1).of(50)])
  end

  it "lets rice go without that finds too little, and leaves what nobody says is gone" do
    dry = pot(200.0).after(step("rest"), setting).contents
    expect([dry.foods.first.drunk_g, dry.liquid_g]).to eq([200.0, 0.0])
    wet = pot(900.0).after(step("low", minutes: 1.0), setting)
    expect(wet.contents.liquid_g + wet.contents.foods.first.drunk_g + wet.steam_g).to be_within(0.01).of(900)
    expect(wet.contents.liquid_g).to be > 400
  end

  it "makes what boils in plenty of salted water as salty as that" do
    boiled = pot(1800.0, salt_g: 20.0).after(step("par-boil", minutes: 6.0), setting).contents
    drained = boiled.after(step("pour-off"), setting).contents
    per_g = 20.0 / (boiled.liquid_g + boiled.foods.first.drunk_g)
    expect(boiled.salt_g).to be_within(0.01).of(20)
    expect(drained.salt_g).to be_within(0.01).of(boiled.foods.first.drunk_g * per_g)
    expect(drained.salt_g).to be < 4
  end
end
