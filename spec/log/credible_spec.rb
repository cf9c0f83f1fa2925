# frozen_string_literal: true

RSpec.describe FondKettle::Log::Credible do
  def credible(**found)
    described_class.of(planned_min: 40.0, took_min: 44.0, planned_g: 420.0, poured_g: 440.0, **found)
  end

  it "learns from a cook near its plan, asks of one that went off it, and takes none of half a minute" do
    expect(credible).to eq("yes")
    expect([credible(took_min: 53.0), credible(poured_g: 290.0), credible(poured_g: 550.0)]).to all(eq("ask"))
    expect(credible(took_min: 0.5)).to eq("no")
  end
end
