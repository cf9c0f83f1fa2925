# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Budgets do
  grain = FondKettle::Larder::Grains.fetch("basmati")
  kinetics = FondKettle::Pot::Kinetics.of(grain, FondKettle::Pot::Soak.after(grain, 30, 20.0))
  pot_state = FondKettle::Pot::GrainState.dry(grain, 500.0, temp_c: 80.0)
                                         .with(taken_per_g: 0.9, surface_per_g: 0.08)

  # Soaked half an hour, shaken, dough, about 10 g lost, no gravy left.
  def water(kinetics, state, base_water_g)
    described_class.water(kinetics, state, 1.5, 1.3, 1.75, base_water_g - 10.0)
  end

  it "closes where it should, by how much water the base has" do
    { 0 => [0.74, 1.0], 100 => [0.56, 0.99], 200 => [0.40, 0.78], 300 => [0.25, 0.60],
      400 => [0.12, 0.44] }.each do |base_water_g, (low, high)|
      budget = water(kinetics, pot_state, base_water_g)
      expect([budget.low, budget.high]).to match([be_within(0.006).of(low), be_within(0.006).of(high)])
      expect(budget.too_much_g).to eq(0.0)
    end
  end

  it "says where even raw rice would drown" do
    budget = water(kinetics, pot_state, 900)
    expect([budget.low, budget.high, budget.too_much_g]).to match([0.0, 0.0, be_within(5).of(180)])
  end

  it "has nothing for a grain that would have to hold twice the standard" do
    expect(described_class.done(kinetics, 3.1)).to be_nil
    expect(described_class.done(kinetics, kinetics.a0 - 0.1)).to eq(0.0)
  end

  it "turns uptake and doneness into each other" do
    (1..10).each do |tenth|
      done = tenth / 10.0
      expect(described_class.done(kinetics, described_class.uptake(kinetics,
                                                                   done))).to be_within(1e-9).of(done)
    end
  end

  it "asks for less par-cooking the longer it steams, and for more where it runs dry" do
    low = ->(steam_min, wet) { described_class.time(kinetics, steam_min, 5.0, 100.0, wet).low }
    expect(low.call(8.0, 1.0)).to be_within(1e-6).of(1 - (3.0 / kinetics.core_min))
    expect(low.call(8.0, 0.0)).to be_within(1e-6).of(1 - (0.6 * 3.0 / kinetics.core_min))
    expect([low.call(40.0, 1.0), described_class.time(kinetics, 40.0, nil, 100.0, 1.0).low]).to eq([0.0, 1.0])
  end
end
