# frozen_string_literal: true

RSpec.describe FondKettle::Stove::Cook do
  let(:plan) { FondKettle::Formats::PlanJson.call(plan_for(basic_request)) }
  let(:start) { Time.utc(2026, 5, 9, 18, 0) }

  # A task by its place in the plan.
  def event(kind, what, minutes)
    what = plan[:tasks][what][:id] if kind == "task"
    FondKettle::Stove::Event.new(kind: kind, what: what, at: start + (minutes * 60))
  end

  it "stands where the last event put it" do
    cook = described_class.new(plan,
                               [event("task", 0, 0), event("task", 1, 3), event("task", 2, 33),
                                event("task", 1, 34)])
    expect([cook.position, cook.task[:key], cook.following[:key],
            cook.task_ends_at]).to eq([1, "soak", "drain", start + (64 * 60)])
  end

  it "moves the end of the task by as much as the craters came late, five minutes at most, " \
     "and never forward" do
    boil, craters = %w[boil craters].map { |name| plan[:cues].find { |cue| cue[:cue] == name }[:at_min] }
    [1.5, 60, -1].each do |late|
      plain = [event("task", 4, 0), event("task", 5, boil)]
      seen = described_class.new(plan, [*plain, event("seen", "craters", craters + late)])
      expect(seen.task_ends_at -
             described_class.new(plan, plain).task_ends_at).to be_within(0.01).of(late.clamp(0, 5) * 60)
    end
  end

  it "takes going on from the stage that ends at the boil for the boil, and going back for none" do
    boil, craters = %w[boil craters].map { |name| plan[:cues].find { |cue| cue[:cue] == name }[:at_min] }
    on = described_class.new(plan, [event("task", 4, 0), event("task", 5, boil + 2)])
    expect(on.expected.first[:at]).to be_within(0.01).of(start + ((craters + 2) * 60))
    back = described_class.new(plan, [event("task", 4, 0), event("task", 5, 1), event("task", 4, 2)])
    expect(back.on_heat_s(start + 180)).to eq(180)
  end

  it "moves what is expected by as much as the boil was late" do
    events = [event("task", 4, 0), event("seen", "boil", 6), event("task", 5, 6)]
    cook = described_class.new(plan, events)
    craters = plan[:cues].find { |cue| cue[:cue] == "craters" }[:at_min]
    late = 6 - plan[:cues].find { |cue| cue[:cue] == "boil" }[:at_min]
    expect(cook.expected.first[:at]).to be_within(0.01).of(start + ((craters + late) * 60))
  end
end
