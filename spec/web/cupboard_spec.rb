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
    name, *grams = said.match(/Test the lid of the (.+): .* is (\d+) to (\d+) g instead of (\d+) to (\d+) g/)
                       .captures
    low, high, low_before, high_before = grams.map(&:to_i)
    expect(high - low).to be < 0.9 * (high_before - low_before)
    pot = household.shelf(:pots).all.find { |record| record[:name] == name }
    send_form "/tests/lid", "pot" => pot[:id].to_s, "before_g" => "2000", "after_g" => "1970",
                            "minutes" => "10"
    expect(worth_doing).not_to include(a_string_starting_with("Test the lid of the #{name}"))
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
    widths = page.css(".pot-shelf svg .water").map { |water| water["width"].to_f }
    expect(widths).to eq(household.shelf(:pots).all.map { |pot| pot[:diameter_mm] / 2 })
    page.css(".pot-shelf a").each { |link| expect(page.at_css(link["href"])).not_to be_nil }
  end
end
