# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/answers"
require_relative "../../lib/fond_kettle/reading/reader"

RSpec.describe FondKettle::Reading::Answers do
  text = "Green rice\n300 g basmati\n2 onions\n40 g ghee\n150 g wobbleroot\n450 g water\n\n" \
         "Fry the onions in a pan. Boil the rice in the water on low for 12 minutes."
  read = FondKettle::Reading::Reader.new(text).dish.freeze

  def answered(read, *answers)
    described_class.new(read, answers.map do |about, field, answer|
      FondKettle::Reading::Answer.new(about: about, field: field, answer: answer)
    end)
  end

  def step(dish, kind)
    dish["steps"].find { |one| one["kind"] == kind }
  end

  it "puts each answer in its place, and asks no more" do
    fry = step(read, "fry")
    dish = answered(read, ["", "serves", "5"], ["", "method", "toasted-pilaf"], ["", "rice_g", "2 cups"],
                    ["2 onions", "g", "260"], [fry["say"], "minutes", "a quarter of an hour"],
                    ["40 g ghee", "takes", fry["id"]]).dish
    expect(dish.values_at("serves", "method")).to eq([5.0, "toasted-pilaf"])
    expect([dish["rice_g"], dish["lines"].first["g"]]).to all(be_within(1).of(2 * 236.6 * 0.78))
    expect(dish["lines"][1]["g"]).to eq(260.0)
    expect(step(dish, "fry")).to include("minutes" => 15.0, "takes" => include("line" => "l3", "share" => 1))
    expect(dish["asked"].map { |one| one["of"] }).not_to include("serves", "l3")
  end

  it "takes a line for another food, with its own weight, allergens and care, and asks of it no more" do
    dish = answered(read, ["150 g wobbleroot", "food", "raw prawns"], ["2 onions", "food", "leeks"]).dish
    lines = dish["lines"].to_h { |line| [line["text"], line] }
    expect(lines["150 g wobbleroot"]).to include("g" => 150.0, "unknown" => false,
                                                 "allergens" => ["crustacean"], "care" => include(/raw/))
    expect(lines["2 onions"]).to include("food" => "leeks", "ingredient" => "leek", "g" => 360.0)
    expect(dish["asked"].map { |one| one.values_at("of", "field") })
      .not_to include([lines["150 g wobbleroot"]["id"], "g"])
    unknown = answered(read, ["2 onions", "food", "xyzzy"])
    expect([unknown.dish, unknown.problems.first[:message]]).to match([read, /known here, such as leek/])
  end

  it "says what it cannot take, and leaves the dish as it was" do
    wrong = { %w[serves 900] => /0.5 and 200/, %w[method grill] => /must be one of/,
              %w[grain sand] => /400 g basmati/, %w[colour red] => /must be one of: serves/ }
    wrong.each do |(field, answer), words|
      found = answered(read, ["", field, answer])
      expect([found.dish, found.problems.first[:message]]).to match([read, words])
    end
    gone = answered(read, ["3 leeks", "g", "100"])
    expect([gone.dish, gone.problems]).to eq([read, []])
  end

  it "takes the line that is meant in place of those that may be" do
    asked = { "of" => "s1", "field" => "takes", "question" => "Which?", "choices" => %w[l2 l3],
              "guess" => "l2" }
    dish = answered(read.merge("asked" => [asked]), [read["steps"].first["say"], "takes", "l3"]).dish
    expect(dish["steps"].first["takes"]).to eq([{ "line" => "l3", "share" => 1 }])
  end

  it "moves a line to another step, and a step to another vessel with what lies there" do
    fry = step(read, "fry")
    low = read["steps"].find { |one| one["minutes"]&.round == 12 }
    dish = answered(read, ["2 onions", "at", low["id"]], [fry["say"], "vessel", "new-frying-pan"]).dish
    onions = dish["steps"].select { |one| one["takes"].any? { |take| take["line"] == "l2" } }
    expect(onions.map { |one| one["id"] }).to eq([low["id"]])
    expect(step(dish, "fry")["vessel"]).to eq("other-frying-pan")
    expect(dish["vessels"].last).to eq("key" => "other-frying-pan", "kind" => "frying-pan", "rice" => false)
    wrong = answered(read, [fry["say"], "vessel", "hat"], ["2 onions", "at", "s99"])
    expect(wrong.problems.map do |one|
      one[:message]
    end).to match([/must be one of: pot, pan, new-frying-pan/, /must be a step/])
  end

  it "tells two steps of the same words apart" do
    broth = FondKettle::Reading::Reader.new(<<~TEXT).dish
      Broth rice for 4
      300 g basmati
      700 ml stock
      2 carrots, diced
      1 tsp salt
      Simmer the carrots in the stock with the salt for 10 minutes. Skim it. Simmer for 12 minutes. Skim it.
      Add the rice, cover and cook on low for 14 minutes.
    TEXT
    skims = broth["steps"].select { |step| step["say"].start_with?("Skim it") }
    second = FondKettle::Reading::Answer.to({ "of" => skims.last["id"], "field" => "minutes" },
                                            described_class.words(broth)).with(answer: "3 min")
    told = described_class.new(broth, [second]).dish["steps"].to_h { |step| [step["id"], step["minutes"]] }
    expect(told.values_at(*skims.map { |step| step["id"] })).to eq([skims.first["minutes"], 3.0])
    expect(second.about).to eq("#{skims.last['say']} (2)")
  end

  it "brings what was moved back where the dish goes on" do
    text = "Two pots\n300 g rice\n2 onions\n30 g butter\n\nFry the onions in the butter for 10 minutes. " \
           "Add the rice " \
           "and simmer on low for 15 minutes."
    dish = FondKettle::Reading::Reader.new(text).dish
    fry = step(dish, "fry")
    moved = answered(dish, [fry["say"], "vessel", "new-frying-pan"]).dish
    back = moved["steps"].find { |one| one["from"].to_a.any? }
    expect([back["vessel"], back["from"]]).to eq([fry["vessel"], [{ "vessel" => "other-frying-pan" }]])
  end
end
