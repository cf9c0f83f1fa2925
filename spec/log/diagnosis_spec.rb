# frozen_string_literal: true

require_relative "../../lib/fond_kettle/log/diagnosis"
require_relative "../support/hidden_kitchen"

RSpec.describe FondKettle::Log::Diagnosis do
  hidden = Support::HiddenKitchen
  nothing = FondKettle::Log::Learned.nothing

  # The diagnosis of a pot by the book, of which so was said and weighed.
  define_method(:of) do |**said|
    request = hidden.request("basmati", 300)
    plan = FondKettle::Methods::Planner.plan(request)
    right = { grain: "right", wetness: "right" }
    cook = FondKettle::Log::SeenCook.planned(plan, hidden::SCOPES).with(**right, **said)
    described_class.new(nothing, cook)
  end

  def unknowns(diagnosis)
    diagnosis.suspects.to_h { |one| [one.unknown, one.off] }
  end

  it "has nothing to say of a pot that came out right" do
    expect([of.suspects, of.tells_apart]).to eq([[], nil])
  end

  it "holds bag, lid and taste for firm rice, and says how to tell" do
    firm = of(grain: "chalky")
    expect(unknowns(firm)).to include(uptake: be > 0.02, taste: be > 0.2)
    expect(firm.suspects.map(&:share)).to eq(firm.suspects.map(&:share).sort.reverse)
    expect(firm.suspects.sum(&:share)).to be < 1
    expect(firm.tells_apart).to be_a(String)
    expect(unknowns(of(grain: "mushy"))).to include(uptake: be < -0.02, taste: be < -0.2)
  end

  it "holds the minutes for a white heart in loose water" do
    early = of(grain: "chalky", wetness: "wet")
    expect(early.suspects.first).to have_attributes(unknown: :minutes, off: be < -0.3, share: be > 0.7)
    expect(early.tells_apart).to include("minutes")
  end

  it "holds the lid for a pot that was weighed" do
    weighed = of(grain: "firm", loss_g: 80.0)
    expect(weighed.suspects.first).to have_attributes(unknown: :lid, off: be > 0.4, share: be > 0.8)
  end
end
