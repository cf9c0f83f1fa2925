# frozen_string_literal: true

require "nokogiri"
require_relative "../support/lived_kitchen"
require_relative "../support/served_kitchen"

RSpec.describe "What is worth showing at the stove", :empty do
  include Support::ServedKitchen

  let(:evening) { Time.utc(2026, 10, 3, 17) }
  let(:pot) { household.shelf(:pots).add(Support::LivedKitchen::POT)[:id] }
  let(:record) { household.cooks.on_the_stove.first }

  let(:other) { household.shelf(:pots).add({ **Support::LivedKitchen::POT, name: "Red pot" })[:id] }

  # A pot of 200 g on the stove, in a kitchen that has said three times how another came out.
  before do
    @now = evening
    Support::LivedKitchen.new(household, { lid: 2.0 }).cook(other, [200, 250, 200], from: evening - 500_000)
    send_form "/pot/start", "grain" => "basmati", "pot" => pot.to_s, "for" => "amount", "amount" => "200",
                            "unit" => "g"
  end

  def stove
    get "/stove/#{record[:id]}"
    page
  end

  # Goes on to the task whose id contains a word.
  def on_to(word, **also)
    cook = household.cooks.find(record[:id])
    from = FondKettle::Stove::Cook.new(cook[:plan], cook[:events]).task[:id]
    to = cook[:plan][:tasks].map { |task| task[:id] }.find { |id| id.include?(word) }
    @now += 300
    send_form "/stove/#{record[:id]}/task", "from" => from, "to" => to, **also.transform_keys(&:to_s)
  end

  def weigh(weight)
    send_form "/stove/#{record[:id]}/weighed", "weight" => weight
  end

  it "is the weight before the heat and before it is opened, which the log takes over" do
    expect(record[:plan][:worth].first).to match(kind: "weight", share: be_between(0.05, 0.6))
    expect(stove.at_css("#weight")).to be_nil
    on_to "fill"
    expect(stove.at_css("label[for=weight]").text).to include("under its lid")
    expect(page.text).to match(/known\s+\d+ %\s+more closely/)
    weigh "1,912"
    expect(stove.text).to include("1912 g is written down.")
    on_to "boil"
    expect(stove.at_css("#weight")).to be_nil
    on_to "low", seen: "boil"
    on_to "rest"
    weigh "1950"
    expect(last_response.status).to eq(422)
    expect(page.at_css("#weight-problem").text).to include("at most 1912 g, as before")
    weigh "1857"
    on_to "finish"
    send_form "/stove/#{record[:id]}/finish"
    get "/log/#{record[:id]}"
    expect(%w[#before_g #after_g].map { |field| page.at_css(field)["value"] }).to eq(%w[1912 1857])
  end

  it "is refused with the field where it is no weight, and where nobody asks" do
    weigh "1900"
    expect(last_response.status).to eq(409)
    on_to "fill"
    weigh "a lot"
    expect([last_response.status, page.at_css("#weight")["value"]]).to eq([422, "a lot"])
    weigh "-5"
    expect(last_response.status).to eq(422)
  end

  it "is taken from the scale, and from a probe in boiling water, which tells the kitchen's height" do
    on_to "fill"
    household.stand_ins.set("scale", 1912.0, @now)
    expect(stove.text).to include("Take 1912 g from the scale")
    on_to "boil"
    household.stand_ins.set("probe", 95.2, @now + 300)
    on_to "low", seen: "boil"
    on_to "finish"
    send_form "/stove/#{record[:id]}/finish"
    get "/log/#{record[:id]}"
    told = page.css(".lesson").find { |one| one.text.include?("probe") }
    expect(told.text).to match(/95\.2 °C.*about\s+1\d\d0 m/m)
    get told.at_css("a")["href"]
    expect(page.at_css("#height-boil_c")["value"]).to eq("95.2")
  end

  it "says nothing of a probe that fits the kitchen, or lies beside the pot" do
    on_to "fill"
    on_to "boil"
    household.stand_ins.set("probe", 21.0, @now + 300)
    on_to "low", seen: "boil"
    expect(household.cooks.find(record[:id])[:events].map(&:kind)).not_to include("boiled")
  end
end
