# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Sides, as pages" do
  include Support::ServedKitchen

  cabbage = "Charred cabbage\nFor 4\n1 cabbage, in wedges\n2 tbsp oil\n1/2 tsp salt\n100 g yoghurt\n\n" \
            "Heat the oven to 230 °C. Rub the cabbage with the oil and half the salt on a tray. Roast it " \
            "for 25 minutes. Stir the yoghurt with the rest of the salt. Serve the cabbage with the yoghurt."

  before { send_form "/dishes", "text" => cabbage }

  it "is kept as a dish without rice, worked out for so many, and given away" do
    get "/dishes/15?guests=9"
    expect(page.text).to include("Charred cabbage", "For 9:", "225 g yoghurt", "Contains milk")
    expect([get("/dishes/15?guests=900").status,
            page.at_css("#guests-problem").text]).to match([422, /0.5 and 200/])
    get "/dishes/15.json"
    given = JSON.parse(last_response.body)
    expect(given.keys).not_to include("grain", "rice_g", "method")
    send_form "/dishes/import", "source" => last_response.body
    expect(last_response.status).to eq(200)
    %w[md jsonld].each do |kind|
      get "/dishes/15.#{kind}"
      expect(FondKettle::Formats::DishReader.read(last_response.body)).to eq(given), kind
    end
    expect(get("/dishes/15/edit").status).to eq(200)
  end

  it "stands on no list of rice, and is put on the clock beside it" do
    get "/table"
    expect(page.css("input[name=dish]").map { |one| one["value"] }).not_to include("15")
    expect(get("/evening?dish=15").headers["location"]).to end_with("/dishes/15")
    get "/clock/new"
    offered = %w[dish side].map { |list| page.css("[name='#{list}[]'][value='14']").size }
    expect(offered).to eq([0, 1])
    day = (Time.now + 86_400).strftime("%Y-%m-%d")
    send_form "/clock", { "day" => day, "serve" => "19:00", "dish" => ["1"], "side" => ["15"],
                          "guests" => "3", "who" => ["1"], "cooks" => "Orsolya", "key" => "k1" }
    follow_redirect!
    expect(page.text).to include("B Charred cabbage", "roast it for 25 minutes")
    tasks = household.meals.find(1)[:meal].dish("d2").tasks
    expect(tasks.find { |task| task.kind.key == "bake" }.slot.oven_c).to eq(230.0)
    expect(tasks.map(&:puts_in).join).to include("1 cabbage, in wedges (900 g); 30 g oil (2 tbsp)")
  end
end
