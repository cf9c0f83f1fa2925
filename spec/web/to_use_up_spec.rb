# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Dishes beside the table, by what must be used up" do
  include Support::ServedKitchen

  today = Date.today

  # A stock of the house's own, to be used within so many days.
  def stock(name, days, left_g: 400.0)
    own = { name: name, like: "stock", allergens: "" }
    household.components.make(own, left_g: left_g, use_by: (Date.today + days).iso8601, place: "fridge",
                                   now: Time.now)
  end

  # What stands at each dish, by its title, in the order of the page.
  def said
    get "/"
    page.css("#found .choice").to_h do |choice|
      [choice.at_css("span").children.first.text.strip, choice.at_css(".dish-uses")&.text]
    end
  end

  it "come first where they take it, and say until when" do
    expect(said.values.compact).to eq([])
    stock("Pea-pod stock", 2)
    words = "uses up Pea-pod stock, by #{(today + 2).strftime('%A')}"
    expect(said.first).to eq(["Leek and dill oven pilaf", words])
    expect(said.values.compact.size).to eq(1)
    stock("Corn-cob stock", 1)
    expect(said.values.first).to eq("uses up Corn-cob stock, by tomorrow")
    stock("Rind stock", 0)
    expect(said.values.first).to eq("uses up Rind stock, today")
  end

  it "say nothing of what keeps longer, is past its day, or is used up" do
    stock("Frozen stock", 90)
    stock("Old stock", -1)
    stock("Finished stock", 1, left_g: 0.0)
    expect(said.values.compact).to eq([])
  end

  it "stand behind what the house has rice for, where theirs is not there" do
    leek = household.dishes.search("leek").first
    household.shelf(:bags).all.select { |bag| bag[:grain] == leek[:grain] }.each do |bag|
      household.shelf(:bags).change(bag[:id], bag[:lock_version], { left_g: 0.0 })
    end
    stock("Pea-pod stock", 2)
    rows = said
    expect([rows.keys.index(leek[:title]), rows[leek[:title]]]).to match([be > 0, /uses up/])
  end
end
