# frozen_string_literal: true

require_relative "../support/wrong_pots"

RSpec.describe FondKettle::Log::Remedying do
  # Of some seeds, the pots that went wrong.
  def wrong(method, seeds)
    pots = Support::WrongPots.new(method)
    seeds.map { |seed| pots.pot(seed) }.select(&:wrong)
  end

  it "puts wrong pots right within four asks, and bursts or burns none" do
    found = wrong("covered-pot", 0...12) + wrong("toasted-pilaf", 12...18)
    expect(found.size).to be >= 10
    expect(found.map(&:right)).to all(be(true))
    expect(found.map(&:harmed)).to all(be(false))
  end

  it "has a way for a cooker and for rice in plenty of water" do
    found = wrong("boil-and-drain", 0...10) + wrong("rice-cooker", 0...6)
    expect(found.size).to be >= 5
    expect(found.map(&:right)).to all(be(true))
  end

  it "adds at most a fifth of the rice's weight at once, and a tenth after two parts" do
    request = FondKettle::Formats::RequestReader.new(
      { "method" => "covered-pot", "grain" => "basmati", "rice" => { "amount" => 300, "unit" => "g" },
        "vessel" => { "diameter_mm" => 200, "height_mm" => 110 } }
    ).request
    done = FondKettle::Log::PotAtHand::Done.new(g: 0.0, heat: "low", lid: true, minutes: 1)
    found = [0, 2].map do |before|
      hand = FondKettle::Log::PotAtHand.new(
        FondKettle::Log::Learned.nothing, {}, request, 230.0,
        stage: "low", min: 9, done: [done] * before, stands: "none", bite: "third"
      )
      described_class.new(hand, before).part
    end
    expect(found.first).to have_attributes(add_g: be_between(1, 60), tip_off_g: 0.0, look: true)
    expect(found.last.add_g).to be <= 30
  end
end
