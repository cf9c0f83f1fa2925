# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Tests and ways of one's own" do
  include Support::ServedKitchen

  it "measures and tests, says what changed, and plans with it" do
    get "/pot?pot=1&for=amount&amount=300&unit=g&lesson=leave"
    before = page.at_css(".number strong").text.to_i
    send_form "/tests/lid", "pot" => "1", "before_g" => "2100", "after_g" => "2050", "minutes" => "10"
    follow_redirect!
    expect(page.at_css(".notice").text).to include("its lid loses 2 times the book's figure (was not tested)")
    get "/pot?pot=1&for=amount&amount=300&unit=g&lesson=leave"
    expect(page.at_css(".number strong").text.to_i).to be > before + 15
    send_form "/tests/height", "boil_c" => "92.5"
    expect(household.kitchen[:altitude_m]).to be_between(2200, 2400)
    send_form "/tests/burner", "burner" => "1", "pot" => "1", "water_g" => "1000", "from_c" => "15",
                               "minutes" => "6"
    expect(household.shelf(:burners).find(1)[:high_w]).to be_between(900, 1200)
    send_form "/tests/measure", "pot" => "2", "cup" => "1", "count" => "9,5"
    expect(household.shelf(:pots).find(2)[:height_mm]).to be_within(0.1).of(99.2)
  end

  it "draws each test with the pot that is tested, and what a test of its lid narrowed, to one scale" do
    get "/tests?test=lid&pot=3"
    drawn = %w[measure lid burner height].to_h do |key|
      [key, page.css("##{key} .test-pictures li").map { |one| [one.text.strip, one.css("svg").size] }]
    end
    expect(drawn.transform_values(&:size)).to eq("measure" => 2, "lid" => 3, "burner" => 3, "height" => 2)
    expect(drawn.values.flatten(1)).to all(match([be_a(String), be_between(1, 2)]))
    expect(page.at_css("#lid svg title").text).to start_with("Cast-iron pot")
    boil_c = FondKettle::Kit::Atmosphere.boiling_point_c(household.kitchen[:altitude_m])
    expect(drawn["height"].last.first).to end_with("should show #{boil_c.round(1)} °C")
    expect(page.css(".range-pair").size).to eq(0)
    send_form "/tests/lid", "pot" => "1", "before_g" => "2100", "after_g" => "2050", "minutes" => "10"
    get "/tests"
    bars = page.css(".range-bar").map { |bar| %w[data-low data-high x width].map { |name| bar[name].to_f } }
    per_g = bars.map { |low, high, _, wide| wide / (high - low) }
    expect([bars.size, per_g.first]).to match([2, be_within(0.01 * per_g.last).of(per_g.last)])
    expect(bars.map { |low, high, *| high - low }.reduce(:-)).to be > 0
    expect(page.at_css(".range-pair")["aria-label"]).to match(/before: \d+ g to \d+ g; now: \d+ g to \d+ g/)
    get "/tests"
    expect(page.css(".range-pair").size).to eq(0)
  end

  it "leads through the timed tests, and a reload or a slip loses nothing" do
    send_form "/tests/guide/lid", "pot" => "1", "before_g" => ""
    expect([last_response.status, page.at_css("#lid-before_g-problem").text]).to match([422, /must be given/])
    send_form "/tests/guide/lid", "pot" => "1", "before_g" => "2130"
    2.times { get "/tests/guide" }
    clock = page.at_css(".stove")
    expect((clock["data-ends"].to_i - clock["data-began"].to_i) / 60_000).to eq(10)
    send_form "/tests/lid", "guided" => "yes", "pot" => "1", "before_g" => "2130", "after_g" => "2200",
                            "minutes" => "10"
    expect([last_response.status, page.at_css("#lid-after_g")["value"]]).to eq([422, "2200"])
    send_form "/tests/lid", "guided" => "yes", "pot" => "1", "before_g" => "2130", "after_g" => "2100",
                            "minutes" => "10"
    expect(household.shelf(:pots).find(1)[:lid_factor]).to eq(1.2)
    get "/tests/guide"
    expect(last_response.status).to eq(302)
  end

  it "times a burner from the start of the clock to the boil" do
    send_form "/tests/guide/burner", "burner" => "1", "pot" => "1", "water_g" => "1000", "from_c" => "15"
    send_form "/tests/stop"
    follow_redirect!
    expect(page.at_css("#burner-minutes")["value"].to_f).to be < 1
    send_form "/tests/burner", "guided" => "yes", "burner" => "1", "pot" => "1", "water_g" => "1000",
                               "from_c" => "15",
                               "minutes" => "5,5"
    expect(household.shelf(:burners).find(1)[:high_w]).to be_between(1000, 1300)
  end

  it "turns the dial of a hot oven down, and never asks for more than an oven gives" do
    get "/pot?method=oven-pilaf&for=amount&amount=300&unit=g"
    expect(page.at_css(".slip").text).to include("190 °C (374 °F; gas mark 5; turn Small oven to 175)")
    send_form "/cupboard/ovens/1", "lock_version" => "0", "name" => "Small oven", "hotter_c" => "0",
                                   "most_c" => "170"
    get "/pot?method=oven-pilaf&for=amount&amount=300&unit=g"
    expect(page.at_css(".slip").text).to include("170 °C")
    get "/pot?method=oven-pilaf&for=amount&amount=300&unit=g&oven_c=210"
    expect(page.text).to include("must be at most 170 °C: Small oven gets no hotter")
  end

  it "puts one measure into another, and into the house's own" do
    asked = { "" => ["369.1", "2 1/4 jam glasses of basmati"], "?amount=375&unit=F&to=gas-mark" => ["5", nil],
              "?amount=9&unit=in&to=mm" => ["228.6", nil],
              "?amount=nine&unit=in&to=mm" => ["228.6", nil],
              "?amount=1,5&unit=lb&to=g&of=chicken" => ["680.4", "jam glasses"] }
    asked.each do |query, (number, poured)|
      get "/measures#{query}"
      expect([last_response.status, page.at_css(".number strong").text]).to eq([200, number])
      expect(page.css(".lead").last.text).to include(poured) if poured
    end
    refused = { "?amount=lots" => "amount", "?amount=2&unit=C&to=g" => "to",
                "?amount=-400&unit=C&to=F" => "amount",
                "?of=moon" => "of" }
    refused.each do |query, field|
      get "/measures#{query}"
      expect([last_response.status, page.at_css("##{field}-problem").text]).to match([422, /must/])
    end
  end

  it "measures in the spoons of the house" do
    get "/pot?for=amount&amount=130&unit=g&pot=2"
    expect(page.at_css(".number.cup").text).to match(/tbsp|tsp|glass/)
    household.shelf(:spoons).all.each do |spoon|
      household.shelf(:spoons).remove(spoon[:id], spoon[:lock_version], Time.now)
    end
    get "/pot?for=amount&amount=130&unit=g&pot=2"
    expect(page.at_css(".number.cup").text).to include("jam glass")
    expect(page.at_css(".number.cup").text).not_to match(/tbsp|tsp/)
  end

  it "takes inches, pounds and Fahrenheit where it asks for millimetres, kilograms and Celsius" do
    send_form "/cupboard/pots", "name" => "Aunt's pot", "diameter_mm" => "9 1/2 in", "height_mm" => "12 cm",
                                "lid" => "tight",
                                "material" => "steel", "kg" => "4 lb", "lid_factor" => "1"
    pot = household.shelf(:pots).all.last
    expect(pot.values_at(:diameter_mm, :height_mm, :kg)).to eq([241.3, 120.0, 1.81])
    get "/pot?method=oven-pilaf&for=amount&amount=300&unit=g&oven_c=375+F"
    expect(page.at_css(".slip").text).to include("191 °C (375 °F; gas mark 5")
    send_form "/cupboard/pots", "name" => "Odd", "diameter_mm" => "9 moons", "height_mm" => "2 lb",
                                "lid" => "tight",
                                "material" => "steel", "kg" => "1"
    expect(page.css("#new-pots-diameter_mm-problem, #new-pots-height_mm-problem")
               .map(&:text)).to all(include("must be a number"))
  end

  it "offers the pot that would do, by a tap" do
    get "/pot?for=amount&amount=750&unit=g&pot=2"
    File.write(File.join(household.methods_folder, "torn.yml"), "key: [torn\n")
    get "/ways/torn/file"
    expect([last_response.status, page.at_css("#text").text]).to match([200, /key: \[torn/])
    File.write(File.join(household.methods_folder, "torn.yml"), "key: torn\nlike: nobody\n")
    get "/ways"
    get page.at_css(".warnings a")["href"]
    expect(page.css(".warnings").text).not_to include("boils over")
    get "/pot?for=amount&amount=2600&unit=g&pot=3"
    get page.at_css(".warnings a")["href"]
    expect(page.at_css(".rule").text).to include("One of 3 equal pots")
  end

  it "refuses measurements that cannot be true, at the field" do
    { "lid" => [{ "pot" => "1", "before_g" => "2000", "after_g" => "2100", "minutes" => "10" },
                "lid-after_g"],
      "height" => [{ "boil_c" => "20" }, "height-boil_c"],
      "burner" => [{ "burner" => "1", "minutes" => "abc" }, "burner-minutes"],
      "measure" => [{ "pot" => "1", "cup" => "1", "count" => "150" },
                    "measure-count"] }.each do |test, (fields, spot)|
      send_form "/tests/#{test}", fields
      expect([last_response.status, page.at_css("##{spot}-problem").text]).to match([422, /must|gives/])
    end
  end

  it "copies a way as a file, refuses a slip with its line, and keeps what is right" do
    get "/ways/new/file?from=covered-pot"
    text = page.at_css("#text").text
    key = "covered-pot-on-the-stove-our-way"
    expect(text).to include("key: #{key}")
    send_form "/ways/file", "text" => text.sub("heat: low", "heat: tepid")
    expect([last_response.status,
            page.at_css("#text-problem").text]).to match([422, /line \d+: stages.1.heat must be one of/])
    expect(page.at_css("#text").text).to include("tepid")
    send_form "/ways/file", "text" => text.sub("minutes: 10", "minutes: 14")
    get "/pot?method=#{key}&for=amount&amount=300&unit=g"
    expect(page.at_css(".slip").text).to include("14 min")
    ["/ways/#{key}", "/ways/#{key}/file"].each do |path|
      get path
      expect(last_response.status).to eq(200)
    end
  end

  it "goes on working beside a broken file, and says which" do
    File.write(File.join(household.methods_folder, "torn.yml"), "key: torn\nlike: nobody\n")
    get "/ways"
    expect(page.at_css(".warnings").text).to include("torn.yml: like names no method: nobody")
    get page.at_css(".warnings a")["href"]
    expect(page.at_css("#text").text).to include("key: torn")
    get "/pot?method=level"
    expect([last_response.status, page.text]).to match([200, /A way of yours cannot be read/])
  end
end
