# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Planner do
  # What so many cooks leave open that each found the rice to drink as the book says.
  def taught(cooks)
    book = FondKettle::Belief::Estimates.book
    book.holding(book[:uptake].with(sd: book[:uptake].sd / Math.sqrt(1 + cooks), cooks: cooks))
  end

  it "adds up: the liquid is what the balance says" do
    plan = plan_for(basic_request(additions: [{ "ingredient" => "tomato", "g" => 200 },
                                              { "ingredient" => "red-lentil", "g" => 80 }]))
    b = plan.balance
    sum = b.uptake_g + b.loss_g + b.residue_g + b.drunk_g - b.soak_gain_g - b.surface_g - b.brought_g
    expect(plan.liquid_g).to be_within(1e-3).of(sum)
    expect([b.brought_g, b.drunk_g]).to eq([170.0, 104.0])
  end

  it "works a plan that can be worked by hand" do
    # 300 g basmati, 33 min wet: gain 33 / (24 + 3.2 * 33) = 0.2546 g/g; shaken 0.08.
    plan = plan_for(basic_request)
    expect(plan.balance.soak_gain_g).to be_within(0.01).of(76.39)
    expect(plan.balance.surface_g).to eq(24.0)
    expect(plan.balance.uptake_g).to eq(450.0)
    expect(plan.liquid_g).to be_within(4).of(386)
  end

  it "asks for more water for softer rice and for a looser lid" do
    firm, soft = %w[firm soft].map { |texture| plan_for(basic_request(texture: texture)).liquid_g }
    loose = plan_for(basic_request(vessel: { "lid" => "loose" })).liquid_g
    expect(firm).to be < soft
    expect(loose).to be > plan_for(basic_request).liquid_g
  end

  it "counts the soaking water as cooking water when it is cooked in" do
    plan = plan_for(basic_request(drain: "cooked-in"))
    expect(plan.balance.soak_gain_g).to eq(0.0)
    expect(plan.liquid_g).to be_within(0.01).of(450 + plan.balance.loss_g)
  end

  it "brings its range from the spreads" do
    plan = plan_for(basic_request)
    expect(plan.spread.by_cause[:carry]).to be_within(1e-9).of(-0.3 * 24)
    expect(plan.spread.low_g).to be < plan.liquid_g
    expect(plan.spread.high_g - plan.liquid_g).to be_within(3).of(plan.liquid_g - plan.spread.low_g)
    expect(plan.spread.largest).to eq(:uptake)
  end

  it "narrows its range once the lid was tested" do
    request = request_for(basic_request(rice: { "amount" => 130, "unit" => "g" }))
    plans = [nil, 1.0].map { |factor| request.with(vessel: request.vessel.with(lid_factor: factor)) }
                      .map { |asked| described_class.plan(asked) }
    widths = plans.map { |plan| plan.spread.high_g - plan.spread.low_g }
    expect(widths.last).to be < 0.8 * widths.first
  end

  it "names on its slip what goes in beside the rice, and what of its water counts" do
    steps = plan_for(basic_request(additions: [{ "ingredient" => "tomato", "g" => 200 },
                                               { "ingredient" => "red-lentil", "g" => 50 }])).tasks
    step = steps.find { |one| one.kind.key == "fill" }
    expect(step.puts_in).to match(/\A\d+ g water \(.*\); 200 g tomato; 50 g red lentils\z/)
    expect(step.why).to include("170 g brought", "65 g")
  end

  it "tells floor and top of a deep bed apart" do
    deep = { "rice" => { "amount" => 900, "unit" => "g" },
             "vessel" => { "diameter_mm" => 180, "height_mm" => 250 },
             "texture" => 0.5 }
    expect(plan_for(basic_request.merge(deep)).floor_and_top).to eq(floor: "soft", top: "standard")
    expect(plan_for(basic_request(texture: 0.5)).floor_and_top).to eq(floor: "soft", top: "soft")
  end

  it "narrows its range by each cook that was written down, and says by how much the next would" do
    request = request_for(basic_request)
    plans = [0, 1, 5].map do |cooks|
      described_class.plan(request.with(held: taught(cooks)))
    end
    expect(plans.map { |plan| plan.spread.by_cause[:uptake] / plans.first.spread.by_cause[:uptake] })
      .to match([1.0, be_within(0.015).of(1 / Math.sqrt(2)), be_within(0.015).of(1 / Math.sqrt(6))])
    expect([plans[0].spread.largest, plans[0].spread.then_g])
      .to match([:uptake,
                 [be_within(0.5).of(plans[1].spread.low_g), be_within(0.5).of(plans[1].spread.high_g)]])
  end

  it "says how narrow the range is once the lid is tested, where that is what matters" do
    leaky = basic_request(rice: { "amount" => 100, "unit" => "g" },
                          vessel: { "diameter_mm" => 280, "lid" => "loose" })
    plan = plan_for(leaky)
    tested = request_for(leaky).then { |request| request.with(vessel: request.vessel.with(lid_factor: 1.0)) }
    expect(plan.spread.largest).to eq(:lid)
    # A cause that pulls further to one side is scaled as one: a tenth of the width is near enough.
    then_g = described_class.plan(tested).spread
    width_g = then_g.high_g - then_g.low_g
    expect(plan.spread.then_g).to match([be_within(width_g / 10).of(then_g.low_g),
                                         be_within(width_g / 10).of(then_g.high_g)])
    expect(then_g.high_g - then_g.low_g).to be < (plan.spread.high_g - plan.spread.low_g) * 0.6
  end

  it "solves the balance of a shifted cause as its range reckons it" do
    plan = plan_for(basic_request)
    leaky = plan.setting.with(lid_factor: 1.4)
    shifted = FondKettle::Phases::Solving.solve(plan.load,
                                                FondKettle::Methods::Loading.last_stages(plan.request), leaky)
    expect(shifted.liquid_g -
           plan.liquid_g).to be_within(0.05 * plan.spread.by_cause[:lid]).of(plan.spread.by_cause[:lid])
  end

  it "warns where a batch does not fit, and says how to split it" do
    plan = plan_for(basic_request(rice: { "amount" => 1500, "unit" => "g" },
                                  vessel: { "diameter_mm" => 180, "height_mm" => 90 }))
    expect(plan.warnings.map(&:code)).to include("pot-too-small", "boils-over")
    expect(plan.fit.batches).to be > 1
    expect(plan.warnings.first.say).to include("Split it into #{plan.fit.batches}")
  end

  it "warns of a thin bed, of a slow boil and of too much water" do
    thin = plan_for(basic_request(rice: { "amount" => 60, "unit" => "g" }))
    slow = plan_for(basic_request(burner: { "source" => "coil", "high_w" => 220 }))
    wet = plan_for(basic_request(additions: [{ "ingredient" => "tomato-sauce", "g" => 900 }]))
    expect([thin, slow, wet].map { |plan| plan.warnings.map(&:code) })
      .to match([include("bed-too-thin"), include("slow-to-boil"), include("too-much-water")])
    expect(wet.liquid_g).to eq(0.0)
  end

  it "says when a cooker would stop before the core is gone" do
    plan = plan_for(basic_request(grain: "brown-long", method: "rice-cooker", texture: "firm",
                                  soak: { "minutes" => 0 }))
    expect(plan.warnings.map(&:code)).to include("core-left")
  end

  it "drops no caution, whatever the grain, method, lid or size" do
    for_any_kitchen do |kitchen|
      answer = FondKettle::Formats::PlanJson.call(plan_for(kitchen))
      shown = answer[:steps].flat_map { |step| step[:cautions] }.uniq
      expect(shown).to match_array(answer[:cautions].map { |caution| caution[:code] })
      expect(shown).to include("cooked-rice-cooling", "local-guidance")
    end
  end

  it "names allergens and raw meat" do
    plan = plan_for(basic_request(additions: [{ "ingredient" => "yoghurt", "g" => 100 },
                                              { "ingredient" => "raw-meat", "g" => 200 }]))
    says = plan.cautions.keys.to_h { |caution| [caution.code, caution.say] }
    expect(says["allergens"]).to include("Contains: milk.")
    expect(says["poultry"]).to include("74 °C")
  end

  it "plans every grain by every steamed method to its texture" do
    FondKettle::Larder::Grains.all.each_key do |grain|
      verdicts = steamed_methods.map do |method|
        plan_for(basic_request(grain: grain, method: method)).verdict
      end
      expect(verdicts).to all(eq("standard")), grain
    end
  end

  it "warns of too much salt from what goes in beside the rice" do
    soy = lambda { |grams|
      plan_for(basic_request(additions: [{ "ingredient" => "soy-sauce",
                                           "g" => grams }])).warnings.map(&:code)
    }
    expect([soy.call(40), soy.call(80)]).to match([be_empty, include("salt-high")])
  end
end
