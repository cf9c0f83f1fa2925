# frozen_string_literal: true

require_relative "../support/vessels"

# docs/families/vessels.md: cooked weights that handbooks measured.
RSpec.describe "Food in a vessel, against handbooks" do
  include Support::Vessels

  ours = FondKettle::Vessels
  text = File.read(File.expand_path("../../docs/families/vessels.md", __dir__))
  rows = text.scan(/^\| ([^|]+) \| (?:CY|AH 102|SR) \| `([^`]+)` \| ([\d.]+) \|$/)

  it "has ten of them and more" do
    expect(rows.size).to be >= 10
  end

  rows.each do |what, json, figure|
    it "comes within a quarter: #{what}" do
      data = JSON.parse(json, symbolize_names: true)
      foods = data[:foods].map { |key, grams| food(key.to_s, grams.to_f) }
      contents = ours::Contents.of(foods, liquid_g: data.fetch(:liquid_g, 0.0).to_f)
      change = contents.after(ours::Step.of(data[:step].delete(:kind), **data[:step]), setting)
      cooked = change.contents.foods.sum(&:mass_g) / foods.sum(&:raw_g)
      expect(cooked).to be_within(0.25 * Float(figure)).of(Float(figure))
    end
  end
end
