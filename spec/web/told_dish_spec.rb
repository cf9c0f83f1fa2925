# frozen_string_literal: true

require "nokogiri"
require_relative "../support/graphs"
require_relative "../support/served_kitchen"

RSpec.describe "Dishes that are told, as pages" do
  include Support::Graphs
  include Support::ServedKitchen

  goat = File.read(File.expand_path("../fixtures/texts/goat.txt", __dir__), encoding: "UTF-8").strip
  warm = "Warm the milk with the saffron in a small jug."

  def stored
    household.dishes.all.max_by { |dish| dish[:id] }
  end

  # The fields of the form that the page shows, as a browser would send them.
  def shown_fields
    page.css(".told input[name], .told textarea, .told select").to_h do |one|
      chosen = one.at_css("option[selected]") || one.at_css("option") if one.name == "select"
      [one["name"], (chosen || one)["value"] || one.text.delete_prefix("\n")]
    end
  end

  def brought_in(dish)
    send_form "/dishes/import", "source" => JSON.generate(dish)
  end

  it "tells by the clock what is used before it is there" do
    dish = JSON.parse(File.read(File.expand_path("../fixtures/graphs/mixed.json", __dir__)))["dish"]
    dish["steps"].first["rice"] = "after"
    brought_in(dish)
    send_form "/dishes", shown_fields
    get "/evening?dish=#{stored[:id]}&serve=19:00"
    warned = page.css(".warnings").text
    expect(warned).to match(/in the jug is used at 1\d:\d\d and is there only at 1\d:\d\d/)
    get "/evening/print?dish=#{stored[:id]}&serve=19:00"
    expect(page.text).to match(/is used at 1\d:\d\d/)
  end

  it "keeps the cook's words as they were written, beside what was read, and plans it" do
    send_form "/dishes", "text" => goat
    follow_redirect!
    expect(page.text).to include("For 7: 500 g basmati", "In the wide pan", "4 onions, sliced thin",
                                 "How many minutes: “#{warm}”?")
    expect(JSON.parse(stored[:graph])).to include("schema" => 2, "text" => goat)
    get "/evening?dish=15&for=people&guests=4"
    expect(page.text).to include("In the bowl: rub the goat", "from the wide pan", "for 4 regular portions")
  end

  it "asks what is not sure, takes an answer in its place, and says which one cannot be" do
    send_form "/dishes/look", "text" => goat
    asked = shown_fields
    field = asked.keys.find { |name| name.end_with?("[answer]") }
    send_form "/dishes/look", asked.merge(field => "a while")
    expect(page.at_css(".question .problem").text).to include("must be a time, such as 20 min")
    send_form "/dishes", shown_fields.merge(field => "4 min")
    expect(JSON.parse(stored[:answers])).to eq([{ "about" => warm, "field" => "minutes",
                                                  "answer" => "4 min" }])
    warmed = household.dish(stored).steps.find { |step| step.say == warm.delete_suffix(".") }
    expect(warmed.minutes).to eq(4.0)
    get "/dishes/#{stored[:id]}"
    expect(page.text).not_to include("How many minutes")
  end

  describe "a correction" do
    onions = "4 onions, sliced thin"
    # What is sent when somebody presses "Not so?" at a line or step, and what they say then.
    def corrected(text, words, field, answer)
      send_form "/dishes/look", "text" => text
      item = page.css(".read-list li").find { |one| one.text.include?(words) }
      send_form "/dishes/look", shown_fields.merge("mend" => item.at_css("button[name='mend']")["value"])
      about = shown_fields.find { |name, value| name.end_with?("[about]") && value == words }.first
      there = shown_fields.select { |_, value| value == field }.keys
                          .find do |name|
        name.sub("[field]", "[about]").then do |one|
          shown_fields[one] == words
        end
      end
      expect(about).not_to be_nil
      send_form "/dishes/look", shown_fields.merge(there.sub("[field]", "[answer]") => answer)
    end

    it "opens where the line stands, is read at once and stays; what a thing weighs is remembered" do
      corrected(goat, onions, "g", "440 g")
      line = page.css(".read-list li").find { |one| one.text.include?(onions) }
      expect(line.text).to include("440 g onion", "How much is it?")
      send_form "/dishes", shown_fields
      expect(household.dish(stored).graph.data["lines"].find do |one|
        one["food"] == "onions"
      end["g"]).to eq(440.0)
      expect(household.shelf(:weights).all.map do |one|
        one.values_at(:name, :each_g)
      end).to eq([["onions", 110.0]])
      get "/cupboard"
      expect(page.at_css("#weights").text).to include("What things weigh", "onions")
      send_form "/dishes/look", "text" => "Onion rice\n300 g rice\n2 onions, in rings\n\nFry the " \
                                          "onions. Boil the rice."
      expect(page.text).to include("220 g onion")
    end

    it "is taken back whole, and the second one replaces the first" do
      [440, 480].each do |grams|
        corrected(goat, onions, "g", "#{grams} g")
        send_form "/dishes", shown_fields
      end
      expect(household.shelf(:weights).all.map { |one| one[:each_g] }).to eq([120.0])
      newest = household.database.read { |db| db[:changes].max(:id) }
      household.journal.take_back(newest, Time.now)
      expect(household.shelf(:weights).all.map { |one| one[:each_g] }).to eq([110.0])
    end

    it "changes what is done, how long and in what" do
      corrected(goat, warm, "vessel", "new-pot")
      expect(page.text).to include("In the other pot")
      corrected(goat, warm, "kind", "mix")
      step = page.css(".read-list li").find { |one| one.text.include?(warm) }
      expect(step.at_css(".hint").text).to start_with("mix")
    end
  end

  it "keeps an answer when the text changes elsewhere, and loses it with its words" do
    answers = { "0" => { "about" => warm, "field" => "minutes", "answer" => "4" } }
    send_form "/dishes/look", "text" => goat.sub("For seven", "For eight"), "answers" => answers
    expect(page.css(".asked [name$='[answer]']").map { |one| one["value"] }).to eq(["4"])
    send_form "/dishes/look", "text" => goat.sub(warm, "Steep the saffron in the milk."), "answers" => answers
    expect(page.css("[name$='[answer]']").map { |one| one["value"] }).not_to include("4")
  end

  it "says that no rice is told, at the text, and loses nothing; an answer mends it" do
    text = "Carrot rice\nFor 4.\n200 g carrots\nSimmer the carrots for 20 minutes."
    send_form "/dishes", "text" => text
    expect([last_response.status,
            page.at_css("#text-problem").text]).to match([422, /no rice with its amount/])
    answers = { "0" => { "about" => "", "field" => "grain", "answer" => "320 g basmati" } }
    send_form "/dishes", "text" => page.at_css("#text").text.strip, "answers" => answers
    expect([last_response.status, stored.values_at(:grain, :rice_g)]).to eq([303, ["basmati", 320.0]])
  end

  it "refuses what is no dish, in words" do
    { "" => /must be given/, "x" * 100_001 => /at most 100.?000/,
      "Rice\n\xFF".dup => /UTF-8|unreadable|cannot/i }
      .each do |text, words|
      send_form "/dishes", "text" => text
      expect([last_response.status >= 400, last_response.body.match?(words)]).to eq([true, true]),
                                                                                 words.source
    end
    forged = { "text" => goat, "read" => '{"text":1}', "read_of" => Digest::SHA256.hexdigest(goat),
               "answers" => "none" }
    expect(send_form("/dishes/look", forged).status).to eq(200)
  end

  it "reads anew only what changed, or what it is told to" do
    dish = graph_request("goat").fetch("dish")
    brought_in(dish)
    fields = shown_fields
    send_form "/dishes", fields
    expect(household.dish(stored).graph.data.except("text")).to eq(dish)
    send_form "/dishes/15", fields.merge("lock_version" => stored[:lock_version].to_s, "anew" => "1")
    expect(household.dish(stored).graph.data["lines"].first["text"]).to eq("900 g goat")
  end

  it "gives it away and takes it in again, as JSON, JSON-LD and Markdown" do
    dish = graph_request("fish-broth").fetch("dish")
    brought_in(dish)
    send_form "/dishes", shown_fields
    %w[json jsonld md].each do |kind|
      get "/dishes/15.#{kind}"
      again = FondKettle::Formats::DishReader.read(last_response.body)
      expect(again.except("text")).to eq(dish), kind
    end
    get "/dishes/#{stored[:id]}", {}, "HTTP_ACCEPT" => "application/json"
    expect(JSON.parse(last_response.body)["shown"]).to include("schema" => 2, "id" => 15)
  end

  it "refuses a dish of schema 2 that does not hold together, with the places" do
    step = { "id" => "s1", "say" => "Fry", "kind" => "fry", "takes" => [{ "line" => "l99" }] }
    brought_in(graph_request("goat").fetch("dish").merge("steps" => [step]))
    expect([last_response.status, page.at_css("#source-problem").text])
      .to match([422, /dish.steps.0.takes l99 is not a line of the dish/])
  end

  it "keeps its own way whole: layers, programme and pieces are the dish's, not one evening's" do
    dish = graph_request("goat").fetch("dish")
    layers = [{ "what" => "base", "share" => 0.5 }, { "what" => "rice", "share" => 0.5 },
              { "what" => "base", "share" => 0.5 }, { "what" => "rice", "share" => 0.5 }]
    programme = [{ "heat" => "high", "minutes" => 8 }, { "heat" => "low", "minutes" => 70 }]
    brought_in(dish.merge("way" => { "layers" => layers, "programme" => programme, "rinse" => 2,
                                     "rest" => 20 }))
    send_form "/dishes", shown_fields
    way = household.dish(stored).way
    expect([way.layered.layers.map(&:what), way.layered.programme.map(&:minutes), way.rinse, way.rest])
      .to eq([%w[base rice base rice], [8.0, 70.0], 2, 20])
    get "/pot?dish=15"
    expect(page.text).to include("1 h 10")
  end

  it "lets a component of Keep stand in for a vessel, with its salt and allergens, and uses it up" do
    made = { name: "Fried onions", like: "browned-onion", allergens: "sesame", salt: 2.0 }
    household.components.make(made, left_g: 400.0, use_by: "2099-01-01", place: "freezer", now: Time.now)
    send_form "/dishes", "text" => goat
    get "/evening?dish=15&for=people&guests=4"
    offered = page.at_css("[name='kept[]']")["value"]
    expect(page.text).to match(/Take \d+ g fried onions from Keep in place of what is made in the wide pan/)
    get "/evening?dish=15&for=people&guests=4&kept[]=#{offered}"
    expect(page.text).to include("sesame").and(satisfy { |text|
      !text.include?("Fry the onions in the ghee")
    })
    weight_g = page.text[/Take (\d+) g fried onions/, 1].to_f
    expect(page.css(".amounts").text).to include("fried onions")
    form = FondKettle::Forms::PlanForm.new({ "dish" => "15", "for" => "people", "guests" => "4",
                                             "kept" => [offered] }, household)
    taken = form.request.provisions.select { |one| one.what == "fried onions" }
    expect(taken.sum(&:g)).to be_within(2).of(weight_g)
    expect(get("/evening?dish=15&for=people&guests=4&kept[]=wide-pan:99:10").status).to eq(422)
    expect(get("/evening?dish=15&for=people&guests=4&kept[]=nonsense").status).to eq(422)
  end
end
