# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "The stove" do
  include Support::ServedKitchen

  # The kitchen's clock, which a spec can move on.
  let(:clock) { { now: Time.now } }
  let(:app) { FondKettle::Web::Application.build(household, clock: -> { clock[:now] }) }

  let(:stove) do
    send_form "/pot/start?grain=jasmine&pot=3&for=amount&amount=420&unit=g"
    last_response.headers["location"][%r{/stove/\d+}]
  end

  let(:id) { stove[/\d+/].to_i }
  let(:tasks) { household.cooks.find(id)[:plan][:tasks] }
  let(:ids) { tasks.map { |task| task[:id] } }

  def cook
    record = household.cooks.find(id)
    FondKettle::Stove::Cook.new(record[:plan], record[:events])
  end

  def later(seconds)
    clock[:now] += seconds
  end

  # Goes on from task to task until one of `kind`, a minute each.
  def go_on_to(kind)
    get stove
    ids.each_cons(2) do |from, to|
      break if tasks.find { |task| task[:id] == from }[:kind] == kind

      later(60)
      send_form "#{stove}/task", "from" => from, "to" => to
    end
    later(60)
    get stove
  end

  def tell(kind, what)
    send_form "#{stove}/told", "kind" => kind, "what" => what
    get stove
  end

  def go_on(**more)
    send_form "#{stove}/task", { "from" => cook.task[:id], "to" => cook.following[:id],
                                 **more.transform_keys(&:to_s) }
    get stove
  end

  def ends_ms
    page.at_css(".stove")["data-ends"].to_i
  end

  def shown_ms
    page.at_css(".stove")["data-now"].to_i
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

  it "draws the pot at every step: empty, filled, moving once the heat is on" do
    get stove
    expect([page.css(".pot-picture").size, page.at_css(".pot-picture")["data-levels"]]).to eq([1, nil])
    go_on_to("fill")
    expect(page.at_css(".pot-picture title").text).to match(/rice to \d+ mm/)
    go_on_to("boil")
    expect(page.at_css(".pot-picture")["data-levels"]).to include("water_mm")
  end

  it "gives a lifted lid its time back, by how long it was off" do
    go_on_to("low")
    before = ends_ms
    tell("lifted", "60")
    once = ends_ms - before
    tell("lifted", "120")
    expect([once, (ends_ms - before) / once.to_f]).to match([be >= 60_000, be_within(0.01).of(3)])
  end

  # Tells what stands in the pot and what a bite shows, as the two questions offer it.
  def found(stands, bite)
    get "#{stove}?panel=wrong"
    get page.css("a.sign-button").find { |link| link.text.strip == stands }["href"]
    button = page.css(".sign-button").find { |one| one.text.strip == bite }
    tell("found", button["value"])
  end

  it "asks what stands in the pot and what a bite shows, and says what to do in place of the step" do
    go_on_to("boil")
    send_form "#{stove}/poured", "poured" => "260", "poured_unit" => "g"
    go_on_to("low")
    later(600)
    found("No water", "A third is white")
    expect(page.at_css("h1").text).to match(/Sprinkle \d+ g of hot water over the rice\. Lid on/)
    expect(page.at_css(".stove-puts-in").text).to match(/\d+ g hot water, .*(?:jam glass|tbsp)/)
    expect(page.at_css(".stove-wrong").text).to include("No water; a third is white")
    minutes = page.at_css("h1").text[/(\d+) minutes/, 1].to_i
    expect(page.at_css("#next").text).to eq("That is done")
    later(60)
    tell("mended", "yes")
    expect([page.at_css("h1").text, page.at_css("#next")["href"]])
      .to match([/\ALeave it until .*, then look and bite/, /panel=wrong\z/])
    expect(ends_ms - shown_ms).to be_within(1000).of(minutes * 60_000)
    later(minutes * 60)
    get stove
    expect(page.at_css("h1").text).to eq("Look and bite now.")
  end

  it "answers a pot that is right with the next step, and leads on from it" do
    go_on_to("low")
    later(720)
    found("No water", "No white, tender")
    expect([page.at_css("h1").text, page.at_css("#next").text]).to match([/right as it is/, "Go on"])
    tell("mended", "yes")
    expect([page.at_css("#next").text, page.at_css(".stove-wrong")]).to eq(["Done, next", nil])
    expect(ends_ms).to be <= shown_ms
  end

  it "still takes a sign of before, tells a burnt one in words, and refuses what is none" do
    go_on_to("low")
    later(300)
    tell("sign", "chalky-dry")
    expect(page.at_css("h1").text).to include("Sprinkle hot water", "Then bite again")
    tell("sign", "burnt")
    until_then = ends_ms
    expect(page.at_css("h1").text).to include("Do not scrape")
    tell("mended", "yes")
    expect([page.at_css("h1").text, ends_ms, page.at_css("#next").text])
      .to match([/low/, until_then, "Done, next"])
    { "sign" => "dragons", "found" => "film dragons" }.each do |kind, what|
      send_form "#{stove}/told", "kind" => kind, "what" => what
      expect([last_response.status, last_response.body]).to match([422, /be one of/])
    end
  end

  it "offers the signs that can occur now, and asks for a bite where rice is done" do
    offered = lambda do |kind|
      go_on_to(kind)
      get "#{stove}?panel=wrong"
      page.css(".sign-button").map { |button| button["value"] || button["href"][/stands=(\w+)/, 1] }
    end
    expect(offered.call("boil")).to include("boils-over").and exclude("none", "film", "clumps")
    expect(offered.call("low")).to include("none", "over", "burnt").and exclude("no-boil", "chalky-dry")
    get "#{stove}?panel=wrong&stands=dragons"
    expect(page.css("a.sign-button").size).to eq(4)
  end

  RSpec::Matchers.define(:exclude) { |*keys| match { |list| !list.intersect?(keys) } }

  it "shows every caution of the plan at some step, folded to a line that opens" do
    seen = [nil, *ids].each_cons(2).flat_map do |from, to|
      send_form "#{stove}/task", "from" => from, "to" => to if from
      get stove
      page.css(".caution").map(&:text)
    end
    household.cooks.find(id)[:plan][:cautions].each do |caution|
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

  it "takes the second tap of two, on a page that has only just come, for none" do
    get stove
    shown = page.at_css("[name=shown]")["value"]
    later(0.5)
    go_on(shown: shown)
    expect(cook.position).to eq(0)
    later(0.5)
    go_on(shown: shown)
    expect(cook.position).to eq(1)
  end

  it "goes on when it boils, dated back as far as the step goes, and plans the time anew" do
    go_on_to("boil")
    expect(page.at_css("#next").text).to eq("It boils")
    later(240)
    go_on(seen: "boil", ago: 3)
    expect([cook.task[:kind], cook.boiled_at]).to match(["low", be_within(1).of(clock[:now] - 180)])
    expect(cook.task_ends_at).to be < clock[:now] + (cook.lasting(cook.task) * 60)
    late = cook.replanned(cook.task)
    expect(page.text).to include("than planned, as it boiled") unless late.zero?
    send_form "#{stove}/undo"
    expect(cook.task[:kind]).to eq("boil")
    go_on(seen: "boil", ago: 30)
    expect(cook.boiled_at).to eq(cook.stage_times(0, clock[:now]).first)
  end

  it "gives rice that boiled sooner more time for its core, within bounds" do
    go_on_to("boil")
    later(30)
    go_on(seen: "boil")
    expect(cook.replanned(cook.task)).to be_between(0.5, 10)
    expect(page.text).to include("longer than planned, as it boiled sooner")
  end

  it "moves the end by a look, and takes it back for ten seconds" do
    go_on_to("low")
    later((cook.lasting(cook.task) * 60) - 120)
    get stove
    before = ends_ms
    tell("look", "still-wet")
    expect((ends_ms - before) / 60_000.0).to be_within(0.1).of(4)
    later(8)
    send_form "#{stove}/undo"
    get stove
    expect(ends_ms).to eq(before)
    tell("look", "still-wet")
    later(15)
    get stove
    expect(page.css(".undo")).to be_empty
    send_form "#{stove}/undo"
    get stove
    expect([page.at_css(".notice").text, ends_ms > before]).to match([/too long ago/, true])
  end

  it "ends a step that scorches, with what to do" do
    go_on_to("low")
    tell("look", "scorches")
    expect([ends_ms, page.at_css("h1").text]).to match([be <= (clock[:now].to_f * 1000) + 1, /Do not scrape/])
  end

  it "keeps what was poured when the step is left, as the product writes it" do
    go_on_to("fill")
    { "1 jam glass + 2 tbsp" => 240, "2 1/4 jam glasses" => 472.5, "0.5 kg" => 500 }.each do |typed, grams|
      go_on(poured: typed, poured_unit: "g")
      expect(household.cooks.find(id)[:poured_g]).to be_within(0.1).of(grams)
      send_form "#{stove}/undo"
    end
    go_on(poured: "2 1/4", poured_unit: "cup")
    expect(cook.poured_g).to be_within(0.1).of(472.5)
    expect(page.at_css(".says").text).to eq("▲ short of water")
  end

  it "cooks what the plan shows: the cook's own water" do
    send_form "/pot/start?grain=jasmine&pot=3&for=amount&amount=420&unit=g&own=2+1/2&own_kind=volume"
    own = household.cooks.find(last_response.headers["location"][/\d+\z/].to_i)
    fill = own[:plan][:tasks].find { |task| task[:kind] == "fill" }
    expect(own[:poured_g]).to be > own[:planned_g]
    expect(fill[:amounts].first[:g]).to be_within(0.1).of(own[:poured_g])
    expect(FondKettle::Stove::Cook.new(own[:plan],
                                       own[:events]).poured_g).to be_within(0.1).of(own[:poured_g])
  end

  it "keeps the page and what was typed where a pour cannot be read" do
    go_on_to("fill")
    send_form "#{stove}/task", "from" => cook.task[:id], "to" => cook.following[:id], "poured" => "lots",
                               "poured_unit" => "g"
    expect([last_response.status, page.at_css("#poured")["value"], page.at_css("#poured-problem").text])
      .to match([422, "lots", /must be/])
  end

  it "leads the range as an act: the water kept hot, the look at its minute, sprinkled or not" do
    act = household.cooks.find(id)[:plan][:act]
    go_on_to("fill")
    expect(page.at_css(".hold").text).to include("look")
    go_on(hold: "true")
    expect([cook.poured_g, cook.held_g]).to eq([act[:pour_g], act[:keep_g]])
    go_on(seen: "boil")
    later((act[:look_min] * 60) + 30)
    get stove
    expect(page.text).to include("Look now").and include("Dry: sprinkled")
    tell("held", "sprinkled")
    expect([cook.added_g, cook.held_g, household.cooks.find(id)[:poured_g]])
      .to match([act[:keep_g], nil, be_within(0.1).of(act[:pour_g] + act[:keep_g])])
  end

  it "keeps what else was done: more water, salt, what was taken out and put back" do
    go_on_to("low")
    tell("added", "2 tbsp")
    tell("salted", "")
    tell("took-out", "jasmine")
    get "#{stove}?panel=did"
    expect(page.css(".told li").map(&:text).join).to include("30 g more poured", "Tasted and salted",
                                                             "Taken out: Jasmine")
    expect(page.at_css("button[value=jasmine]").text).to eq("Jasmine: back in")
    tell("put-back", "jasmine")
    expect([cook.out_of_pot, cook.added_g]).to eq([[], 30.0])
    send_form "#{stove}/told", "kind" => "added", "what" => "some"
    expect([last_response.status, page.at_css("#added")["value"]]).to eq([422, "some"])
  end

  it "takes the first sighting of a cue, however often it is told" do
    go_on_to("low")
    tell("seen", "craters")
    first = cook.seen_cues.fetch("craters")
    later(60)
    tell("seen", "craters")
    expect(cook.seen_cues.fetch("craters")).to eq(first)
  end

  it "lists several pots, what is next first, and leaves one that was never cooked" do
    go_on_to("low")
    send_form "/pot/start?grain=jasmine&for=amount&amount=200&unit=g"
    get "/stove"
    expect(page.at_css("h1").text).to eq("2 pots on the stove")
    expect(page.css(".stove-pots .pot-picture").size).to eq(2)
    expect(page.at_css(".pot-left").text).to include("until")
    send_form "#{stove}/leave"
    get "/stove"
    follow_redirect!
    expect([household.cooks.on_the_stove.size, household.cooks.finished.map { |one| one[:id] }.include?(id)])
      .to eq([1, false])
  end

  it "starts one cook for each of several equal rounds; the second waits and does only what is its own" do
    send_form "/pot/start?grain=jasmine&pot=1&for=amount&amount=900&unit=g&batches=2"
    first, second = household.cooks.on_the_stove.sort_by { |record| record[:pot_no] }
    get "/stove/#{second[:id]}"
    expect([page.at_css(".stove-title").text, page.at_css("#next").text])
      .to match([/round 2 of 2/, "Start this pot"])
    kinds = [first, second].map { |record| record[:plan][:tasks].map { |task| task[:kind] } }
    expect(kinds).to match([include("rinse", "fill"), include("take-out", "fill", "fluff")])
    ids = [first, second].map { |record| record[:plan][:tasks].map { |task| task[:id] } }
    expect(ids.first & ids.last).to eq([])
    send_form "/stove/#{second[:id]}/begin"
    get "/stove/#{second[:id]}"
    expect(page.at_css("#next").text).to eq("Done, next")
  end

  it "starts a pot once, however often its form is sent" do
    address = "/pot/start?grain=jasmine&for=amount&amount=200&unit=g"
    2.times { send_form address, "key" => "0123456789abcdef" }
    expect(household.cooks.on_the_stove.size).to eq(1)
    send_form address, "key" => "another"
    expect(household.cooks.on_the_stove.size).to eq(2)
  end

  it "takes over a pot that is on the stove already, with a way out that was reckoned for it" do
    send_form "/already", "pot" => "3", "grain" => "basmati", "rice" => "2 buckets", "since" => "10",
                          "sign" => "chalky-dry"
    expect(last_response.status).to eq(422)
    send_form "/already", "pot" => "3", "grain" => "basmati", "rice" => "2 jam glasses", "since" => "15",
                          "sign" => "chalky-dry", "key" => "k"
    taken = last_response.headers["location"]
    get taken
    expect(page.at_css("h1").text).to end_with("then look and bite.")
    expect(household.cooks.find(taken[/\d+\z/].to_i)[:plan][:rice][:g]).to be_within(1).of(420 * 0.78)
  end
end
