# frozen_string_literal: true

require "socket"
require "sqlite3"
require_relative "../support/browser"
require_relative "../support/fridays"

# A real server that is stopped and killed under a device that cooks.
RSpec.describe "A meal whose kitchen is out of reach", :browser, :thorough do
  include Support::Browser

  root = File.expand_path("../..", __dir__)

  around do |example|
    Dir.mktmpdir do |folder|
      @folder = folder
      @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
      run = [Capybara.run_server, Capybara.app_host]
      Capybara.run_server = false
      Capybara.app_host = "http://127.0.0.1:#{@port}"
      example.run
    ensure
      stop(:KILL)
      Capybara.run_server, Capybara.app_host = run
    end
  end

  define_method(:serve) do
    @pid = spawn(RbConfig.ruby, File.join(root, "bin/kettle"), "--port", @port.to_s, "--data", @folder,
                 out: File::NULL, err: File::NULL)
    Timeout.timeout(60) { sleep 0.2 until answers? }
  end

  def answers?
    TCPSocket.open("127.0.0.1", @port).close
    true
  rescue SystemCallError
    false
  end

  def stop(signal)
    Process.kill(signal, @pid) && Process.wait(@pid) if @pid
    @pid = nil
  end

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
