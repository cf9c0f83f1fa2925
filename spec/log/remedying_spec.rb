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

  it "boils rice in plenty of water on a minute or two at a time, and bursts none" do
    found = wrong("boil-and-drain", 28...46)
    expect(found.size).to be >= 8
    expect(found.map { |pot| [pot.right, pot.harmed] }).to all(eq([true, false]))
  end

  it "steams on what a bite finds hard, and dries what shines" do
    pots = Support::WrongPots.new("steamed-sticky", grain: "glutinous")
    expect([8, 28, 40, 44].map { |seed| pots.pot(seed).right }).to all(be(true))
  end

  # A pot of a way as it was planned, up to its last minute on the heat, found so.
  def found(method, stands, bite, grain: "basmati", water: 1.0, before: 0)
    request = FondKettle::Formats::RequestReader.new(
      { "method" => method, "grain" => grain, "rice" => { "amount" => 300, "unit" => "g" },
        "vessel" => { "diameter_mm" => 200, "height_mm" => 110 } }
    ).request
    pot = FondKettle::Methods::LastPot.of(request)
    plan = FondKettle::Methods::Planner.plan(request)
    so_far = plan.stages.take(plan.stages.rindex { |stage| !stage.off? }.to_i + 1)
    hand = FondKettle::Log::PotAtHand.new(FondKettle::Log::Learned.nothing, {}, pot, plan.liquid_g * water,
                                          so_far: so_far, stands: stands, bite: bite)
    described_class.new(hand, before)
  end

  it "never serves what a bite finds raw, in any way, and says what every cook knows where no model does" do
    FondKettle::Methods::Library.ours.all.each_value do |way|
      part = found(way.key, "none", "half", grain: way.steamed? ? "glutinous" : "basmati").part
      expect([way.key,
              part&.say]).to match([way.key,
                                    /look and bite(?:\.|, and measure what went in raw\.)\z|[Bb]ite again/])
    end
    sealed = found("layered-cooked-rice", "none", "third").part
    expect(sealed.say).to include("Do not stir", "measured again").and end_with("Then look and bite.")
    expect(sealed).to have_attributes(add_g: 30.0, minutes: 8, lid: true, heat: "low")
  end

  it "goes by what the cook sees: no more heat under a lid on tender rice, steam at a hard boil or none" do
    expect(found("covered-pot", "none", "gone").part).to be_nil
    wet = found("covered-pot", "level", "gone", water: 1.15).part
    expect(wet.heat == "off" || wet.lid == false).to be(true)
    steamed = found("steamed-sticky", "film", "third", grain: "glutinous").part
    expect([steamed.heat, steamed.say]).to match(["high", /steam it on|hard boil/])
    spread = found("steamed-sticky", "level", "gone", grain: "glutinous").part
    expect([spread.look, spread.minutes, spread.say]).to match([false, 5, /fan it/])
  end

  it "has rice in plenty of water drained with a pin of white, and boiled on with more" do
    pin = found("boil-and-drain", "over", "pin")
    expect([pin.drain?, pin.part.nil? || pin.part.minutes <= 2]).to eq([true, true])
    third = found("boil-and-drain", "over", "third").part
    expect(third).to have_attributes(heat: "high", lid: false, add_g: 0.0, minutes: be_between(1, 3))
    expect(third.say).to match(/\ALid off, high heat, (1 minute|[23] minutes); then look and bite\.\z/)
  end

  it "adds at most a fifth of the rice's weight at once, and a tenth after two parts" do
    parts = [0, 2].map { |before| found("covered-pot", "none", "third", water: 0.6, before: before).part }
    expect(parts.first).to have_attributes(add_g: be_between(1, 60), tip_off_g: 0.0, look: true)
    expect(parts.last.add_g).to be <= 30
  end
end
