# frozen_string_literal: true

require_relative "../support/suppers"

# figures: Several liquids.
RSpec.describe "Several liquids" do
  include Support::Suppers

  def with(*liquids, **changes)
    basic_request(liquids: liquids.map do |key, grams|
      { "ingredient" => key, "g" => grams }.compact
    end, **changes)
  end

  def pouring(plan)
    plan.tasks.flat_map(&:amounts).to_h { |amount| [amount.what, amount.g] }
  end

  it "share one total with plain water, however it is divided" do
    whole = plan_for(basic_request)
    [0.1, 100, 200, 300].each do |fixed_g|
      plan = plan_for(with(["stock", fixed_g], ["water"]))
      expect(plan.liquid_g + fixed_g).to be_within(0.1).of(whole.liquid_g)
      expect(plan.spread.low_g + fixed_g).to be_within(3).of(whole.spread.low_g)
      expect([plan.verdict,
              plan.fit.fill_before]).to match(["standard", be_within(1e-3).of(whole.fit.fill_before)])
      expect(depth(plan)).to be_within(0.05).of(depth(whole))
    end
  end

  # A broth is poured at its start.
  def poured_g(plan)
    plan.ledger&.start_g || plan.liquid_g
  end

  def depth(plan)
    FondKettle::Pot::Depth.over_rice_mm(plan.liquid_g, plan.load, plan.request.vessel)
  end

  it "are each in the step that pours them, named and measured, once" do
    %w[covered-pot toasted-pilaf broth-under-rice oven-pilaf].each do |method|
      plan = plan_for(with(["stock", 120], ["wine", 50], ["unsalted-stock"], method: method))
      expect(pouring(plan)).to include("Stock" => 120, "Wine" => 50, "Unsalted stock" => poured_g(plan))
      every = /\d+ g unsalted stock \(.*\); 120 g stock \(.*\); 50 g wine/
      expect(plan.tasks.map(&:puts_in).grep(every).size).to eq(1), method
    end
  end

  it "count with their share of water, salt and allergens" do
    water = plan_for(basic_request).liquid_g
    plan = plan_for(with(["coconut-milk", 200], ["water"]))
    expect(plan.liquid_g).to be_within(1).of(water - 140)
    salty = plan_for(with(["soy-sauce", 100], ["stock"]))
    expect([salty.warnings.map(&:code), salty.request.allergens]).to match([include("salt-high"),
                                                                            include("soya", "celery")])
  end

  it "says so where what is fixed is too much already" do
    plan = plan_for(with(["stock", 600], ["water"]))
    expect(plan.warnings.map(&:say))
      .to include(/\A\d+ g of water too much before any is poured: pour so much less/)
    filled = plan.tasks.find { |task| task.kind.key == "fill" }
    expect(filled.puts_in).to match(/\A600 g stock \([^)]*\)\z/)
  end

  it "never puts anything but water in a kettle" do
    kinds = lambda { |*liquids|
      plan_for(with(*liquids, method: "toasted-pilaf", kettle_w: 2000)).tasks.map { |task| task.kind.key }
    }
    expect([kinds.call(["water"]), kinds.call(["stock"]), kinds.call(["stock", 100], ["water"])])
      .to match([include("boil-kettle"), include("heat-liquid"), include("heat-liquid")])
  end

  it "may not leave two of them open, nor be solid" do
    expect { request_for(with(["stock"], ["water"])) }
      .to raise_error(FondKettle::InvalidInput, /liquids.1.g must be given/)
    expect { request_for(with(["leek"])) }
      .to raise_error(FondKettle::InvalidInput, /liquids.0.ingredient must be one of: water, stock/)
  end

  it "are at most a hundred" do
    expect { request_for(with(*([["water", 1]] * 101))) }
      .to raise_error(FondKettle::InvalidInput, /liquids must list between 0 and 100/)
  end

  it "come together in a dish: the water makes up the rest" do
    text = "200 g stock | liquid\n200 g water | liquid\n50 g wine | base\n60 g coconut milk | liquid"
    supper = supper(dish(text))
    amounts = pouring(supper.plan)
    expect(amounts).to include("stock" => 200, "Water" => supper.plan.liquid_g, "wine" => 50,
                               "coconut milk" => 60)
    expect([supper.plan.verdict, supper.plan.tasks.map(&:puts_in).join("; ")])
      .to match(["standard", /\d+ g water \(.*\); 200 g stock \(.*\); 60 g coconut milk \(.*\)/])
  end
end
