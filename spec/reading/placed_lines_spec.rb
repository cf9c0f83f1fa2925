# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Reading::PlacedLines do
  include Support::Suppers

  # Names of lines that are only guessed to go in somewhere, and of those that stand nowhere.
  def nowhere(made)
    data = made.graph.data
    by_id = data["lines"].to_h { |line| [line["id"], line["food"]] }
    guessed = data["asked"].select { |one| one["field"] == "takes" }.map { |one| by_id[one["of"]] }
    [guessed, made.graph.graph.unplaced.map { |id| by_id[id] }]
  end

  def tasks(evening, words)
    evening.plan.tasks.select { |task| task.say.include?(words) }.flat_map { |task| task.amounts.map(&:what) }
  end

  goat = "800 g goat, in pieces | base\n300 g yoghurt | base\n2 limes, juiced | base\n4 chillies | base\n" \
         "2 tbsp spice mix | base\n400 g ghee | base\n466 g oil | base\n4 onions | base"
  marinated = "Marinate the goat | marinate | overnight\nFry the onions in ghee and oil | fry | 25 min"

  it "plans what no step names into the marinade, marks it and asks" do
    made = dish(goat, steps: marinated, method: "sealed-raw-base")
    expect(nowhere(made)).to eq([["yoghurt", "lime juice", "chillies", "spice mix"], []])
    evening = supper(made)
    expect(tasks(evening, "ry the onions")).to contain_exactly("ghee", "oil", "onions")
    expect(tasks(evening, "arinate")).to include("yoghurt", "chillies")
    said = evening.warnings.select { |one| one.code == "placed-by-guess" }.map(&:say)
    expect(said).to include(/Where does the yoghurt go in\? No step names it: planned into “Marinate the/)
  end

  it "leaves what nobody places nowhere, asks where it goes in, and still tells its allergens" do
    made = dish("2 onions | base\n300 g yoghurt | base\n2 tbsp oil | base",
                steps: "Brown the onions | fry | 12 min")
    expect(nowhere(made)).to eq([%w[oil], %w[yoghurt]])
    evening = supper(made)
    expect(evening.plan.tasks.flat_map(&:amounts).map(&:what)).not_to include("yoghurt")
    expect(evening.warnings.map(&:say)).to include(/Where does the yoghurt go in\?/)
    expect(evening.allergens).to include("milk")
    expect(evening.plan.balance.load.brought_g).to be < 30
  end

  it "asks nothing of a dish that keeps its way's own base" do
    expect(nowhere(dish("2 onions | base\n300 g tomatoes | base", steps: "Fold in mint | fold | finish")))
      .to eq([[], []])
  end

  it "warns of what goes wet into deep hot fat, and not of a splash in a little" do
    lines = "600 g chicken | base\n200 g yoghurt | base\n900 g oil | base\n100 g stock | base"
    made = dish(lines, steps: "Marinate the chicken in yoghurt | marinate | 1 h\n" \
                              "Fry the chicken with the stock in the oil | fry | 20 min")
    said = supper(made).warnings.select { |one| one.code == "wet-into-fat" }.map(&:say)
    expect(said).to include(/stock/i).and(include(/chicken|marinade/i))
    splash = dish("2 onions | base\n2 tbsp oil | base\n50 g wine | base",
                  steps: "Fry onions in oil with wine | fry | 8 min")
    expect(supper(splash).warnings.map(&:code)).not_to include("wet-into-fat")
  end

  it "puts each of two salts where it belongs, and counts what is eaten" do
    lines = "800 g lamb | base\n2 tsp salt | base\n40 g salt | liquid"
    made = dish(lines, steps: "Simmer the lamb with the salt | simmer | 1 h", method: "sealed-cooked-base")
    evening = supper(made)
    at_lamb = evening.plan.tasks.select { |task| task.say.include?("Simmer the lamb") }.flat_map(&:amounts)
    expect(at_lamb.select { |amount| amount.what == "salt" }.sum(&:g)).to be_within(0.5).of(12)
    water = evening.plan.tasks.find { |task| task.kind.key == "heat-liquid" }
    expect(water.amounts.select { |amount| amount.what == "salt" }.sum(&:g)).to be_within(0.5).of(40)
    eaten = evening.plan.tasks.flat_map(&:amounts).reject(&:poured_off).select do |one|
      one.what == "salt"
    end.sum(&:g)
    # 0.2 g in 100 g are in the lamb itself.
    expect(evening.salt.total_g).to be_within(0.1).of(eaten + 1.6)
  end
end
