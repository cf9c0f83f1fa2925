# frozen_string_literal: true

require_relative "../support/browser"
require_relative "../support/fridays"

RSpec.describe "A phone on the house network, over plain http", :browser do
  include Support::Browser

  # Everything by the kitchen's name, which is no secure place to a browser.
  around do |example|
    Capybara.app_host = "http://#{Support::Browser::HOST_NAME}"
    Capybara.always_include_port = true
    example.run
  ensure
    Capybara.app_host = nil
    Capybara.always_include_port = false
  end

  def lay
    visit "/clock/new?dish[]=plain-basmati&guests=3"
    fill_in "Who cooks", with: "Orsolya"
    page.execute_script("document.getElementById('day').value = " \
                        "'#{(Time.now + 86_400).strftime('%Y-%m-%d')}'")
    page.execute_script("document.getElementById('serve').value = '19:00'")
    fill_in "beside", with: "Salad: Cut the cucumbers | cut | 8 min"
    click_button "Find the times"
    expect(page).to have_css(".meal-title")
    click_button "Begin"
    expect(page).to have_css("#bar button")
  end

  def first_state
    page.evaluate_script("document.querySelector('.meal-card').dataset.state")
  end

  it "taps in a meal, and the other device is told" do
    lay
    expect(page.evaluate_script("[isSecureContext, typeof crypto.randomUUID]")).to eq([false, "undefined"])
    address = page.current_path
    Capybara.using_session(:phone) do
      resize(390, 844)
      visit address
      expect(first_state).to eq("to-come")
    end
    find("#bar button").click
    expect(page).to have_css(".meal-card[data-state=going]")
    expect(page).to have_no_css("#kept", text: "Not connected")
    Capybara.using_session(:phone) do
      expect(page).to have_css(".meal-card[data-state=going]")
      find("#bar button").click
      expect(page).to have_css(".meal-card[data-state=over]", visible: :all)
      expect(console).to eq([])
    end
    expect(page).to have_css(".meal-card[data-state=over]", visible: :all)
  end

  it "sends the form as it is where the script fails" do
    lay
    page.execute_script("Object.defineProperty(window, 'crypto', { value: {} })")
    find("#bar button").click
    expect(page).to have_css(".meal-card[data-state=going]")
    page.driver.browser.logs.get(:browser)
  end
end
