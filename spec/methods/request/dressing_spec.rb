# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Dressing do
  def sushi(**changes)
    { "grain" => "short-white", "method" => "sushi", "rice" => { "amount" => 320, "unit" => "g" } }
      .merge(changes.transform_keys(&:to_s))
  end

  it "has the house styles, for any amount" do
    made = %w[usual sharp mild].to_h { |style| [style, described_class.of(request_for(sushi(style: style)))] }
    per = made.transform_values { |one| one.to_h.values.map { |amount| (amount / 3.2).round(6) } }
    expect(per).to eq("usual" => [15, 6, 1.5], "sharp" => [18, 4, 1.5], "mild" => [14, 8, 1.3])
  end

  it "counts as water: the rice is cooked so much firmer, and comes out as wanted" do
    plan = plan_for(sushi)
    expect(plan.load.dressed_g / 320).to be_within(0.01).of(0.13)
    expect(plan.load.uptake).to be_within(1e-9).of(1.12)
    expect([plan.run.uptake, plan.verdict]).to match([be_within(0.001).of(1.12), "standard"])
    soft = plan_for(sushi(texture: "soft"))
    expect(soft.load.uptake).to be_within(1e-9).of(1.42 - (soft.load.dressed_g / 320))
  end

  it "never cooks it below firm" do
    expect(plan_for(sushi(texture: "firm", style: "sharp")).load.uptake).to be_within(1e-9).of(1.12)
  end

  it "goes in at the step that dresses, each part once, in grams and spoons" do
    dress = plan_for(sushi).tasks.find { |task| task.kind.key == "dress" }
    expect(dress.amounts.map(&:what)).to eq(["Rice vinegar", "Sugar", "Salt"])
    expect(dress.puts_in).to match(/48 g rice vinegar \(.*tbsp.*\); 19 g sugar \(.*\); 5 g salt/)
  end

  it "gives way to what a dish brings of its own" do
    own = FondKettle::Methods::Provision.new(key: "vinegar", what: "Vinegar", g: 30.0, measured: "",
                                             told: "30 g vinegar",
                                             told_all: "", stage: "finish", step: nil, slot: "dressing",
                                             care: [], wilts_ml: 0.0)
    lines = Struct.new(:list) { define_method(:provisions) { |_| list } }.new([own])
    request = request_for(sushi).with(lines: lines)
    expect([described_class.of(request), described_class.provisions(request)]).to eq([nil, []])
    expect(described_class.water_g(request)).to be_within(1e-9).of(27.0)
  end

  it "says too much salt to be much" do
    salty = sushi("dressing_per_100g" => { "vinegar_ml" => 15, "sugar_g" => 6, "salt_g" => 5 })
    expect(plan_for(salty).warnings.map(&:code)).to include("salt-high")
  end
end
