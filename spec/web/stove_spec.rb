# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "The stove" do
  include Support::ServedKitchen

  let(:stove) do
    send_form "/pot/start?grain=jasmine&pot=3&for=amount&amount=420&unit=g"
    last_response.headers["location"][%r{/stove/\d+}]
  end

  let(:ids) { household.cooks.find(stove[/\d+/].to_i)[:plan][:tasks].map { |task| task[:id] } }

  # Goes on from task to task until one of `kind`.
  def go_on_to(kind)
    get stove
    ids.each_cons(2) do |from, to|
      tasks = household.cooks.find(stove[/\d+/].to_i)[:plan][:tasks]
      break if tasks.find { |task| task[:id] == from }[:kind] == kind

      send_form "#{stove}/task", "from" => from, "to" => to
    end
    get stove
  end

  def ends_ms
    page.at_css(".stove")["data-ends"].to_i
  end

  it "keeps its times on the server: a reload changes none of them" do
    go_on_to("drain")
    first = page.at_css(".stove").to_h.slice("data-began", "data-ends", "data-state")
    get stove
    expect(page.at_css(".stove").to_h.slice("data-began", "data-ends", "data-state")).to eq(first)
  end

  it "takes the rice from its bag when the pot is finished, once, and never below nothing" do
    jasmine = -> { household.shelf(:bags).all.find { |bag| bag[:grain] == "jasmine" } }
    send_form "#{stove}/finish"
    follow_redirect!
    expect([jasmine.call[:left_g],
            page.at_css(".notice").text]).to eq([1980.0, "Jasmine: 1980 g left in the bag."])
    send_form "#{stove}/finish"
    expect([last_response.status, jasmine.call[:left_g]]).to eq([409, 1980.0])
    household.shelf(:bags).change(jasmine.call[:id], jasmine.call[:lock_version], left_g: 100.0)
    send_form "/pot/start?grain=jasmine&pot=3&for=amount&amount=420&unit=g"
    send_form "#{last_response.headers['location'][%r{/stove/\d+}]}/finish"
    expect(jasmine.call[:left_g]).to eq(0.0)
  end

  it "shows the pot only once the heat is on" do
    go_on_to("fill")
    expect(page.css(".level-drawing")).to be_empty
    go_on_to("boil")
    expect(page.css(".level-drawing").size).to eq(1)
  end

  it "gives a lifted lid its time back" do
    go_on_to("low")
    before = ends_ms
    send_form "#{stove}/lifted"
    get stove
    expect(ends_ms - before).to be >= 30_000
    expect(page.text).to include("I lifted the lid (1)")
  end

  it "answers a sign with water in grams and in the cup, and with time" do
    go_on_to("low")
    send_form "#{stove}/sign", "sign" => "chalky-dry"
    get stove
    expect(page.at_css(".remedy").text).to match(/Sprinkle hot water.*\d+ g hot water, .*jam glass|tbsp/m)
    send_form "#{stove}/sign", "sign" => "dragons"
    expect([last_response.status, last_response.body]).to match([422, /must be one of/])
  end

  it "shows every caution of the plan at some step" do
    seen = [nil, *ids].each_cons(2).flat_map do |from, to|
      send_form "#{stove}/task", "from" => from, "to" => to if from
      get stove
      page.css(".caution").map(&:text)
    end
    household.cooks.find(stove[/\d+/].to_i)[:plan][:cautions].each do |caution|
      expect(seen.join).to include(caution[:say])
    end
  end

  it "does not step beyond its ends" do
    send_form "#{stove}/task", "from" => ids.first, "to" => "dragons"
    expect(last_response.status).to eq(422)
    send_form "#{stove}/task", "from" => ids.last, "to" => ids.first
    send_form "#{stove}/task", "from" => "0", "to" => ids[1]
    get stove
    expect(page.at_css(".stove-title").text).to include("step 1 of")
  end

  it "lists the pots when more than one is on" do
    2.times { send_form "/pot/start?grain=jasmine&for=amount&amount=200&unit=g" }
    get "/stove"
    expect(page.at_css("h1").text).to eq("2 pots on the stove")
  end
end
