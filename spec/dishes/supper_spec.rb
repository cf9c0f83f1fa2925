# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/capacity"
require_relative "../support/scaled_dishes"

RSpec.describe "An evening" do
  def dish(text, method: "covered-pot", steps: "", rice_g: 320.0)
    lines = FondKettle::Dishes::QuickText.new.read(text).lines
    FondKettle::Dishes::Dish.new(title: "Dish", serves: 4.0, method: method, grain: "basmati", rice_g: rice_g, pan_mm: 240.0,
                                 lines: lines, steps: FondKettle::Dishes::QuickSteps.read(steps), note: "")
  end

  def supper(dish, factor = 1.0, **request)
    asked = request_for(basic_request(method: dish.method, vessel: { "diameter_mm" => 240 }, **request))
    FondKettle::Dishes::Laying.supper(dish, factor, asked)
  end

  def codes(text, **options)
    supper(dish(text, **options)).warnings.map(&:code)
  end

  it "gives the demo dishes in amounts that a cook would accept (spec/fixtures/scaled_dishes.txt)" do
    expect(Support::ScaledDishes.text).to eq(File.read(Support::ScaledDishes::FILE)),
                                          "run `bundle exec rake fixture` and read it again"
  end

  it "says liquid in spoons and glasses that brings every demo dish out right" do
    Support::ScaledDishes.suppers do |supper, house|
      said_g = FondKettle::Measure::Spoken.measured_ml(supper.plan.liquid_g, house)
      verdict = FondKettle::Methods::Trying.run(supper.plan.request, said_g, stages: supper.plan.stages).verdict
      expect(%w[firm standard soft]).to include(verdict), "#{supper.dish.title} for #{supper.servings}: #{verdict}"
      unless supper.plan.load.plenty?
        expect(supper.plan.run.uptake).to be_within(0.01 * supper.plan.load.uptake).of(supper.plan.load.uptake)
      end
    end
  end

  it "does not scale the liquid with the rice" do
    pilaf = dish("3 onions | base | browned\n400 g stock | liquid")
    one, three = [1.0, 3.0].map { |factor| supper(pilaf, factor, vessel: { "diameter_mm" => 300, "height_mm" => 200 }) }
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

  it "warns of what makes no sense, and lets the cook decide" do
    expect(codes("900 g water | liquid")).to include("liquid-as-written")
    expect(codes("3 tbsp salt")).to include("salt-high")
    expect(codes("2 tbsp saffron | base")).to include("much-of-it")
    expect(codes("200 g dried kidney beans | with")).to include("boil-longer")
    %w[finish beside].each { |stage| expect(codes("200 g dried kidney beans | #{stage}")).to include("boil-longer") }
    ["Fry the onions | fry | 40 min", "Keep just below a simmer, do not let them boil | 40 min"].each do |steps|
      expect(codes("200 g red lentils | base", steps: steps)).to include("boil-longer")
    end
    expect(codes("200 g cooked kidney beans | finish\n3 leeks | base")).not_to include("boil-longer")
    expect(codes("2 dragons | base")).to include("not-counted")
    expect(codes("200 g red lentils | base\n2 onions | base",
                 steps: "See to the lentils | simmer | 20 min")).not_to include("boil-longer")
  end

  it "adds salt from all sources, also what is taken up from water poured off" do
    salt = supper(dish("500 g stock | liquid\n1 tbsp soy sauce\n1 tsp salt")).salt
    expect(salt.sources.map(&:first)).to eq(["salt", "stock", "soy sauce"])
    expect(salt.serving_g).to be_within(1e-6).of(salt.sources.sum(&:last) / 4)
    expect(salt.sodium_mg).to be_within(0.5).of(salt.serving_g * 393.4)
    boiled = supper(dish("40 g salt | liquid", method: "boil-and-drain"))
    expect(boiled.salt.total_g).to be_between(40 * 0.1, 40 * 0.3)
  end

  it "never drops a caution: those of what is cooked beside the pot are there too" do
    for_cautions = supper(dish("800 g chicken | beside\n250 g yoghurt | beside")).plan.cautions.keys.map(&:code)
    expect(for_cautions).to include("poultry-and-meat", "allergens", "cooked-rice-cooling")
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

  it "takes a dish's own steps for its base and its end" do
    plan = supper(dish("2 onions | base", method: "oven-pilaf", steps: "Fry 100%{x} | 7 min\nServe | finish | 2 min")).plan
    expect(plan.tasks.map(&:say)).to include("Fry 100% {x}", "Serve").and(satisfy { |says| says.none?(/Soften the onion/) })
    expect([plan.starts.first.before_min, plan.starts.last.before_min]).to eq([plan.total_min, 2])
  end

  it "shops against the cupboard, buys tins whole and begins with what soaks" do
    whole = supper(dish("1 can coconut milk | liquid\n200 g dried beans | base\n2 onions | base\n1 onion | finish"), 0.3)
    list = FondKettle::Dishes::Shopping.new(whole, FondKettle::Measure::House.with(nil),
                                            { "basmati" => 40.0, "onion" => 1000.0 })
    items = list.items.to_h { |item| [item.key, item] }
    expect(items["coconut-milk"].words).to eq("1 can")
    expect(items["basmati"].buy_g).to be_within(1e-6).of(56)
    expect(list.to_buy.map(&:key)).not_to include("onion")
    expect(list.ahead.first.say).to include("soak in plenty of water")
    expect(list.ready.map(&:stage)).to eq(%w[base base liquid finish])
  end

  it "adds up what is needed twice, whatever it was counted in, and takes from the cupboard once" do
    whole = supper(dish("2 onions | base\n1 onion | finish\n200 g onion | finish\n3 dragons\n2 cups dragons\n" \
                        "100 g cooked chickpeas | base\n100 g cooked black beans | base"))
    items = FondKettle::Dishes::Shopping.new(whole, FondKettle::Measure::House.with(nil), { "cooked-pulse" => 150.0 }).items
    onion, dragon, beans, peas = %w[onions dragons beans chickpeas].map { |name| items.find { |item| item.name.end_with?(name) } }
    expect([onion.need_g, onion.weight]).to eq([560.0, "560 g"])
    expect([dragon.words, dragon.need_g]).to eq(["3 and 2 cups", nil])
    expect([beans.buy_g, peas.buy_g].sum).to be_within(1e-9).of(50)
  end

  it "fills a pot and no more" do
    asked = request_for(basic_request(vessel: { "diameter_mm" => 240 }))
    rice_g = FondKettle::Dishes::Capacity.rice_g(asked)
    fits = [rice_g, rice_g * 1.02].map { |grams| FondKettle::Methods::Planner.plan(asked.with(rice_g: grams)).fit.fits? }
    expect(fits).to eq([true, false])
    pilaf = dish("3 onions | base")
    expect(FondKettle::Dishes::Capacity.factor(pilaf, asked) * 320).to be < rice_g
  end

  it "rescales thirty lines in the time it takes to look" do
    lines = (1..30).map { |index| "#{index * 10} g carrot, number #{index} | base" }.join("\n")
    expect(supper(dish(lines), 2.2).lines.map(&:g)).to all(be_positive)
  end
end
