# frozen_string_literal: true

require "nokogiri"
require_relative "../support/fridays"
require_relative "../support/served_kitchen"

# What once ended in an error's page, or in the words of another field.
RSpec.describe "What broke a page once" do
  include Support::ServedKitchen
  include Support::Fridays

  def problems
    page.css("[id$=-problem], .problems li").map { |one| one.text.strip }
  end

  it "tells the field of a dish that is wrong, and no other" do
    get "/pot?dish=2&rinse=99"
    expect(last_response.body).to match(/must be (between|one of).{0,20}0/)
    expect(last_response.body).not_to include("seat somebody")
    get "/pot?dish=2&rinse=99&portion=dish"
    expect(last_response.body).not_to include("seat somebody")
  end

  it "answers a portion of a dish that is gone" do
    %w[/pot /evening /table /pot/side-by-side /pot/slip].each do |path|
      get "#{path}?dish=999&portion=dish"
      expect([path, last_response.status]).to(satisfy { |_, status| status < 500 })
    end
  end

  it "bakes at 490 °F as written, or says how hot the oven gets" do
    dish = household.dishes.all.find { |one| one[:title].include?("oven pilaf") }[:id]
    get "/pot?dish=#{dish}&oven_c=490+F"
    expect(last_response.body).to include("must be at most 230 °C: Small oven gets no hotter")
    oven = household.shelf(:ovens).all.first
    household.shelf(:ovens).remove(oven[:id], oven[:lock_version], Time.now)
    get "/pot?dish=#{dish}&oven_c=490+F"
    expect(last_response.body).to include("254 °C")
    expect(last_response.body).not_to include("250 °C")
  end

  it "refuses a tap at no time, in words, and keeps nothing" do
    id = laid
    stand_at(id, household.meals.find(id)[:schedule].span_min)
    send_form "/clock/#{id}/begin"
    task = household.meals.find(id)[:meal].tasks.first
    [10**400, -1, 10**15].each do |at|
      send_form "/meal/#{id}/taps",
                "taps" => JSON.generate(taps: [{ key: "tap-000001", task: task.id, what: "begun", at: at }])
      expect(last_response.status).to eq(422)
    end
    expect(household.meals.standing(household.meals.find(id)).begun_at(task)).to be_nil
  end

  it "says that a meal that is not met, or not begun, has nothing to slip" do
    waiting = laid
    unmet = laid(day: Time.now.strftime("%Y-%m-%d"), serve: (Time.now + 300).strftime("%H:%M"))
    [waiting, unmet].each do |id|
      send_form "/meal/#{id}/slip", "slip" => "guest", "minutes" => "10"
      expect(last_response.status).to eq(409)
      expect(last_response.body).to include("not on the stove yet")
    end
  end
end
