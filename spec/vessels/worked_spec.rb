# frozen_string_literal: true

require_relative "../support/vessels"

# docs/families/vessels.md: what is worked by hand there comes out of the code.
RSpec.describe "Food in a vessel, worked by hand" do
  include Support::Vessels

  ours = FondKettle::Vessels
  text = File.read(File.expand_path("../../docs/families/vessels.md", __dir__))
  rows = text.scan(/^\| ([^|]+) \| `([^`]+)` \| ([\d.]+) \|$/)

  it "has a row for each effect" do
    kinds = rows.map { |_, json, _| JSON.parse(json).dig("step", "kind") }.uniq
    expect(rows.size).to be >= 12
    expect(kinds).to match_array(%w[fry simmer reduce soak marinate])
  end

  rows.each do |what, json, figure|
    it "stands: #{what}" do
      data = JSON.parse(json, symbolize_names: true)
      foods = data[:foods].map { |key, grams| food(key.to_s, grams.to_f) }
      contents = ours::Contents.of(foods, **data.slice(:liquid_g, :fat_g).transform_values(&:to_f))
      kind = data[:step].delete(:kind)
      change = contents.after(ours::Step.of(kind, **data[:step]), setting)
      there = change.respond_to?(data[:at]) ? change : change.contents
      found = there.public_send(data[:at])
      expect(found).to be_within(0.06).of(Float(figure))
    end
  end

  it "lifts dark onions out with fat that they carry, and ladles salt off with the liquid it is in" do
    onions = ours::Contents.of([food("onion", 200.0)], fat_g: 90.0)
    dark = onions.after(ours::Step.of("fry", state: "dark-brown"), setting).contents
    lifted = dark.after(ours::Step.of("take-out", foods: [0]), setting)
    expect(lifted.out.fat_g).to be_within(1e-9).of(0.25 * dark.foods.first.mass_g)
    expect([lifted.contents.foods, lifted.contents.fat_g]).to eq([[], 90.0 - lifted.out.fat_g])
    broth = ours::Contents.of([], liquid_g: 1000.0, liquid_salt_g: 8.0)
    ladled = broth.after(ours::Step.of("take-out", g: 250.0), setting)
    expect([ladled.out.liquid_salt_g, ladled.contents.liquid_salt_g]).to eq([2.0, 6.0])
  end

  it "says where a fire can never fry, and counts the cook's minutes for the clock beside a state" do
    weak = setting(pan(diameter_mm: 320.0), high_w: 200.0)
    onions = ours::Contents.of([food("onion", 200.0)])
    step = ours::Step.of("fry", state: "golden", heat: "low")
    expect { onions.after(step, weak) }.to raise_error(FondKettle::NeverHot, /never gets hot enough to fry/)
    change = onions.after(step.with(heat: "medium", minutes: 5.0), setting)
    expect([change.minutes, change.steam_g]).to eq([5.0, 100.0])
  end
end
