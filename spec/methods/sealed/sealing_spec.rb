# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Sealing do
  def plan(method: "sealed-cooked-base", rice_g: 500, **more)
    plan_for(basic_request(method: method, rice: { "amount" => rice_g, "unit" => "g" }, **more))
  end

  def codes(plan)
    plan.warnings.map(&:code)
  end

  cooked = lambda { |water_g|
    { "g" => 900 + water_g, "water_g" => water_g, "raw" => false,
      "meat" => "vegetables" }
  }
  chicken = { "g" => 1200, "meat" => "chicken", "meat_g" => 800, "raw" => true, "water_g" => 360,
              "residue_g" => 200 }

  it "brings the rice to what is wanted, and what it is told agrees with the run" do
    [-1.0, 0.0, 1.0].product([160, 300]).each do |texture, water_g|
      made = plan(texture: texture, base: cooked.call(water_g))
      expect(made.run.uptake).to be_within(0.015 * made.load.uptake).of(made.load.uptake)
      expect(made.sealed.par_cook).to be_closes
    end
  end

  it "boils the rice so long that it has come as far as the plan says when it is layered" do
    made = plan(base: cooked.call(200))
    boiled = made.phases.first
    expect(boiled.run.progress).to be_within(0.003).of(made.sealed.par_cook.done)
    expect(boiled.stage_minutes.first).to be_within(0.01).of(made.sealed.par_cook.minutes)
  end

  it "par-cooks less far over a wetter base, and in a longer soak" do
    done = [50, 150, 250, 350].map { |water_g| plan(base: cooked.call(water_g)).sealed.par_cook.done }
    expect(done).to eq(done.sort.reverse)
    minutes = [0, 30].map do |soak|
      plan(base: cooked.call(150),
           soak: { "minutes" => soak }).sealed.par_cook.minutes
    end
    expect(minutes.first).to be > minutes.last
  end

  it "asks for 60 to 80 % over a wet raw base, and makes it safe before the heat goes off" do
    made = plan(method: "sealed-raw-base", base: chicken.merge("water_g" => 330))
    expect(made.sealed.par_cook.done).to be_between(0.5, 0.8)
    heated_min = made.run.layers.heated_min
    expect(made.run.layers.safe_min).to be < heated_min
    expect(made.run.layers.tender_min).to be <= heated_min
    expect(made.tasks.find { |task| task.kind.key == "check-heat" }.core_c).to eq(74)
  end

  it "never calls a raw base safe that is not, whatever programme is asked for" do
    short = plan(method: "sealed-raw-base", base: chicken.merge("piece_mm" => 90, "shape" => "bone-in"),
                 programme: [{ "heat" => "high", "minutes" => 5 }, { "heat" => "low", "minutes" => 15 }])
    expect([short.comes_out, codes(short)]).to match(["not-safe", include("not-safe", "not-tender")])
    cold = plan(base: cooked.call(200).merge("start_c" => 8), programme: [{ "heat" => "low",
                                                                            "minutes" => 5 }])
    expect(codes(cold)).to include("not-safe")
    pulses = plan(method: "sealed-raw-base", base: chicken.merge("meat" => "pulses"))
    expect(pulses.comes_out).to eq("not-safe")
  end

  it "says where a base in thirds has too little on the floor for its steam, and what helps" do
    thirds = %w[base rice].cycle(3).map { |what| { "what" => what, "share" => 0.333 } }
    given = { method: "sealed-raw-base", rice: { "amount" => 525, "unit" => "g" },
              vessel: { "diameter_mm" => 200, "height_mm" => 160 },
              base: { "g" => 1100, "meat" => "chicken", "meat_g" => 700, "raw" => true, "water_g" => 300 } }
    starved = plan(**given, layers: thirds)
    expect([starved.comes_out, starved.run.starved?]).to eq(["not-safe", true])
    said = starved.warnings.map(&:say).join(" ")
    expect(said).to include("Lay more of the base on the floor")
    expect(said).not_to match(/drain|longer|too much/i)
    expect(starved.sealed.par_cook.closes?).to be(false)
    expect(starved.load.stack.tiers.sum(&:kept_share)).to be_within(1e-9).of(1)
    expect(plan(**given).comes_out).not_to eq("not-safe")
  end

  it "says that raw soaked rice over a dry base cannot close, by how much, and what would" do
    dry = plan(base: cooked.call(0), par_cook: { "done" => 0 })
    expect(dry.comes_out).to eq("cannot-close")
    changes = FondKettle::Methods::SealedChanges.of(dry.request, dry.load, dry.sealed).to_h { |one| [one.key, one.amount] }
    expect(changes).to match("pour" => be > 300, "cook-further" => be_between(0.5, 0.8))
    mended = plan(base: cooked.call(0), par_cook: { "done" => changes["cook-further"] })
    expect(codes(mended)).not_to include("cannot-close")
  end

  it "says how much of a base that drowns the rice has to go, and then it closes" do
    wet = plan(base: cooked.call(800))
    change = FondKettle::Methods::SealedChanges.of(wet.request, wet.load, wet.sealed).find { |one| one.key == "drain" }
    expect([wet.comes_out, change.amount]).to match(["cannot-close", be_between(100, 400)])
    drained = plan(base: cooked.call(800 - change.amount))
    expect(codes(drained)).not_to include("cannot-close")
  end

  it "advises high until the first steam, then low, and never high on clay" do
    advised = plan(base: cooked.call(200).merge("start_c" => 8)).sealed.programme
    expect(advised.map(&:heat)).to eq(%w[high low])
    clay = plan(base: cooked.call(200), vessel: { "material" => "clay" })
    expect(clay.stages.map(&:heat)).not_to include("high")
  end

  it "finds a programme that does not scorch where high would, within a second and a half" do
    thin = { "diameter_mm" => 280, "height_mm" => 140, "material" => "steel", "kg" => 0.9 }
    # Of this process's own: others may be at work beside it.
    began = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
    made = plan(base: cooked.call(60).merge("start_c" => 8), vessel: thin, rice_g: 700)
    expect(Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - began).to be < 1.5
    expect(codes(made)).not_to include("scorches")
  end

  it "par-boils a feast in rounds, so that the boil comes back" do
    feast = plan(rice_g: 2000, base: cooked.call(800), vessel: { "diameter_mm" => 360, "height_mm" => 220 })
    par = feast.sealed.par_cook
    expect([par.rounds, par.boil_back_min]).to match([be > 1, be < par.minutes])
    boil = feast.tasks.find { |task| task.kind.key == "par-boil" }
    expect([boil.say, boil.minutes]).to match([/#{par.rounds} rounds/, be >= par.rounds * par.minutes.floor])
    water = feast.tasks.flat_map(&:amounts).select { |amount| amount.what == "Water" }.sum(&:g)
    expect(water).to be < 8000
  end

  it "tells the layers in words, with what goes in at each" do
    made = plan(base: cooked.call(200),
                layers: [{ "what" => "base", "share" => 0.5 }, { "what" => "rice", "share" => 0.5 },
                         { "what" => "base", "share" => 0.5 }, { "what" => "rice", "share" => 0.5 },
                         { "what" => "fried-onions" }, { "what" => "coloured-milk", "g" => 60 }])
    layer = made.tasks.find { |task| task.kind.key == "layer" }
    expect(layer.say).to match(/half of the base \(550 g\); half of the rice .*75 g fried onions; 60 g col/)
    expect(layer.puts_in).to eq("60 g coloured milk")
    expect(made.tasks.find { |task| task.key == "onions" }.puts_in).to include("75 g fried onions")
    expect(made.run.layers.ends.map(&:what)).to eq(%w[base rice base rice])
    verdicts = FondKettle::Pot::LayerVerdicts.all(made.run, made.load)
    expect(verdicts.uniq - %w[done firm standard soft]).to be_empty
    expect(made.request.allergens).to include("milk")
  end
end
