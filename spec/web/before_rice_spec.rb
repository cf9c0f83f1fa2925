# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Before the rice goes in" do
  include Support::ServedKitchen

  it "shows each vessel after each step, and what water comes to the rice" do
    get "/pot/before", "grain" => "basmati", "method" => "broth-under-rice", "for" => "amount",
                       "amount" => "400", "beside" => "600 g lamb\n300 g onion"
    expect(last_response.status).to eq(200)
    page = Nokogiri::HTML(last_response.body)
    expect(page.css(".vessel-steps svg.vessel-picture").size).to be >= 3
    rows = page.css("tbody tr").to_h { |row| [row.at_css("th").text, row.css("td").map(&:text)] }
    expect(rows["Lamb"]).to eq(%w[600 72 60 468])
    expect(page.at_css(".lead").text).to include("165 g of water comes to the rice",
                                                 "117 g went off as steam")
  end

  it "is linked from where the water goes, where something was done, and says so where nothing was" do
    plain = { "grain" => "basmati", "for" => "amount", "amount" => "400" }
    get "/pot", plain
    expect(last_response.body).not_to include("/pot/before?")
    get "/pot/before", plain
    expect(last_response.body).to include("Nothing is fried or cooked down before the rice goes in")
    get "/pot", plain.merge("method" => "toasted-pilaf", "beside" => "200 g onion")
    expect(last_response.body).to include("/pot/before?")
  end

  it "shows a plan that cannot be as the plan's page does" do
    get "/pot/before", "grain" => "basmati", "for" => "amount", "amount" => "lots"
    expect([last_response.status, last_response.body]).to match([422, include("Pot")])
  end
end
