# frozen_string_literal: true

RSpec.describe FondKettle::Formats::StoredPlan do
  step = { say: "x", cue: "x", why: "x", minutes: 2.5, hands_on: true, heat: nil, watch: [], cautions: [] }

  # A plan of version 1 with a base step that has the name of a stage.
  let(:old) do
    { steps: %w[rinse onion boil fill boil stir low fluff].map { |key| step.merge(key: key) },
      stages: [{ key: "boil", heat: "high", until: "boil" }, { key: "low", heat: "low", minutes: 12 }],
      balance: { loss_g: 40, taken_g: 7 }, parts: { floor: "soft", top: "firm" }, cues: [] }
  end

  it "brings version 1 forward: ids, kinds, stages, and one name for one thing" do
    plan = described_class.read(described_class.write(old))
    expect(plan[:plan_version]).to eq(described_class::VERSION)
    expect(plan[:tasks].map { |task| [task[:id], task[:kind], task[:stage]] })
      .to eq([["step-0", "rinse", nil], ["step-1", "fry", nil], ["step-2", "own", nil],
              ["step-3", "fill", nil], ["step-4", "boil", 0], ["step-5", "stir", nil], ["step-6", "low", 1],
              ["step-7", "fluff", nil]])
    expect([plan[:balance], plan[:floor_and_top],
            plan.key?(:parts)]).to eq([{ loss_g: 40, drunk_g: 7 }, { floor: "soft", top: "firm" }, false])
  end

  it "starts the clock of an old pot when the heat goes on, whatever a base step is called" do
    events = [["step-2", 0], ["step-3", 17], ["step-4", 18]].map do |id, minutes|
      FondKettle::Stove::Event.new(kind: "task", what: id, at: Time.utc(2026, 5, 9, 18) + (minutes * 60))
    end
    plan = described_class.forward(old)
    expect(FondKettle::Stove::Cook.new(plan, events.take(2)).heat_on_at).to be_nil
    expect(FondKettle::Stove::Cook.new(plan, events).heat_on_at).to eq(Time.utc(2026, 5, 9, 18, 18))
  end

  it "leaves the newest as it is" do
    plan = FondKettle::Formats::PlanJson.call(plan_for(basic_request))
    expect(described_class.read(described_class.write(plan)))
      .to include(plan_version: 2, tasks: have_attributes(size: plan[:tasks].size))
  end

  it "reads what was written once, and nobody can change what others read too" do
    text = described_class.write(FondKettle::Formats::PlanJson.call(plan_for(basic_request)))
    plan = described_class.read(text)
    expect(described_class.read(text.dup)).to be(plan)
    expect([plan, plan[:tasks], plan[:tasks].first, plan[:tasks].first[:say]]).to all(be_frozen)
    expect { described_class.read("{") }.to raise_error(JSON::ParserError)
  end

  it "names what an older plan told by its name alone" do
    plan = { plan_version: 2, tasks: [{ id: "fill", amounts: [{ what: "Water", g: 300 }] }, { id: "rest" }] }
    read = described_class.read(described_class.write(plan))
    expect(read[:tasks].map { |task| task[:amounts] }).to eq([[{ name: "Water", what: "Water", g: 300 }], []])
  end
end
