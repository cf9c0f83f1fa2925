# frozen_string_literal: true

require_relative "../support/browser"

# A phone over plain http on the kitchen's name, which loses the network at a single pot.
RSpec.describe "A pot whose kitchen is out of reach", :browser do
  include Support::Browser

  def reachable(yes)
    page.driver.browser.execute_cdp("Network.enable")
    page.driver.browser.execute_cdp("Network.emulateNetworkConditions", offline: !yes, latency: 0,
                                                                        downloadThroughput: -1,
                                                                        uploadThroughput: -1)
  end

  def told
    id = page.current_path[/\d+/].to_i
    Support::Browser.household.cooks.find(id)[:events].select { |event| event.kind == "task" }
  end

  around do |example|
    host = Capybara.app_host
    example.run
  ensure
    Capybara.app_host = host
  end

  before do
    visit "/"
    port = URI(page.current_url).port
    Capybara.app_host = "http://#{Support::Browser::HOST_NAME}:#{port}"
    resize(390, 844)
    visit "/pot?grain=jasmine&pot=3&for=amount&amount=420&unit=g"
    click_button "Start cooking"
    find(Support::Browser::NEXT, text: "Done, next")
  end

  # A browser tells of every address that it could not reach.
  after do
    reachable(true)
    page.driver.browser.logs.get(:browser)
  end

  it "keeps its taps with their times, goes on, and hands them over once" do
    reachable(false)
    go_on
    expect(page).to have_css("#kept-taps", text: "1 tap is kept here").and have_css("h1", text: "Drain")
    go_on
    expect(page).to have_css("#kept-taps",
                             text: "2 taps are kept here").and have_css("h1", text: "Put the rice")
    expect(page).to have_css(".stove-next", text: "then: Bring to the boil")
    go_on
    expect(page).to have_css("h1", text: "Bring to the boil").and have_css(".caution", text: "▲")
    expect(told.size).to eq(1)
    before = Time.now
    sleep 1.2
    reachable(true)
    expect(page).to have_no_css("#kept-taps", text: "kept here", wait: 15)
    expect(page).to have_css("h1", text: "Bring to the boil").and have_css(Support::Browser::NEXT)
    expect(told.map(&:what)).to match([/rinse/, /drain/, /fill/, /boil/])
    expect(told.last.at).to be <= before
    expect(page).to be_accessible
  end

  it "hands them over when the page is opened again, once the network is back" do
    pot = page.current_path
    reachable(false)
    go_on
    expect(page).to have_css("#kept-taps", text: "1 tap is kept here")
    visit "about:blank"
    reachable(true)
    visit pot
    expect(page).to have_css("h1", text: "Drain", wait: 15).and have_no_css("#kept-taps")
    expect(told.size).to eq(2)
  end

  it "offers a tap that no longer fits, to be told now or forgotten" do
    reachable(false)
    go_on
    expect(page).to have_css("#kept-taps", text: "1 tap is kept here")
    id = page.current_path[/\d+/].to_i
    cooks = Support::Browser.household.cooks
    tasks = cooks.find(id)[:plan][:tasks].map { |task| task[:id] }
    cooks.move(id, tasks[0], tasks[1], Time.now)
    cooks.move(id, tasks[1], tasks[2], Time.now)
    reachable(true)
    expect(page).to have_css("h1", text: "Put the rice", wait: 15)
    expect(page).to have_css("#late-taps", text: "“Done, next” of")
    expect(told.size).to eq(3)
    click_button "Forget it"
    expect(page).to have_no_css("#late-taps")
  end
end
