# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/comparison"
require_relative "../../lib/fond_kettle/methods/depth_rule"
require_relative "../../lib/fond_kettle/methods/own_rule"
require_relative "../../lib/fond_kettle/methods/remedies"

RSpec.describe "The library of cooking" do
  library = FondKettle::Methods::Library.ours.all
  absorbing = library.values.reject(&:parts).map(&:key)

  library.each_key do |method|
    it "plans, runs and adds up: #{method}" do
      request = basic_request(method: method, rice: { "amount" => 400, "unit" => "g" })
      plan = plan_for(request)
      b = plan.balance
      sum = b.uptake_g + b.loss_g + b.residue_g + b.drunk_g + b.drained_g + b.cloth_g - b.soak_gain_g - b.surface_g - b.brought_g
      expect(plan.liquid_g).to be_within(0.02).of(sum)
      expect([plan.verdict, plan.warnings.map(&:code)]).to eq(["standard", []])
      expect(plan.run.stuck).to be_nil
      carried = plan.load.carried_g
      try_with(request, plan.liquid_g).run.curve.each do |point|
        expect(point.free_g + point.taken_g + point.lost_g + point.gone_g).to be_within(1e-3).of(plan.liquid_g + carried)
      end
    end
  end

  it "come out as they are worked by hand in docs/model.md" do
    row = /^\| [^|]*`(#{Regexp.union(library.keys)})`[^|]*\|.*\| ([^|]+) \|$/
    rows = File.read(File.expand_path("../../docs/model.md", __dir__)).scan(row)
    expect(rows.size).to eq(6)
    rows.each do |method, figures|
      grain = method == "mixed-rice" ? "short-white" : "basmati"
      plan = plan_for("grain" => grain, "method" => method, "rice" => { "amount" => 400, "unit" => "g" })
      ours = [plan.liquid_g, plan.run.lost_g, plan.run.free_g, plan.run.drained_g].map(&:round)
      expect(figures.scan(/(\d+) g/).flatten.map(&:to_i) - ours).to be_empty, "#{method}: #{figures}, not #{ours}"
    end
  end

  it "keep the identities, whatever the kitchen" do
    for_any_kitchen do |kitchen|
      kitchen = kitchen.merge("method" => absorbing[kitchen["altitude_m"] % absorbing.size])
      plan = plan_for(kitchen)
      more = plan_for(kitchen.merge("rice" => { "amount" => plan.load.rice_g * 1.2, "unit" => "g" }))
      expect(plan.run.uptake).to be_within(0.01 * plan.load.uptake).of(plan.load.uptake)
      expect(plan.run.free_g).to be_within(1.0).of(plan.load.residue_g)
      expect(more.liquid_g).to be >= plan.liquid_g - 1e-3
      expect(more.ratio_by_weight).to be <= plan.ratio_by_weight + 1e-5
      whole, half = [0.5, 0.25].map { |step| try_with(kitchen, plan.liquid_g, step_min: step).run }
      expect(half.uptake).to be_within(0.005 * whole.uptake).of(whole.uptake)
    end
  end

  it "want no more for a longer soak or a tighter lid, and cook no faster higher up, whatever the kitchen" do
    beside = [{ "ingredient" => "red-lentil", "g" => 80 }, { "ingredient" => "tomato", "g" => 120 }]
    for_any_kitchen do |kitchen|
      soak, vessel, height = kitchen.values_at("soak", "vessel", "altitude_m")
      additions = kitchen["rice"]["amount"].even? ? beside : []
      kitchen = kitchen.merge("method" => absorbing[height % absorbing.size], "additions" => additions)
      lids = Support::Kitchen::LIDS
      tighter = vessel.merge("lid" => lids[[lids.index(vessel["lid"]) - 1, 0].max])
      soaked, sealed, higher = [{ "soak" => soak.merge("minutes" => soak["minutes"] + 25) }, { "vessel" => tighter },
                                { "altitude_m" => height + 300 }].map { |change| plan_for(kitchen.merge(change)) }
      plan = plan_for(kitchen)
      expect([soaked.liquid_g, sealed.liquid_g].max).to be <= plan.liquid_g + 1e-3
      from_the_boil = [plan, higher].map do |one|
        one.stages.zip(one.run.stage_minutes).sum { |stage, minutes| stage.until == "boil" ? 0 : minutes }
      end
      expect(from_the_boil.last).to be >= from_the_boil.first - 1e-6
    end
  end

  it "pour off what boil-and-drain has too much, and stop at the core" do
    plan = plan_for(basic_request(method: "boil-and-drain"))
    expect([plan.liquid_g, plan.spread.low_g, plan.spread.high_g]).to eq([2400.0, 1800.0, 3000.0])
    expect(plan.balance.drained_g).to be > 1500
    expect(FondKettle::Formats::PlanJson.call(plan)[:liquid][:measured]).to eq("10 cups")
    expect(plan.tasks.find { |task| task.kind.key == "fill" }.say).to include("2400 g (10 cups)")
    expect(plan.run.uptake).to be_within(0.06).of(1.5)
  end

  it "take a crust for what it is, and a burnt floor where none is wanted" do
    crust, clean = [true, false].map { |wanted| plan_for(basic_request(method: "open-then-covered", crust: wanted)) }
    expect([crust.run.dry_min["low"], crust.verdict]).to match([be > 15, "standard"])
    expect(clean.liquid_g).to eq(crust.liquid_g)
  end

  it "count cloth, parchment and oven" do
    plain, cloth = [false, true].map { |on| plan_for(basic_request(cloth: on)) }
    expect(cloth.balance.cloth_g).to be_between(15, 20)
    expect(cloth.liquid_g - plain.liquid_g).to be > 10
    expect(cloth.cautions.keys.map(&:code)).to include("cloth-clear-of-flame")
    cool = [{ "heat" => "off", "oven_c" => 90, "until" => "boil" }]
    reader = FondKettle::Formats::RequestReader.new(basic_request(stages: cool))
    trial = FondKettle::Methods::Trying.run(reader.request, 400.0, stages: reader.stages)
    expect(trial.warnings.map(&:code)).to include("cannot-boil")
  end

  it "even out floor and top by a stir half way, at the price of some heat" do
    deep = basic_request(rice: { "amount" => 900, "unit" => "g" }, vessel: { "diameter_mm" => 180, "height_mm" => 300 })
    low = { "lid" => "ordinary", "heat" => "low", "minutes" => 5 }
    boil = { "lid" => "ordinary", "heat" => "high", "until" => "boil" }
    left, stirred = [false, true].map do |stir|
      stages = [boil, low, low.merge("stirred" => stir)]
      reader = FondKettle::Formats::RequestReader.new(deep.merge("liquid" => { "g" => 1300 }, "stages" => stages))
      FondKettle::Methods::Trying.run(reader.request, 1300, stages: reader.stages)
    end
    expect(stirred.run.stirred_at).to be_positive
    expect(left.run.stirred_at).to eq(0.0)
    expect(stirred.run.lost_g).to be > left.run.lost_g
    tops = [left, stirred].map { |trial| trial.run.progress - (0.15 * (trial.run.progress - trial.run.stirred_at)) }
    expect(tops.last).to be > tops.first
  end

  it "lose heat and time, not water, by a lifted lid" do
    stages = [{ "heat" => "high", "until" => "boil" }, { "heat" => "low", "minutes" => 12 }]
    lifted = [stages.first, stages.last.merge("lifted_s" => 30)]
    plain, opened = [stages, lifted].map do |list|
      reader = FondKettle::Formats::RequestReader.new(basic_request(stages: list))
      FondKettle::Methods::Trying.run(reader.request, 386.0, stages: reader.stages).run
    end
    expect(opened.at("core-gone")).to be > plain.at("core-gone")
    expect(opened.lost_g - plain.lost_g).to be_between(0, 6)
  end

  it "take liquid and food into a stage, and conserve their water" do
    add = { "liquid_g" => 100, "at_c" => 90, "food" => [{ "ingredient" => "tomato", "g" => 50 }] }
    stages = [{ "heat" => "high", "until" => "boil" }, { "heat" => "low", "minutes" => 12, "add" => add }]
    reader = FondKettle::Formats::RequestReader.new(basic_request(stages: stages))
    last = FondKettle::Methods::Trying.run(reader.request, 300.0, stages: reader.stages).run.curve.last
    carried = plan_for(basic_request).load.carried_g
    expect(last.free_g + last.taken_g + last.lost_g).to be_within(1e-3).of(300 + carried + 100 + 42.5)
  end

  it "judge the finger and the level by this pot" do
    plan = plan_for(basic_request(method: "knuckle", vessel: { "diameter_mm" => 180 }, rice: { "amount" => 900, "unit" => "g" }))
    finger = FondKettle::Methods::DepthRules.judge(plan, 25.0)
    expect(finger.holds).to match([be_between(700, 1300), be_between(800, 1600)])
    expect(FondKettle::Methods::DepthRules.judge(plan, 0.0).verdict).to eq("chalky")
  end

  it "turn the cook's own way into grams" do
    plan = plan_for(basic_request)
    cup = FondKettle::Measure::US_CUP
    ways = FondKettle::Methods::OwnRule.new(plan.load, plan.request.vessel, cup)
    grams = FondKettle::Methods::OwnRule::KINDS.keys.to_h { |kind| [kind, ways.liquid_g(kind, 2.0).round(1)] }
    expect(grams).to include("volume" => 769.2, "weight" => 600.0, "g" => 2.0, "cup" => 473.2, "finger" => be > 1900)
    expect(ways.liquid_g("finger", 1.0)).to be_within(1e-9).of(ways.liquid_g("depth", 25.0))
    expect { ways.liquid_g("luck", 1) }.to raise_error(FondKettle::InvalidInput, /must be one of: volume/)
  end

  it "say a mark of the bowl as what the empty bowl holds to it: the grains stand in it too" do
    plan = plan_for(basic_request)
    ways = FondKettle::Methods::OwnRule.new(plan.load, plan.request.vessel, FondKettle::Measure::US_CUP)
    level_mm = plan.request.vessel.depth_mm(plan.load.bed_ml) + ways.amount("depth", plan.liquid_g)
    marked_ml = ways.amount("mark", plan.liquid_g) * FondKettle::Measure::US_CUP.ml
    expect(plan.request.vessel.depth_mm(marked_ml)).to be_within(1e-6).of(level_mm)
  end

  it "say the same liquid in every way, and back" do
    for_any_kitchen do |kitchen|
      plan = plan_for(kitchen)
      ways = FondKettle::Methods::OwnRule.new(plan.load, plan.request.vessel, FondKettle::Measure::US_CUP)
      FondKettle::Methods::OwnRule::KINDS.each_key do |kind|
        expect(ways.liquid_g(kind, ways.amount(kind, plan.liquid_g))).to be_within(1e-6).of(plan.liquid_g)
      end
    end
  end

  it "stand side by side, each that suits the grain" do
    request = request_for(basic_request(grain: "glutinous"))
    plans = FondKettle::Methods::Comparison.plans(request, library.values, vessel_for: ->(_) { [request.vessel, request.burner] })
    suited = library.values.select { |method| method.suits.intersect?(%w[all clinging glutinous]) }
    expect(plans.map { |plan| plan.method.key }).to match_array(suited.map(&:key))
  end

  it "have a way out of what goes wrong at the stove" do
    remedies = FondKettle::Methods::Remedies.for(plan_for(basic_request))
    expect(remedies.keys).to match_array(FondKettle::Methods::Remedies::SIGNS.keys)
    expect(remedies["chalky-dry"].add_g).to be > 20
    expect([remedies["chalky-wet"].add_g, remedies["wet"].minutes]).to match([0, be > 2])
  end

  it "take their steps as chosen: onion to a colour, onion or meat first, one stir" do
    asked = basic_request(method: "broth-under-rice", base: { "onion" => "dark", "first" => "onion" }, stir: "at-boil")
    tasks = plan_for(asked).tasks
    expect(tasks.map(&:key)).to include("stir")
    expect(tasks.map(&:key).select { |key| %w[meat onion].include?(key) }).to eq(%w[onion meat])
    expect(tasks.find { |task| task.key == "onion" }).to have_attributes(told_min: 22.0, cue: "the onion is dark")
  end

  it "show what to be careful of at the step where it matters" do
    library.each_key do |method|
      plan = plan_for(basic_request(method: method))
      shown = plan.tasks.select { |task| plan.cautions_at(task).map(&:code).include?("hot-fat") }
      expect(shown).to eq(plan.tasks.select { |task| task.kind.fat }), method
    end
  end

  it "warn beyond their own range and leave the rest to the cook" do
    plan = plan_for(basic_request(method: "oven-pilaf", soak: { "minutes" => 200 }))
    expect(plan.warnings.map(&:code)).to include("outside-method")
  end
end
