# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"
require_relative "../../web/html/read_as"

RSpec.describe "Settings of a device" do
  include Support::ServedKitchen

  def set(**chosen)
    get "/settings"
    send_form "/settings", chosen.transform_keys(&:to_s)
  end

  it "puts °F, ounces and inches beside ours on every page, and takes nothing away" do
    address = "/pot?grain=basmati&pot=1&for=amount&amount=540&unit=g"
    get address
    ours = page.css(".headline, .slip").text
    set(beside: %w[fahrenheit ounces inches])
    expect(last_response.status).to eq(303)
    get address
    both = page.css(".headline, .slip").text
    expect(both).to include("540 g (19 oz)")
    expect(both.gsub(/ \(-?[\d.]+ (?:°F|oz|in)\)/, "")).to eq(ours)
    cautions = "/keep/from/1"
    get cautions
    expect(page.text.scan(/(-?\d+) °C \((-?\d+) °F\)/).uniq).to all(satisfy do |celsius, fahrenheit|
      ((celsius.to_i * 1.8) + 32 - fahrenheit.to_i).abs <= 0.5
    end)
  end

  it "leaves fields, drawings, code and differences of degrees as they are" do
    as = FondKettle::Web::Html::ReadAs.new(%w[fahrenheit ounces], "comma")
    { "<b>74 °C</b> or 2.5 g" => "<b>74 °C (165 °F)</b> or 2,5 g (0,1 oz)",
      "−18 °C" => "−18 °C (0 °F)", "5 °C hotter" => "5 °C hotter", "5 g/L" => "5 g (0,2 oz)/L",
      '<input value="1.5 g"><code>1.5 g</code>' => '<input value="1.5 g"><code>1.5 g</code>',
      "<textarea>\n400 g rice</textarea>1.5" => "<textarea>\n400 g rice</textarea>1,5",
      '<svg><text>9.5 g</text></svg><a title="2.5 g">127.0.0.1</a>' =>
        '<svg><text>9.5 g</text></svg><a title="2.5 g">127.0.0.1</a>' }
      .each { |page, read| expect(as.call(page)).to eq(read) }
  end

  it "is this device's alone: dim, quiet, and the sign of decimals" do
    set(dim: "yes", quiet: "yes", decimal: "comma")
    get "/settings"
    expect([page.at_css("html")["class"], page.at_css("html").key?("data-quiet")]).to eq(["dim", true])
    expect(page.at_css(".asked").text).to include("99,5 °C")
    clear_cookies
    get "/settings"
    expect([page.at_css("html")["class"], page.at_css(".asked").text]).to match([nil, /99\.5 °C/])
  end

  it "refuses what nobody can choose, in words, and changes nothing" do
    set(beside: ["moonstones"], decimal: "dot")
    expect([last_response.status, page.css(".problem").map(&:text).join]).to match([422, /must be one of/])
    get "/settings"
    expect(page.css("input[name='beside[]'][checked]")).to be_empty
  end

  it "is told to a program, too" do
    set(beside: ["ounces"], quiet: "yes")
    get "/settings", {}, { "HTTP_ACCEPT" => "application/json" }
    expect(JSON.parse(last_response.body)["set"]).to include("beside" => ["ounces"], "quiet" => true)
  end
end
