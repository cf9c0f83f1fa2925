# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"
require_relative "../support/whole_kitchen"

RSpec.describe "What was done is taken back, over the web" do
  include Support::ServedKitchen

  before { Support::WholeKitchen.fill(household, Time.now) }

  def bar
    get "/cupboard"
    page.at_css(".take-back")
  end

  # Presses the bar's button.
  def take_back
    id = bar.at_css("[name=id]")["value"]
    send_form "/removed/take-back", "id" => id, "back" => "/log"
    expect([last_response.status, last_response.location]).to match([303, %r{/\w}])
  end

  def log_entry
    household.cooks.finished.first[:id]
  end

  ours = "key: ours\nlike: level\nname: Ours\n"
  pot = { "name" => "Steel", "diameter_mm" => "210", "height_mm" => "110", "lid" => "tight",
          "material" => "steel", "kg" => "1.2", "lid_look" => "glass", "lock_version" => "0" }.freeze
  hill = { "name" => "Uphill", "altitude_m" => "2300", "finger_mm" => "25", "scale_step_g" => "5",
           "hands" => "2" }.freeze
  portions = { "side" => "61", "main" => "83", "one-pot" => "90", "layered" => "99", "sushi" => "85",
               "parcel" => "75" }.freeze

  # Everything that can be removed: where it is pressed, and what is sent.
  removals = { "a dish" => ["/dishes/3/remove", { "lock_version" => "0" }],
               "a pot" => ["/cupboard/pots/4/remove", { "lock_version" => "0" }],
               "a cup" => ["/cupboard/cups/2/remove", { "lock_version" => "0" }],
               "a bag" => ["/cupboard/bags/1/remove", { "lock_version" => "0" }],
               "an eater" => ["/cupboard/eaters/1/remove", { "lock_version" => "0" }],
               "what is in the larder" => ["/cupboard/goods/1/remove", { "lock_version" => "0" }],
               "an own ingredient" => ["/cupboard/own_ingredients/1/remove", { "lock_version" => "0" }],
               "a way" => ["/ways/ours/remove", { "was" => Digest::SHA256.hexdigest(ours) }],
               "a box" => ["/keep/1/throw", { "lock_version" => "0" }],
               "a component" => ["/keep/components/1/throw", { "lock_version" => "0" }],
               "a cook" => ["/log/2/remove", {}] }.freeze

  it "offers no taking back of a meal that has begun since" do
    soon = Time.now + 3600
    send_form "/clock", "title" => "Soon", "day" => soon.strftime("%Y-%m-%d"),
                        "serve" => soon.strftime("%H:%M"), "guests" => "2", "cooks" => "Ada",
                        "beside" => "Salad: Cut the cucumbers | cut | 8 min"
    id = last_response.location[/\d+\z/]
    expect(bar.text).to include("On the clock: Soon")
    send_form "/clock/#{id}/begin"
    expect(bar).to be_nil
  end

  removals.each do |what, (path, fields)|
    it "puts #{what} back as it was, from the bar and from “Removed”" do
      before = Support::WholeKitchen.matter(household.path)
      send_form path, fields
      expect(last_response.status).to eq(303), last_response.body
      expect(Support::WholeKitchen.matter(household.path)).not_to eq(before)
      take_back
      expect(Support::WholeKitchen.matter(household.path)).to eq(before)
      versions = fields.transform_values { |value| value == "0" ? "2" : value }
      send_form path, versions
      get "/removed"
      form = page.css(".removed form").first
      send_form form["action"]
      expect(Support::WholeKitchen.matter(household.path)).to eq(before)
    end
  end

  it "puts a meal back on the clock" do
    day = (Time.now + 86_400).strftime("%Y-%m-%d")
    send_form "/clock", "dish[]" => "2", "day" => day, "serve" => "19:00", "guests" => "2", "cooks" => "Ilse"
    id = household.meals.open.first[:id]
    before = Support::WholeKitchen.matter(household.path)
    send_form "/clock/#{id}/end"
    expect(household.meals.open).to eq([])
    take_back
    expect(Support::WholeKitchen.matter(household.path)).to eq(before)
    # The laying of it too, and that again.
    household.database.sequel[:changes].where(kind: "addition").get(:id).then do |laid|
      send_form "/removed/take-back", "id" => laid.to_s
      expect(household.database.sequel[:meal_dishes].count).to eq(0)
      take_back
      expect(household.meals.open.first[:meal].dishes.size).to eq(1)
    end
  end

  it "takes back what was changed: kitchen, portions, pot, judgement" do
    before = Support::WholeKitchen.matter(household.path)
    [["/cupboard/kitchen", hill.merge("lock_version" => household.kitchen[:lock_version].to_s)],
     ["/cupboard/portions", portions], ["/cupboard/pots/1", pot],
     ["/log/2", { "grain" => "soft", "wetness" => "wet", "lock_version" => "0" }]].each do |path, fields|
      send_form path, fields
      expect([path, last_response.status]).to eq([path, 303])
      expect(Support::WholeKitchen.matter(household.path)).not_to eq(before)
      take_back
      expect([path, Support::WholeKitchen.matter(household.path) == before]).to eq([path, true])
    end
  end

  it "offers it for ten minutes on the pages that follow, unless it is left so" do
    send_form "/dishes/3/remove", "lock_version" => "0"
    expect(bar.text).to include("Removed: Carrots, chickpeas")
    send_form "/removed/leave", "back" => "//elsewhere.example"
    expect([last_response.location, bar]).to eq(["http://localhost/", nil])
    send_form "/dishes/4/remove", "lock_version" => "0"
    @now = Time.now + 599
    expect(bar).not_to be_nil
    @now = Time.now + 601
    expect(bar).to be_nil
    get "/removed"
    expect(page.css(".removed li").size).to eq(3)
    @now = Time.now + (31 * 86_400)
    get "/removed"
    expect(page.at_css("main").text).to include("Nothing was removed")
  end

  it "says so where it was changed once more since, or taken back already" do
    send_form "/cupboard/cups/2/remove", "lock_version" => "0"
    id = bar.at_css("[name=id]")["value"]
    send_form "/removed/#{id}"
    send_form "/removed/#{id}"
    expect([last_response.status, page.at_css("main").text]).to match([404, /taken back already/])
    send_form "/cupboard/cups/2", "name" => "Mug", "ml" => "300", "lock_version" => "2"
    id = bar.at_css("[name=id]")["value"]
    household.shelf(:cups).change(2, 3, name: "Beaker")
    send_form "/removed/take-back", "id" => id
    expect([last_response.status, page.at_css("main").text]).to match([409, /changed once more since/])
    send_form "/removed/take-back", "id" => "x"
    expect(last_response.status).to eq(404)
  end

  it "keeps a pot that has a history by its name, and its cooks teach no other pot" do
    pot_id = household.cooks.finished.first[:pot_id]
    send_form "/cupboard/pots/#{pot_id}/remove", "lock_version" => "0"
    get "/log"
    expect([last_response.status, page.at_css("main").text]).to match([200, /steel pot/i])
    get "/log/#{log_entry}"
    expect(last_response.status).to eq(200)
    get "/pot?grain=jasmine&pot=#{pot_id}"
    expect(last_response.status).to be < 500
  end

  # A dish as its form sends it.
  def dish(text)
    { "text" => text, "lock_version" => "0" }
  end

  it "shows the second of two what stands there now: pot, kitchen, portions, dish, judgement" do
    outcome = FondKettle::Log::Outcome.of(grain: "firm", wetness: "dry", floor: "clean", note: "")
    was = household.portions.version
    household.shelf(:pots).change(1, 0, diameter_mm: 215.0)
    household.change_kitchen(household.kitchen[:lock_version], altitude_m: 1200.0)
    graph = JSON.parse(household.dishes.find(3)[:graph])
    text = graph["text"]
    household.dishes.change(3, 0, graph: JSON.generate(graph.merge("text" => "#{text}Less lemon.")))
    household.portions.keep("main" => 91.0)
    household.cooks.judge(2, outcome, 0)
    { "/cupboard/pots/1" => [pot, ["Inside width, mm", "210", "215"]],
      "/cupboard/kitchen" => [hill.merge("lock_version" => "0"), ["Height above the sea, m", "2300", "1200"]],
      "/cupboard/portions" => [portions.merge("version" => was), %w[Main 83 91]],
      "/dishes/3" => [dish("#{text}More lemon."),
                      ["The dish in your words", "#{text}More lemon.", "#{text}Less lemon."]],
      "/log/2" => [{ "grain" => "soft", "wetness" => "wet", "lock_version" => "0" },
                   ["The grain", "soft", "firm"]] }.each do |path, (fields, row)|
      send_form path, fields
      rows = page.css(".both-ways tbody tr").map { |line| line.css("th, td").map { |cell| cell.text.strip } }
      expect([path, last_response.status, rows]).to match([path, 409, a_collection_including(row)])
    end
  end

  it "says at a box and at a component what is left, where somebody was first" do
    household.kept.take(1, 0, 1, Time.now)
    send_form "/keep/1/take", "count" => "1", "lock_version" => "0"
    expect([last_response.status, page.at_css("[role=alert]").text]).to match([409, /Of Beans 2 are left/])
    household.components.use("own-1", 20.0)
    send_form "/keep/components/1/throw", "lock_version" => "0"
    expect([last_response.status, page.at_css("[role=alert]").text]).to match([409, /100 g are left/])
  end
end
