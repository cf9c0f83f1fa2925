# frozen_string_literal: true

RSpec.describe FondKettle::Kit::Atmosphere do
  it "gives the boiling points of the figures" do
    { 0 => 100.0, 1000 => 96.7, 2000 => 93.4, 3000 => 90.0 }.each do |height, boil_c|
      expect(described_class.boiling_point_c(height)).to be_within(0.12).of(boil_c)
    end
  end
end
