# frozen_string_literal: true

RSpec.describe FondKettle::Log::Teacher do
  let(:basmati) { FondKettle::Larder::Grains.fetch("basmati") }

  def finished(grain: "right", wetness: "right", poured_g: 386.0)
    outcome = FondKettle::Log::Outcome.new(grain: grain, wetness: wetness, floor: "clean", note: "")
    FondKettle::Log::Finished.new(on: "3 Nov", rice_g: 300.0, poured_g: poured_g, carried_g: 100.4,
                                  loss_g: 36.4, texture: 0.0,
                                  outcome: outcome)
  end

  it "knows nothing before the first cook, and changes nothing after a right one" do
    expect(described_class.lesson([], basmati)).to eq(FondKettle::Belief::NO_LESSON)
    expect(described_class.lesson([finished], basmati).drinks).to be_within(1e-9).of(1.0)
  end

  it "goes half way after one cook, and says so" do
    lesson = described_class.lesson([finished(grain: "firm")], basmati)
    expect(lesson.drinks).to be_within(1e-3).of(1 + (((1.5 / 1.38) - 1) / 2))
    expect(lesson.because).to include("386 g gave firm grain", "4 % more than the book")
  end

  it "learns from what was really poured" do
    expect(described_class.lesson([finished(poured_g: 440.0)], basmati).drinks).to be > 1.05
  end

  it "never goes beyond 12 %" do
    dry = described_class.lesson(Array.new(6) { finished(grain: "chalky", wetness: "dry", poured_g: 600.0) },
                                 basmati)
    wet = described_class.lesson(Array.new(6) { finished(grain: "mushy", wetness: "wet", poured_g: 200.0) },
                                 basmati)
    expect([dry.drinks, wet.drinks]).to eq([1.12, 0.88])
  end

  it "asks for time, not water, where a raw core stood in wet rice" do
    lesson = described_class.lesson([finished(grain: "chalky", wetness: "wet")], basmati)
    expect([lesson.drinks, lesson.extra_min]).to eq([1.0, 2.0])
  end

  it "changes the next plan's water and time" do
    request = request_for(basic_request)
    lesson = FondKettle::Belief::NO_LESSON.then do |book|
      book.with(estimate: book.estimate.taught(1.05, 1), extra_min: 2.0, because: "so")
    end
    plain, taught = [request,
                     request.with(lesson: lesson)].map { |asked| FondKettle::Methods::Planner.plan(asked) }
    expect(taught.liquid_g - plain.liquid_g).to be_within(4).of(0.05 * 450)
    expect(taught.stages[1].minutes).to be > plain.stages[1].minutes + 1.9
  end
end
