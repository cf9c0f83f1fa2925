# frozen_string_literal: true

require_relative "../../../app/dishes/lay_bench"
require_relative "../../../app/forms/plan_form"
require_relative "../../../app/plans/look"
require_relative "../../../lib/fond_kettle/dishes/bench/bench_troubles"
require_relative "../../../lib/fond_kettle/reading/reader"
require_relative "../../support/graphs"
require_relative "../../support/open_kitchen"

RSpec.describe FondKettle::Dishes::Bench do
  include Support::Graphs
  include Support::OpenKitchen

  told = <<~DISH
    Thyme lamb pot
    For 6

    700 g lamb shoulder, in cubes
    150 g yoghurt
    3 onions, sliced
    60 g ghee
    1.2 litres water
    1 tbsp salt
    420 g basmati
    50 g almonds

    Stir the lamb with the yoghurt in a bowl and leave it for 1 hour.
    Fry the onions in the ghee in a wide pan until dark brown, 25 minutes. Lift out half onto a plate.
    Put the lamb to the onions in the pan and fry it for 8 minutes.
    Put the lamb in a heavy pot with the water and the salt and simmer for 40 minutes.
    Spread the rice over it, bring it to the boil, cover and cook on low for 18 minutes.
    Strew with the onions.
  DISH
  let(:read) { FondKettle::Reading::Reader.new(told).dish }

  def lay(dish)
    FondKettle::App::LayBench.new(household).of_told(dish)
  end

  def after(bench, words)
    id = bench.dish.steps.find { |step| step.say.match?(words) }.id
    bench.steps.find { |step| step.id == id }.after
  end

  def weight_g(contents)
    contents.values.sum(&:mass_g)
  end

  it "stands in the vessels of the house, each with what is in it after every step" do
    bench = lay(read)
    bowl = "bowl"
    pan = "wide-pan"
    expect(after(bench, /leave it/)[bowl].mass_g).to be_within(5).of(850)
    fried = after(bench, /Fry the onions/)[pan]
    expect(fried.foods.map(&:state)).to include("dark-brown")
    expect(after(bench, /Lift out half/)[pan].foods.sum(&:mass_g))
      .to be_within(1).of(fried.foods.sum(&:mass_g) / 2)
    expect(after(bench, /Put the lamb to/)[bowl].mass_g).to eq(0)
    rice = after(bench, /low/).fetch("heavy-pot").foods.find { |food| food.ingredient.key == "basmati" }
    # This bag drinks 3 % more than the book, as its cooks have taught.
    expect(rice.mass_g).to be_within(20).of(420 * 2.58)
  end

  it "has the liquid that the plan of the evening has, for all pots" do
    record = household.dishes.all.find { |one| one[:title].start_with?("Carrots") }
    form = FondKettle::Forms::PlanForm.new({ "dish" => record[:id].to_s, "guests" => "9" }, household)
    supper = FondKettle::App::LookAtPlan.new(form, household.kitchen).supper
    plan = supper.plan
    bench = FondKettle::App::LayBench.new(household)
                                     .of_request(supper.dish, supper.factor, plan.request, plan: plan)
    expect(bench.grams_of(supper.dish.main_liquid.written)).to be_within(0.01).of(supper.liquid_g)
    expect(bench.grams_of(bench.dish.rice_line)).to be_within(0.01).of(supper.rice_g)
    steps = bench.steps.select { |step| step.after.fetch("pot").liquid_g.positive? }
    expect(bench.in_one("pot", steps.first.after.fetch("pot")).mass_g)
      .to be_within(0.01).of(steps.first.after.fetch("pot").mass_g / supper.batches)
  end

  it "agrees with what the plan has in each vessel after every step that is worked before the rice" do
    dishes = household.dishes.all.reject { |record| household.dishes.side?(record) }
    compared = dishes.flat_map do |record|
      form = FondKettle::Forms::PlanForm.in_own_amount(record, household)
      bench = FondKettle::App::LayBench.new(household).of_request(form.dish, 1.0, form.request)
      ids = form.request.made_in.steps.to_h { |place| [place.key, place.id] }
      rows = FondKettle::Methods::RiceVessel.of(form.request).rows
      worked = rows.select { |row| row.does && ids[row.step.key] }
      found = worked.map do |row|
        [row, bench.steps.find { |step| step.id == ids[row.step.key] }.after.fetch(row.step.vessel)]
      end
      # The plan reckons its own liquid apart.
      found.reject { |_, there| there.foods.map(&:line).include?(form.dish.main_liquid&.written) }
    end
    compared.each do |row, there|
      expect([there.water_g, there.total_fat_g])
        .to match([be_within(2).of(row.contents.water_g), be_within(2).of(row.contents.total_fat_g)])
    end
    expect(compared.size).to be >= 15
  end

  it "loses nothing but steam and what is taken out of the dish, for any graph" do
    random = Random.new(34)
    60.times do
      data = random_request(random)["dish"]
      bench = lay(data)
      grams = bench.dish.lines.sum { |line| bench.grams_of(line.id).to_f }
      expect(weight_g(bench.at_last)).to be <= grams + bench.rice.liquid_g.to_f + bench.rice.plenty_g + 1
      cold = bench.steps.take_while { |step| %w[mix cut].include?(kind(bench, step)) }
      taken = cold.map(&:id).flat_map { |id| bench.dish.steps.find { |step| step.id == id }.takes }
      in_g = taken.sum { |take| bench.grams_of(take.line) * take.share }
      expect(weight_g(cold.last.after)).to be_within(0.01).of(in_g) if cold.any?
    end
  end

  def kind(bench, step)
    bench.dish.steps.find { |one| one.id == step.id }&.kind
  end

  describe FondKettle::Dishes::BenchTroubles do
    def troubles(dish, eaters: [])
      described_class.new(lay(dish), eaters: eaters).all
    end

    def with_step(dish, words, **changes)
      dish.merge("steps" => dish["steps"].map do |step|
        step["say"].match?(words) ? step.merge(changes.transform_keys(&:to_s)) : step
      end)
    end

    def lay(dish)
      FondKettle::App::LayBench.new(household).of_told(dish)
    end

    it "says at its step what will not brown in the time" do
      short = with_step(read, /Fry the onions/, minutes: 4.0)
      found = troubles(short).select(&:step)
      expect(found.map(&:say)).to include(match(/\ADark brown takes about \d+ min here; you say 4/))
      long = troubles(with_step(read, /Fry the onions/, minutes: 60.0))
      expect(long.map(&:say).grep(/takes about/)).to eq([])
    end

    it "says where two pans pay" do
      unsaid = with_step(read, /Fry the onions/, minutes: nil)
      many = unsaid["lines"].map { |line| line["food"] == "onions" ? line.merge("g" => 1500.0) : line }
      expect(troubles(unsaid.merge("lines" => many)).map(&:say))
        .to include(match(/\ADark brown takes about \d+ min here\. In two pans at once: about \d+ min\.\z/))
    end

    it "says what stays raw, what is too full, and whom it concerns" do
      idle = read["steps"].reject { |step| step["kind"] =~ /fry|simmer|boil|low/ }
      expect(troubles(read.merge("steps" => idle)).map(&:say)).to include("The lamb shoulder stays raw: " \
                                                                          "no step heats it.")
      large = read.merge("lines" => read["lines"].map { |line| line.merge("g" => line["g"].to_f * 12) })
      expect(troubles(large).map(&:say)).to include(/\AToo full: about \d+\.\d L, and it holds/)
      eaters = household.shelves.eaters
      avoids = eaters.first.with(name: "Ana", avoids: ["milk"])
      expect(troubles(read, eaters: [avoids]).map(&:say)).to include("Ana avoids milk: it is in this.")
    end

    it "lays a dish too that does not hold together, and says why" do
      first, *others = read["steps"]
      circle = read.merge("steps" => [first.merge("after" => [others.last["id"]]), *others])
      said = troubles(circle).first.say
      expect(said).to match(/\AThe steps go round in a circle/)
    end
  end
end
