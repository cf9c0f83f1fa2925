# frozen_string_literal: true

RSpec.describe FondKettle::Meals::JottedDishes do
  it "reads lines as dishes of steps, one after the other" do
    salad, soup = described_class.read("Salad: Cut it | cut | 8 min\nDress it | mix | 2 min\n" \
                                       "Soup: Warm it | simmer | 15 min | wait", first: 4)
    expect([salad.key, salad.title, soup.key, soup.title]).to eq(%w[d4 Salad d5 Soup])
    expect(salad.plan[:tasks].map { |task| [task[:say], task[:minutes], task[:uses]] })
      .to eq([["Cut it", 8, { "cook" => 1 }], ["Dress it", 2, { "cook" => 1 }]])
    expect(salad.plan[:tasks].last[:after]).to eq([{ task: "1", gap: [0, 120] }])
    expect(soup.plan[:tasks].first[:uses]).to eq({ "burner" => 1 })
    expect(soup.plan[:ends]).to eq([{ task: "1", before_serve: [0, 20] }])
  end

  it "takes the oven for what is baked, as hot as its line says" do
    squash = described_class.read("Squash: Bake it at 392 °F | bake | 40 min").first.plan[:tasks].first
    expect(squash[:uses]).to eq("oven" => 1)
    expect(squash[:oven_c]).to be_within(0.5).of(200)
  end

  it "shows that nothing of it is checked, and what is hot where it is hot" do
    said = described_class.read("Onions: Fry them | fry | 20 min").first.plan
    codes = said[:tasks].first[:cautions]
    expect(codes).to include("jotted", "hot-fat", "not-checked")
    expect(said[:cautions].map { |one| one[:code] }).to match_array(codes)
    expect(said[:cautions].find { |one| one[:code] == "not-checked" }[:say]).to include("Onions")
  end

  it "refuses what is longer than the day, and too many lines, in words" do
    expect { described_class.read("Stock: Boil | simmer | 9000 min") }
      .to raise_error(FondKettle::InvalidInput, /at most 2880 min: Boil/)
    expect do
      described_class.read("Cut | cut | 1 min\n" * 501)
    end.to raise_error(FondKettle::InvalidInput, /500 lines/)
  end

  it "has a budget: longer lines are not read at all, many short ones are" do
    ["a:" * 20_000, "| " * 20_000, ":" * 60_000].each do |text|
      expect do
        described_class.read("x#{text}x")
      end.to raise_error(FondKettle::InvalidInput, /at most 1000 letters/)
    end
    expect(described_class.read("x: y\n" * 450).first.plan[:tasks].size).to eq(450)
  end
end
