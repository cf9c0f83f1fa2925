# frozen_string_literal: true

# What stands too long, or not long enough, to be safe.
RSpec.describe "Soaks and programmes that are safe" do
  def sealed(programme)
    basic_request(method: "sealed-raw-base", base: { "g" => 900, "meat" => "chicken", "raw" => true,
                                                     "water_g" => 300 },
                  vessel: { "diameter_mm" => 240, "height_mm" => 120, "lid" => "dough" }, seal: "dough",
                  rice: { "amount" => 400, "unit" => "g" }, programme: programme)
  end

  def programme(low_min)
    [{ "heat" => "high", "minutes" => 8 }, { "heat" => "low", "minutes" => low_min }]
  end

  it "puts a soak of more than four hours into the refrigerator, says so and reckons it at 5 °C" do
    cold = plan_for(basic_request(soak: { "minutes" => 300, "water_c" => 5 }))
    usual = plan_for(basic_request(soak: { "minutes" => 300 }))
    expect(usual.load.soak_gain_g).to be_within(1e-9).of(cold.load.soak_gain_g)
    expect(usual.warnings.map(&:code)).to include("soak-cold")
    expect(usual.tasks.find do |task|
      task.id == "wash.soak"
    end.say).to end_with("in cold water, in the refrigerator")
    short = plan_for(basic_request(soak: { "minutes" => 240 }))
    expect(short.warnings.map(&:code)).not_to include("soak-cold")
    expect(cold.warnings.map(&:code)).not_to include("soak-cold")
  end

  it "lengthens a programme that ends less than three minutes after the food is safe, and says so" do
    long = plan_for(sealed(programme(60))).run.layers
    ends = long.safe_min.ceil + 1
    plan = plan_for(sealed(programme(ends - 8)))
    expect(plan.run.layers.heated_min - plan.run.layers.safe_min).to be >= 3 - 1e-6
    expect(plan.warnings.map(&:say)).to include(/The last stage is \d min longer than you said/)
    expect(plan.warnings.map(&:code)).not_to include("not-safe")
    expect(plan_for(sealed(programme(60))).warnings.map(&:code)).not_to include("programme-longer")
  end

  it "speaks of time where the food gets there in the rest alone" do
    long = plan_for(sealed(programme(60))).run.layers
    plan = plan_for(sealed(programme(long.safe_min.floor - 9)))
    said = plan.warnings.find { |one| one.code == "not-safe" }.say
    expect(said).to match(/is at 74 °C only \d+ min after the heat goes off|gets to \d\d °C; it wants 74 °C/)
    reached = said[/gets to (\d+) °C/, 1]
    expect(reached.to_i).to be < 74 if reached
  end
end
