# frozen_string_literal: true

require_relative "../support/told_texts"

RSpec.describe FondKettle::Reading::FireVessel do
  include Support::ToldTexts

  lines = "150 g jasmine rice\n225 ml water\n2 eggs\n1 carrot\n200 g salmon fillet\n1 tbsp miso\n1 tbsp mirin"
  rice = "Rinse the rice and put it in a saucepan with the water. Bring to the boil, clamp on the lid, " \
         "turn the heat right down and leave for 12 minutes. Kill the heat and leave with the lid on for " \
         "10 minutes."

  it "boils eggs and blanches greens in a pot of their own, and goes on with what is in hand" do
    dish = read(lines, "#{rice} Meanwhile, boil the eggs for 7 minutes, cool them in iced water and peel. " \
                       "Blanch the carrot for 2 minutes.")
    expect(done(dish, "boil the eggs")).to eq(["boil", "small-pot", 7.0])
    expect(done(dish, "Blanch")).to eq(["simmer", "small-pot", 2.0])
    expect(dish["vessels"].find { |vessel| vessel["key"] == "small-pot" }["kind"]).to eq("pot")
  end

  it "grills on a tray, and leaves the rice's pot in hand" do
    dish = read(lines, "#{rice} Grill the salmon for 8 minutes until charred. Drizzle with the miso.")
    expect(done(dish, "Grill").first(2)).to eq(%w[bake oven-dish])
    expect(done(dish, "Drizzle")[1]).to eq("saucepan")
  end

  it "rests what is off its heat, however that is said" do
    ["Kill the heat", "Turn the heat off", "Switch off the heat", "Off the heat"].each do |said|
      dish = read(lines, rice.sub("Kill the heat", said))
      expect([said, done(dish, "with the lid on")]).to eq([said, ["rest", "saucepan", 10.0]])
    end
  end

  it "takes the first of two times, where the other is only better" do
    { "for at least 2 hours, ideally overnight" => 120.0, "for 4 hours or overnight" => 240.0,
      "overnight" => 480.0 }.each do |time, minutes|
      dish = read(lines, "Mix the miso and mirin, spread over the salmon and marinate #{time}. #{rice}")
      expect([time, step(dish, "marinate")["minutes"]]).to eq([time, minutes])
    end
  end

  it "makes no food more of an omelette" do
    dish = read(lines,
                "#{rice} Whisk the eggs, make a thin omelette in a non-stick pan and cut it into strips.")
    expect(dish["lines"].map { |line| line["food"] }).not_to include(a_string_matching(/omelette/))
    expect(froms(dish, "thin omelette")).to eq(["bowl"])
  end
end
