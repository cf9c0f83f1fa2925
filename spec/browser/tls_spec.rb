# frozen_string_literal: true

require "net/http"
require_relative "../../cli/certificates"
require_relative "../support/browser"
require_relative "../support/real_server"

# A real server that speaks https, and a browser that has its authority's certificate.
RSpec.describe "A kitchen over https", :browser do
  include Support::Browser
  include Support::RealServer

  host = Support::Browser::HOST_NAME
  Support::RealServer.around(self, at: "https://#{host}")

  before do
    serve("--tls", "--name", host, "--host", "0.0.0.0")
    @authority = Dir[File.join(folder, "**", "authority.pem")].first
  end

  # A Chromium on a device on which the authority's certificate was installed: its home has it.
  def trusting(host)
    install
    options = Selenium::WebDriver::Chrome::Options.new(binary: "/usr/bin/chromium")
    ["--headless=new", "--no-sandbox", "--disable-gpu", "--host-resolver-rules=MAP #{host} 127.0.0.1"]
      .each { |argument| options.add_argument(argument) }
    # A Chromium of this server's own: the next has another authority.
    driver = :"trusting_#{@port}"
    Capybara.register_driver(driver) do |app|
      PatientDriver.new(app, browser: :chrome, options: options,
                             service: Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver"))
    end
    Capybara.current_driver = driver
    at_home { page.driver.browser }
  end

  def install
    database = File.join(@folder, ".pki", "nssdb")
    FileUtils.mkdir_p(database)
    [["-N", "--empty-password"], ["-A", "-t", "C,,", "-n", "kitchen", "-i", @authority]].each do |given|
      system("certutil", "-d", "sql:#{database}", *given, exception: true)
    end
  end

  # What is begun meanwhile has the folder as its home.
  def at_home
    home = Dir.home
    ENV["HOME"] = @folder
    yield
  ensure
    ENV["HOME"] = home
  end

  def get(path)
    Net::HTTP.start(host_ip, @port, use_ssl: true, ca_file: @authority) { |http| http.get(path) }
  end

  # Of the certificate that the server shows; `gone` while it begins anew.
  def serial(gone: nil)
    Net::HTTP.start(host_ip, @port, use_ssl: true, ca_file: @authority) { |http| http.peer_cert.serial }
  rescue SystemCallError, EOFError
    gone
  end

  def host_ip
    "127.0.0.1"
  end

  it "is believed by who has the authority's certificate, by name and by address, and by nobody else" do
    expect(get("/health").body.strip).to eq("ok")
    expect(get("/pot")["set-cookie"]).to match(/secure/i)
    expect { Net::HTTP.start(host_ip, @port, use_ssl: true) { |http| http.get("/") } }
      .to raise_error(OpenSSL::SSL::SSLError)
    given = get("/door/authority.crt")
    expect([given["content-type"], given.body]).to eq(["application/x-x509-ca-cert", File.read(@authority)])
    expect(get("/door/certificate").body).to include(FondKettle::Cli::Certificates.fingerprint(@authority))
    expect(get("/assets/kettle.webmanifest")["content-type"]).to eq("application/manifest+json")
  end

  it "takes up a certificate that is made anew while it runs" do
    expect(get("/health").body.strip).to eq("ok")
    first = serial
    signal(:USR1)
    sleep 1
    expect(serial).to eq(first)
    File.write(File.join(File.dirname(@authority), "server.pem"), "about to end")
    signal(:USR1)
    Timeout.timeout(30) { sleep 0.2 until answers? && serial(gone: first) != first }
    expect(get("/health").body.strip).to eq("ok")
  end

  it "keeps pages for when it does not answer, and says that it does not" do
    trusting(host)
    visit "/pot?grain=jasmine&for=amount&amount=310&unit=g"
    expect(page.evaluate_script("isSecureContext")).to be(true)
    expect(page).to have_css("link[rel=manifest]", visible: :all)
    page.evaluate_async_script("navigator.serviceWorker.ready.then(() => arguments[0](true))")
    expect(page).to have_css("#offline-bar", visible: :hidden)
    visit "/pot?grain=jasmine&for=amount&amount=310&unit=g"
    expect(page).to have_css(".rice-line", text: "310 g")
    stop(:KILL)
    visit "/pot?grain=jasmine&for=amount&amount=310&unit=g"
    expect(page).to have_css(".rice-line", text: "310 g")
    expect(page).to have_css("#offline-bar", text: "does not answer")
    page.driver.browser.logs.get(:browser)
  end
end
