# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "The pages" do
  include Support::ServedKitchen

  plan = "grain=basmati&pot=3&for=amount&amount=540&unit=g"

  def water
    page.at_css(".number strong").text
  end

  it "answers every place with its protections" do
    %w[/ /pot /stove /log /log/1 /cupboard].each do |path|
      get path
      expect(last_response.status).to eq(200), path
      policy = last_response.headers["content-security-policy"]
      expect(policy).to include("default-src 'self'", "script-src 'self' 'sha256-", "frame-ancestors 'none'")
      expect(policy).not_to include("unsafe")
      expect(last_response.headers["x-content-type-options"]).to eq("nosniff")
    end
  end

  it "plans from the address alone, in grams and in the house's cup" do
    get "/pot?#{plan}"
    expect(water).to match(/\A\d{3} g\z/)
    expect(page.at_css(".number.cup").text).to include("jam glass")
    expect(page.css(".slip li").size).to eq(8)
    expect(page.at_css("svg.pot-drawing desc").text).to include("240 mm wide")
  end

  it "leaves what is kept of a visit alone where a script reads a part of a page" do
    get "/pot?#{plan}"
    expect(last_response.headers["set-cookie"]).to include("kettle=")
    get "/pot?#{plan}", {}, "HTTP_X_KETTLE_PART" => "answer"
    expect(last_response.headers["set-cookie"]).to be_nil
    expect(water).to match(/\A\d{3} g\z/)
  end

  it "is dimmed for the evening on one device, and goes back to the page, never to another's" do
    { "http://localhost/pot?grain=basmati&a=%C3%B6" => "/pot?grain=basmati&a=%C3%B6",
      "http://elsewhere.test/x" => "/", "http://localhost//elsewhere.test" => "/elsewhere.test",
      "no address" => "/", nil => "/" }.each do |from, back|
      header "Referer", from
      send_form "/dim"
      expect([last_response.status,
              last_response.headers["Location"]]).to eq([303, "http://localhost#{back}"])
    end
    get "/log"
    expect(page.at_css("html")["class"]).to eq("dim")
  end

  it "tells floor and top of a deep bed apart" do
    get "/pot?grain=basmati&pot=1&for=amount&amount=800&unit=g&texture=0.5&lesson=leave"
    expect(page.at_css(".verdict").text).to eq("Comes out soft: the top just right, the floor soft")
  end

  it "learns from the log, and leaves it out when told to" do
    get "/pot?#{plan}"
    taught = water
    expect(page.at_css(".lesson").text).to include("Learned here. From 7 pots:", "this bag drinks more")
    get "/pot?#{plan}&lesson=leave"
    expect(water.to_i).to be < taught.to_i
  end

  { "guests=0" => "guests", "guests=10000" => "guests", "guests=" => "guests",
    "for=amount&amount=-5&unit=g" => "amount", "for=amount&amount=abc" => "amount",
    "for=amount&amount=1e309" => "amount", "for=amount&amount=" => "amount",
    "grain=gravel" => "grain", "grain[]=x" => "grain", "pot=77" => "pot", "pot=x" => "pot",
    "soak=-1" => "soak",
    "soak=long" => "soak",
    "texture=9" => "texture",
    "serve=25:99" => "serve", "method=basm" => "method" }.each do |query, field|
    it "marks #{field} for #{query} and keeps what was typed" do
      get "/pot?#{query}"
      expect(last_response.status).to eq(422)
      problem = page.at_css("##{field}-problem")
      expect(problem ? problem.text : page.at_css("#answer").text).to match(/must|choose another|given/)
      typed = query[/\A#{field}=(.+)/, 1]
      expect(page.at_css("input##{field}")["value"]).to eq(typed) if typed && page.at_css("input##{field}")
    end
  end

  it "reads its parts as they are written, whatever the machine's language is" do
    parts = FondKettle::Web::Helpers::Pages::PARTS
    usual = Encoding.default_external
    Encoding.default_external = Encoding::US_ASCII
    parts.clear
    %w[/pot /evening?dish=2 /log/2].each do |path|
      get path
      expect(last_response.status).to eq(200), path
    end
  ensure
    Encoding.default_external = usual
  end

  it "answers broken addresses in words" do
    ["/pot?a[=1&a[b=2&a=%ff", "/pot?who[]=%ff", "/pot?a=%00"].each do |path|
      get path
      expect([last_response.status, last_response.body]).to match([400, /cannot be read/])
    end
    %w[/stove/99 /stove/abc /log/99 /nowhere].each do |path|
      get path
      expect(last_response.status).to eq(404), path
    end
  end

  it "refuses a form that did not come from a page" do
    post "/cupboard/cups", "name" => "mug", "ml" => "300"
    expect(last_response.status).to eq(403)
    expect(household.shelf(:cups).all.size).to eq(2)
  end

  it "adds a pot in place, and keeps the plan when it cannot" do
    send_form "/pot/add/pots?#{plan}", "new_pot" => { "name" => "Odd <b>pot</b>", "diameter_mm" => "3" }
    expect([last_response.status, household.shelf(:pots).all.size]).to eq([422, 5])
    expect(page.at_css("#new_pot-diameter_mm-problem").text).to include("must be between 80 and 600")
    expect([page.at_css("#amount")["value"],
            page.at_css("#new_pot-name")["value"]]).to eq(["540", "Odd <b>pot</b>"])
    new_pot = { "name" => "Odd <b>pot</b>", "diameter_mm" => "160", "height_mm" => "90", "lid" => "tight",
                "material" => "steel",
                "kg" => "0,9" }
    send_form "/pot/add/pots?#{plan}", "new_pot" => new_pot
    expect(last_response.headers["location"]).to include("amount=540", "pot=6")
    follow_redirect!
    expect(page.css("b").map(&:text)).not_to include("pot")
  end

  it "cooks, step by step, and tells the second device who was first" do
    send_form "/pot/start?#{plan}"
    stove = last_response.headers["location"][%r{/stove/\d+}]
    first, second = household.cooks.find(stove[/\d+/].to_i)[:plan][:tasks].map { |task| task[:id] }
    2.times { send_form "#{stove}/task", "from" => first, "to" => second }
    send_form "#{stove}/poured", "poured" => "3 moons", "poured_unit" => "cup"
    expect(last_response.status).to eq(422)
    send_form "#{stove}/poured", "poured" => "3 jam glasses + 105 ml", "poured_unit" => "g"
    state = lambda do
      get "#{stove}/state"
      JSON.parse(last_response.body)["state"]
    end
    before = state.call
    send_form "#{stove}/told", "kind" => "seen", "what" => "boil"
    expect([before, state.call]).to match([/\A4-\d+-open\z/, /\A5-\d+-open\z/])
    expect(household.cooks.find(stove[/\d+/].to_i)[:poured_g]).to eq(735.0)
    send_form "#{stove}/finish"
    send_form "#{stove}/finish"
    expect([last_response.status, last_response.body]).to match([409, /finished already/])
    send_form "#{stove}/told", "kind" => "seen", "what" => "dragons"
    expect(last_response.status).to eq(422)
  end

  it "takes an outcome once, and keeps what the second device chose" do
    send_form "/pot/start?#{plan}"
    id = last_response.headers["location"][/\d+\z/]
    send_form "/stove/#{id}/finish"
    send_form "/log/#{id}", "grain" => "firm"
    expect([last_response.status, page.at_css("#wetness-problem").text]).to match([422, /given|missing/])
    right = { "grain" => "soft", "wetness" => "wet", "floor" => "clean",
              "note" => "<script>alert(1)</script>" }
    send_form "/log/#{id}", right
    send_form "/log/#{id}", right.merge("note" => "mine too")
    expect([last_response.status, page.at_css("#note").text]).to eq([409, "mine too"])
    get "/log/#{id}"
    expect(page.at_css("#note").text).to eq("<script>alert(1)</script>")
  end

  it "keeps the cupboard, with conflicts in words" do
    send_form "/cupboard/cups/1", "name" => "jam glass", "ml" => "215", "lock_version" => "0"
    send_form "/cupboard/cups/1", "name" => "tea glass", "ml" => "190", "lock_version" => "0"
    expect([last_response.status, page.at_css("#cups-1-name")["value"]]).to eq([409, "tea glass"])
    expect(household.shelf(:cups).find(1)[:ml]).to eq(215.0)
    send_form "/cupboard/kitchen", "name" => "Ours", "altitude_m" => "99999", "lock_version" => "1"
    expect(last_response.status).to eq(422)
    send_form "/cupboard/eaters/1/remove", "lock_version" => "0"
    expect(household.shelf(:eaters).all.size).to eq(4)
  end

  it "takes a new pot and a new bag as the blank forms offer them" do
    get "/cupboard"
    offered = %w[pots-lid_factor bags-drinks].map { |name| page.at_css("#new-#{name}")["value"] }
    expect(offered).to eq(["", "1"])
    send_form "/cupboard/pots", "name" => "Camp pot", "diameter_mm" => "160", "height_mm" => "90",
                                "lid" => "tight",
                                "material" => "steel", "kg" => "0.4", "lid_factor" => "1"
    send_form "/cupboard/bags", "name" => "Red bag", "grain" => "jasmine", "left_g" => "900",
                                "drinks" => "1.05", "crop" => "old",
                                "opened_on" => ""
    expect(last_response.status).to eq(303)
    expect([household.shelf(:pots).all.size, household.shelf(:bags).all.last[:opened_on]]).to eq([6, nil])
  end

  it "says that nothing was saved when the records are locked" do
    get "/cupboard"
    other = Sequel.connect(household.database.sequel.opts.slice(:adapter, :database))
    other.transaction(mode: :immediate) do
      send_form "/pot/start?#{plan}"
      expect([last_response.status, last_response.body]).to match([503, /nothing was saved/i])
    end
    other.disconnect
  end

  it "answers a monitor, and ships files that may be kept for good" do
    get "/health"
    expect([last_response.status, last_response.body]).to eq([200, "ok\n"])
    get FondKettle::Web::Assets.address("/css/kettle.css")
    expect(last_response.headers["cache-control"]).to include("immutable")
    get "/assets/../application.rb"
    expect(last_response.status).not_to eq(200)
  end

  it "plans the first pot of an empty kitchen", :empty do
    get "/?table=laid"
    expect(page.at_css("#guests")["value"]).to eq("2")
    get "/pot?for=people&guests=7&grain=jasmine"
    expect([last_response.status,
            page.at_css(".rice-line").text]).to match([200, /525 g rice.*7 at the table/])
  end
end
