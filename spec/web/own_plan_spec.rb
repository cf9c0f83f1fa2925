# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "A pot keeps the plan that it was started with" do
  include Support::ServedKitchen

  before { @now = Time.now }

  def start(**fields)
    usual = { "grain" => "basmati", "for" => "amount", "amount" => "410", "unit" => "g", "pot" => "1",
              "burner" => "1" }
    send_form "/pot/start", usual.merge(fields.transform_keys(&:to_s))
    last_response.location[/\d+\z/].to_i
  end

  def cook(id)
    record = household.cooks.find(id)
    FondKettle::Stove::Cook.new(record[:plan], record[:events])
  end

  # Goes on to the boil, and taps it `min` minutes after the heat went on.
  def boil(id, min)
    until cook(id).task[:kind] == "boil"
      at = cook(id)
      send_form "/stove/#{id}/task", "from" => at.task[:id], "to" => at.following[:id]
      @now += 60
    end
    @now += min * 60
    at = cook(id)
    send_form "/stove/#{id}/task", "from" => at.task[:id], "to" => at.following[:id], "seen" => "boil"
    household.cooks.find(id)[:events].select { |event| event.kind == "replan" }.map(&:what)
  end

  def pour(id, grams)
    send_form "/stove/#{id}/poured", "poured" => grams.to_s, "unit" => "g"
    household.cooks.find(id)[:events].select { |event| event.kind == "outlook" }.map(&:what).last
  end

  # Everything in the cupboard that the pot was planned by, made another.
  def upset
    household.shelf(:burners).all.each do |burner|
      household.shelf(:burners).change(burner[:id], burner[:lock_version], high_w: 5000.0)
    end
    household.shelf(:pots).all.each do |pot|
      household.shelf(:pots).change(pot[:id], pot[:lock_version], diameter_mm: 360.0, kg: 9.0, lid: "none")
    end
    pot = household.shelf(:pots).find(1)
    household.shelf(:pots).remove(1, pot[:lock_version], Time.now)
    household.shelf(:bags).all.each do |bag|
      household.shelf(:bags).change(bag[:id], bag[:lock_version], drinks: 1.3)
    end
    household.change_kitchen(household.kitchen[:lock_version], altitude_m: 4000.0)
  end

  it "moves no minute at the stove when burner, pot, bag and height are changed; the next plan moves" do
    undisturbed = start
    disturbed = start
    planned = cook(disturbed).plan[:liquid][:g]
    without = boil(undisturbed, 12)
    @now = Time.now
    upset
    expect(boil(disturbed, 12)).to eq(without)
    expect(without).not_to be_empty
    expect(pour(disturbed, 700)).to eq(pour(undisturbed, 700))
    expect(cook(disturbed).plan[:liquid][:g]).to eq(planned)
    again = start(pot: "3")
    expect(cook(again).plan[:liquid][:g]).not_to be_within(5).of(planned)
  end

  it "finds the same way out of what is wrong, whatever became of its dish" do
    remedies = [false, true].map do |change|
      id = start(dish: "2", amount: "320", pot: "3")
      boil(id, 9)
      household.dishes.change(2, 0, lines: "3 kg leeks | with", method: "covered-pot") if change
      @now += 6 * 60
      send_form "/stove/#{id}/told", "told" => "sign chalky-dry"
      household.cooks.find(id)[:events].select { |event| event.kind == "remedy" }.map(&:what)
    end
    expect(remedies.uniq.size).to eq(1)
  end

  it "keeps it with a meal's dish from when it was laid" do
    day = (Time.now + 86_400).strftime("%Y-%m-%d")
    send_form "/clock", "dish[]" => "2", "day" => day, "serve" => "19:00", "guests" => "2", "cooks" => "Ilse"
    id = household.meals.open.first[:id]
    upset
    send_form "/clock/#{id}/begin"
    record = household.cooks.on_the_stove.first
    expect(record[:request]).to eq(household.meals.dishes(id).first[:request])
    request = FondKettle::Formats::StoredRequest.read(record[:request])
    expect([request.altitude_m, request.vessel.lid]).to eq([1150.0, "tight"])
  end
end
