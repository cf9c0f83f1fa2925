# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/contradictions"
require_relative "../../lib/fond_kettle/dishes/quick_steps"
require_relative "../../lib/fond_kettle/dishes/quick_text"
require_relative "../../lib/fond_kettle/dishes/scaling"
require_relative "../../lib/fond_kettle/dishes/serving_words"
require_relative "../../lib/fond_kettle/dishes/written"

RSpec.describe "The table" do
  glass = FondKettle::Measure::Cup.new(id: 1, name: "jam glass", ml: 210.0)
  house = FondKettle::Measure::House.with(glass, scale_step_g: 5.0)

  def read(text, cups = [])
    FondKettle::Dishes::QuickText.new(cups: cups).read(text)
  end

  def dish(text, **changes)
    FondKettle::Dishes::Dish.new(title: "Dish", serves: 4.0, method: "covered-pot", grain: "basmati", rice_g: 320.0,
                                 pan_mm: 240.0,
                                 lines: read(text).lines, steps: [], note: "", **changes)
  end

  describe FondKettle::Measure::Numeral do
    it "reads fractions written in every way" do
      { "1 1/2 cups" => 1.5, "1½ cups" => 1.5, "1 ½ cups" => 1.5, "1,5 l" => 1.5, "1.5 l" => 1.5, "one and a half cups" => 1.5,
        "half a lemon" => 0.5, "a half cup" => 0.5, "a pinch" => 1, "¾ tsp" => 0.75, "three quarters of a cup" => 0.75,
        "a dozen eggs" => 12, "2-3 onions" => 2.5, "2 to 3 onions" => 2.5, "twelve" => 12,
        "3⁄4 cup" => 0.75 }.each do |text, number|
        expect(described_class.read(text)&.first).to be_within(1e-9).of(number), text
      end
      expect([described_class.read("salt to taste"), described_class.read("1/0 cup")]).to eq([nil, nil])
    end

    it "writes what it reads" do
      PropCheck.forall(PropCheck::Generators.choose(1..800)).check do |eighths|
        number = eighths / 8.0
        expect(described_class.read(described_class.write(number)).first).to be_within(1e-3).of(number)
      end
    end
  end

  describe FondKettle::Dishes::QuickText do
    it "reads amount, unit, name, note, stage, state, growth and likeness" do
      lines = read("2 onions, sliced | base | browned\n1 1/2 jam glasses stock | liquid\n150 g kohlrabi | with | like turnip",
                   [glass]).lines
      expect(lines.map { |line| [line.g, line.ingredient.key, line.stage, line.state] })
        .to eq([[240.0, "onion", "base", "browned"], [315.0, "stock", "liquid", "raw"], [150.0, "turnip", "with", "raw"]])
      expect(lines.first.ingredient.brings).to be_within(1e-9).of(0.1)
    end

    it "asks about what it does not understand and drops nothing" do
      found = read("150 g kohlrabi | with\n2 cloves garlic | blue\na handful of hope\nsalt to taste\n3 lemons | like moonstone")
      expect(found.lines.map(&:name)).to eq(["kohlrabi", "garlic", "handful of hope", "salt to taste", "lemons"])
      expect(found.questions.map(&:number).uniq).to eq([1, 2, 3, 5])
      expect(found.questions.map(&:ask).join).to include("like turnip", "“blue” says neither", "What does one weigh",
                                                         "not known either")
    end

    it "takes the rice for itself, and asks when it is written twice or without an amount" do
      expect(read("2 rice cups sushi rice").rice).to match(["short-white", be_within(0.1).of(300.6)])
      expect(read("300 g basmati\n200 g jasmine rice").questions.first.ask).to include("twice")
      expect([read("rice").questions.first.ask,
              read("2 tbsp rice vinegar").rice]).to eq(["How much rice? Write grams or cups.", nil])
    end

    it "knows cans, brackets and what is cooked already" do
      cans, beans, juice = read("2 cans (240 g) kidney beans\n200 g cooked black beans\njuice of 1 lemon").lines
      expect([cans.g, cans.ingredient.key, beans.ingredient.key]).to eq([480.0, "cooked-pulse", "cooked-pulse"])
      expect([juice.ingredient.key, juice.note, juice.amount]).to eq(["lemon", "juice", 1.0])
    end

    it "takes weights in brackets for what they are, and leaves what is to taste alone" do
      weights = { "2 onions (about 300 g)" => 300, "1 (14 oz) can tomatoes" => 397, "2 cans chickpeas (240 g)" => 480,
                  "1 1/2 cups (210 g) peas" => 210, "3 peppers (150 g each)" => 450, "500 g (1 lb 2 oz) beef" => 500 }
      weights.each { |text, grams| expect(read(text).lines.first.g).to be_within(1).of(grams), text }
      expect(read("1 1/2 cups (300 g) long-grain white rice").rice).to eq(["long-white", 300.0])
      expect(read("salt and pepper to taste\nfresh cilantro, for garnish").questions).to eq([])
    end

    it "counts pieces as what they are pieces of, and asks where it does not know" do
      known = { "1 tin of tomatoes" => 400, "2 cans chickpeas" => 480, "2 stalks celery" => 80, "3 cloves garlic" => 12,
                "1 bunch of dill" => 30, "2 pieces of onion" => 240, "1 can (240 g) peas" => 240 }
      known.each { |text, grams| expect(read(text).lines.first.g).to be_within(1).of(grams), text }
      ["1 tin of pumpkin", "1 leaf of cabbage", "2 bunches carrots"].each do |text|
        expect([read(text).lines.first.g, read(text).questions.first.ask]).to match([nil, /What does one weigh/]), text
      end
    end

    it "comes back from being written" do
      text = ["2 onions, sliced | base | browned | people", "1/2 tsp cumin | base | slower", "3 eggs | finish | whole",
              "150 g kohlrabi | with | people | like turnip"].join("\n")
      again = read(text).lines.map { |line| FondKettle::Dishes::Written.line(line) }.join("\n")
      expect(again).to eq(text)
    end
  end

  describe FondKettle::Dishes::Contradictions do
    it "points out two figures that cannot both be true" do
      ["bake at 180 °C (400 °F)", "450 g (2 lb) chicken", "1 lb or 900 g beef", "gas mark 2 (200 °C)"].each do |text|
        expect(described_class.in(text)).to match([/cannot both be true/]), text
      end
    end

    it "leaves roundings and other things alone" do
      ["180C/350F/gas 4", "500 g / 1 lb 2 oz", "2 cups (475 ml)", "gas mark 6 (200 °C)", "1 cup (185 g) rice",
       "20 min (5 more)"].each do |text|
        expect(described_class.in(text)).to eq([]), text
      end
    end
  end

  describe FondKettle::Dishes::Scaling do
    lines = "3 onions | base\n45 g butter | base\n1 tsp salt\n2 chillies | base\n1 tsp cumin | base\n3 eggs | finish\n" \
            "400 g stock | liquid\n1 bay leaf | base | fixed\n600 g chicken | base"

    it "gives back every amount by f and then 1/f" do
      PropCheck.forall(PropCheck::Generators.choose(10..1200)).check do |percent|
        factor = percent / 100.0
        whole = dish(lines)
        there = described_class.lines(whole, factor, pan_mm: 300)
        scaled = there.map { |line| line.line.with(amount: line.amount, g: line.g) }
        back = described_class.lines(whole.with(lines: scaled, rice_g: 320.0 * factor, pan_mm: 300.0), 1 / factor, pan_mm: 240)
        expect(back.map(&:g)).to match(whole.lines.map { |line| be_within(1e-6 * line.g).of(line.g) })
      end
    end

    it "grows each line in its own way" do
      grown = described_class.lines(dish(lines), 3.0, pan_mm: 300).to_h { |line| [line.line.ingredient.key, line] }
      expect(grown.transform_values { |line| line.factor.round(3) })
        .to include("onion" => 3.0, "butter" => 1.563, "chilli" => (3**0.75).round(3), "cumin" => (3**0.85).round(3),
                    "bay-leaf" => 1.0)
      expect(grown["salt"].factor).to be_between(2.8, 3.0)
      expect(grown.values.reject { |line| line.why.nil? }.map { |line| line.line.ingredient.key })
        .to contain_exactly("butter", "salt", "chilli", "cumin", "bay-leaf")
    end

    it "finds the factor for what there is" do
      chicken, chilli = dish(lines).lines.values_at(8, 3)
      expect(described_class.factor_for(chicken, 640)).to be_within(1e-9).of(640 / 600.0)
      expect((described_class.factor_for(chilli, 32)**0.75) * chilli.g).to be_within(1e-9).of(32)
      expect(described_class.factor_for(dish("1 bay leaf | fixed").lines.first, 3)).to be_nil
    end
  end

  describe FondKettle::Dishes::ServingWords do
    def say(text, factor, house)
      scaled = FondKettle::Dishes::Scaling.lines(dish(text), factor, pan_mm: 240).first
      FondKettle::Dishes::ServingWords.new(house).say(scaled)
    end

    it "rounds to what can be had, and says by how much" do
      { ["3 onions", 1.5] => ["4 1/2", "540 g", nil], ["3 eggs", 0.4] => ["1", "55 g", "−17 %"],
        ["1 lemon", 0.25] => ["1/4", "25 g", nil], ["2 cloves garlic", 3.0] => ["5 cloves", "20 g", "−2 %"],
        ["600 g chicken", 1.33] => [nil, "800 g", nil], ["2 bay leaves", 6.0] => ["9", "3 g", "−2 %"],
        ["1 can coconut milk", 0.6] => ["1/2 can", "200 g", "−17 %"] }.each do |(text, factor), (words, weight, off)|
        said = say(text, factor, house)
        next expect(said.weight).to eq("240 g") if text.include?("can ") # halves and quarters are both too coarse: it is weighed

        expect([said.words, said.weight, said.off]).to eq([words, weight, off]), text
      end
    end

    it "never scales anything to nothing" do
      PropCheck.forall(PropCheck::Generators.choose(1..1000)).check do |thousandths|
        ["2 onions", "1 egg", "1 tsp salt", "300 g carrots", "1 bay leaf", "1 can coconut milk"].each do |text|
          said = say(text, thousandths / 1000.0, house)
          expect([said.words, said.weight].compact.join).to match(/[1-9]|pinch/), text
        end
      end
    end
  end

  describe FondKettle::Dishes::QuickSteps do
    it "reads minutes, waiting, the cue and the stage, and keeps what it does not know" do
      steps = described_class.read("Soften the leeks | fry | 8 min | until they slump\nRest | 1 1/2 min | wait | finish | gently")
      softened = { say: "Soften the leeks", stage: "base", kind: "fry", minutes: 8.0, hands_on: true, cue: "they slump" }
      expect(steps.map(&:to_h)).to eq([softened,
                                       { say: "Rest, gently", stage: "finish", kind: "own", minutes: 1.5, hands_on: false,
                                         cue: "" }])
      expect(described_class.read(described_class.write(steps))).to eq(steps)
    end
  end

  it "has a catalogue that finds each of its ingredients by its own names" do
    names = FondKettle::Larder::Names.ours
    FondKettle::Larder::Ingredients.all.each_value do |ingredient|
      [ingredient.key.tr("-", " "), ingredient.name, *ingredient.also].each do |name|
        found = names.find(name)
        expect(found&.key).to eq(ingredient.key).or(eq("cooked-pulse")), name
      end
    end
    expect(FondKettle::Larder::Ingredients.all.size).to be >= 120
  end
end
