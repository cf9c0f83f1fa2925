# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "A thermometer at the stove, as pages" do
  include Support::ServedKitchen

  def at_the_check(beside)
    food = URI.encode_www_form("beside" => beside)
    send_form "/pot/start?grain=basmati&pot=3&for=amount&amount=540&unit=g&#{food}"
    id = last_response.headers["location"][/\d+\z/]
    tasks = household.cooks.find(id.to_i)[:plan][:tasks]
    tasks.each_cons(2) do |from, to|
      send_form "/stove/#{id}/task", "from" => from[:id], "to" => to[:id]
      break if to[:kind] == "check-heat"
    end
    get "/stove/#{id}"
    "/stove/#{id}"
  end

  it "says whether a reading is safe, in °C or °F, until it is" do
    stove = at_the_check("300 g chicken")
    expect(page.at_css(".stove-say").text).to include("at least 74 °C")
    { %w[68 C] => /68 °C is not safe yet; 74 °C it must be/, %w[160 F] => /71.1 °C is not safe yet/,
      %w[170 F] => /76.7 °C: hot enough/, %w[74 C] => /74 °C: hot enough/ }.each do |(heat, unit), said|
      send_form "#{stove}/measured", "heat" => heat, "heat_unit" => unit
      follow_redirect!
      expect(page.at_css("[role=alert]").text).to match(said)
    end
  end

  it "tells a bad reading next to its field and keeps it" do
    stove = at_the_check("300 g chicken")
    { "hot" => /must be a number/, "" => /must be given/,
      "400" => /must be from 0 to 100 °C/ }.each do |heat, said|
      send_form "#{stove}/measured", "heat" => heat, "heat_unit" => "C"
      expect(last_response.status).to eq(422)
      expect([page.at_css("#heat-problem").text, page.at_css("#heat")["value"]]).to match([said, heat])
    end
    expect(page.at_css("[role=alert]")).to be_nil
  end

  it "asks for none where nothing raw goes in" do
    at_the_check("300 g leek")
    expect(page.at_css("#heat")).to be_nil
  end
end
