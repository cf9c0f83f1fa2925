# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Every way side by side", :browser do
  include Support::Browser

  address = "/pot/side-by-side?grain=basmati&pot=3&for=amount&amount=540&unit=g"

  def minutes(words)
    hours, rest = words.match(/(?:(\d+) h )?(\d+)/).captures
    (hours.to_i * 60) + rest.to_i
  end

  it "draws each way's pot and time, sorted by what the cook asks" do
    visit address
    said = first(".ways-list").all(".way-row p b").map(&:text).grep(/ min\z| h \d/)
    totals = said.map { |words| minutes(words) }
    expect(totals).to eq(totals.sort)
    expect(page).to have_css(".way-row .pot-picture").and have_css(".way-row .hands-bar .bar-hands")
    expect(page).to be_accessible
    click_link "Least to wash"
    washed = first(".ways-list").all(".way-row").map { |row| row.text[/to wash: (.*)/, 1].count(",") }
    expect(washed).to eq(washed.sort)
    click_link "Most separate"
    expect(first(".way-row")).to have_text("eparate")
  end

  it "folds what does not come right here, and shows two in full" do
    visit address.sub("540", "1600")
    expect(page).to have_css("details summary", text: /Not in this pot, or not for so much: \d+/)
    visit address
    all(".way-row", text: /Covered pot|Oven pilaf/).first(2).each { |row| within(row) { check "in full" } }
    click_button "Two of them in full"
    expect(page).to have_css(".ways-full article", count: 2)
    expect(page).to have_css(".ways-full .glasses").and have_css(".ways-steps .caution")
    expect(page).to be_accessible
    resize(390, 844)
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
  end
end
