# frozen_string_literal: true

require "socket"
require "tmpdir"
require_relative "../../cli/certificates"
require_relative "../../cli/doctor"
require_relative "../../store/household"

RSpec.describe FondKettle::Cli::Doctor do
  now = Time.now

  around { |example| Dir.mktmpdir { |folder| (@data = folder) && example.run } }

  before do
    FondKettle::Store::Household.new(kitchen).close
    File.chmod(0o700, kitchen)
    @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
  end

  def kitchen
    File.join(@data, "kitchen")
  end

  # What is odd, by place.
  def odd(at = Time.now)
    settings = { data: @data, empty: true, demo: false, host: "127.0.0.1", port: @port }
    described_class.new(settings, now: at).call.select(&:odd).to_h { |one| [one.place, one.odd] }
  end

  it "finds nothing odd about a kitchen as it should be" do
    expect(odd).to eq({})
  end

  it "says what is odd about folder, port, clock and certificate, each in words" do
    File.chmod(0o755, kitchen)
    expect(odd.fetch(kitchen)).to include("can be read by others", "chmod 700")
    File.chmod(0o700, kitchen)
    TCPServer.open("127.0.0.1", @port) { expect(odd.fetch("port #{@port}")).to include("is taken") }
    long_ago = odd(Time.utc(2020)).to_a.flatten.join(" ")
    expect(long_ago).to match(/the clock, 1 Jan 2020.*earlier than this program/)
    FondKettle::Cli::Certificates.new(kitchen, ["kitchen.local"]).renew(now)
    expect(odd(now + (370 * 86_400))["the certificate"]).to match(/ends in \d+ days/)
    expect(odd(now + (400 * 86_400))["the certificate"]).to include("has ended")
    File.write(File.join(kitchen, "tls", "server.pem"), "torn")
    expect(odd["the certificate"]).to include("damaged")
    File.write(File.join(kitchen, "kettle.db"), "x" * 4096)
    expect(odd.fetch(kitchen)).to include("is not whole")
    FileUtils.rm_rf(kitchen)
    expect(odd.fetch(kitchen)).to include("is not there yet")
  end
end
