# frozen_string_literal: true

RSpec.describe FondKettle::Remembered do
  it "answers what was asked before without working it out, and never holds more than it may" do
    asked = []
    doubled = described_class.new(2) { |number| (asked << number).last * 2 }
    expect([1, 1, 2, 1, 3, 3, 1].map { |number| doubled[number] }).to eq([2, 2, 4, 2, 6, 6, 2])
    expect(asked).to eq([1, 2, 3, 1])
  end

  it "takes an answer that comes with its question, and says whether it knows one" do
    kept = described_class.new(2)
    answers = [1, 2].map { |answer| [kept.known?(:x), kept.fetch(:x) { answer }] }
    expect(answers).to eq([[false, 1], [true, 1]])
  end

  # In a process of its own: a bare Hash takes the whole process down with it.
  it "stands many threads, whose questions let others in while they are compared" do
    asking = <<~RUBY
      require #{File.expand_path('../../lib/fond_kettle/ground/remembered', __dir__).dump}
      question = Struct.new(:number) do
        def hash = (Thread.pass; number.hash)
        def eql?(other) = (Thread.pass; number == other.number)
      end
      kept = FondKettle::Remembered.new(12)
      answers = Array.new(4) do
        Thread.new { Array.new(5_000) { |i| kept.fetch(question.new(i * 7 % 20)) { i * 7 % 20 } == i * 7 % 20 } }
      end
      exit answers.flat_map(&:value).all?
    RUBY
    expect(system(RbConfig.ruby, "-e", asking, err: File::NULL)).to be(true)
  end

  it "remembers no failure" do
    tries = 0
    flaky = described_class.new(2) { (tries += 1) == 1 ? raise(FondKettle::Error, "once") : tries }
    expect { flaky[:x] }.to raise_error(FondKettle::Error)
    expect(flaky[:x]).to eq(2)
  end
end
