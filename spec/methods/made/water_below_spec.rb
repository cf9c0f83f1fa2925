# frozen_string_literal: true

require "fond_kettle/methods/made/water_below"

RSpec.describe FondKettle::Methods::WaterBelow do
  def below(g_min: 24.0, minutes: 68.0, openings: [9.0, 19.0, 29.0, 34.0, 43.0, 53.0, 63.0], most_g: 1200.0)
    described_class.new(g_min: g_min, minutes: minutes, openings: openings, most_g: most_g)
  end

  # g left at each whole minute, topped up as it says.
  def levels(water, g_min, minutes)
    (0..minutes.floor).map do |min|
      water.first_g + water.top_ups.select { |one| one.at_min <= min }.sum(&:g) - (g_min * min)
    end
  end

  it "puts in all of it at once where the pot holds it" do
    water = below(most_g: 3000.0)
    expect([water.first_g, water.top_up_min, water.top_ups, water.short_min])
      .to eq([(24 * 68) + 300.0, nil, [], nil])
  end

  it "tops up at the last opening before it is needed, once, with what the pot takes then" do
    water = below
    expect(water.top_up_min).to be_within(1e-9).of(900 / 24.0)
    expect(water.top_ups.map(&:at_min)).to eq([34.0])
    expect(water.first_g + water.top_ups.sum(&:g)).to be_within(1e-9).of(water.needed_g)
    expect(water.short_min).to be_nil
  end

  it "says when it runs short before it is opened" do
    expect(below(openings: [], most_g: 900.0).short_min).to be_within(1e-9).of(25)
    expect(below(openings: [30.0], most_g: 900.0).short_min).to be_within(1e-9).of(25)
    expect(below(openings: [20.0], minutes: 80.0, most_g: 900.0).short_min).to be_within(1e-9).of(45)
  end

  it "never lets it run short in silence, nor fills the pot too full, in 500 random steamers" do
    random = Random.new(15)
    500.times do
      minutes = random.rand(10.0..200.0)
      g_min = random.rand(5.0..60.0)
      most_g = random.rand(400.0..6000.0)
      openings = Array.new(random.rand(0..9)) { random.rand(1.0...minutes) }.sort
      water = below(g_min: g_min, minutes: minutes, openings: openings, most_g: most_g)
      levels = levels(water, g_min, minutes)
      expect(levels.max).to be <= most_g + 1e-6
      lasted = water.short_min ? levels.take(water.short_min.floor + 1) : levels
      expect(lasted.min).to be >= described_class::NEVER_DRY_G - 1e-6 - described_class::LEAST_G
      expect(openings).to include(*water.top_ups.map(&:at_min)) if water.top_ups.any?
    end
  end
end
