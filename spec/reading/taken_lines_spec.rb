# frozen_string_literal: true

RSpec.describe FondKettle::Reading::TakenLines do
  # Names of the lines that each step takes; in brackets what it names again.
  def taken(text, steps)
    lines = FondKettle::Dishes::QuickText.new.read(text).lines
    described_class.of(lines, FondKettle::Reading::BarredSteps.read(steps)).map do |list|
      list.map { |claim| claim.stage ? lines[claim.index].name : "(#{lines[claim.index].name})" }
    end
  end

  it "goes by whole names before single words, and by the first step that names a thing" do
    lines = "2 onions | base\n4 spring onions | base\n2 tbsp oil | base\n1 tsp cumin seeds | base"
    expect(taken(lines,
                 "Brown the onions in oil | fry\nAdd spring onions and cumin | fry\nStir the onions | fry"))
      .to eq([["onions", "oil"], ["(onions)", "spring onions", "cumin seeds"], ["(onions)"]])
  end

  it "takes what it says, each part of a thing at its own time, and liquid only where it boils" do
    lines = "2 onions | half base | half finish\n500 g stock | liquid\n1 bunch mint | finish\n1 tsp salt"
    steps = "Fry it | fry | takes onions\nCook till no stock is left | reduce\n" \
            "Stir mint in | fold | finish\nSimmer in the stock | broth"
    expect(taken(lines, steps)).to eq([["onions"], [], ["mint"], ["stock"]])
    expect(taken("2 onions | base", "Warm it | takes moonstone")).to eq([[]])
  end

  it "is linear: five hundred lines and as many steps take no second" do
    lines = Array.new(250) { |index| "#{index + 1} g onion number #{index}" }.join("\n")
    steps = Array.new(200) { |index| "Fry onion number #{index} #{'and more ' * 50}| fry | 5 min" }.join("\n")
    from = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
    expect(taken(lines, steps).sum(&:size)).to be_positive
    expect(Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - from).to be < 5
  end
end
