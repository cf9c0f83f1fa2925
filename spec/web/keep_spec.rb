# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "What is kept, over the web" do
  include Support::ServedKitchen

  def component(**changes)
    send_form "/keep/components", { c_name: "Bindery dressing", c_kind: "dressing", c_left_g: "300",
                                    c_brings: "0.6", c_salt: "6.6", c_allergens: "", c_place: "fridge",
                                    c_use_by: (Date.today + 20).iso8601, **changes }
  end

  def left
    household.components.there.map { |one| [one[:name], one[:left_g]] }
  end

  it "keeps a component with its own water, salt and allergens, and a dish knows it by its name" do
    component(c_allergens: "sulphite")
    expect(last_response.status).to eq(303)
    food = household.names.find("bindery dressing")
    expect([food.brings, food.salt, food.allergens]).to eq([0.6, 6.6, %w[sulphite]])
    get "/keep"
    expect(last_response.body).to include("Bindery dressing", "300 g", "contains sulphite")
  end

  it "takes off what a dish has used, the oldest first, and no more than there is" do
    component
    own = household.components.there.first[:own_ingredient_id]
    household.components.add(own_ingredient_id: own, left_g: 50.0, place: "fridge",
                             made_at: Time.now.utc.iso8601, use_by: (Date.today + 2).iso8601)
    household.components.use("own-#{own}", 80.0)
    expect(left).to eq([["Bindery dressing", 270.0]])
    household.components.use("own-#{own}", 900.0)
    expect(left).to eq([])
  end

  it "is taken off when the pot is finished that it went into" do
    component
    get "/pot?grain=basmati&for=amount&amount=300&beside=40+g+bindery+dressing"
    expect(last_response.body).to include("40 g bindery dressing")
    send_form "/pot/start?grain=basmati&for=amount&amount=300&beside=40+g+bindery+dressing", {}
    send_form "#{URI(last_response.location).path}/finish", {}
    expect(left).to eq([["Bindery dressing", 260.0]])
  end

  it "refuses a day that is past, an allergen that is none, and nothing at all, and loses nothing" do
    component(c_use_by: (Date.today - 1).iso8601)
    expect([last_response.status, last_response.body]).to match([422, /must not be in the past.*/m])
    expect(last_response.body).to include('value="Bindery dressing"')
    component(c_allergens: "dust")
    expect(last_response.body).to include("dust: must be one of")
    component(c_left_g: "0", c_name: "")
    expect(last_response.body).to include("is missing", "must be above 0")
    expect(left).to eq([])
  end

  it "fills in a dressing as a plan has it" do
    get "/keep/dressing?grain=short-white&method=sushi&for=amount&amount=320&unit=g"
    expect(last_response.body).to include('value="House dressing"', 'value="72"', 'value="6.6"')
  end

  it "refuses to take what is not there, and to move it anywhere else" do
    send_form "/keep", { what: "Rice", portions: "2", g_each: "250", depth_mm: "25", vessel: "tray",
                         place: "fridge", made: Time.now.strftime("%Y-%m-%dT%H:%M"), start_c: "90" }
    id = household.kept.there.first[:id]
    send_form "/keep/#{id}/take", { count: "3" }
    expect([last_response.status, last_response.body]).to match([422, /count must be between 1 and 2/])
    send_form "/keep/#{id}/move", { place: "moon" }
    expect(last_response.status).to eq(422)
    send_form "/keep/#{id}/take", { count: "2" }
    expect(household.kept.there).to eq([])
    send_form "/keep/999/throw", {}
    expect(last_response.status).to eq(404)
  end

  def put_away(**changes)
    send_form "/keep", { what: "Rice", portions: "4", g_each: "250", depth_mm: "25", vessel: "tray",
                         place: "fridge", made: (Time.now - 1800).strftime("%Y-%m-%dT%H:%M"), start_c: "90",
                         **changes }
    household.kept.there.last
  end

  it "stands on counter, in refrigerator and freezer as it is full, the first to go in front" do
    put_away(what: "Late rice", portions: "2")
    put_away(what: "Old rice", made: (Time.now - (20 * 3600)).strftime("%Y-%m-%dT%H:%M"),
             moved: (Time.now - (19 * 3600)).strftime("%Y-%m-%dT%H:%M"))
    put_away(what: "Parcels", portions: "30", place: "freezer")
    put_away(what: "Warm rice", place: "cooling", moved: "")
    get "/keep"
    fridge = page.css(".is-fridge li")
    expect(fridge.map { |box| box.at_css("b").text }).to eq(["Old rice", "Late rice"])
    expect(fridge.map { |box| box.css("rect.rice").size }).to eq([4, 2])
    expect(fridge.map { |box| box.at_css("svg")["class"] })
      .to eq(["kept-box lasts-now", "kept-box lasts-last-day"])
    expect(page.css(".is-freezer svg").map { |box| [box["class"], box.css("rect.rice").size] })
      .to eq([["kept-box lasts-days", 12]])
    expect(page.at_css(".is-cooling li").text).to match(/Warm rice\s+into the cold by \d\d:\d\d/)
    expect(page.css(".cold a").map { |link| page.at_css(link["href"]) }).to all(be_truthy)
  end

  it "freezes what was cold already, thaws it, and freezes nothing twice" do
    now = Time.now
    id = put_away[:id]
    made, moved = [20, 19].map { |hours| (now - (hours * 3600)).utc.iso8601 }
    household.kept.change(id, 0, made_at: made, moved_at: moved)
    send_form "/keep/#{id}/move", { place: "freezer" }
    get "/keep"
    expect(last_response.body).not_to include("It was not cold soon enough")
    expect(household.kept.value(household.kept.find(id)).use_by(now)).to be > now + (50 * 86_400)
    send_form "/keep/#{id}/move", { place: "fridge" }
    get "/keep"
    expect(page.at_css("#kept-#{id}").text).to include("Thawed: use by")
    expect(page.css("#kept-#{id} button[value=freezer]")).to be_empty
    send_form "/keep/#{id}/move", { place: "freezer" }
    expect([last_response.status, last_response.body]).to match([422, /what was thawed is not frozen again/])
  end

  it "asks since when it is cold what was cooked a while ago, and believes it" do
    day = ->(hours) { (Time.now - (hours * 3600)).strftime("%Y-%m-%dT%H:%M") }
    send = lambda { |made, moved, **more|
      put_away(place: "freezer", made: day.call(made), moved: moved && day.call(moved), **more)
    }
    send.call(300, nil)
    expect([last_response.status, last_response.body]).to match([422, /must be said: it came off the heat/])
    send.call(300, 301)
    expect(last_response.body).to include("must be between when it came off the heat and now")
    send.call(0, 0, place: "cooling")
    expect(last_response.body).to include("must be blank while it cools")
    send.call(300, 299)
    expect(last_response.status).to eq(303)
    expect(household.kept.value(household.kept.there.last).past?(Time.now)).to be(false)
  end

  it "says of what is gone already that it is" do
    id = put_away[:id]
    send_form "/keep/#{id}/throw", {}
    %w[take move throw].each do |act|
      send_form "/keep/#{id}/#{act}", { count: "1", place: "freezer" }
      expect([last_response.status, last_response.body]).to match([404, /Rice is gone already/])
    end
  end

  it "moves nothing that has to be thrown away, and knows no cook that there never was" do
    id = put_away(place: "cooling")[:id]
    household.kept.change(id, 0, made_at: (Time.now - (9 * 3600)).utc.iso8601)
    send_form "/keep/#{id}/move", { place: "fridge" }
    expect([last_response.status, household.kept.find(id)[:place]]).to eq([422, "cooling"])
    put_away(cook: "99999")
    expect([last_response.status, household.kept.there.last[:cook_id]]).to eq([303, nil])
  end

  it "offers what there is of a grain when that is planned" do
    send_form "/keep", { what: "Tuesday basmati", portions: "2", g_each: "250", depth_mm: "25",
                         vessel: "tray",
                         place: "fridge", made: Time.now.strftime("%Y-%m-%dT%H:%M"), start_c: "90",
                         grain: "basmati" }
    get "/pot?grain=basmati"
    expect(last_response.body).to include("Tuesday basmati")
    get "/pot?grain=jasmine"
    expect(page.css("main > *:not(.take-back)").text).not_to include("Tuesday basmati")
  end
end
