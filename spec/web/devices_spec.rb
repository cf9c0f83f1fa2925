# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Probe and scale" do
  include Support::ServedKitchen

  it "read what they are set to, as finely as they do, until they switch themselves off" do
    now = Time.utc(2026, 5, 9, 18)
    household.stand_ins.set("probe", 71.26, now)
    household.stand_ins.set("scale", 1180.4, now)
    expect(%w[probe scale].map { |key| household.stand_ins.read(key, now + 60).value }).to eq([71.3, 1180.0])
    expect(household.stand_ins.read("probe", now + 3600)).to be_nil
    household.stand_ins.off("scale")
    expect(household.stand_ins.read("scale", now)).to be_nil
  end

  it "are set on a page of their own, which says what is wrong and keeps what was typed" do
    get "/devices"
    expect(last_response.body).to include("off")
    send_form "/devices/probe", "value" => "hot"
    expect([last_response.status, last_response.body]).to match([422, include('value="hot"')])
    send_form "/devices/probe", "value" => "74.5"
    get "/devices"
    expect(last_response.body).to include("74.5 °C")
    send_form "/devices/kettle", "value" => "1"
    expect(last_response.status).to eq(404)
  end

  it "are taken where a page asks for what they read, by its unit" do
    send_form "/devices/scale", "value" => "2140"
    get "/tests"
    expect(last_response.body).to include("Before, g: take 2140 g")
    get "/tests?test=lid&before_g=2140"
    expect(page.at_css("#lid-before_g")["value"]).to eq("2140")
    get "/pot?method=sealed-cooked-base&for=amount&amount=400"
    expect(last_response.body).to include("under_g=2140")
  end
end
