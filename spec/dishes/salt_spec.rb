# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Dishes::Salt do
  include Support::Suppers

  it "adds salt from all sources, also what is taken up from water poured off" do
    salt = supper(dish("500 g stock | liquid\n1 tbsp soy sauce\n1 tsp salt")).salt
    expect(salt.sources.map(&:first)).to eq(["salt", "stock", "soy sauce"])
    expect(salt.serving_g).to be_within(1e-6).of(salt.sources.sum(&:last) / 4)
    expect(salt.sodium_mg).to be_within(0.5).of(salt.serving_g * 393.4)
    boiled = supper(dish("40 g salt | liquid", method: "boil-and-drain"))
    expect(boiled.salt.total_g).to be_between(40 * 0.1, 40 * 0.3)
  end
end
