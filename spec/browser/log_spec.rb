# frozen_string_literal: true

require_relative "../support/browser"

RSpec.describe "Two pots of the log beside one another", :browser do
  include Support::Browser

  it "are chosen, drawn as they came out, and can be looked for" do
    visit "/log"
    expect(page).to have_css(".log-strip .pot-picture", count: 5)
    all(".cooked li").first(2).each { |row| within(row) { check "beside another" } }
    click_button "Two beside one another"
    expect(page).to have_css(".ways-full article", count: 2)
    expect(page).to be_accessible
    fill_in "Look for", with: "brown"
    click_button "Look"
    expect(page).to have_css(".cooked li", text: "Brown")
    expect(page).to have_no_css(".cooked li", text: "Jasmine")
    resize(320, 700)
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 320
  end
end
