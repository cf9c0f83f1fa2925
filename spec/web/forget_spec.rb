# frozen_string_literal: true

require "nokogiri"
require_relative "../support/served_kitchen"

RSpec.describe "What was taught, forgotten" do
  include Support::ServedKitchen

  def learned
    household.lessons.learned
  end

  # The lines of the log's list: words and button.
  def lines
    get "/log"
    page.css("#forget li").map { |line| [line.at_css("span").text, line.at_css("button").text] }
  end

  def basmati
    household.lessons.forgetting.bags.find { |bag| bag.grain == "basmati" }
  end

  it "is forgotten bag by bag, told in the log, and learned again" do
    before = learned.belief.means
    of = "bag-#{basmati.bag_id}"
    expect(lines).to include([/\ABasmati: 3 pots/, "Forget what it taught"])
    send_form "/log/forget", "of" => of
    expect(last_response.location).to end_with("/log#forget")
    expect(lines.map(&:first)).to include(/\ABasmati: 3 pots, forgotten/)
    expect(learned.belief.means).not_to eq(before)
    send_form "/log/learn-again", "of" => of
    expect([learned.belief.means, last_response.status]).to eq([before, 303])
  end

  it "is forgotten of one pot, whose page and row of the export say so" do
    id = basmati.cooks.last
    send_form "/log/forget", "of" => "cook-#{id}"
    expect(last_response.location).to end_with("/log/#{id}")
    get "/log/#{id}"
    expect(page.text).to match(/What it taught was forgotten on \d+ \w+\..*Learn from it again/m)
    expect(lines.map(&:first)).to include(/\ABasmati: 3 pots, 1 of them forgotten/)
    pots = household.shelf(:pots).all.to_h { |pot| pot.values_at(:id, :name) }
    teaches = FondKettle::Formats::LogCsv.call([household.cooks.find(id)], pots).lines.last.strip
    expect(teaches).to end_with(",no")
  end

  it "is forgotten altogether, and put back from what was removed" do
    before = learned.belief.means
    send_form "/log/forget", "of" => "all"
    expect([learned.cooks, household.cooks.finished.any?]).to eq([{}, true])
    get "/removed"
    expect(page.text).to include("Forgotten: all that the pots have taught")
    household.journal.take_back(household.journal.removals(Time.now).first.id, Time.now)
    expect(learned.belief.means).to eq(before)
  end

  it "refuses what is not there, or is no name" do
    before = learned.belief.means
    ["", "everything", "bag-0", "cook--1", "cook-999999", "bag-7;drop", "rice-moon"].each do |of|
      send_form "/log/forget", "of" => of
      expect(last_response.status).to eq(422), of
      send_form "/log/learn-again", "of" => of
      expect(last_response.status).to eq(422), of
    end
    expect(learned.belief.means).to eq(before)
  end
end
