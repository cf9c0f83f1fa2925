# frozen_string_literal: true

RSpec.describe FondKettle::Reading::BarredSteps do
  it "reads minutes, waiting, the cue and the stage, and keeps what it does not know" do
    steps = described_class.read("Soften the leeks | fry | 8 min | until they slump\nRest " \
                                 "| 1 1/2 min | wait | finish | gently")
    softened = { say: "Soften the leeks", stage: "base", kind: "fry", minutes: 8.0, hands_on: true,
                 cue: "they slump", at_min: nil, takes: nil, oven_c: nil, vessel: nil }
    expect(steps.map(&:to_h)).to eq([softened,
                                     { say: "Rest, gently", stage: "finish", kind: "own", minutes: 1.5,
                                       hands_on: false, cue: "", at_min: nil, takes: nil, oven_c: nil,
                                       vessel: nil }])
    expect(described_class.read(described_class.write(steps))).to eq(steps)
  end

  def minutes(text)
    described_class.read(text).map(&:minutes)
  end

  it "reads every usual way to write a time, between bars and in the words" do
    { "Simmer | simmer | 4 h" => 240, "Simmer | 3 hours" => 180, "Soak the beans | overnight" => 480,
      "Simmer | 1 h 30 min" => 90, "Simmer | half an hour" => 30, "Fry | 15-20 minutes" => 17.5,
      "Brown the onions, 15 minutes" => 15, "Simmer the broth for an hour and a half | simmer" => 90,
      "Fry, stirring every 5 minutes, for 20 minutes" => 20, "Fry 5 minutes, add garlic, 1 minute more" => 6,
      "Add the peas after 10 minutes" => 0, "Cook an hour before serving | 20 min" => 20 }.each do |text, min|
      expect(minutes(text)).to eq([min]), text
      steps = described_class.read(text)
      expect(described_class.read(described_class.write(steps))).to eq(steps)
    end
  end

  it "says which time it does not read, and takes none in its place" do
    text = "Simmer | simmer | 4 hrz\nLet it stand for some hours\nFry | 15 min\nCool for hours | 1 h"
    expect(described_class.unread(text)).to contain_exactly(/“4 hrz” is not read/, /some hours” is not read/)
    expect(minutes(text)).to eq([0, 0, 15, 60])
    expect(minutes("Simmer | 4 hrs and a bit")).to eq([240])
  end

  it "takes a word that is a kind for the kind, and a moment where it is said in full" do
    steps = described_class.read("Boil the eggs | boil | 8 min\nSalt the slices | rest | 20 min\n" \
                                 "Add peas | at the boil\nLay it on | while it rests\nSoak it | soak")
    expect(steps.map { |step| [step.kind, step.stage] })
      .to eq([%w[boil base], %w[rest base], %w[own boil], %w[own rest], %w[own soak]])
    expect(described_class.read(described_class.write(steps))).to eq(steps)
  end

  it "knows how hot the oven is for a step in it" do
    steps = described_class.read("Roast the squash at 400 °F | bake | 30 min\nBake it | bake | 200 " \
                                 "°C\nHeat to 180 °C")
    expect(steps.map { |step| step.oven_c&.round }).to eq([204, 200, nil])
    expect(described_class.read(described_class.write(steps)).map(&:oven_c)).to eq(steps.map(&:oven_c))
  end
end
