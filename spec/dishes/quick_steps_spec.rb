# frozen_string_literal: true

RSpec.describe FondKettle::Dishes::QuickSteps do
  it "reads minutes, waiting, the cue and the stage, and keeps what it does not know" do
    steps = described_class.read("Soften the leeks | fry | 8 min | until they slump\nRest " \
                                 "| 1 1/2 min | wait | finish | gently")
    softened = { say: "Soften the leeks", stage: "base", kind: "fry", minutes: 8.0, hands_on: true,
                 cue: "they slump", at_min: nil, takes: nil }
    expect(steps.map(&:to_h)).to eq([softened,
                                     { say: "Rest, gently", stage: "finish", kind: "own", minutes: 1.5,
                                       hands_on: false, cue: "", at_min: nil, takes: nil }])
    expect(described_class.read(described_class.write(steps))).to eq(steps)
  end
end
