# frozen_string_literal: true

RSpec.describe FondKettle::Stove::Course do
  let(:plan) { plan_for(basic_request(additions: [{ "ingredient" => "carrot", "g" => 400 }])) }
  let(:stored) { FondKettle::Formats::PlanJson.for_the_stove(plan) }
  let(:start) { Time.utc(2026, 5, 9, 18, 0) }
  let(:boil_min) { plan.run.at("boil") }

  def stage_id(index)
    stored[:tasks].find { |task| task[:stage] == index }[:id]
  end

  # A pot that boiled `late` minutes later than planned, with what happened since.
  def course(late: 0, happened: [])
    boiled = start + ((boil_min + late) * 60)
    events = [["task", stage_id(0), start], ["seen", "boil", boiled], ["task", stage_id(1), boiled],
              *happened.map { |kind, what, min| [kind, what, boiled + (min * 60)] }]
    told = events.map { |kind, what, at| FondKettle::Stove::Event.new(kind: kind, what: what, at: at) }
    described_class.new(plan, FondKettle::Stove::Cook.new(stored, told))
  end

  # How it stands ten minutes after the boil.
  def stood(**given)
    stages = course(**given).so_far(start + ((boil_min + 10) * 60))
    FondKettle::Pot::Cooking.run(plan.load, plan.liquid_g, stages, plan.setting)
  end

  it "gives the core what a boil that came sooner took from it, and takes back what a later one gave" do
    sooner, later = [-0.6 * boil_min, 6].map { |late| course(late: late).after_the_boil.values.first || 0.0 }
    expect([sooner, later]).to match([be_between(0.0, 10.0), be_between(-3.0, 0.0)])
    expect(course.after_the_boil).to eq({})
  end

  it "runs with what was poured later, and with how long the lid was off" do
    plain = stood
    expect(stood(happened: [["added", "60", 2]]).free_g).to be > plain.free_g + 20
    expect(stood(happened: [["lifted", "120", 2], ["lifted", "120", 6]]).lost_g).to be > plain.lost_g
  end

  it "runs with the parts of a way out that were done: their water, their lid and their heat" do
    part = { say: "Off", add_g: 40, off_g: 0, minutes: 5, heat: "medium", lid: false, look: true }
    told = [["found", "none third", 4], ["remedy", JSON.generate(part), 4]]
    done = [*told, ["mended", "yes", 5]]
    last = course(happened: done).so_far(start + ((boil_min + 10) * 60)).last
    expect([last.heat, last.lid, last.minutes.round(6), last.add.liquid_g])
      .to eq(["medium", "none", 5.0, 40.0])
    expect(course(happened: told).so_far(start + ((boil_min + 10) * 60)).last.heat).to eq("low")
    lifted = course(happened: [*done, ["lifted", "30", 7]]).so_far(start + ((boil_min + 10) * 60))
    expect([lifted.last.heat, lifted.last.lifted_s]).to eq(["medium", 30.0])
  end

  it "tells the fire by the minute at which it boiled, and nothing of one that was not seen to" do
    fires = [-1, 0, 2].map { |late| course(late: late).shown_high_w }
    expect(fires).to eq(fires.sort.reverse)
    expect(fires[1]).to be_within(60).of(plan.setting.burner.high_w)
    waiting = described_class.new(plan, FondKettle::Stove::Cook.new(stored, []))
    expect(waiting.shown_high_w).to be_nil
  end

  it "takes what was lifted out of the pot out of its run, and puts it back colder" do
    out = [["took-out", "carrot", 1]]
    stages = [[], out, [*out, ["put-back", "carrot", 8]]].map do |happened|
      course(happened: happened).so_far(start + ((boil_min + 12) * 60))
    end
    heats = stages.map { |list| list.filter_map(&:add).map(&:solids_j_k) }
    whole_j_k = 400 * FondKettle::Pot::MOIST_FOOD_J_G_K
    expect(heats).to eq([[], [-whole_j_k], [-whole_j_k, whole_j_k]])
    runs = stages.map { |list| FondKettle::Pot::Cooking.run(plan.load, plan.liquid_g, list, plan.setting) }
    expect(runs.map(&:temp_c)).to all(be_within(1).of(plan.setting.boil_c))
    expect(runs.last.lost_g).to be < runs.first.lost_g
  end
end
