# frozen_string_literal: true

RSpec.describe FondKettle::Phases::Phase do
  let(:library) { FondKettle::Methods::Library.with(File.expand_path("../fixtures/methods", __dir__)) }
  let(:asked) { basic_request(method: "two-pots") }

  def plan(**changes)
    data = asked.merge(changes.transform_keys(&:to_s))
    FondKettle::Methods::Planner.plan(FondKettle::Formats::RequestReader.new(data, library: library).request)
  end

  it "takes a method of two vessels from its file alone" do
    expect(library.problems).to eq([])
    made = plan
    expect(made.phases.map { |phase| [phase.key, phase.unknown] }).to eq([%w[plenty minutes],
                                                                          %w[finish liquid]])
    expect([made.verdict, made.warnings.map(&:code)]).to eq(["standard", []])
  end

  it "par-boils to the core that was asked for, and hands the rice on as it is" do
    par, last = plan.phases
    # Half a minute's worth goes on after draining.
    expect(par.grain_state.progress).to be_within(0.06).of(0.7)
    expect(last.load.state).to have_attributes(taken_per_g: par.run.uptake, progress: par.run.progress,
                                               kinetics: par.run.kinetics)
    expect(last.load.state.surface_per_g).to be_within(1e-9).of(par.run.free_g / 300)
    expect(last.load.start_c).to be > 90
  end

  it "conserves water from phase to phase, and ends as was wanted" do
    made = plan
    par, last = made.phases
    held = (par.run.uptake * 300) + par.run.free_g + par.run.lost_g + par.run.drained_g
    expect(held).to be_within(1e-3).of(par.liquid_g + par.load.carried_g)
    expect(last.load.carried_g).to be_within(1e-9).of((par.run.uptake * 300) + par.run.free_g)
    expect(made.run.uptake).to be_within(0.01 * 1.5).of(1.5)
    expect(last.run.uptake *
           300).to be_within(0.01).of(last.liquid_g + last.load.carried_g - last.run.lost_g - last.run.free_g)
  end

  it "wants less liquid and less time for rice that is further cooked" do
    changed = library.text("two-pots").sub("done: 0.7", "done: 0.4")
    text = FondKettle::Methods::Library.ours.texts.merge("two-pots.yml" => changed)
    less = FondKettle::Methods::Library.new(text)
    raw = plan_for(asked, less)
    expect(raw.liquid_g).to be > plan.liquid_g
    expect(raw.phases.last.stage_minutes[1]).to be > plan.phases.last.stage_minutes[1]
    expect(raw.phases.first.stage_minutes[1]).to be < plan.phases.first.stage_minutes[1]
  end

  it "has every task once, in order, each with an id of its own, and drops no caution" do
    made = plan
    expect(made.tasks.map(&:id)).to eq(made.tasks.map(&:id).uniq)
    order = made.tasks.map { |task| task.kind.key }
    expect(order.last(8)).to eq(%w[boil par-boil pour-off fill boil low rest fluff])
    expect(made.tasks.flat_map { |task| made.cautions_at(task) }).to include(*made.cautions.keys)
    rice = made.tasks.flat_map(&:amounts).select { |amount| amount.what == "Basmati" }
    expect(rice.map(&:g)).to eq([300.0])
  end

  it "is told in the plan's JSON and can be handed to the clock" do
    answer = JSON.parse(JSON.generate(FondKettle::Formats::PlanJson.call(plan)))
    expect(answer["phases"].map { |phase| phase["key"] }).to eq(%w[plenty finish])
    clock = { "serve_at" => "2026-05-09T19:00", "tasks" => answer["tasks"], "ends" => answer["ends"],
              "resources" => { "cook" => 1, "burner" => 2, "oven" => 1 } }
    placed = FondKettle::Formats::ClockReader.new(clock).answer
    expect(placed[:span_minutes]).to eq(answer["minutes"]["total"])
  end
end
