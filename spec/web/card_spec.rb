# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "The door card, as a page" do
  include Support::ServedKitchen

  it "is printed, kept, and offered anew once the log has moved it" do
    address = "/card?grain=jasmine&method=covered-pot&pot=1"
    get address
    expect(page.css(".door-card tbody tr").size).to eq(9)
    expect(page.text).to include("jam glass", "Learned here. From 7 pots:", "60 °C")
    send_form address
    expect(last_response.headers["location"]).to end_with("/pot?grain=jasmine&method=covered-pot&pot=1")
    get address
    expect(page.css(".caution")).to be_empty

    last = household.cooks.finished.find { |cook| cook[:grain] == "jasmine" }
    send_form "/log/#{last[:id]}", "grain" => "chalky", "wetness" => "dry", "floor" => "clean", "note" => "",
                                   "lock_version" => last[:outcome][:lock_version].to_s
    get "/log"
    expect(page.css("p.lesson a").map { |link| link["href"] }).to eq([address])
    get address
    expect(page.at_css(".caution").text).to include("more than a tablespoon off")
  end

  it "calls no rule of thumb right where the pot itself is too small" do
    send_form "/cupboard/pots", "name" => "Little pot", "diameter_mm" => "160", "height_mm" => "95",
                                "kg" => "0.9", "lid" => "ordinary", "material" => "steel"
    get "/card?grain=jasmine&method=covered-pot&pot=#{household.shelf(:pots).all.last[:id]}"
    small = page.css("tbody tr").map { |row| row.css("td").last.text.strip }
    expect(small.last(3)).to all(eq("▲ too much for this pot"))
    expect(page.text).to include("is right for none of these here")
  end

  it "refuses what is no rice, no way and no pot of the house" do
    %w[/card?grain=moon /card?method=moon /card?pot=99 /card?grain[]=jasmine].each do |path|
      get path
      expect(last_response.status).to be_between(200, 422), path
    end
  end
end
