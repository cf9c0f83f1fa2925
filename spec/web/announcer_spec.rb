# frozen_string_literal: true

require "socket"
require "tmpdir"
require_relative "../../store/database"
require_relative "../../web/ground/announcer"

RSpec.describe FondKettle::Web::Announcer do
  around do |example|
    Dir.mktmpdir do |folder|
      @database = FondKettle::Store::Database.new(folder)
      @announcer = described_class.new(@database)
      example.run
      @database.close
    end
  end

  # A device's end of a connection that the server has handed over.
  def device
    ours, theirs = UNIXSocket.pair
    status, headers, = @announcer.call({})
    expect([status, headers["content-type"]]).to eq([200, "text/event-stream"])
    headers["rack.hijack"].call(theirs)
    expect(ours.readpartial(100)).to include("retry")
    ours
  end

  def heard(socket, seconds = 1)
    socket.wait_readable(seconds) ? socket.readpartial(200) : nil
  end

  it "tells every device of a write, soon" do
    devices = [device, device]
    from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    @database.write { |db| db[:kitchens].count }
    expect(devices.map { |one| heard(one) }).to all(match(/event: changed\ndata: \d+/))
    expect(Process.clock_gettime(Process::CLOCK_MONOTONIC) - from).to be < 0.3
  end

  it "forgets who has gone, and goes on telling the others" do
    gone = device
    here = device
    gone.close
    3.times { @database.write { |db| db[:kitchens].count } && sleep(0.05) }
    expect(heard(here)).to include("changed")
    expect(@announcer.size).to eq(1)
  end

  it "is bounded: who comes later is told to ask again" do
    devices = Array.new(described_class::MOST) { device }
    expect(@announcer.call({}).first).to eq(503)
    devices.each(&:close)
  end
end
