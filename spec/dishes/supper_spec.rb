# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/capacity"
require_relative "../support/scaled_dishes"
require_relative "../support/suppers"

RSpec.describe "An evening" do
  include Support::Suppers

  it "gives the demo dishes in amounts that a cook would accept (spec/fixtures/scaled_dishes.txt)" do
    expect(Support::ScaledDishes.text).to eq(File.read(Support::ScaledDishes::FILE)),
                                          "run `bundle exec rake fixture` and read it again"
  end

  it "says liquid in spoons and glasses that brings every demo dish out right" do
    Support::ScaledDishes.suppers do |supper, house|
      said_g = FondKettle::Measure::Spoken.measured_ml(supper.plan.liquid_g, house)
      verdict = FondKettle::Methods::Trying.run(supper.plan.request, said_g, stages: supper.plan.stages)
                                           .verdict
      expect(%w[firm standard soft]).to include(verdict),
                                        "#{supper.dish.title} for #{supper.servings}: #{verdict}"
      unless supper.plan.load.plenty?
        expect(supper.plan.run.uptake).to be_within(0.01 *
                                                    supper.plan.load.uptake).of(supper.plan.load.uptake)
      end
    end
  end

  it "does not scale the liquid with the rice" do
    pilaf = dish("3 onions | base | browned\n400 g stock | liquid")
    one, three = [1.0,
                  3.0].map do |factor|
      supper(pilaf, factor,
             vessel: { "diameter_mm" => 300, "height_mm" => 200 })
    end
    expect(three.liquid_g).to be < 3 * one.liquid_g
    expect(three.liquid_g).to be > 2.5 * one.liquid_g
  end

  it "counts what the base brings" do
    wet, dry = ["400 g tomatoes | base", "400 g carrots | base"].map { |text| supper(dish(text)).liquid_g }
    expect(dry - wet).to be_within(15).of(400 * 0.85)
  end

  it "goes into equal pots where it does not fit one, each with its own fat" do
    whole = supper(dish("4 tbsp oil | base\n2 onions | base"), 8.0)
    expect(whole.batches).to be > 1
    expect(whole.plan.fit).to be_fits
    expect(whole.rice_g).to be_within(1e-6).of(2560)
    oil = whole.lines.find { |scaled| scaled.line.ingredient.key == "oil" }
    expect(oil.factor).to be_within(1e-9).of(whole.batches)
  end

  it "never drops a caution: those of what is cooked beside the pot are there too" do
    for_cautions =
      supper(dish("800 g chicken | beside\n250 g yoghurt | beside")).plan.cautions.keys.map(&:code)
    expect(for_cautions).to include("poultry", "allergens", "cooked-rice-cooling")
  end

  it "keeps every caution and allergen of a dish, whatever the number and the pots" do
    own = {}
    Support::ScaledDishes.suppers do |supper, _|
      # The small pot is of clay and has one more.
      cautions = supper.plan.cautions.keys.map(&:say).grep_v(/Clay cracks/)
      own[supper.dish.title] ||= [cautions, supper.allergens]
      expect([cautions, supper.allergens]).to eq(own[supper.dish.title]), supper.dish.title
      shown = supper.plan.tasks.flat_map { |task| supper.plan.cautions_at(task) }
      expect(supper.plan.cautions.keys - shown).to eq([])
    end
  end

  it "rescales thirty lines in the time it takes to look" do
    lines = (1..30).map { |index| "#{index * 10} g carrot, number #{index} | base" }.join("\n")
    expect(supper(dish(lines), 2.2).lines.map(&:g)).to all(be_positive)
  end
end
