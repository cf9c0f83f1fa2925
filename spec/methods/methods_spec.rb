# frozen_string_literal: true

RSpec.describe "The library of cooking" do
  library = FondKettle::Methods::Library.ours.all
  absorbing = library.values.reject(&:parts).reject(&:layered?).map(&:key)

  # What has come to the rice at a point of its curve: in a steamer, of steam and in several pours.
  def poured_by(plan, point)
    return plan.liquid_g unless plan.load.steamed?

    steaming = FondKettle::Methods::Steaming.new(plan.request, plan.last)
    poured = steaming.sprinklings.select { |one| one.at_min < point.min - 1e-9 }
    poured.sum(&:g) + point.condensed_g
  end

  library.each_key do |method|
    it "plans, runs and adds up: #{method}" do
      grain = FondKettle::Larder::Grains.fetch(library[method].steamed? ? "glutinous" : "basmati")
      request = basic_request(method: method, grain: grain.key, rice: { "amount" => 400, "unit" => "g" })
      plan = plan_for(request)
      b = plan.balance
      sum = b.uptake_g + b.loss_g + b.residue_g + b.drunk_g + b.drained_g + b.cloth_g - b.soak_gain_g -
            b.surface_g - b.brought_g - b.condensed_g
      expect(plan.liquid_g).to be_within(0.02).of(sum)
      expect([plan.verdict, plan.warnings.map(&:code) - ["base-assumed"]]).to eq(["standard", []])
      expect(plan.run.stuck).to be_nil
      next if plan.sealed # spec/pot/sealed/sealed_pot_spec.rb: what is bound in its base makes steam too

      carried = plan.load.carried_g
      try_with(request, plan.liquid_g).run.curve.each do |point|
        expect(point.free_g + point.taken_g + point.lost_g +
               point.gone_g).to be_within(1e-3).of(poured_by(plan, point) + carried)
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
      expect(figures.scan(/(\d+) g/).flatten.map(&:to_i) - ours).to be_empty,
                                                                    "#{method}: #{figures}, not #{ours}"
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
      kitchen = Support::Kitchen.soaked_alike(kitchen, 25)
      soak, vessel, height = kitchen.values_at("soak", "vessel", "altitude_m")
      additions = kitchen["rice"]["amount"].even? ? beside : []
      kitchen = kitchen.merge("method" => absorbing[height % absorbing.size], "additions" => additions)
      lids = Support::Kitchen::LIDS
      tighter = vessel.merge("lid" => lids[[lids.index(vessel["lid"]) - 1, 0].max])
      soaked, sealed, higher = [{ "soak" => soak.merge("minutes" => soak["minutes"] + 25) },
                                { "vessel" => tighter },
                                { "altitude_m" => height +
                                  300 }].map { |change| plan_for(kitchen.merge(change)) }
      plan = plan_for(kitchen)
      expect([soaked.liquid_g, sealed.liquid_g].max).to be <= plan.liquid_g + 1e-3
      from_the_boil = [plan, higher].map do |one|
        heated = one.load.steamed? ? one.run.at("first-steam") : 0
        one.stages.zip(one.run.stage_minutes).sum { |stage, min| stage.until == "boil" ? 0 : min } - heated
      end
      expect(from_the_boil.last).to be >= from_the_boil.first - 1e-6
    end
  end

  it "pour off what boil-and-drain has too much, and stop at the core" do
    plan = plan_for(basic_request(method: "boil-and-drain"))
    expect([plan.liquid_g, plan.spread.low_g, plan.spread.high_g]).to eq([2400.0, 1800.0, 3000.0])
    expect(plan.balance.drained_g).to be > 1500
    expect(FondKettle::Formats::PlanJson.call(plan)[:liquid][:measured]).to eq("10 cups")
    expect(plan.tasks.find { |task| task.kind.key == "heat-liquid" }.puts_in).to eq("2.4 L water")
    expect(plan.run.uptake).to be_within(0.06).of(1.5)
  end

  it "come out as wanted in plenty of water, firm too, draining and steam-drying counted" do
    { -1.0 => "firm", 0.0 => "standard", 1.0 => "soft" }.each do |texture, verdict|
      %w[basmati jasmine long-white short-white].each do |grain|
        plan = plan_for(basic_request(method: "boil-and-drain", grain: grain, texture: texture))
        expect([grain, plan.verdict, plan.run.core]).to match([grain, verdict, be <= 0.021])
        own = FondKettle::Methods::Trying.run(plan.request, plan.liquid_g)
        expect([own.verdict, own.run.minutes]).to match([verdict, be_within(0.01).of(plan.run.minutes)])
      end
    end
  end

  it "say where plenty of water cannot make rice firm" do
    codes = lambda { |grain|
      plan_for(basic_request(method: "boil-and-drain", grain: grain, texture: -1.0)).warnings.map(&:code)
    }
    expect([codes.call("brown-long"), codes.call("basmati")]).to match([include("not-firm"), be_empty])
  end

  it "take a crust for what it is, and a burnt floor where none is wanted" do
    crust, clean = [true,
                    false].map do |wanted|
      plan_for(basic_request(method: "open-then-covered", crust: wanted,
                             vessel: { "material" => "steel", "kg" => 1.5 }))
    end
    expect([crust.run.burnt, crust.verdict]).to match([be > 0.6, "standard"])
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
    expect(trial.warnings.map(&:code)).to include("never-boiled")
  end

  it "take their steps as chosen: onion to a colour, onion or meat first, one stir" do
    asked = basic_request(method: "broth-under-rice", base: { "onion" => "dark", "first" => "onion" },
                          stir: "at-boil")
    tasks = plan_for(asked).tasks
    expect(tasks.map(&:key)).to include("stir")
    expect(tasks.map(&:key).select { |key| %w[meat onion].include?(key) }).to eq(%w[onion meat])
    expect(tasks.find { |task| task.key == "onion" }).to have_attributes(told_min: 22.0,
                                                                         cue: "the onion is dark")
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
