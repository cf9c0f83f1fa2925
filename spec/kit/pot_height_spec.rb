# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/pot_height"

RSpec.describe FondKettle::Kit::PotHeight do
  it "guesses about half the width, to 5 mm, within what a pot can be" do
    expect([160, 200, 240].map { |width| described_class.guess_mm(width) }).to eq([85, 105, 125])
    expect((80..600).map { |width| described_class.guess_mm(width) })
      .to all(satisfy { |height| FondKettle::Limits::HEIGHT_MM.cover?(height) })
  end
end
