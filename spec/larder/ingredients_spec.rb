# frozen_string_literal: true

RSpec.describe FondKettle::Larder::Ingredients do
  raw = FondKettle::Care::Cautions.raw - ["unknown"]

  it "says of all that is raw how thick its usual pieces are" do
    lacking = described_class.all.values.select { |food| food.care.intersect?(raw) && food.piece_mm.nil? }
    expect(lacking.map(&:key)).to eq([])
  end

  it "knows what else than one by one some things come in, and takes no plain number for a bunch" do
    weights = { %w[garlic head] => 50, %w[garlic clove] => 4, %w[butter stick] => 113,
                %w[parsley bunch] => 30, %w[parsley piece] => nil, %w[spring-onion bunch] => 90,
                %w[onion can] => nil }
    weights.each do |(key, unit), g|
      expect(described_class.fetch(key).piece_of(unit)).to eq(g), "#{key} #{unit}"
    end
  end
end
