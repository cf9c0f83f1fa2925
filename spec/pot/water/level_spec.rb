# frozen_string_literal: true

RSpec.describe "Ways that boil down to the level of the rice" do
  def broth(grams, **changes)
    basic_request(
      method: "broth-under-rice", rice: { "amount" => grams, "unit" => "g" }, texture: -1,
      rinse: { "changes" => 1 }, drain: "quick", soak: { "minutes" => 0 },
      burner: { "source" => "gas", "high_w" => 2032 }, altitude_m: 3010,
      vessel: { "diameter_mm" => 250, "height_mm" => 190, "lid" => "ordinary", "kg" => 1 }
    ).merge(changes.transform_keys(&:to_s))
  end

  it "boil a thin bed no longer than a thick one, and never want more liquid for less rice" do
    lentils = { additions: [{ "ingredient" => "red-lentil", "g" => 80 }] }
    [{}, lentils].each do |changes|
      plans = [60, 72, 120, 400].map { |grams| plan_for(broth(grams, **changes)) }
      expect(plans.map(&:liquid_g).each_cons(2)).to all(satisfy { |less, more| more >= less })
      open_min = plans.map { |plan| plan.run.stage_minutes[1] }
      expect(open_min.max - open_min.min).to be < 0.5
    end
  end

  it "put the lid on with no more over the rice than it lets out" do
    plan = plan_for(broth(72))
    closes_min = plan.run.stage_minutes.take(2).sum
    run = try_with(broth(72), plan.liquid_g).run
    level = run.curve.min_by { |point| (point.min - closes_min).abs }
    uptake = (level.taken_g - plan.load.drink_g) / 72
    over_ml = level.free_g - (72 * plan.load.grain.voids_ml_per_g(uptake))
    expect(over_ml).to be_within(0.5).of(level.lost_g.then { |lost_g| run.lost_g - lost_g })
    expect(over_ml / plan.request.vessel.area_cm2 * 10).to be_between(0, 1)
    expect(run.at("craters")).to be_within(0.01).of(closes_min)
  end

  it "say so where a leaky lid needs what can be seen" do
    brown = basic_request(grain: "brown-short", method: "level",
                          vessel: { "diameter_mm" => 165, "lid" => "loose" })
    cue = plan_for(brown).tasks.find { |task| task.key == "hard-boil" }.cue
    expect(cue).to match(/stands [2-8] mm over the rice; the lid lets that out later/)
    expect(plan_for(basic_request(method: "level")).tasks.find { |task| task.key == "hard-boil" }
                                                   .cue).to include("craters")
  end

  it "settle where an open boil sees to nearly all there is too much of" do
    kitchen = broth(81, grain: "glutinous", texture: 0.4, rinse: { "changes" => 3 }, drain: "long",
                        altitude_m: 2682,
                        soak: { "minutes" => 240, "water_c" => 31 },
                        burner: { "source" => "gas", "high_w" => 2153 },
                        vessel: { "diameter_mm" => 310, "height_mm" => 190, "lid" => "loose", "kg" => 2 })
    plan = plan_for(kitchen)
    expect(plan.run.uptake).to be_within(0.001).of(plan.load.uptake)
  end
end
