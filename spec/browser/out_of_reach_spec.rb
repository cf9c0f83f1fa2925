# frozen_string_literal: true

require "sqlite3"
require_relative "../support/browser"
require_relative "../support/fridays"
require_relative "../support/real_server"

# A real server that is stopped and killed under a device that cooks.
RSpec.describe "A meal whose kitchen is out of reach", :browser, :thorough do
  include Support::Browser
  include Support::RealServer

  Support::RealServer.around(self, at: "http://127.0.0.1")

  def lay
    visit "/clock/new"
    Support::Fridays::TITLES.each { |title| find(".meal-dishes label", text: title).click }
    fill_in "cooks", with: "Orsolya, Teodor"
    day = (Time.now + 86_400).strftime("%Y-%m-%d")
    page.execute_script("document.getElementById('day').value = '#{day}'")
    click_button "Find the times"
    click_button "Begin this meal"
    expect(page).to have_css(".meal-card.is-first")
  end

  def told
    file = Dir[File.join(@folder, "**", "kettle.db")].max_by { |path| File.size(path) }
    SQLite3::Database.new(file).execute("SELECT what FROM meal_taps ORDER BY at").flatten
  end

  it "opens again from what the device keeps, goes on, and hands over each tap once" do
    serve
    lay
    mine = "#{page.current_path}?who=0"
    visit mine
    ready = "const done = arguments[0]; navigator.serviceWorker.ready.then(() => done(true))"
    expect(page.evaluate_async_script(ready)).to be(true)
    visit mine
    expect(page).to have_css(".meal-card.is-first")
    stop(:INT)
    find("#bar button").click
    expect(page).to have_css("#kept", text: "1 tap is kept here")
    visit mine
    expect(page).to have_css(".meal-card.is-first").and have_css("#kept", text: "1 tap is kept here")
    find("#bar button").click
    expect(page).to have_css("#kept", text: "2 taps are kept here")
    serve
    expect(page).to have_no_css("#kept", text: "kept here", wait: 30)
    expect(told).to eq(%w[begun over])
    stop(:KILL)
    find("#bar button").click
    serve
    expect(page).to have_no_css("#kept", text: "kept here", wait: 30)
    expect(told).to eq(%w[begun over begun])
    page.driver.browser.logs.get(:browser)
  end
end
