# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "The cupboard" do
  include Support::ServedKitchen

  def worth_doing
    get "/cupboard"
    page.css(".asked li").map { |item| item.text.strip }
  end

  it "opens on what is worth doing: a lid to test, with what that brings, until it is tested" do
    said = worth_doing.first
    name = said[/Test the lid of the (.+?):/, 1]
    grams = said.match(/is then (\d+) to (\d+) g; so far it is (\d+) to (\d+) g/).captures
    low, high, low_before, high_before = grams.map(&:to_i)
    expect(high - low).to be < 0.9 * (high_before - low_before)
    pot = household.shelf(:pots).all.find { |record| record[:name] == name }
    send_form "/tests/lid", "pot" => pot[:id].to_s, "before_g" => "2000", "after_g" => "1970",
                            "minutes" => "10"
    expect(worth_doing).not_to include(a_string_starting_with("Test the lid of the #{name}"))
  end

  it "shows the bags as full as they are, the cups to one scale, and the height as a hill" do
    get "/cupboard"
    tiles = page.css(".pot-shelf").last.css("li")
    bags = tiles.select { |tile| tile.at_css("a")["href"].start_with?("#bags-") }
    filled = bags.to_h { |tile| [tile.at_css("b").text, tile.at_css("rect.rice")["height"].to_f] }
    left = household.values(:bags).to_h { |bag| [bag.name, bag.left_g] }
    expect(filled.sort_by(&:last).map(&:first)).to eq(left.sort_by(&:last).map(&:first))
    expect(tiles.last.text).to match(/1150 m high\s+water boils at 96\.\d °C/)
    expect(tiles.map { |tile| page.at_css(tile.at_css("a")["href"]) }).to all(be_truthy)
    wide = ["jam glass", "cooker cup"].map do |name|
      tiles.find { |tile| tile.text.include?(name) }.at_css("svg")["width"].to_i
    end
    expect(wide.first).to be > wide.last
  end

  it "stands at its sea and has no bags in an empty kitchen", :empty do
    get "/cupboard"
    expect(page.css(".pot-shelf li").map { |tile| tile.text.strip }).to match([/\A0 m high/])
  end

  it "asks an empty kitchen for pot, cup and eaters first", :empty do
    expect(worth_doing).to match([/Put in the pot/, /Put in the cup/, /Put in who eats/])
  end

  it "shows what is usual of something new, in the cupboard and on the Pot page" do
    chosen = lambda do |address, *ids|
      get address
      ids.map { |id| page.at_css("##{id} option[selected]")&.[]("value") }
    end
    expect(chosen.call("/cupboard", "new-pots-lid", "new-eaters-appetite", "new-eaters-age", "new-bags-crop"))
      .to eq(%w[ordinary regular adult usual])
    expect(chosen.call("/pot", "new_pot-lid")).to eq(%w[ordinary])
  end

  it "says which bag runs out" do
    bag = household.shelf(:bags).find(1)
    household.shelf(:bags).change(1, bag[:lock_version], left_g: 310.0)
    expect(worth_doing)
      .to include(match(/\ABasmati runs out: 310 g left; your table eats \d+ g of an evening/))
  end

  it "shows the pots to one scale, each leading to its record" do
    get "/cupboard"
    widths = page.css(".pot-shelf .pot-picture .water").map { |water| water["width"].to_f }
    expect(widths).to eq(household.shelf(:pots).all.map { |pot| pot[:diameter_mm] / 2 })
    page.css(".pot-shelf b").each { |name| expect(page.at_css(name.parent["href"])).not_to be_nil }
  end

  it "lights the pot whose lid would narrow the water most; its test starts there, and tells what it gave" do
    get "/cupboard"
    lit = page.css(".pot-shelf .lit")
    expect([lit.size, worth_doing.join]).to match([1, /Test the lid of the #{lit.at_css('b').text}/])
    get lit.at_css("a[href^='/tests']")["href"].sub(/#.*/, "")
    pot = page.at_css("#lid-pot option[selected]")["value"]
    send_form "/tests/lid", "pot" => pot, "before_g" => "2000", "after_g" => "1975", "minutes" => "10"
    get "/tests"
    said = page.at_css(".notice").text[/Water for your table: .*/].scan(/(\d+) g/).flatten
    low, high, now_low, now_high = said.map(&:to_i)
    expect(now_high - now_low).to be < high - low
    get "/cupboard"
    expect(page.css(".pot-shelf .lit a[href='/tests?test=lid&pot=#{pot}#lid']")).to be_empty
  end
end
