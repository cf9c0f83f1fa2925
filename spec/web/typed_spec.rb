# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"
require_relative "../../app/forms/typed"

RSpec.describe "Numbers as people write them, in every field" do
  include Support::ServedKitchen

  def read(text, range, unit)
    FondKettle::Forms::Typed.within(range, unit).call(text) { |kept| kept }
  end

  it "reads thousands, other units, centimetres and times" do
    limits = FondKettle::Limits
    [["2,300 m", limits::ALTITUDE_M, "m", 2300], ["2 300", limits::ALTITUDE_M, "m", 2300],
     ["2,300", limits::ALTITUDE_M, "m", 2300], ["7,546 ft", limits::ALTITUDE_M, "m", 2300.02],
     ["7546 ft", limits::ALTITUDE_M, "m", 2300.02], ["165 F", limits::WATER_C, "°C", 73.89],
     ["16", limits::DIAMETER_MM, "mm", 160], ["16 cm", limits::DIAMETER_MM, "mm", 160],
     ["9 1/2 in", limits::DIAMETER_MM, "mm", 241.3], ["160", limits::DIAMETER_MM, "mm", 160],
     ["1,2", limits::POT_KG, "kg", 1.2], ["1,250", limits::POT_KG, "kg", 1.25],
     ["1,200", limits::HIGH_W, "W", 1200], ["4 h", limits::SOAK_MIN, "min", 240],
     ["overnight", limits::SOAK_MIN, "min", 480], ["half an hour", limits::SOAK_MIN, "min", 30],
     ["30", limits::SOAK_MIN, "min", 30], ["490 F", limits::OVEN_C, "°C", 254.44],
     ["1 1/2", limits::POT_KG, "kg", 1.5], ["-5", limits::ALTITUDE_M, "m", -5]].each do |text, range, unit,
       number|
      expect([text, read(text, range, unit)]).to match([text, be_within(0.01).of(number)])
    end
    ["1,200", "sixteen pots", ""].each { |text| expect(read(text, 0.01..1e6, "kg")).to eq(text) }
  end

  it "asks where both readings may be meant, and keeps what was typed" do
    get "/pot?for=amount&amount=1,500&unit=kg"
    expect([last_response.status, page.at_css("#amount-problem").text]).to match([422, /may be 1500 or 1.5/])
    expect(page.at_css("#amount")["value"]).to eq("1,500")
    get "/pot?for=amount&amount=1,500&unit=g&pot=3"
    expect(last_response.status).to eq(200)
  end

  it "takes 16 for a pot as centimetres, and says so" do
    send_form "/cupboard/pots", "name" => "Odd pot", "diameter_mm" => "16", "height_mm" => "9,5 cm",
                                "kg" => "1,1",
                                "lid" => "ordinary", "material" => "steel"
    follow_redirect!
    expect(page.at_css(".notice").text).to include("16 was read as 16 cm")
    expect(household.shelf(:pots).all.last).to include(diameter_mm: 160.0, height_mm: 95.0, kg: 1.1)
    send_form "/cupboard/kitchen", "name" => "Ours", "altitude_m" => "2,300 m", "finger_mm" => "25",
                                   "scale_step_g" => "5", "hands" => "1",
                                   "lock_version" => household.kitchen[:lock_version].to_s
    expect(household.kitchen[:altitude_m]).to eq(2300.0)
  end

  it "reads times in the fields of a dish" do
    send_form "/dishes/look", "text" => "Beans\nServes 4\n300 g basmati rice\n2 onions | base\n" \
                                        "Simmer the beans | simmer | 4 hrz", "way_soak" => "4 hours"
    expect(page.at_css("[aria-label='Odd in it']").text).to include("“4 hrz” is not read as a time")
    get "/pot?for=amount&amount=300&unit=g&soak=half+an+hour"
    expect(page.at_css(".slip").text).to include("Soak the rice 30 min")
  end
end
