# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Layers on the Pot page" do
  include Support::ServedKitchen

  pot = "grain=basmati&method=sealed-raw-base&for=amount&amount=400&under_g=1200&under_water=360" \
        "&under_meat=chicken&under_raw=yes"

  it "judges the usual programmes, seals, degrees and layers row by row" do
    get "/pot/under-seal?#{pot}"
    rows = page.css("[data-number]").map { |row| row["data-number"] }
    expect(rows.size).to be > 15
    get "/pot/under-seal?#{pot}&row=1"
    expect(last_response.body).to match(%r{data-head="Par-cooked">\d+ %, .* min</td>})
    get "/pot/under-seal?#{pot}&all=yes"
    expect(page.css(".under-seal td").map(&:text)).to include("just right", "not safe to eat")
  end

  it "halves a layer or leaves a third of it, with nothing lost" do
    get "/pot?#{pot}&layer[]=base&layer[]=rice"
    get page.at_css("#layer-third-0")["href"]
    expect(page.css("ol.layers li > span:first-child").map(&:text))
      .to eq(["two thirds of the base (800 g)", "all of the rice (855 g)", "a third of the base (400 g)"])
    get page.at_css("#layer-split-2")["href"]
    expect(page.css("ol.layers li > span:first-child").map(&:text).grep(/a third of the base \(400 g\)/).size)
      .to eq(3)
    expect(page.css("[id^=layer-third]").map { |link| link["id"] }).to eq(["layer-third-1"])
  end

  it "lays one programme over another, and takes nothing that cannot be read for one" do
    get "/pot?#{pot}&over=high+10,+low+20"
    expect(page.css(".programme-drawing .over").size).to be >= 2
    get "/pot?#{pot}&over=simmer"
    expect([last_response.status, page.css(".programme-drawing .over").size]).to eq([200, 0])
  end

  it "offers what would close a pot, each a plan that comes right" do
    get "/pot?grain=basmati&method=sealed-cooked-base&for=amount&amount=400&under_g=800&under_water=0&done=0"
    links = page.css(".mends a").map { |link| link["href"] }
    expect(links.size).to be >= 2
    links.each do |link|
      get link
      expect(page.at_css(".verdict").text).not_to include("never done"), link
    end
  end

  it "tells what is wrong at its field, and keeps what was typed" do
    { "programme" => ["high 0", "programme"], "layer[]" => ["sand 3", "layer"], "under_c" => ["-18",
                                                                                              "under_c"] }
      .each do |name, (value, field)|
      get "/pot?#{pot}&#{Rack::Utils.build_query(name => value)}"
      expect(last_response.status).to eq(422)
      expect(page.at_css("##{field}-problem").text.strip).not_to be_empty, name
    end
    get "/pot?#{pot}&programme=high+0"
    expect(page.at_css("#programme")["value"]).to eq("high 0")
  end
end
