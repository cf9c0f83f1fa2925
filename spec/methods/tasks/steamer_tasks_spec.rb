# frozen_string_literal: true

require "fond_kettle"

RSpec.describe FondKettle::Methods::SteamerTasks do
  def plan(extra = {})
    plan_for({ "grain" => "glutinous", "method" => "steamed-sticky", "steamer" => { "diameter_mm" => 200 },
               "rice" => { "amount" => 1300, "unit" => "g" } }.merge(extra))
  end

  def tasks(extra)
    plan(extra).tasks
  end

  small = { "vessel" => { "diameter_mm" => 180, "height_mm" => 80 } }
  water = ->(task) { task.amounts.select { |amount| amount.what == "Water for the steamer" }.sum(&:g) }

  it "weigh out what goes in at once, and tell the other batches as steps of their own" do
    two = plan
    filled, *next_ones = two.tasks.select { |task| task.id.start_with?("fill.") }
    expect(filled.say).to include("Spread one of 2 equal parts (about 943 g of it) 33 mm thick")
    expect(next_ones.map { |task| [task.kind.key, two.cautions_at(task).map(&:code)] })
      .to eq([["next-batch", %w[dry-steamer steamer-burn]]])
    one = tasks("rice" => { "amount" => 400, "unit" => "g" }).find { |task| task.id == "fill.steam" }
    expect(one.say).to include("Spread the rice ")
  end

  it "top up in exactly the steps where water goes in, with water that boils by then" do
    all = tasks(small)
    topped = all.select { |task| task.say.include?("Top up the water below") }
    expect(topped.map { |task| water.call(task).round }).to eq([925, 187])
    expect(all.sum { |task| water.call(task) }).to be_within(2).of(2469)
    boiled = topped.map { |task| task.slot.after.map(&:task).grep(/below/) }
    expect(all.select { |task| boiled.flatten.include?(task.id) }.map { |task| task.say[/\d+ g/] })
      .to eq(["925 g", "187 g"])
  end

  it "top up as the next batch is laid too, and each task is there once" do
    all = tasks("rice" => { "amount" => 1900, "unit" => "g" }, "steamer" => { "diameter_mm" => 180 },
                "vessel" => { "diameter_mm" => 160, "height_mm" => 110, "material" => "clay" })
    expect(all.map(&:id).tally.values.uniq).to eq([1])
    topped = all.select { |task| water.call(task).positive? }
    expect(topped.map(&:id)).to eq(%w[base.steam.below fill.steam.3])
    expect(topped.last.say).to include("Top up the water below")
  end

  it "boil it on one ring, not on one for each batch" do
    boiled = tasks(small).find { |task| task.say.start_with?("Boil 925 g") }
    expect(boiled.timed_min).to be > 925 * 4.18 * 80 / 1200 / 60
  end

  it "are none where rice is not steamed: parcels of it are still laid over hot water" do
    wrapped = plan(small.merge("method" => "leaf-parcels")).method
    request = request_for("grain" => "glutinous", "method" => "shaped",
                          "rice" => { "amount" => 500, "unit" => "g" })
    method = request.method.with(pieces: wrapped.pieces, after: wrapped.after)
    made = FondKettle::Methods::Planner.plan(request.with(method: method)).tasks
    heated = made.find { |task| task.kind.key == "heat-steamer" }
    expect([water.call(heated), heated.timed_min]).to all(be_positive)
    below = wrapped.last_phase.base.last.with(why: "It is hot")
    odd = method.with(phases: [method.last_phase.with(base: [below])])
    expect(FondKettle::Methods::Planner.plan(request.with(method: odd)).tasks.map(&:kind).map(&:key))
      .to include("heat-steamer")
  end

  it "boil that in the electric kettle where there is one" do
    kettles = tasks(small.merge("kettle_w" => 2200)).select { |task| task.kind.key == "boil-kettle" }
    expect(kettles.map { |task| task.say[/\d+ g/] }).to eq(["925 g", "187 g"])
  end

  it "boil it while the ring is free, and keep it hot, where there is one only" do
    made = FondKettle::Methods::Planner.plan(plan(small).request.with(rings: 1))
    starts = made.placed.starts
    busy = made.tasks.select { |task| task.slot.uses["burner"] }
               .map { |task| [starts.fetch(task.id), starts.fetch(task.id) - task.slot.minutes] }
    expect(busy.sort.each_cons(2)).to all(satisfy { |(began, _), (_, before)| before >= began })
    expect(made.tasks.select { |task| task.say.include?("flask") }.map(&:id))
      .to eq(%w[flask-below.stages.steam.sprinkle-3 flask-below.stages.steam.sprinkle-2.2])
  end

  it "warn of a pot that holds too little until it is opened" do
    low = plan("rice" => { "amount" => 500, "unit" => "g" },
               "vessel" => { "diameter_mm" => 180, "height_mm" => 45 },
               "burner" => { "source" => "induction", "high_w" => 3500 })
    expect(low.warnings.map(&:code)).to include("little-below")
  end

  it "heat the water again under parcels before they go in, and top it up between their rounds" do
    made = plan(small.merge("method" => "leaf-parcels", "from" => "frozen"))
    heated = made.tasks.find { |task| task.id == "after.below-parcels" }
    rounds = made.tasks.select { |task| task.kind.key == "steam-parcels" }
    expect(rounds.map { |task| task.say[/\d+ at a time, the first of \d|Round \d of \d|next \d+/] })
      .to eq(["5 at a time, the first of 6", *(2..6).map { |number| "Round #{number} of 6" }])
    expect(rounds.map(&:timed_min).uniq).to match([be_within(2).of(33)])
    topped = rounds.select { |task| water.call(task).positive? }
    expect([water.call(heated), topped.map(&:say)]).to match([be_positive, [/Top up/, /Top up/]])
    expect(rounds.map { |task| made.cautions_at(task).map(&:code) })
      .to all(include("dry-steamer", "steamer-burn"))
  end

  it "share what a dish puts in on the way between the batches" do
    two = plan
    said = FondKettle::Methods::Lots.new(two.request, two.last)
    expect([said.say("mix", 10), said.say("mix", "boil"), said.say("mix", "rest"), said.say("fill")])
      .to eq(["An equal part with each of 2 batches", "An equal part with each of 2 batches", nil, nil])
  end
end
