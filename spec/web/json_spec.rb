# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"
require_relative "../support/http_docs"

RSpec.describe "The kitchen over http, as JSON" do
  include Support::ServedKitchen

  # A kitchen asked by a program, no page of HTML among its answers.
  def ask(path)
    header "Accept", "application/json"
    get path
    told
  end

  def tell(path, **fields)
    header "Content-Type", "application/json"
    header "X-CSRF-Token", @token
    post path, JSON.generate(fields)
    header "Content-Type", nil
    told
  end

  def told
    expect(last_response.content_type).to start_with("application/json")
    @token = last_response["x-csrf-token"] || @token
    JSON.parse(last_response.body)
  end

  def status
    last_response.status
  end

  before { ask("/cupboard") }

  it "cooks a pot from its plan to how it came out, and finds it on the pages" do
    plan = ask("/pot?grain=basmati&for=amount&amount=320&unit=g&pot=3").dig("shown", "plan")
    expect(plan["liquid"]["g"]).to be > 300
    pot = tell("/pot/start", grain: "basmati", for: "amount", amount: 320, unit: "g", pot: 3)["shown"]
    id = pot["id"]
    expect([pot["pending"], pot["tasks"].first["id"]]).to eq([false, pot["task"]])
    pot["tasks"].each_cons(2) do |one, following|
      more = one["kind"] == "boil" ? { seen: "boil" } : {}
      @now = (@now || Time.now) + (one["timed_min"] || one["minutes"] || 1).to_f.*(60)
      pot = tell("/stove/#{id}/task", from: one["id"], to: following["id"], **more)["shown"]
      expect([status, pot["task"]]).to eq([200, following["id"]])
    end
    entry = tell("/stove/#{id}/finish")["cooked"]
    expect(entry).to include("id" => id, "outcome" => nil)
    tell("/log/#{id}", grain: "firm", wetness: "right", floor: "clean", note: "told by a program")
    outcome = ask("/log/#{id}")["cooked"]["outcome"]
    expect(outcome).to include("grain" => "firm", "note" => "told by a program")
    header "Accept", "text/html"
    get "/log/#{id}"
    expect(page.at_css("#note").text.strip).to eq("told by a program")
  end

  it "lays a meal, cooks it and ends it" do
    day = (Time.now + 86_400).strftime("%Y-%m-%d")
    meal = tell("/clock", dish: [2], day: day, serve: "19:00", guests: 2, cooks: "Ilse")["shown"]
    id = meal["id"]
    expect([status, meal["tasks"].size, meal["cooks"]]).to match([200, be > 5, ["Ilse"]])
    stove = tell("/clock/#{id}/begin")["shown"]
    task = stove["stands"].first["task"]
    tell("/meal/#{id}/taps", taps: [{ key: SecureRandom.uuid, task: task, what: "begun",
                                      at: (Time.now.to_f * 1000).round }])
    expect(ask("/meal/#{id}")["shown"]["stands"].find { |one| one["task"] == task }["state"]).to eq("going")
    tell("/meal/#{id}/end")
    expect(status).to eq(200)
    header "Accept", "text/html"
    get "/clock?all=1"
    expect(page.text).not_to include("Ilse")
  end

  it "keeps shelves, dishes and boxes, says which field is wrong, and what stands where somebody was first" do
    cups = tell("/cupboard/cups", name: "Mug", ml: 310.5)["shown"]["cups"]
    mug = cups.find { |cup| cup["name"] == "Mug" }
    expect(mug).to include("ml" => 310.5, "lock_version" => 0)
    expect(tell("/cupboard/cups", name: "Mug", ml: "much")["errors"])
      .to eq([{ "field" => "ml", "message" => "must be a number, between 20 and 2000" }])
    expect(status).to eq(422)
    tell("/cupboard/cups/#{mug['id']}", name: "Beaker", ml: 310, lock_version: 0)
    late = tell("/cupboard/cups/#{mug['id']}", name: "Jar", ml: 300, lock_version: 0)
    expect([status, late["now"]["both"]["cups-#{mug['id']}"].first])
      .to eq([409, { "title" => "Name", "yours" => "Jar", "theirs" => "Beaker" }])
    dish = tell("/dishes", text: "Plain\nServes 4\n300 g basmati rice\n20 g butter | base")["shown"]
    expect(dish).to include("title" => "Plain", "rice_g" => 300.0)
    box = tell("/keep", what: "Beans", portions: 3, g_each: 210, depth_mm: 20, vessel: "tray", start_c: 90,
                        made: Time.now.strftime("%Y-%m-%dT%H:%M"), place: "fridge")["kept"].first["record"]
    left = tell("/keep/#{box['id']}/take", count: 1, lock_version: 0)["kept"].first["record"]
    expect(left).to include("portions" => 2)
  end

  it "makes what has a key of its own once, however often it is sent" do
    2.times { tell("/cupboard/cups", name: "Once", ml: 310, key: "mine-1") }
    expect(household.shelf(:cups).all.count { |cup| cup[:name] == "Once" }).to eq(1)
  end

  it "is let in by the same doors, and tells in JSON why not" do
    @token = "no"
    post "/cupboard/cups", "{}", "CONTENT_TYPE" => "application/json"
    expect([status, household.shelf(:cups).all.size]).to eq([403, 2])
    header "Content-Type", "application/json"
    ask("/cupboard")
    header "X-CSRF-Token", @token
    ["[1]", "{", "\xff", "[" * 50].each do |body|
      post "/cupboard/cups", body
      expect([status, told["errors"].first["field"]]).to eq([422, "body"])
    end
    expect([ask("/stove/99")["errors"].size, status]).to eq([1, 404]), last_response.errors
    header "Host", "elsewhere.test"
    get "/cupboard"
    expect(status).to eq(403)
  end

  it "tells tonight's table and its dishes" do
    top = ask("/?guests=2")["top"]
    expect(top["guests"]).to eq(2)
    expect(top["plates"].map { |plate| plate["get"] }).to all(include("jam glass"))
    expect(ask("/")["choices"].map { |dish| dish["title"] }).to include("Jam-glass jasmine")
  end

  it "tells what the rice of an empty kitchen wants", :empty do
    shown = ask("/?guests=7&new_kitchen[diameter_mm]=24+cm")["shown"]
    expect(shown["plan"]["rice"]["g"]).to eq(525.0)
    expect(shown["taken"]).to include("125 mm")
  end

  it "tells every page that can be gone to" do
    paths = FondKettle::Web::DESTINATIONS.map(&:path) - %w[/foods /meal /clock]
    paths.each do |path|
      ask(path)
      expect([path, status]).to eq([path, 200])
    end
  end

  it "is written down, each address with what it does, as the routes have it" do
    expect(File.read(Support::HttpDocs::FILE)).to eq(Support::HttpDocs.text)
    undescribed = Support::HttpDocs.text.lines.grep(/^\| (GET|POST) \|/).select { |line| line.split("|")[3].strip.empty? }
    expect(undescribed).to eq([])
  end
end
