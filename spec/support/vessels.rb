# frozen_string_literal: true

module Support
  # Vessels of a dish, and what is done in them, given or at random.
  module Vessels
    Ours = FondKettle::Vessels
    FOODS = %w[onion carrot tomato mushroom leafy-greens chicken lamb dried-bean dried-mushroom red-lentil
               potato almond salt butter yoghurt].freeze

    def food(key, grams, **changes)
      Ours::Food.of(FondKettle::Larder::Ingredients.fetch(key), grams, **changes)
    end

    def pan(diameter_mm: 260.0, height_mm: 60.0, lid: "none")
      FondKettle::Kit::Vessel.new(id: nil, name: "pan", diameter_mm: diameter_mm, height_mm: height_mm,
                                  floor_mm: nil, lid: lid, material: "steel", kg: 1.4, lid_factor: nil)
    end

    # On 1,200 W, or on so many.
    def setting(vessel = pan, high_w: 1200.0, altitude_m: 0)
      Ours::Setting.of(vessel, FondKettle::Kit::Burner.usual("gas", high_w), altitude_m: altitude_m)
    end

    def random_setting(random)
      setting(pan(diameter_mm: random.rand(160.0..320.0), height_mm: random.rand(50.0..160.0)),
              high_w: random.rand(900.0..2400.0), altitude_m: random.rand(0..2500))
    end

    def random_contents(random)
      foods = FOODS.sample(random.rand(1..5), random: random).map { |key| food(key, random.rand(5.0..600.0)) }
      Ours::Contents.of(foods, liquid_g: random.rand < 0.5 ? 0.0 : random.rand(0.0..1500.0),
                               fat_g: random.rand < 0.5 ? 0.0 : random.rand(0.0..400.0))
    end

    def random_step(random, kinds, contents)
      kind = kinds.sample(random: random)
      foods = contents.foods.each_index.to_a.sample(random.rand(1..3), random: random) if contents.foods.any?
      state = Ours::FryStates.all.keys.sample(random: random) if kind == "fry" && random.rand < 0.5
      Ours::Step.of(kind, minutes: random.rand(0.5..90.0), heat: %w[medium high].sample(random: random),
                          state: state, foods: (foods if random.rand < 0.6), share: random.rand(0.1..1.0),
                          lid: %w[none ordinary tight].sample(random: random))
    end
  end
end
