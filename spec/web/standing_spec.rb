# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "A broth at the stove, as pages" do
  include Support::ServedKitchen

  it "is measured before the rice goes in, and says what to do" do
    send_form "/pot/start?grain=basmati&pot=3&method=broth-under-rice&for=amount&amount=400&unit=g&" \
              "#{URI.encode_www_form('beside' => '600 g lamb')}"
    stove = last_response.headers["location"][%r{/stove/\d+}]
    record = household.cooks.find(stove[/\d+/].to_i)
    record[:plan][:tasks].each_cons(2) do |from, to|
      send_form "#{stove}/task", "from" => from[:id], "to" => to[:id]
      break if to[:kind] == "measure"
    end
    get stove
    standing_g = record[:plan][:base][:standing_g]
    expect([page.at_css("label[for=poured]").text, page.at_css("#poured")["value"].to_i])
      .to match(["Broth in the pot", be_within(5).of(standing_g)])
    { standing_g + 180 => /Ladle off 180 g.*or boil it/, standing_g - 120 => /Top up with 120 g of hot water/,
      standing_g => /That is right/ }.each do |measured_g, said|
      send_form "#{stove}/poured", "poured" => measured_g.to_s, "poured_unit" => "g"
      follow_redirect!
      expect(page.at_css("[role=alert]").text).to match(said)
    end
    expect(page.at_css("#poured")["value"].to_i).to be_within(5).of(standing_g)
    poured_g = household.cooks.find(stove[/\d+/].to_i)[:poured_g]
    expect(poured_g).to be_within(1).of(record[:planned_g])
  end
end
