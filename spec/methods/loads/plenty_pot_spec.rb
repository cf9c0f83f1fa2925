# frozen_string_literal: true

# Figures, Food in a vessel: every vessel must hold what is in it, the pot of plenty of water too.
RSpec.describe FondKettle::Methods::PlentyPot do
  def pot(id, diameter_mm, height_mm)
    FondKettle::Kit::Vessel.new(id: id, name: "Pot #{id}", diameter_mm: diameter_mm.to_f,
                                height_mm: height_mm.to_f,
                                floor_mm: nil, lid: "ordinary", material: "steel", kg: 1.5, lid_factor: nil)
  end

  # Layered in the first of the pots; the others are the house's.
  def layered(grams, *pots)
    request = request_for(basic_request(method: "sealed-cooked-base", rice: { "amount" => grams,
                                                                              "unit" => "g" },
                                        base: { "g" => 800, "meat" => "vegetables", "raw" => false,
                                                "water_g" => 200 }))
    request.with(vessel: pots.first, kit: pots)
  end

  def boiled(plan)
    plan.phases.first
  end

  it "takes the smallest other pot of the house that holds it three quarters full" do
    plan = FondKettle::Methods::Planner.plan(layered(300.0, pot(1, 240, 120), pot(2, 300, 150),
                                                     pot(3, 200, 150)))
    expect(boiled(plan).setting.vessel.id).to eq(3)
    expect(boiled(plan).liquid_g / 300).to be_within(0.01).of(10)
    expect(plan.warnings.map(&:code)).not_to include("less-water")
  end

  it "takes less water where no pot holds ten parts, never under six, and says so" do
    plan = FondKettle::Methods::Planner.plan(layered(500.0, pot(1, 240, 120), pot(2, 240, 120)))
    water_g = boiled(plan).liquid_g
    expect(water_g / 500).to be_between(6, 8)
    expect(water_g + (500 / 1.45)).to be <= (0.75 * pot(2, 240, 120).volume_ml) + 1
    expect(plan.warnings.find do |one|
      one.code == "less-water"
    end.say).to include("Pot 2 holds no more than", "parts")
  end

  it "boils in rounds what not even six parts fit, each as full as the pot may be" do
    plan = FondKettle::Methods::Planner.plan(layered(900.0, pot(1, 300, 150), pot(2, 240, 120)))
    phase = boiled(plan)
    expect(phase.rounds).to be >= 2
    full_ml = (phase.liquid_g / phase.rounds) + (900 / phase.rounds / 1.45)
    expect(full_ml).to be <= (0.75 * pot(2, 240, 120).volume_ml) + 1
  end

  it "judges a way that boils in its own pot alike" do
    request = request_for(basic_request(method: "boil-and-drain", rice: { "amount" => 500, "unit" => "g" }))
    plan = FondKettle::Methods::Planner.plan(request.with(vessel: pot(1, 240, 120), kit: [pot(1, 240, 120)]))
    expect(plan.fit.fill_before).to be <= 0.7501
    expect(plan.liquid_g / 500).to be >= 6
    expect(plan.fit.verdict).not_to eq("boils-over")
  end
end
