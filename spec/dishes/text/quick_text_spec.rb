# frozen_string_literal: true

require_relative "../../support/suppers"

RSpec.describe FondKettle::Dishes::QuickText do
  include Support::Suppers

  glass = FondKettle::Measure::Cup.new(id: 1, name: "jam glass", ml: 210.0)

  it "reads amount, unit, name, note, stage, state, growth and likeness" do
    lines = read("2 onions, sliced | base | browned\n1 1/2 jam glasses stock | " \
                 "liquid\n150 g moonroot | with | like turnip",
                 [glass]).lines
    expect(lines.map { |line| [line.g, line.ingredient.key, line.stage, line.state] })
      .to eq([[240.0, "onion", "base", "browned"], [315.0, "stock", "liquid", "raw"],
              [150.0, "turnip", "with", "raw"]])
    expect(lines.first.ingredient.brings).to be_within(1e-9).of(0.1)
  end

  it "asks about what it does not understand and drops nothing" do
    found = read("150 g moonroot | with\n2 cloves garlic | blue\na handful of " \
                 "hope\nsalt to taste\n3 lemons | like moonstone")
    expect(found.lines.map(&:name)).to eq(["moonroot", "garlic", "hope", "salt to taste",
                                           "lemons"])
    expect(found.questions.map(&:number).uniq).to eq([1, 2, 3, 5])
    expect(found.questions.map(&:ask).join).to include("like turnip", "“blue” says neither",
                                                       "How big is the handful",
                                                       "not known either")
  end

  it "asks whether a glass is the house's own, and guesses none" do
    cups = [FondKettle::Measure::Cup.new(id: 1, name: "Tea glass", ml: 210.0),
            FondKettle::Measure::Cup.new(id: 2, name: "jam glass", ml: 200.0)]
    found = described_class.new(cups: cups).read("1 glass stock | liquid\n1 tea glass wine | liquid")
    expect(found.questions.map(&:ask)).to eq(["How big is the glass? If it is your Tea glass or your " \
                                              "jam glass, write so; otherwise write mL or grams."])
    expect(found.lines.map(&:g)).to eq([nil, 207.9])
  end

  it "takes the rice for itself, and asks when it is written twice or without an amount" do
    expect(read("2 rice cups sushi rice").rice).to match(["short-white", be_within(0.1).of(300.6)])
    expect(read("300 g basmati\n200 g jasmine rice").questions.first.ask).to include("twice")
    expect([read("rice").questions.first.ask,
            read("2 tbsp rice vinegar").rice]).to eq(["How much rice? Write grams or cups.", nil])
  end

  it "takes a tin of a size for a tin, what is about so much for so much, a rind for a part" do
    found = read("400 g can black beans\n1 quince (around 250g)\n1 preserved lemon, rind only\n" \
                 "50 g wild rice")
    expect(found.lines.map { |line| [line.ingredient.key, line.g] })
      .to eq([["cooked-pulse", 400.0], ["quince", 250.0], ["preserved-lemon", nil], ["wild-rice", 50.0]])
    expect([found.rice, found.questions.map(&:number)]).to eq([nil, [3]])
  end

  it "knows cans, brackets and what is cooked already" do
    cans, beans, juice = read("2 cans (240 g) kidney beans\n200 g cooked black beans\njuice of 1 lemon").lines
    expect([cans.g, cans.ingredient.key, beans.ingredient.key]).to eq([480.0, "cooked-pulse", "cooked-pulse"])
    expect([juice.ingredient.key, juice.note, juice.amount]).to eq(["lemon-juice", "", 1.0])
  end

  it "takes weights in brackets for what they are, and leaves what is to taste alone" do
    weights = { "2 onions (about 300 g)" => 300, "1 (14 oz) can tomatoes" => 397,
                "2 cans chickpeas (240 g)" => 480, "1 1/2 cups (210 g) peas" => 210,
                "3 peppers (150 g each)" => 450, "500 g (1 lb 2 oz) beef" => 500 }
    weights.each { |text, grams| expect(read(text).lines.first.g).to be_within(1).of(grams), text }
    expect(read("1 1/2 cups (300 g) long-grain white rice").rice).to eq(["long-white", 300.0])
    expect(read("salt and pepper to taste\nfresh cilantro, for garnish").questions).to eq([])
  end

  it "counts pieces as what they are pieces of, and asks where it does not know" do
    known = { "1 tin of tomatoes" => 400, "2 cans chickpeas" => 480, "2 stalks celery" => 80,
              "3 cloves garlic" => 12, "1 bunch of dill" => 30, "2 pieces of onion" => 240,
              "1 can (240 g) peas" => 240 }
    known.each { |text, grams| expect(read(text).lines.first.g).to be_within(1).of(grams), text }
    ["1 tin of pumpkin", "1 leaf of cabbage", "2 bunches carrots"].each do |text|
      expect([read(text).lines.first.g,
              read(text).questions.first.ask]).to match([nil, /What does one weigh/]), text
    end
  end

  it "comes back from being written" do
    text = ["2 onions, sliced | base | browned | people", "1/2 tsp cumin | base | slower",
            "3 eggs | finish | whole",
            "150 g moonroot | with | people | like turnip"].join("\n")
    again = read(text).lines.map { |line| FondKettle::Dishes::Written.line(line) }.join("\n")
    expect(again).to eq(text)
  end
end
