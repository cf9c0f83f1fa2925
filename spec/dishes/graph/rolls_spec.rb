# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/formats/request/dish_request"
require_relative "../../../lib/fond_kettle/reading/reader"

RSpec.describe "Rolls whose raw rice simmers in a sauce" do
  # The Dishes::Supper of a text for six, with the likeliest answers.
  def supper(text, guests: 6)
    dish = FondKettle::Reading::Reader.new(text).dish
    request = { "dish" => dish, "for" => { "guests" => guests }, "assume" => true,
                "vessel" => { "diameter_mm" => 280, "height_mm" => 220 } }
    FondKettle::Formats::DishRequest.new(request).supper
  end

  def rolls(cooked)
    "Cabbage rolls\nServes 6\n1 cabbage\n500 g minced pork\n150 g rice\n1 l tomato passata\n300 ml " \
      "water\n\n" \
      "Boil the cabbage whole for 10 minutes and peel off the leaves.\nKnead the pork with the raw rice.\n" \
      "Put a fistful on each leaf and roll it up.\nPack in the rolls in a casserole. Pour over the " \
      "passata and " \
      "the water.\n#{cooked}"
  end

  let(:on_ring) { supper(rolls("Cover and cook on low for 2 hours.")) }

  def kinds(supper)
    supper.plan.tasks.map { |task| task.kind.key }
  end

  it "are no parcels of a steamer: washed, mixed, rolled, packed, simmered, in that order" do
    expect(kinds(on_ring)).to include("rinse", "mix", "wrap", "fill", "low")
    expect(kinds(on_ring) & %w[heat-steamer steam steam-parcels]).to eq([])
    starts = on_ring.plan.placed.starts
    minutes = %w[rinse mix wrap fill low].map do |kind|
      starts.fetch(on_ring.plan.tasks.find { |task| task.kind.key == kind }.id)
    end
    expect(minutes).to eq(minutes.sort.reverse)
    expect(on_ring.plan.tasks.find { |task| task.kind.key == "fill" }.say).to start_with("Put in the rolls")
  end

  it "keep their sauce as it is written, at any number, and are measured at 71 °C" do
    [on_ring, supper(rolls("Cover and cook on low for 2 hours."), guests: 9)].each do |one|
      packed = one.plan.tasks.find { |task| task.kind.key == "fill" }.amounts
      sauce_g = packed.select { |amount| amount.told.match?(/passata|water/) }.sum(&:g)
      expect(sauce_g * one.batches).to be_within(30).of(1330 * one.factor)
      expect(one.comes_out).to eq("standard")
      expect(one.warnings.map(&:code)).not_to include("too-much-water", "liquid-as-written", "bed-too-thin")
      expect(one.plan.tasks.filter_map(&:core_c)).to include(71)
    end
  end

  it "are baked where the cook bakes them, their rice washed all the same and toasted in no fat" do
    baked = supper(rolls("Cover and bake at 160 °C for 2 hours."))
    expect(kinds(baked)).to include("rinse", "bake")
    expect(kinds(baked) & %w[toast low]).to eq([])
    expect(baked.plan.tasks.find { |task| task.kind.key == "bake" }.slot.oven_c).to eq(160)
  end

  it "are steamed as parcels are, where the cook steams them" do
    steamed = supper("Parcels\nServes 6\n500 g glutinous rice\n1 packet banana leaf\n\nSoak the rice 4 " \
                     "hours. " \
                     "Wrap it in the leaves. Steam the parcels for 50 minutes.")
    expect(kinds(steamed)).to include("heat-steamer")
  end

  it "are made in one go, and what does not fit is said; nobody soaks their rice or has too little of it" do
    many = supper(rolls("Cover and cook on low for 2 hours. Serve with yoghurt."), guests: 23)
    expect([many.batches, many.plan.request.rounds?]).to eq([1, false])
    expect(many.warnings.map(&:code)).to include("pot-too-small").or include("boils-over")
    expect(kinds(many)).not_to include("soak")
    expect(many.warnings.map(&:code) & %w[portion disagrees not-planned]).to eq([])
  end

  it "are no fish that is wrapped beside rice of its own" do
    fish = supper("Fish rice\nServes 4\n4 salmon fillets, 150 g each\n4 banana leaves\n300 g " \
                  "basmati\n450 ml " \
                  "water\n\nWrap each fillet in a leaf. Rinse the rice, put it in a pot with the water, " \
                  "lay the " \
                  "fish on top, bring to the boil, cover, low 15 minutes. Rest 10 minutes.")
    fills = fish.plan.tasks.select { |task| %w[fill layer].include?(task.kind.key) }
    expect(fills.map(&:say).join).not_to include("rolls")
  end
end
