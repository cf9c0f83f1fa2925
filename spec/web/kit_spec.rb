# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Tests and ways of one's own" do
  include Support::ServedKitchen

  it "measures and tests, says what changed, and plans with it" do
    get "/pot?pot=1&for=amount&amount=300&unit=g"
    before = page.at_css(".number strong").text.to_i
    send_form "/tests/lid", "pot" => "1", "before_g" => "2100", "after_g" => "2050", "minutes" => "10"
    follow_redirect!
    expect(page.at_css(".notice").text).to include("its lid loses 2 times the book's figure (was 1)")
    get "/pot?pot=1&for=amount&amount=300&unit=g"
    expect(page.at_css(".number strong").text.to_i).to be > before + 15
    send_form "/tests/height", "boil_c" => "92.5"
    expect(household.kitchen[:altitude_m]).to be_between(2200, 2400)
    send_form "/tests/burner", "burner" => "1", "pot" => "1", "water_g" => "1000", "from_c" => "15", "minutes" => "6"
    expect(household.shelf(:burners).find(1)[:high_w]).to be_between(900, 1200)
    send_form "/tests/measure", "pot" => "2", "cup" => "1", "count" => "9,5"
    expect(household.shelf(:pots).find(2)[:height_mm]).to be_within(0.1).of(99.2)
  end

  it "refuses measurements that cannot be true, at the field" do
    { "lid" => [{ "pot" => "1", "before_g" => "2000", "after_g" => "2100", "minutes" => "10" }, "lid-after_g"],
      "height" => [{ "boil_c" => "20" }, "height-boil_c"],
      "burner" => [{ "burner" => "1", "minutes" => "abc" }, "burner-minutes"],
      "measure" => [{ "pot" => "1", "cup" => "1", "count" => "150" }, "measure-count"] }.each do |test, (fields, spot)|
      send_form "/tests/#{test}", fields
      expect([last_response.status, page.at_css("##{spot}-problem").text]).to match([422, /must|gives/])
    end
  end

  it "copies a way, refuses a slip with its line, and keeps what is right" do
    get "/ways/new?from=covered-pot"
    text = page.at_css("#text").text
    expect(text).to include("key: own-covered-pot")
    send_form "/ways", "text" => text.sub("heat: low", "heat: tepid")
    expect([last_response.status, page.at_css("#text-problem").text]).to match([422, /line \d+: stages.1.heat must be one of/])
    expect(page.at_css("#text").text).to include("tepid")
    send_form "/ways", "text" => text.sub("minutes: 10", "minutes: 14")
    get "/pot?method=own-covered-pot&for=amount&amount=300&unit=g"
    expect(page.at_css(".slip").text).to include("14 min")
    get "/ways/own-covered-pot"
    expect(last_response.status).to eq(200)
  end

  it "goes on working beside a broken file, and says which" do
    File.write(File.join(household.methods_folder, "torn.yml"), "key: torn\nlike: nobody\n")
    get "/ways"
    expect(page.at_css(".warnings").text).to include("torn.yml: like names no method: nobody")
    get "/pot?method=level"
    expect(last_response.status).to eq(200)
  end
end
