# frozen_string_literal: true

require "nokogiri"
require_relative "../support/fridays"
require_relative "../support/served_kitchen"

RSpec.describe "The clock" do
  include Support::ServedKitchen
  include Support::Fridays

  def problems
    page.css(".problem").map { |one| one.text.gsub(/[▲\s]+/, " ").strip }.reject(&:empty?)
  end

  it "boils the rice of a layered dish in a pot that no other dish has" do
    sealed = household.dishes.all.select { |dish| dish[:method].start_with?("sealed-") }
    layered = sealed.map { |dish| dish[:id].to_s }
    [[layered.first, "2"], layered].each do |chosen|
      dishes = household.meals.find(laid(dish: chosen, guests: "2", beside: ""))[:meal].dishes
      own = dishes.map { |dish| dish.plan[:vessel][:name] }
      boiled_in = dishes.flat_map { |dish| dish.plan[:tasks] }
                        .filter_map { |task| task[:say][/hard boil in the ([^,]+),/, 1] }
      expect([*own, *boiled_in].tally.values.max).to eq(1)
      expect(boiled_in).not_to be_empty
    end
  end

  it "lays five dishes for nine and two cooks, and says when to begin" do
    id = laid
    get "/clock/#{id}"
    expect(page.at_css("#lead").text).to match(/\ABegin at \d\d:\d\d, eat at 19:00: 1 h \d\d in all/)
    expect(page.css(".dish-key").size).to eq(5)
    expect(page.css(".meal-task").size).to eq(household.meals.find(id)[:meal].tasks.size)
    record = household.meals.find(id)
    expect(Support::Meals.faults(*checked(record))).to eq([])
    expect(record[:meal].dishes.filter_map { |dish| dish.plan.dig(:vessel, :name) }.uniq.size).to eq(3)
  end

  def checked(record)
    problem = FondKettle::Meals::Arranging.problem(record[:meal])
    [problem.slots, problem.ends, problem.resources, record[:schedule].starts]
  end

  it "keeps what was typed where something is wrong, and says it at its field" do
    { { serve: "25:00" } => /a day and a time/, { day: "2020-01-01" } => /in the future/,
      { cooks: "" } => /missing/, { cooks: "a, b, c, d" } => /between 1 and 3/,
      { guests: "many" } => /whole number/,
      { dish: [], beside: "" } => /must be chosen/, { dish: ["999"] } => /not among the dishes/,
      { beside: "Stock: Boil | simmer | 9000 min" } => /at most 2880/,
      { beside: (1..21).map { |n| "D#{n}: x | cut | 1 min" }.join("\n") } => /at most 20 dishes/,
      { beside: "Cut | cut | 1 min\n" * 450 } => /at most 400 steps/,
      { dish: %w[1 2 3 4 5 7 8] } => /no pot left|rounds/ }.each do |change, words|
      send_form "/clock", friday(**change, title: "My evening")
      expect([change, last_response.status, problems]).to match([change, 422, include(words)])
      expect(page.at_css("#title")["value"]).to eq("My evening")
    end
    expect(household.meals.open).to eq([])
  end

  it "moves, pins and gives away one task, and refuses what has no room, changing nothing" do
    id = laid
    before = household.meals.find(id)
    task = before[:meal].tasks.find { |one| one.id.start_with?("d4/") }
    later = before[:schedule].starts[task.id] + 4
    send_form "/clock/#{id}/move", "task" => task.id, "before" => later.to_s, "who" => "1"
    after = household.meals.find(id)
    expect([after[:schedule].starts[task.id], after[:schedule].hands[task.id],
            after[:meal].pins]).to eq([later, [1], { task.id => later }])
    expect(Support::Meals.faults(*checked(after))).to eq([])
    bake = after[:meal].tasks.find { |one| one.kind.key == "bake" }
    { { "before" => "1" } => /no room/, { "start" => "soon" } => /a time/,
      { "task" => "d9/x" } => /one of the meal/,
      { "before" => "99999" } => /between/ }.each do |fields, words|
      send_form "/clock/#{id}/move", { "task" => bake.id }.merge(fields)
      expect([fields, last_response.status, problems]).to match([fields, 422, include(words)])
    end
    expect(household.meals.find(id)).to eq(after)
    send_form "/clock/#{id}/move", "task" => task.id, "free" => "yes"
    expect(household.meals.find(id)[:meal].pins).to eq({})
  end

  it "refuses two tasks pinned on one ring" do
    id = laid(dish: [], beside: "Soup: Warm it | simmer | 20 min\nOnions: Fry them | fry | 20 min",
              cooks: "Ada, Bo")
    serve = household.meals.find(id)[:meal].serve_at.strftime("%Y-%m-%dT%H:%M")
    send_form "/clock/#{id}/change", "serve" => serve,
                                     "cooks" => "Ada, Bo", "rings" => "1"
    starts = household.meals.find(id)[:schedule].starts
    send_form "/clock/#{id}/move", "task" => "d1/1", "before" => starts["d1/1"].to_s
    send_form "/clock/#{id}/move", "task" => "d2/1", "before" => starts["d1/1"].to_s
    expect([last_response.status, problems]).to match([422, include(/no room/)])
  end

  it "says what is in the way, and takes the way out that is chosen" do
    id = laid(cooks: "Orsolya", beside: "#{Support::Fridays::BESIDE}\nOnions: Fry the onions | fry | 25 min")
    get "/clock/#{id}"
    expect(page.at_css(".meal-trouble").text).to match(/\d+ min of work for 1 pair of hands.*Fry the onions/m)
    form = page.css(".meal-trouble form").find { |one| one.at_css("[name=way]")["value"] == "cook" }
    send_form form["action"], "way" => "cook", "count" => "1"
    expect(household.meals.find(id)[:schedule]).not_to be_nil
    %w[juggle cook].product(%w[0 x 9999]).each do |way, count|
      send_form "/clock/#{id}/way", "way" => way, "count" => count
      expect(last_response.status).to eq(422)
    end
  end

  it "puts things off to the day before, and the sheet has them first" do
    id = laid
    send_form "/clock/#{id}/ahead", "ahead" => ["d4/s1", "no/such"]
    expect(household.meals.find(id)[:meal].ahead).to eq(["d4/s1"])
    get "/clock/#{id}/print"
    expect(page.text).to include("The day before", "5 °C or below", "To get", "unsalted stock")
    told = page.css(".sheet-caution").map(&:text)
    expect(told).to eq(told.uniq)
  end

  it "gets the liquid that the plan of each pot wants, and plain rice too" do
    id = laid(dish: [friday["dish"].first, "plain-jasmine"])
    poured = household.meals.find(id)[:meal].dishes.first.plan[:liquid][:g]
    household.shelf(:bags).all.each do |bag|
      household.shelf(:bags).change(bag[:id], bag[:lock_version], left_g: 0.0)
    end
    get "/clock/#{id}/shopping.txt"
    expect(last_response.body).to match(/\d+ g Jasmine/)
    stock_ml = last_response.body[/(\d+) mL stock/, 1].to_i
    expect(stock_ml).to be_within(12).of(poured)
  end

  it "gives a meal away as JSON and takes it back; what is no meal is told in words" do
    id = laid
    get "/clock/#{id}/meal.json"
    text = last_response.body
    send_form "/clock/import", "json" => text
    back = household.meals.find(last_response.headers["location"][/\d+\z/].to_i)
    expect(back[:meal].dishes.map(&:title)).to eq(household.meals.find(id)[:meal].dishes.map(&:title))
    ["", "{", "[]", '{"serve_at":"2026-05-09T19:00"}', "9" * 600_000, "[" * 90, '{"a":1}'].each do |broken|
      send_form "/clock/import", "json" => broken
      expect([broken[0, 9], last_response.status]).to eq([broken[0, 9], 422])
    end
  end

  it "answers from a kept schedule without placing anything" do
    id = laid
    allow(FondKettle::Clock::Placement).to receive(:place).and_raise("placed")
    get "/clock/#{id}"
    expect(last_response.status).to eq(200)
  end

  it "is gone, or over, in words" do
    get "/clock/99"
    expect(last_response.status).to eq(404)
    id = laid
    send_form "/clock/#{id}/end"
    send_form "/clock/#{id}/move", "task" => "d4/s1", "before" => "40"
    expect(last_response.status).to eq(409)
    get "/meal/#{id}"
    expect(last_response.status).to eq(302)
  end
end
