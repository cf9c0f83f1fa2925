# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "The things of the Pot page" do
  include Support::ServedKitchen

  plan = "grain=basmati&pot=3&for=amount&amount=540&unit=g&method=one-pot-sauce&lesson=leave"

  def pot(query = "")
    get "/pot?grain=basmati&pot=3&for=amount&amount=540&unit=g&method=one-pot-sauce&lesson=leave#{query}"
    page
  end

  def liquid_g
    page.at_css(".balance tbody td").text.to_i
  end

  def front(key)
    page.at_css("#thing-#{key} .said").text
  end

  it "say on their front what lies in them" do
    pot
    expect(%w[bowl flame board cup plates bag pot].map { |key| front(key) })
      .to eq(["rinsed 3 times, not soaked, drained shaken well", "the heat that suits, never stirred",
              "nothing beside it", "jam glass", "540 g", "Basmati", "Cast-iron pot: One pot with its sauce"])
    pot("&soak=25&rinse=0&drain=quick&stir=at-boil&cover=cloth&crust=yes&onion=dark&burner=1" \
        "&own=2&own_kind=volume")
    expect(%w[bowl flame cup].map { |key| front(key) })
      .to eq(["not rinsed, soaked 25 min, drained quickly",
              "Middle gas ring, onion dark, stirred once, a cloth under the lid, a crust",
              "jam glass, yours: 2 parts of water to 1 of rice, by cup"])
    expect(page.css("details.thing-set[open]")).to be_empty
  end

  it "leave out what belongs to another way's pieces" do
    get "/pot?grain=short-white&for=amount&amount=420&unit=g&method=shaped&piece_for=parcel"
    expect(front("steamer")).to end_with("triangles")
    expect(page.at_css("[name=piece_for] option[selected]")["value"]).to eq("triangle")
    expect(page.text).not_to match(/\d parcel/)
  end

  it "stand open where something in them is wrong, and keep what was typed" do
    get "/pot?#{plan}&soak=abc"
    expect(page.css("details.thing-set[open]").map { |drawer| drawer["id"] }).to eq(["thing-bowl"])
    expect(page.at_css("#soak")["value"]).to eq("abc")
  end

  it "count what goes in beside the rice, a line each, in any measure and state" do
    pot
    plain = liquid_g
    pot("&beside=#{Rack::Utils.escape("400 g tomatoes\n2 onions, browned\n1/2 jam glass red lentils\n1 " \
                                      'lemon | beside')}")
    expect(front("board")).to match(/\A400 g tomatoes, \d+ g onions, \d+ g red lentils and 1 more\z/)
    brought = page.css(".balance tr").find { |row| row.at_css("th").text == "brought by the rest" }
    # 340 g of the tomatoes, less what cooking down takes in eight minutes; browned onions give nothing.
    expect(brought.at_css("td").text.to_i).to be_between(340 - 160, 340 - 90)
    expect(liquid_g).to be < plain
    slip = page.css(".slip").text
    expect(slip)
      .to match(/2 onions, browned \(\d+ g\).*400 g tomatoes.*water \(.*jam glass red lentils/m)
    expect(page.css(".slip").text).to include("Pulses")
  end

  it "print what goes in beside the rice, with what it weighs" do
    beside = Rack::Utils.escape("400 g tomatoes\n2 onions, browned")
    get "/evening/print?grain=basmati&pot=3&for=amount&amount=540&unit=g&beside=#{beside}"
    expect(page.css(".sheet .puts-in").text).to include("400 g tomatoes", "2 onions, browned (240 g)")
  end

  it "ask about what they do not know, and plan without it" do
    pot("&beside=#{Rack::Utils.escape("400 g tomatoes\n3 moonstones\n2 cups basmati")}")
    expect(last_response.status).to eq(200)
    expect(page.css(".warnings")
               .text).to include("Not counted yet, “3 moonstones”: What is “moonstones”",
                                 "Rice is given above")
    expect(page.at_css("#beside").text.strip.lines.size).to eq(3)
    expect(front("board")).to start_with("400 g tomatoes")
  end

  it "refuse too much of it, at the field" do
    pot("&beside=30+kg+tomato")
    expect([last_response.status,
            page.at_css("#beside-problem").text]).to match([422, /must be at most 20 kg each: tomato/])
    pot("&beside=#{Rack::Utils.escape((['1 g salt'] * 101).join("\n"))}")
    expect(page.at_css("#beside-problem").text).to include("must have at most 100 lines")
    pot("&beside=#{'a' * 4001}")
    expect([last_response.status, page.at_css("#beside-problem").text]).to match([422, /4000/])
  end

  it "leave as much sauce as is asked for, and pour as many parts as are asked for" do
    pot
    as_usual = liquid_g
    pot("&sauce_g=250")
    expect(liquid_g - as_usual).to be_within(3).of(250 - (0.12 * 540))
    expect(front("flame")).to end_with("250 g sauce left")
    get "/pot?grain=basmati&pot=3&for=amount&amount=300&unit=g&method=boil-and-drain&parts=6,5"
    expect([liquid_g, front("flame")]).to match([1950, /6,5 parts of water\z/])
    get "/pot?grain=basmati&method=boil-and-drain&parts=99"
    expect(page.at_css("#parts-problem").text).to include("must be between 6 and 20")
  end

  it "take the cook's own water by finger joints and by the mark of a cooker's bowl, " \
     "and say the plan in both" do
    get "/pot?grain=basmati&method=rice-cooker&for=amount&amount=300&unit=g&own=1.5&own_kind=finger"
    expect(page.at_css(".own").text).to match(/\d{3,4} g .*comes out/)
    said = page.css(".balance p").text
    expect(said).to match(/1 of rice by cup · .* by weight · \d+ mm over the rice/)
    expect(said).to match(%r{rice \(about [\d/ ]+ finger joints?\) · up to where})
    cups = (said[/holds (\d+) mL/, 1].to_i / 210.0).round(3)
    planned = liquid_g
    get "/pot?grain=basmati&method=rice-cooker&for=amount&amount=300&unit=g&own=#{cups}&own_kind=mark"
    expect(page.at_css(".own").text[/(\d+) g/, 1].to_i).to be_within(15).of(planned)
  end

  it "know the addresses from before there were lines" do
    pot("&base_g=400&base_kind=coconut-milk")
    expect(front("board")).to eq("400 g coconut milk")
    before = liquid_g
    pot("&beside=400+g+coconut+milk")
    expect(liquid_g).to eq(before)
  end

  it "reads an amount as the product says it, in rice and in the cook's own water" do
    typed = get("/pot?for=amount&amount=1+jam+glass+%2B+2+tbsp&unit=g&own=1+1/2+cups&own_kind=volume").body
    page = Nokogiri::HTML(typed)
    expect(page.at_css(".rice-line").text).to match(/for 18\d g rice/)
    expect(page.at_css(".own").text).to include("355 g")
    expect(page.at_css("#amount")["value"]).to eq("1 jam glass + 2 tbsp")
    get "/pot?for=amount&amount=1+1/2&unit=cup"
    expect(last_response.status).to eq(200)
  end
end
