# frozen_string_literal: true

require_relative "../../support/graphs"

RSpec.describe FondKettle::Formats::DishRequest do
  include Support::Graphs

  # Fields and messages of what is wrong with a request.
  def faults(request)
    laid(request)
    []
  rescue FondKettle::InvalidInput => e
    e.problems.map { |one| [one[:field], one[:message]] }
  end

  def changed(name)
    graph_request(name).tap { |request| yield request.fetch("dish") }
  end

  describe "goat under saffron rice, for nine" do
    let(:found) { answer(graph_request("goat")) }

    it "gives each vessel a pot of the house of its kind, with what is in it at its end" do
      pots = found[:vessels].to_h { |one| [one[:key], one[:pot]] }
      expect(pots).to eq("pot" => "pot", "pan" => "Wide pan", "bowl" => "Big bowl", "jug" => "a jug")
      pan = found[:vessels].find { |one| one[:key] == "pan" }
      # 750 g of onion, dark: 0.68 of it gone; the ghee stays.
      expect(pan[:at_end]).to include(g: 330.0, fat_g: 90.0, free_g: 0.0)
      expect([found[:rice][:g], found[:servings]]).to eq([675.0, 9.0])
    end

    it "says at each task in which vessel it is, and keeps the order of what is made of what" do
      tasks = found[:tasks].select { |task| task[:step] }
      expect(tasks.to_h { |task| [task[:step], task[:vessel]] })
        .to eq("s1" => "bowl", "s2" => "pan", "s3" => "jug", "s4" => "pot", "s5" => "pot")
      ends = tasks.to_h { |task| [task[:step], found[:starts][task[:id]] - task[:minutes]] }
      starts = tasks.to_h { |task| [task[:step], found[:starts][task[:id]]] }
      expect(ends.values_at("s1", "s2", "s3")).to all(be >= starts["s4"])
      expect(tasks.map do |task|
        task[:say]
      end).to include("In the wide pan: brown the sliced onions in the ghee")
    end

    it "says how much a vessel gives where a part of it is poured in, and the cautions of each vessel" do
      laid = found[:tasks].find { |task| task[:step] == "s4" }
      # Half of 750 g of onions browned to 0.32 of it, with half of their 90 g of ghee.
      expect(laid[:puts_in]).to eq("165 g from the wide pan")
      fried = found[:tasks].find { |task| task[:step] == "s2" }
      expect(fried[:cautions]).to include("hot-fat")
      expect(fried[:cautions]).not_to include("raw-apart")
    end

    it "counts what is reckoned, and the salt of all vessels" do
      expect(found[:step_minutes]["s2"]).to be_between(45, 60)
      expect(found[:salt][:g]).to be_within(0.5).of(18 + (0.0015 * 375) + (0.002 * 1350) + (0.001 * 90))
      expect(found[:warnings].map { |one| one[:code] }).to include("minutes-and-state")
    end
  end

  it "knows a way of the cook's own for what it is: one that bakes heats its oven once" do
    root = File.expand_path("../../..", __dir__)
    text = File.read(File.join(root, "spec/fixtures/texts/baked.txt"))
    dish = FondKettle::Reading::Reader.new(text).dish.merge("method" => "aunt-oven")
    Dir.mktmpdir do |folder|
      own = File.read(File.join(root, "data/methods/oven-pilaf.yml")).sub(/^key: .*/, "key: aunt-oven")
      File.write(File.join(folder, "aunt-oven.yml"), own)
      library = FondKettle::Methods::Library.with(folder)
      laid = described_class.new({ "dish" => dish, "assume" => true }, library: library)
      tasks = FondKettle::Formats::SupperJson.new(laid).call[:tasks]
      expect(tasks.count { |task| task[:say].match?(/heat the oven/i) }).to eq(1)
    end
  end

  it "says, with the plan's own times, what is used before it is there" do
    early = ->(found) { found[:warnings].select { |one| one[:code] == "used-before-made" } }
    expect(early.call(answer(graph_request("mixed")))).to eq([])
    late = changed("mixed") { |dish| dish["steps"].first["rice"] = "after" }
    found = answer(late)
    soaked, used = %w[s1 s3].map { |id| found[:tasks].find { |task| task[:step] == id } }
    there_min = found[:starts][soaked[:id]] - soaked[:minutes]
    expect(early.call(found).map { |one| one[:say] })
      .to contain_exactly(start_with("What is in the jug is used #{found[:starts][used[:id]]} min before " \
                                     "serving and is there only #{there_min} min before"))
  end

  it "pours what is poured by weight for as many as eat, and parts it among the pots" do
    text = File.read(File.expand_path("../../fixtures/texts/moist.txt", __dir__))
    dish = FondKettle::Reading::Reader.new(text).dish
    poured = [3, 6, 12].map do |guests|
      found = answer("dish" => dish, "assume" => true, "for" => { "guests" => guests })
      found[:batches] * found[:tasks].filter_map { |task|
        task[:puts_in].to_s[/(\d+) g from the pot/, 1]
      }.sum(&:to_i)
    end
    # 150 ml of it for six.
    expect(poured).to match([be_within(2).of(75), be_within(2).of(150), be_within(3).of(300)])
  end

  it "washes and soaks rice once where it soaks in the water of its beans, the first thrown away" do
    text = File.read(File.expand_path("../../fixtures/texts/red-beans.txt", __dir__))
    dish = FondKettle::Reading::Reader.new(text).dish
    found = answer("dish" => dish, "assume" => true, "for" => { "guests" => 9 })
    wet = found[:tasks].select { |task| %w[rinse soak].include?(task[:kind]) }
    expect(wet.map { |task| [task[:kind], task[:minutes]] }).to eq([["rinse", 1.0], ["soak", 480.0]])
    expect([wet.first[:puts_in], wet.first[:cautions]]).to match([/884 g glutinous/, include("arsenic")])
    laid = found[:tasks].find { |task| task[:id].start_with?("fill") }
    expect(laid[:puts_in]).to include("all that is in the bowl")
    # A seventh of the rice's weight in beans, and twice that in what they drank: no litres of water.
    expect(found[:vessels].find { |one| one[:key] == "bowl" }[:at_end][:g]).to be_between(350, 500)
  end

  it "measures raw meat that was made ready in a bowl once the rice's pot has cooked it, and not before" do
    text = File.read(File.expand_path("../../fixtures/texts/boxes.txt", __dir__))
    dish = FondKettle::Reading::Reader.new(text).dish
    found = answer("dish" => dish, "assume" => true, "for" => { "guests" => 9 })
    checks, low, out = %w[check-heat low take-out].map do |kind|
      found[:tasks].select { |task| task[:kind] == kind }.map { |task| found[:starts][task[:id]] }
    end
    expect(checks.size).to eq(1)
    # Minutes before serving: after it has cooked, and before it is taken out.
    expect(checks.first).to be_between(out.max, low.min)
  end

  it "tells what a side pan makes once for all pots, and parts it among them" do
    text = File.read(File.expand_path("../../fixtures/texts/beans.txt", __dir__))
    dish = FondKettle::Reading::Reader.new(text).dish
    found = answer("dish" => dish, "assume" => true, "for" => { "guests" => 9 })
    expect(found[:batches]).to eq(2)
    fry = found[:tasks].find { |task| task[:say].include?("brown the mince") }
    expect(fry[:puts_in]).to start_with("For both pots: 600 g beef mince")
    expect(found[:tasks].find { |task| task[:kind] == "layer" }[:puts_in])
      .to eq("In each pot: half of all that is in the frying pan")
  end

  it "boils beans for the last minutes, and lays the rest of what was parted, by the cook's words" do
    text = File.read(File.expand_path("../../fixtures/texts/egg-layers.txt", __dir__))
    dish = FondKettle::Reading::Reader.new(text).dish
    found = answer("dish" => dish, "assume" => true, "for" => { "guests" => 9 },
                   "vessel" => { "diameter_mm" => 280, "height_mm" => 160 })
    task = ->(kind) { found[:tasks].find { |one| one[:kind] == kind } }
    expect(task.call("par-boil")[:puts_in]).to eq("450 g green beans, cut short, for the last 2 min")
    expect(task.call("heat-liquid")[:puts_in]).not_to include("beans")
    expect(task.call("layer")[:say].scan(/: .*? \(|; .*? \(/))
      .to eq([": the chicken thighs and half of the onions (", "; all of the rice (",
              "; the eggs and the rest of the onions ("])
    expect(task.call("layer")[:puts_in])
      .to eq("all that is in the bowl; all that is on the plate; all that is on the board")
    # Sealed, it gets its five minutes on high.
    expect(found[:sealed][:programme].map { |one| one[:heat] }).to eq(%w[high low])
    # What is boiled before it is peeled is no raw food in the pot.
    expect(found[:warnings].map { |one| one[:code] }).not_to include("two-raw-meats")
    starts = %w[simmer cool].map { |kind| found[:starts][task.call(kind)[:id]] }
    peeled = found[:tasks].find { |one| one[:say].include?("peel") }
    expect(starts).to all(be > found[:starts][peeled[:id]])
  end

  it "looks at a boiled egg when it is cut, and at nothing raw in the pot that it has left" do
    list = "4 people\n300 g basmati\n3 eggs\n1 onion\n2 tbsp oil\n500 ml stock"
    told = "Boil the eggs 10 minutes, peel, quarter. Fry the onion in the oil, 6 minutes. Stir in the " \
           "rice, pour on the stock, bring to the boil, lid on, low for 15 minutes. Rest 5. Eggs on top."
    dish = FondKettle::Reading::Reader.new("Egg rice\n\n#{list}\n\n#{told}").dish
    found = answer("dish" => dish, "assume" => true, "for" => { "guests" => 7 })
    checks = found[:tasks].select { |task| task[:kind] == "check-heat" }
    expect(checks.map { |task| task[:say] }).to contain_exactly(start_with("Look at the egg"))
    cut = found[:tasks].find { |task| task[:kind] == "cut" }
    expect(checks.first[:after].map { |one| one[:task] }).to eq([cut[:id]])
  end

  it "fills parcels with what lies in its pan, and reckons a side pan by all pots" do
    text = File.read(File.expand_path("../../fixtures/texts/parcels.txt", __dir__))
    dish = FondKettle::Reading::Reader.new(text).dish
    found = answer("dish" => dish, "assume" => true, "for" => { "guests" => 7 })
    expect(found[:tasks].find { |task| task[:kind] == "wrap" }[:puts_in])
      .to eq("all that is in the soaking bowl; all that is in the wok")
    goat = graph_request("goat")
    small = goat.merge("vessel" => { "diameter_mm" => 200, "height_mm" => 90 })
    minutes = [goat, small].map { |one| answer(one) }.map { |one| [one[:batches], one[:step_minutes]["s2"]] }
    expect(minutes.last.first).to be > minutes.first.first
    expect(minutes.last.last).to be_within(1).of(minutes.first.last)
  end

  it "turns rice in the fat that meat has left, and says how much where there is none" do
    toast = lambda do |meat|
      text = "Leek rice for 2\n\n200 g long grain rice\n#{meat}\n2 leeks\n400 ml stock\n\n" \
             "Fry the #{meat[/[a-z]+\z/]} 6 minutes and lift it out. Fry the leeks 5 minutes. Stir in " \
             "the rice, then the stock. Bring to the boil, lid on, low 15 minutes."
      found = answer("dish" => FondKettle::Reading::Reader.new(text).dish, "assume" => true)
      found[:tasks].find { |task| task[:say].include?("Toast the rice") }[:say]
    end
    expect(toast.call("200 g sausage")).to end_with("in the fat")
    expect(toast.call("200 g mushrooms")).to include("in 1 tbsp of oil or butter")
  end

  it "keeps the order of steps beside the rice, and lets what has nothing of it go on while it rests" do
    text = File.read(File.expand_path("../../fixtures/texts/triangles.txt", __dir__))
    dish = FondKettle::Reading::Reader.new(text).dish.merge("method" => "covered-pot")
    found = answer("dish" => dish, "assume" => true)
    by_words = lambda do |words|
      task = found[:tasks].find { |one| one[:say].match?(words) }
      found[:starts][task[:id]].then { |start| [start, start - task[:minutes]] }
    end
    rub, bake, measure, flake, toast, mix = [/rub the/, /bake it/, /Measure/, /flake/i, /Toast/, /Mix the/]
                                            .map(&by_words)
    [[rub, bake], [bake, measure], [measure, flake], [flake, mix], [toast, mix]].each do |first, second|
      expect(second.first).to be <= first.last
    end
    # The sesame is toasted while the fish is in the oven, not after it was flaked.
    expect(toast.first).to be > flake.first
  end

  it "lays what rests on the rice before it rests, and measures raw food after that" do
    laid = ["Lay the prawns on top, lid, off, 8 min.", "Put the prawns on top, cover and rest 8 minutes.",
            "Take it off the heat. Lay the prawns on top, put the lid back on and leave it for 8 minutes."]
    planned = lambda do |foods, says|
      text = "Rice for 4\n300 g basmati\n450 ml water\n#{foods}\n\n" \
             "Boil the rice in the water, cover, 12 min on low.\n#{says}\nServe."
      answer("dish" => FondKettle::Reading::Reader.new(text).dish, "assume" => true)
    end
    plain_g = planned["1 tsp salt", "Rest 8 minutes."][:liquid][:g]
    laid.each do |says|
      found = planned["200 g prawns", says]
      expect(found[:tasks].map { |task| task[:kind] }.last(5)).to eq(%w[low lay-in rest check-heat serve])
      # The rice has its water by then.
      expect(found[:liquid][:g]).to be_within(15).of(plain_g)
    end
  end

  it "cooks rice in a broth of its own, and says what is left of it" do
    found = answer(graph_request("fish-broth"))
    left = found[:warnings].find { |one| one[:code] == "broth-left" }[:say]
    made, goes, rest = left.scan(/\d+/).map(&:to_i)
    expect([goes, made - goes]).to eq([found[:liquid][:g].round, rest])
    big = found[:vessels].find { |one| one[:key] == "big" }[:at_end]
    expect(big[:free_g].round).to eq(made)
    short = changed("fish-broth") { |dish| dish["lines"][1]["g"] = 100 }
    expect(answer(short)[:warnings].map { |one| one[:code] }).to include("broth-short")
  end

  it "counts liquor of vegetables and water of a soak in the rice's, and takes the cook's minutes" do
    found = answer(graph_request("mixed"))
    dry = answer(changed("mixed") { |dish| dish["steps"][3]["from"] = [{ "vessel" => "pan" }] })
    expect(dry[:liquid][:g] - found[:liquid][:g]).to be_within(3).of(133)
    low, rest = %w[low rest].map { |kind| found[:tasks].find { |task| task[:kind] == kind }[:minutes] }
    expect([low, rest]).to eq([13, 12])
  end

  it "is for guests, people or so much rice, and as written otherwise" do
    { { "guests" => 3 } => 225.0, { "rice" => { "amount" => 0.5, "unit" => "kg" } } => 500.0, nil => 450.0,
      { "people" => [{}, { "age" => "five-to-ten" }] } => 120.0 }.each do |wanted, rice_g|
      request = graph_request("goat").merge("for" => wanted).compact
      expect([wanted, answer(request)[:rice][:g]]).to eq([wanted, rice_g])
    end
    expect(faults(graph_request("goat").merge("for" => { "guests" => 0 })).first.first).to eq("for.guests")
  end

  it "asks before it plans where nobody says where something goes, unless the likeliest is wanted" do
    open = changed("goat") { |dish| dish["lines"] << { "id" => "l9", "food" => "mint", "g" => 20 } }
    expect(faults(open)).to eq([["dish.lines", "Where does the mint go in?"]])
    expect(answer(open.merge("assume" => true))[:unplaced]).to eq(["mint"])
    idle = changed("goat") { |dish| dish["steps"][3]["from"].pop }
    expect(faults(idle)).to eq([["dish.vessels", "Where does what is in the jug go?"]])
    asked = changed("goat") { |dish| dish["asked"] = [{ "of" => "s2", "question" => "Which onions?" }] }
    expect(faults(asked)).to eq([["dish.s2", "Which onions?"]])
    guessed = changed("goat") do |dish|
      dish["asked"] = [{ "of" => "s2", "question" => "?", "guess" => "l3" }]
    end
    expect(faults(guessed)).to eq([])
  end

  it "refuses in words a graph that does not hold together" do
    { ->(dish) { dish["steps"][1]["takes"] << { "line" => "l1", "share" => 0.5 } } =>
        ["dish.lines", "goat: 1.5 times of it goes in, not once"],
      ->(dish) { dish["steps"][1]["takes"] << { "line" => "l77" } } =>
        ["dish.steps.1.takes", /\Al77 is not a line of the dish: l1, l2/],
      ->(dish) { dish["steps"][0]["after"] = ["s5"] } =>
        ["dish.steps", /\Ago round in a circle/],
      ->(dish) { dish["steps"][4]["from"] = [{ "vessel" => "board" }] } =>
        ["dish.steps.4.from", /\Aboard is not a vessel/],
      lambda { |dish|
        dish["steps"][1]["kind"] = "flambe"
      } => ["dish.steps.1.kind", /\Amust be one of: rinse, soak/],
      ->(dish) { dish["steps"][1]["minutes"] = "long" } =>
        ["dish.steps.1.minutes", "must be of type number or null"],
      ->(dish) { dish["steps"][1]["colour"] = "red" } => ["dish.steps.1.colour", "is not known here"],
      ->(dish) { dish["grain"] = "teff" } => ["dish.grain", /\Amust be one of: basmati/],
      lambda { |dish|
        dish["lines"][0]["ingredient"] = "unicorn"
      } => ["dish.lines.0.ingredient", /\Amust be one of/],
      ->(dish) { dish["way"] = { "mood" => "good" } } => ["dish.way.mood", /\Amust be one of: rinse/],
      lambda { |dish|
        dish["steps"][3]["to"] = "garden"
      } => ["dish.steps.3.to", /\Agarden is not a vessel or a place/],
      ->(dish) { dish.delete("rice_g") } => ["dish", /must have rice_g/] }.each do |change, (field, message)|
      found = faults(changed("goat", &change))
      expect(found.first).to match([field, message])
    end
    expect(faults("dish" => "rice").first.first).to eq("dish")
    twice = graph_request("goat").merge("grain" => "basmati")
    expect(faults(twice)).to eq([["grain", "must be left out: the dish has it"]])
    expect(faults(graph_request("goat").merge("kit" => 3)).first).to eq(["kit", "must be a list"])
  end

  # Sums, orders and safety of dishes at random.
  it "plans any graph: each line in its vessel once in all, nothing before what it is made of" do
    random = Random.new(32)
    200.times do
      request = random_request(random)
      plan = answer(request)
      expect(amounts(plan)).to match(wanted(request, plan)), JSON.generate(request)
      expect(late(request, plan)).to eq([]), JSON.generate(request)
      raw = request["dish"]["lines"].any? { |line| line["ingredient"] == "chicken" }
      expect(plan[:cautions].map { |one| one[:code] }).to include("poultry") if raw
    end
  end

  # g of each food that goes in at all tasks together.
  def amounts(plan)
    all = plan[:tasks].flat_map { |task| task[:amounts] }.select { |one| Support::Graphs::FOODS.key?(one[:what]) }
    all.group_by { |one| one[:what] }.transform_values { |list| list.sum { |one| one[:g_all] || one[:g] } }
  end

  # What it grows to: with the people, but for salt, spice and frying fat, which only have to be there.
  def wanted(request, plan)
    factor = plan[:servings] / 4
    request["dish"]["lines"].to_h do |line|
      food = FondKettle::Larder::Ingredients.fetch(line["ingredient"])
      [line["ingredient"], food.scales == "people" ? be_within(0.1).of(line["g"] * factor) : be_positive]
    end
  end

  # Steps that begin before one that they come after has ended.
  def late(request, plan)
    tasks = plan[:tasks].select { |task| task[:step] }.to_h { |task| [task[:step], task] }
    order = FondKettle::Dishes::GraphOrder.new(laid(request).graph).before
    tasks.keys.select do |id|
      order.fetch(id).any? do |before|
        other = tasks[before]
        other && plan[:starts][other[:id]] - other[:minutes] < plan[:starts][tasks[id][:id]]
      end
    end
  end
end
