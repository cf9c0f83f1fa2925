# frozen_string_literal: true

require "prop_check"
require_relative "../support/vessels"

RSpec.describe FondKettle::Vessels::Contents do
  include Support::Vessels

  kinds = FondKettle::Vessels::Effects.all.keys

  it "knows of each ingredient what it is made of, to its whole weight" do
    FondKettle::Larder::Ingredients.all.each_value do |ingredient|
      food = FondKettle::Vessels::Food.of(ingredient, 80.0)
      expect(food.mass_g).to be_within(1e-9).of(80.0), ingredient.key
      expect([food.water_g, food.dry_g, food.fat_g, food.salt_g]).to all(be >= 0), ingredient.key
    end
  end

  # Water, fat, salt and mass before, and after with what went as steam and out.
  def expect_closed(before, change)
    %i[water_g total_fat_g salt_g mass_g].each do |sum|
      steam_g = %i[water_g mass_g].include?(sum) ? change.steam_g : 0.0
      after_g = change.contents.public_send(sum) + (change.out&.public_send(sum) || 0.0) + steam_g
      expect(after_g).to be_within(0.001).of(before.public_send(sum)), "#{sum} of #{before.inspect}"
    end
    left = change.contents
    inside = left.foods.flat_map { |food| [food.water_g, food.fat_g, food.salt_g] }
    expect([*inside, left.liquid_g, left.fat_g, left.liquid_salt_g]).to all(be >= -1e-9)
  end

  # Up to eight vessels, thirty steps: each does something in one vessel, or tips one into another.
  it "closes its ledgers at every step of graphs of vessels at random" do
    random = Random.new(31)
    40.times do
      vessels = Array.new(random.rand(1..8)) { random_contents(random) }
      before = vessels.sum(&:mass_g)
      gone_g = 0.0
      random.rand(5..30).times do
        place = random.rand(vessels.size)
        if random.rand < 0.15 && vessels.size > 1
          other = vessels.delete_at(place)
          vessels[0] = vessels[0] + other
          next
        end

        change = vessels[place].after(random_step(random, kinds, vessels[place]), random_setting(random))
        expect_closed(vessels[place], change)
        vessels[place] = change.contents
        gone_g += change.steam_g + (change.out&.mass_g || 0.0)
      end
      expect(vessels.sum(&:mass_g) + gone_g).to be_within(0.001).of(before)
    end
  end

  it "comes to the same by one step with minutes as by its two halves" do
    random = Random.new(7)
    200.times do
      contents = random_contents(random)
      kind = %w[fry simmer reduce].sample(random: random)
      step = FondKettle::Vessels::Step.of(kind, minutes: random.rand(1.0..60.0), heat: "medium")
      setting = random_setting(random)
      next if kind == "fry" && FondKettle::Vessels::Effects::DeepFry.deep?(contents)

      whole = contents.after(step, setting)
      first = contents.after(step.with(minutes: step.minutes * 0.4), setting)
      second = first.contents.after(step.with(minutes: step.minutes * 0.6), setting)
      expect(first.steam_g + second.steam_g).to be_within(0.005 * contents.mass_g).of(whole.steam_g)
      expect(second.contents.liquid_g).to be_within(0.005 * contents.mass_g).of(whole.contents.liquid_g)
      expect(second.contents.water_g).to be_within(0.005 * contents.mass_g).of(whole.contents.water_g)
    end
  end

  it "changes no sum by tipping all of one vessel into another" do
    random = Random.new(3)
    50.times do
      one, other = Array.new(2) { random_contents(random) }
      both = one + other
      %i[water_g total_fat_g salt_g mass_g volume_ml].each do |sum|
        expect(both.public_send(sum)).to be_within(1e-6).of(one.public_send(sum) + other.public_send(sum))
      end
      expect(both.allergens).to eq((one.allergens | other.allergens).sort)
    end
  end
end
