# frozen_string_literal: true

RSpec.describe FondKettle::Pot::HotLiquid do
  let(:setting) { plan_for(basic_request(vessel: { "diameter_mm" => 260, "height_mm" => 200 })).setting }

  it "makes eight litres hot in three quarters of an hour, and nothing on no flame" do
    expect(described_class.minutes(8000.0, setting, 20.0, 100.0)).to be_between(42, 46)
    weak = setting.with(burner: setting.burner.with(high_w: 20.0))
    expect(described_class.minutes(8000.0, weak, 20.0, 100.0)).to eq(720.0)
    expect(described_class.minutes(8000.0, setting, 100.0, 95.0)).to eq(0)
  end

  it "boils a kettle by its own power" do
    expect(described_class.in_kettle(1000.0, 2000.0, 20.0, 100.0)).to be_within(0.01).of(2.79)
  end

  it "is a task of its own before the pot is filled, on a ring or in a kettle" do
    ring, kettle = [{}, { "kettle_w" => 2000 }].map do |more|
      plan = plan_for(basic_request(method: "oven-pilaf").merge(more))
      plan.tasks.find { |task| %w[heat-liquid boil-kettle].include?(task.kind.key) }
    end
    expect([ring.slot.uses, kettle.slot.uses]).to eq([{ "burner" => 1 }, {}])
    expect(kettle.timed_min).to be < ring.timed_min
    cold, warm = [5, 40].map { |c| plan_for(basic_request(liquid_start_c: c)).run.at("boil") }
    expect(cold).to be > warm
  end

  it "heats an oven ahead" do
    plan = plan_for(basic_request(method: "oven-pilaf"))
    preheat, bake = %w[preheat bake].map { |kind| plan.tasks.find { |task| task.kind.key == kind } }
    expect(preheat.minutes).to eq(12)
    expect(plan.placed.starts[preheat.id]).to be >= plan.placed.starts[bake.id] + 12
  end
end
