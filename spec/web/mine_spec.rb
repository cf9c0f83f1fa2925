# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "Water of the cook's own that comes right" do
  include Support::ServedKitchen

  plan = { "grain" => "basmati", "pot" => "1", "for" => "amount", "amount" => "400", "unit" => "g" }

  def mine
    household.lessons.mine.all
  end

  it "is told once, however often it is sent, and taken back by one press" do
    before = household.lessons.learned.belief
    2.times { send_form "/pot/mine", **plan, "own" => "610", "own_kind" => "g" }
    expect(mine.map { |one| one.values_at(:title, :liquid_g) }).to eq([["Basmati, steel pot", 610.0]])
    expect(household.lessons.learned.belief.means).not_to eq(before.means)
    send_form "/log/mine/#{mine.first[:id]}/remove", "lock_version" => "0"
    expect([mine, household.lessons.learned.belief.means]).to eq([[], before.means])
  end

  it "is asked for where none was said, and refused with the field where it is none" do
    send_form "/pot/mine", plan
    expect([last_response.status, last_response.body]).to match([422, /how much water do you pour/])
    send_form "/pot/mine", **plan, "own" => "a lot", "own_kind" => "g"
    expect(last_response.status).to eq(422)
    send_form "/log/mine/99/remove", "lock_version" => "0"
    expect(last_response.status).to eq(404)
    expect(mine).to eq([])
  end

  it "is told at a pot of the cupboard, in glasses or by the finger" do
    own = { "grain" => "jasmine", "amount" => "2", "unit" => "cup", "own" => "3 1/4", "own_kind" => "cup" }
    send_form "/cupboard/pots/1/mine", own
    expect([last_response.status, mine.map { |one| one[:title] }]).to eq([303, ["Jasmine, steel pot"]])
    expect(mine.first[:liquid_g]).to be_within(0.1).of(3.25 * household.values(:cups).first.ml)
    send_form "/cupboard/pots/1/mine", **own, "own" => "1", "own_kind" => "finger"
    expect(mine.size).to eq(2)
  end

  it "is refused at its field in the cupboard, and what was typed stays" do
    own = { "grain" => "jasmine", "amount" => "2", "unit" => "cup", "own" => "plenty", "own_kind" => "cup" }
    { own => "own", { **own, "own" => "" } => "own", { **own, "own" => "2", "amount" => "lots" } => "amount" }
      .each do |typed, field|
        send_form "/cupboard/pots/1/mine", typed
        named = page.css("#pots-1 .cupboard-mine [aria-invalid]").map { |one| one["name"] }
        expect([last_response.status, named]).to eq([422, [field]])
        expect(page.at_css("#mine-1-amount")["value"]).to eq(typed["amount"])
      end
    send_form "/cupboard/pots/99/mine", own
    expect([last_response.status, mine]).to eq([404, []])
  end

  it "begins a new bag half way to what the old one taught, until that is taken back" do
    old = household.shelf(:bags).all.find { |bag| bag[:grain] == "basmati" }
    said = old.slice(:name, :grain, :drinks, :crop).transform_keys(&:to_s).transform_values(&:to_s)
    drinks = -> { Math.log(FondKettle::Forms::PlanForm.new(plan, household).request.estimates[:uptake].factor) }
    before = drinks.call
    send_form "/cupboard/bags/#{old[:id]}/replace", **said, "left_g" => "2,000", "opened_on" => "",
                                                            "lock_version" => old[:lock_version].to_s
    fresh = household.shelf(:bags).all.find { |bag| bag[:grain] == "basmati" }
    expect(fresh).to include(left_g: 2000.0, drinks: 1.0, opened_on: Time.now.strftime("%Y-%m-%d"))
    expect([fresh[:id] == old[:id], drinks.call]).to match([false, be_within(1e-6).of(before / 2)])
    household.journal.take_back(household.database.read { |db| db[:changes].max(:id) }, Time.now)
    expect(drinks.call).to be_within(1e-9).of(before)
  end

  it "takes two weights of a pot or none, and no pot that gained" do
    said = { "grain" => "right", "wetness" => "right", "lock_version" => "0" }
    { %w[2310 2350] => "a pot loses water", ["2310", ""] => "weighed too", %w[2310 heavy] => "number",
      %w[2310 1600] => "at most 484 g of water were in the pot" }
      .each do |(before_g, after_g), words|
        send_form "/log/7", **said, "before_g" => before_g, "after_g" => after_g
        expect([last_response.status, page.at_css("#after_g")["value"]]).to eq([422, after_g])
        expect(page.text).to include(words)
      end
    send_form "/log/7", **said, "before_g" => "2310", "after_g" => "2,240"
    expect(household.cooks.find(7)[:outcome]).to include(before_g: 2310.0, after_g: 2240.0)
  end
end
