# frozen_string_literal: true

require_relative "../support/scaled_dishes"
require_relative "../support/suppers"

RSpec.describe "Every amount in the step where it goes in, once" do
  include Support::Suppers

  # Grams by name over all tasks of a plan, what is poured off in them; nil where one is not known.
  def sums(plan)
    plan.tasks.flat_map(&:amounts).group_by { |amount| amount.what.downcase }
        .transform_values { |amounts| amounts.sum(&:g) if amounts.all?(&:g) }
  end

  # What goes in of each line, but for the liquid that the model answers for: [name, grams, nil where a
  # weight is not known].
  def written(supper)
    supper.lines.reject { |scaled| scaled.line.equal?(supper.dish.main_liquid) }
          .map { |scaled| [scaled.line.name.downcase, scaled.g] }
  end

  # Grams of one pot by name, nil where a weight is not known: of lines, rice and liquid.
  def wanted(supper)
    grams = written(supper).group_by(&:first).transform_values { |same| same.map(&:last) }
                           .transform_values { |all| all.sum / supper.batches if all.all? }
    plan = supper.plan
    main = (plan.request.main_liquid&.name || "Water").downcase
    poured_g = plan.poured_g + grams.fetch(main, 0.0)
    poured = poured_g.zero? ? {} : { main => poured_g }
    grams.merge(plan.request.grain.name.downcase => plan.load.rice_g, **poured)
  end

  def expect_whole(supper, label)
    found = sums(supper.plan)
    asked = supper.warnings.select { |one| one.code == "asked" }.map(&:say).join(" ")
    supper.dish.graph.foods.each { |food| expect(asked.downcase).to include(food.name.downcase[0, 4]) }
    wanted(supper).each do |name, grams|
      expect(found).to have_key(name), "#{label}: #{name} in no step"
      expect(found[name]).to be_within(1e-6).of(grams), "#{label}: #{name}" if grams
    end
  end

  it "of every demo dish at its own number, 1, 7 and 23 people" do
    Support::ScaledDishes.suppers do |supper, _|
      expect_whole(supper, "#{supper.dish.title} x #{supper.factor.round(2)}")
      told = supper.plan.tasks.flat_map(&:amounts).filter_map(&:told)
      supper.lines.each do |scaled|
        next if scaled.line.equal?(supper.dish.main_liquid)

        head = FondKettle::Larder::Names.ours.words(scaled.line.name).last
        expect(told.count { |words| FondKettle::Larder::Names.ours.words(words).include?(head) }).to be >= 1
      end
    end
  end

  it "of dishes drawn at random: any lines, places, shares, steps and ways" do
    random = Random.new(12)
    names = ["onions", "tomatoes", "lamb", "red lentils", "salt", "oil", "cumin", "mint", "yoghurt", "wine",
             "dried mushrooms", "carrots", "stock"]
    places = ["", " | base", " | with", " | finish", " | beside", " | 1/2 base | 1/2 finish", " | liquid",
              " | base | out", " | base | back", " | rest with | 1/4 base"]
    steps = ["Fry onions in oil | fry | 10 min", "Simmer lamb and carrots in the stock | broth | 30 min",
             "Toast the rice | toast | 2 min", "Add mint | at 5 min | mix",
             "Whisk yoghurt | while it soaks | mix",
             "Fold in the mint | fold | finish", "Reduce tomatoes with salt | reduce | 5 min",
             "Lay out lentils | finish | takes red lentils", "Cool it | cool | finish",
             "Heat the stock | heat-liquid"]
    40.times do |round|
      lines = names.sample(random.rand(1..8), random: random)
                   .map { |name| "#{random.rand(5..400)} g #{name}#{places.sample(random: random)}" }
      method = FondKettle::Methods::Library.ours.all.keys.sample(random: random)
      made = dish(lines.join("\n"), steps: steps.sample(random.rand(0..5), random: random).join("\n"),
                                    method: method)
      factor = [0.3, 1.0, 4.7].sample(random: random)
      expect_whole(supper(made, factor, soak: { "minutes" => [0, 30].sample(random: random) },
                                        drain: %w[shaken cooked-in].sample(random: random)),
                   "round #{round}: #{method} #{lines.inspect} #{made.steps.map(&:say)}")
    end
  end

  it "of plain requests in every method, whatever else goes in" do
    FondKettle::Methods::Library.ours.all.each_key do |method|
      food = { "tomato" => 120, "onion" => 90, "salt" => 4, "cumin" => 2, "oil" => 15, "red-lentil" => 40,
               "lamb" => 200 }
      additions = food.map { |key, g| { "ingredient" => key, "g" => g } }
      plan = plan_for(basic_request(method: method, additions: additions))
      found = sums(plan)
      wanted = food.to_h { |key, g| [FondKettle::Larder::Ingredients.fetch(key).name.downcase, g] }
      dressed = FondKettle::Methods::Dressing.provisions(plan.request)
      dressed.each { |one| wanted[one.what.downcase] = wanted.fetch(one.what.downcase, 0) + one.g }
      expect(found).to include(wanted.merge("basmati" => 300.0)), method
    end
  end

  it "is one of each step, none of no minutes, and nothing served before the end" do
    Support::ScaledDishes.suppers do |supper, _|
      tasks = supper.plan.tasks
      expect(tasks.map(&:minutes).min).to be_positive, supper.dish.title
      serving = tasks.index { |task| task.kind.key == "serve" }
      expect([nil, tasks.size - 1]).to include(serving), supper.dish.title
    end
  end
end
