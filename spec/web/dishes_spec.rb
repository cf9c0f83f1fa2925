# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"
require_relative "../support/typed_dishes"

RSpec.describe "Dishes and evenings, as pages" do
  include Support::ServedKitchen

  def leek
    household.dishes.search("leek").first
  end

  # A form's fields with the text of a dish; `more`: fields beside it.
  def fields(more = {}, **changes)
    told = { "title" => "Test pot", "serves" => "4", "rice" => "1 1/2 jam glasses", "grain" => "basmati",
             "method" => "covered-pot", "lines" => "2 onions | base",
             "steps" => "" }.merge(changes.transform_keys(&:to_s))
    { "text" => Support::TypedDishes.text(told), **more }
  end

  def problems
    page.css(".problem").map(&:text).reject { |text| text.strip.empty? }
  end

  it "keeps a dish as typed, rice in the house's own cup" do
    send_form "/dishes", fields
    follow_redirect!
    expect(page.text).to include("Test pot", "245 g", "2 onions")
    expect(household.dishes.titled("Test pot")[:rice_g]).to be_within(0.1).of(1.5 * 210 * 0.78)
  end

  it "refuses what cannot be, at the field, and loses nothing" do
    refusals = { fields(rice: nil) => /says no rice with its amount/, fields(rice: "2 g") => /rice/,
                 fields({ "way_soak" => "9000" }) => /between/, { "text" => "" } => /must be given/ }
    refusals.each do |sent, words|
      send_form "/dishes", sent
      expect([last_response.status, problems.join]).to match([422, words])
      expect(page.at_css("#text").text.strip).to eq(sent["text"].strip)
    end
    expect(household.dishes.count).to eq(14)
  end

  it "asks about lines and contradictions before and after saving, and saves all the same" do
    send_form "/dishes/look", fields(lines: "150 g moonroot | base\n450 g (2 lb) chicken | purple")
    expect(page.at_css(".asked").text).to include("What is “moonroot”: raw meat or fish")
    expect(page.at_css("[aria-label='Odd in it']").text).to include("“purple” says neither",
                                                                    "cannot both be true")
    send_form "/dishes", fields(lines: "150 g moonroot | base")
    expect(last_response.status).to eq(303)
  end

  it "asks at the dish's top where what no step names goes in, once, in its form and at its page" do
    typed = fields(lines: "700 g goat | base\n150 g yoghurt | base\n3 onions | base\n40 g ghee | base",
                   steps: "Marinate the goat | marinate | overnight\n" \
                          "Fry the onions in the ghee | fry | 15 min")
    send_form "/dishes/look", typed
    expect(page.at_css(".asked").text)
      .to include("Where does the yoghurt go in? No step names it: planned into “Marinate the goat”")
    expect(page.css(".asked .question label").map(&:text).grep(/yoghurt/).size).to eq(1)
    send_form "/dishes", typed
    follow_redirect!
    expect(page.at_css(".warnings").text).to include("Where does the yoghurt go in?")
  end

  it "shows two people saving one dish that somebody was first" do
    send_form "/dishes/#{leek[:id]}", fields({ "lock_version" => "0" }, title: "First")
    second = fields({ "lock_version" => "0" }, title: "Second")
    send_form "/dishes/2", second
    expect([last_response.status, page.at_css("#text").text]).to match([409, /\A\s*Second/])
    expect(household.dishes.find(2)[:title]).to eq("First")
    send_form "/dishes/2", second.merge("lock_version" => page.at_css("[name=lock_version]")["value"])
    expect(household.dishes.find(2)[:title]).to eq("Second")
  end

  it "shows where a line goes in, and tells what may be left out apart" do
    send_form "/dishes", fields(lines: "2 leeks | half base | half finish\n40 g cashews | finish | optional",
                                steps: "Roast the cashews | while it soaks | fry | 4 min\n" \
                                       "Stir in the leeks | at 10 min | mix")
    follow_redirect!
    expect(page.at_css(".dish-page").text).to include("in goes 1/2 of the leeks")
    expect(page.css(".read-list li").map { |one| one.at_css(".read-words").text })
      .to include("Roast the cashews", "Stir in the leeks")
    get last_request.path.sub("/dishes/", "/evening?dish=")
    expect(page.text).to include("Leave out cashews")
  end

  it "lays a dish whose base brings all the water" do
    send_form "/dishes", fields(lines: "3 kg tomatoes | base\n1 glass stock | liquid", steps: "")
    path = URI(last_response["Location"]).path.sub("/dishes/", "/evening?dish=")
    get path
    expect([last_response.status, page.text])
      .to match([200, /water too much before any is poured.*brings all the water/m])
    get path.sub("/evening", "/evening/print")
    expect(last_response.status).to eq(200)
  end

  it "never executes or breaks on what is in a title" do
    send_form "/dishes",
              fields(title: "<script>alert(1)</script></script><b>x</b>",
                     note: "</textarea><script>1</script>")
    follow_redirect!
    expect(page.css("script").map(&:text).join).not_to include("alert(1)</script>")
    expect(page.at_css("h1").text).to eq("<script>alert(1)</script></script><b>x</b>")
    data = JSON.parse(page.at_css('script[type="application/ld+json"]').text)
    expect(data["name"]).to eq("<script>alert(1)</script></script><b>x</b>")
  end

  it "gives a dish away in three formats, and refuses a page that has none" do
    %w[json jsonld md].each do |kind|
      get "/dishes/2.#{kind}"
      expect(last_response.status).to eq(200)
      expect(last_response.headers["content-disposition"])
        .to eq("attachment; filename=\"leek-and-dill-oven-pilaf.#{kind}\"")
    end
    send_form "/dishes/import", "source" => "<p>no recipe</p>"
    expect([last_response.status, problems.first,
            page.at_css("#source").text]).to match([422, /none was found/, /no recipe/])
    expect([get("/dishes/99").status, get("/dishes/x").status,
            get("/dishes/schema.json").status]).to eq([404, 404, 200])
  end

  it "asks what becomes of a kept dish that is brought in again: replaced, both kept, or left" do
    get "/dishes/2.json"
    given = JSON.parse(last_response.body)
    given["text"] += "\nWith more dill."
    send_form "/dishes/import", "source" => JSON.generate(given)
    expect(page.text).to include("#{given['title']} is among the dishes already")
    typed = { "text" => page.at_css("#text").text.strip }
    replace = page.at_css("button[formaction='/dishes/2']")
    expect(page.at_css("a.button[href='/dishes/2']").text).to eq("Leave it as it is")
    send_form replace["formaction"], typed.merge("lock_version" => replace["value"])
    text = JSON.parse(household.dishes.find(2)[:graph])["text"]
    expect([household.dishes.count, text]).to match([14, /With more dill\.\z/])
    send_form "/dishes", "text" => typed["text"].sub("more", "less")
    expect([household.dishes.count, JSON.parse(household.dishes.find(2)[:graph])["text"]]).to eq([15, text])
    get "/dishes/new"
    expect(page.text).not_to include("among the dishes already")
  end

  it "takes a page of 5 MB, pasted or as a file, and says so when a form is too long" do
    source = "<script type='application/ld+json'>#{JSON.generate('@type' => 'Recipe', 'name' => 'Big',
                                                                 'recipeIngredient' => ['300 g rice'])}" \
             "</script>#{'<p>x</p>' * 650_000}"
    get "/dishes/import"
    token = page.at_css("[name=authenticity_token]")["value"]
    parts = { "authenticity_token" => token, "source" => source }.map do |name, value|
      "--XX\r\nContent-Disposition: form-data; name=\"#{name}\"\r\n\r\n#{value}\r\n"
    end
    post "/dishes/import", "#{parts.join}--XX--\r\n", "CONTENT_TYPE" => "multipart/form-data; boundary=XX"
    expect([last_response.status, page.at_css("#text").text.strip]).to eq([200, "Big\n\n300 g rice"])
    send_form "/dishes/look", fields(lines: "x" * 4_300_000)
    expect([last_response.status, last_response.body]).to match([403, /too long/])
    expect(household.dishes.count).to eq(14)
  end

  it "lays an evening: for people, by rice, by pot, by what there is" do
    get "/evening?dish=2&guests=9&serve=19:00"
    expect(page.text).to include("720 g", "2.25 times the dish", "start at")
    expect(page.css(".moved").text).to include("The water model says", "slower than the batch")
    get "/evening?dish=2&for=amount&amount=640&unit=g"
    expect(page.at_css(".number strong").text).to eq("640 g")
    get "/evening?dish=2&for=pot&pot=1"
    filled = page.at_css(".number strong").text.to_i
    expect([filled, page.css(".warnings").text])
      .to match([be_between(300, 600), /in the steel pot: over 50 mm it stews/])
    leeks = household.dish(leek.merge(household.dishes.find(2))).lines.index { |one| one.name == "leeks" }
    get "/evening?dish=2&for=have&have=#{leeks}&have_g=1080"
    expect(page.at_css(".number strong").text).to eq("640 g")
    get "/evening?dish=2&boxes=2&who[]=1"
    expect(page.text).to include("3 regular portions", "240 g")
  end

  it "marks what cannot be asked of an evening, and finds a dish that is gone" do
    questions = { "for=have&have=0" => /how much there is/, "for=have&have=99&have_g=5" => /must name a line/,
                  "for=people&guests=0" => /must seat somebody/,
                  "for=amount&amount=abc" => /must be a number/,
                  "guests=900" => /between 0 and 200/ }
    questions.each do |query, words|
      get "/evening?dish=2&#{query}"
      expect([last_response.status, page.text]).to match([422, words]), query
    end
    get "/evening?dish=77"
    expect([last_response.status, page.text]).to match([422, /not among the dishes/])
  end

  it "says when a dish's way is gone, and cooks it another way when told" do
    own = JSON.parse(household.dishes.find(2)[:graph]).merge("method" => "own-way")
    household.dishes.change(2, 0, method: "own-way", graph: JSON.generate(own))
    get "/evening?dish=2&guests=4"
    expect([last_response.status, page.text]).to match([422, /has a way that is gone, own-way/])
    get "/evening?dish=2&guests=4&method=toasted-pilaf"
    expect([last_response.status, get("/dishes/2").status,
            get("/dishes/2/edit").status]).to eq([200, 200, 200])
  end

  it "flags allergens against who eats, and names them on page and sheet" do
    get "/evening?dish=8"
    expect(page.css(".warnings").text).to include("Grandmother Ilse avoids nut")
    get "/evening/print?dish=8"
    expect(page.text).to include("Contains nut, soya, wheat/gluten.")
  end

  it "prints every caution once and none never" do
    get "/evening/print?dish=6&guests=9"
    shown = page.css(".sheet-caution").map { |caution| caution.text.delete_prefix("▲ ") }
    get "/evening?dish=6&guests=9"
    folded = page.css(".slip .caution").map { |caution| caution.at_css("> p") || caution }
    folded = folded.map { |caution| caution.text.delete_prefix("▲ ") }
    expect(folded).to match_array(shown)
    expect(shown.uniq).to eq(shown)
    expect(shown.join).to include("74 °C", "60 °C or above", "smoke point", "local food-safety authority",
                                  "Contains: milk")
  end

  it "shops against the cupboard, as text and CSV, on the same address" do
    get "/evening/shopping.txt?dish=2&guests=9"
    expect(last_response.body)
      .to include("Greengrocer:", "leeks")
      .and(satisfy { |text| !text.include?("Basmati") })
    get "/evening/shopping.csv?dish=2&guests=9"
    expect(last_response.body.lines.first.strip).to eq("aisle,item,amount,weight,need_g,have_g,buy_g")
    get "/evening/shopping.csv?guests=9"
    expect(last_response.status).to eq(404)
  end

  it "plans a dish's pot and cooks it, in rounds where one pot is not enough" do
    get "/pot?dish=2&guests=4"
    expect(page.text).to include("With all that belongs to Leek and dill oven pilaf", "Soften the leeks")
    get "/evening?dish=2&guests=23"
    expect(page.at_css(".rule").text).to match(/In \d rounds in the same pot/)
    pots = page.at_css("[name=batches]")["value"]
    send_form "/pot/start", "dish" => "2", "guests" => "23", "batches" => pots
    cook = household.cooks.find(household.cooks.on_the_stove.first[:id])
    expect([cook[:title],
            cook[:plan][:rice][:g]]).to match(["Leek and dill oven pilaf",
                                               be_within(1).of(23 * 80.0 / pots.to_i)])
  end

  it "starts the evening at the table, with search and without a dish" do
    get "/?q=coconut"
    expect(page.css("#found .choice").map(&:text).join).to include("Coconut sticky rice", "Brown coconut pot")
    get "/evening?q=&dish=&grain=jasmine&portion=side&guests=2"
    expect(last_response.headers["location"]).to include("/pot?")
    get "/evening?q=x&dish=2&grain=jasmine&portion=side&guests=2"
    expect(last_response.headers["location"]).to end_with("/evening?dish=2&guests=2")
  end

  it "keeps portions and what is in the larder, and says what a bag and a pot feed" do
    get "/cupboard"
    expect(page.css("#bags summary").text).to include("feeds about 42")
    expect(page.css("#pots summary").text).to match(/takes about \d+ g of rice, feeds \d+/)
    send_form "/cupboard/portions", FondKettle::Table::PORTION_G.merge("main" => "90")
    get "/pot?guests=2"
    expect(page.at_css(".rice-line").text).to include("180 g")
    send_form "/cupboard/portions", FondKettle::Table::PORTION_G.merge("main" => "9")
    expect([last_response.status,
            page.at_css("#portions-main-problem").text]).to match([422, /between 20 and 300/])
    send_form "/cupboard/eaters", "name" => "Ada", "appetite" => "light", "age" => "teen", "avoids" => "eggs"
    expect(page.at_css("#new-eaters-avoids-problem").text).to include("milk, egg, fish")
    send_form "/cupboard/eaters", "name" => "Ada", "appetite" => "light", "age" => "teen", "avoids" => ""
    expect([last_response.status, household.values(:eaters).last.avoids]).to eq([303, []])
    send_form "/cupboard/own_ingredients", "name" => "Moon root", "like" => "turnip", "salt" => "1,5",
                                           "brings" => "", "takes" => "",
                                           "g_ml" => "", "allergens" => ""
    expect(last_response.status).to eq(303)
    get "/dishes/new"
    send_form "/dishes/look", fields(lines: "100 g moon root | base")
    expect(page.at_css(".asked")).to be_nil
  end
end
