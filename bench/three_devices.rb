# frozen_string_literal: true

# Three devices tap at one meal at the stove, together thirty times a second, while sixty listen, against the
# application as it is served: bundle exec ruby bench/three_devices.rb [SECONDS]. Prints how many taps were
# refused, how long each took until it was stored, and until all who listen were told, ms.
require_relative "../cli/setup"

ROOT = File.expand_path("..", __dir__)
FondKettle::Cli::Setup.new(ROOT).running

require "json"
require "net/http"
require "time"
require "tmpdir"
require_relative "../lib/fond_kettle"
require_relative "../spec/support/fridays"
require_relative "../store/demo"

# The demo's Friday for nine at the stove.
class ThreeDevices
  include Support::Fridays

  # One device: a session, and what it sends.
  class Device
    PORT = 4597

    def initialize
      @http = Net::HTTP.new("127.0.0.1", PORT).start
      answer = @http.get("/dishes/import")
      @cookie = answer["set-cookie"].to_s[/\A[^;]+/]
      @token = answer.body[/name="authenticity_token" value="([^"]+)"/, 1]
    end

    # [status, address that it leads to, ms].
    def send_form(path, fields)
      began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      body = URI.encode_www_form([["authenticity_token", @token], *fields.flat_map do |name, value|
        Array(value).map { |one| [value.is_a?(Array) ? "#{name}[]" : name, one] }
      end])
      answer = @http.post(path, body,
                          { "cookie" => @cookie, "content-type" => "application/x-www-form-urlencoded" })
      [answer.code.to_i, answer["location"], (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) * 1000]
    end
  end

  DEVICES = 3
  EACH_A_SECOND = 10
  LISTENERS = 60
  # Tasks between those that two devices tap at the same time.
  APART = 7
  # Taps one by one, until all are told.
  TOLD = 20

  attr_reader :household

  def initialize(folder, seconds)
    @seconds = seconds
    @household = FondKettle::Store::Household.new(File.join(folder, "demo"), demo: true)
    FondKettle::Store::Demo.fill(@household, Time.now)
    @household.close
    @data = folder
  end

  def print
    serving do
      first = Device.new
      meal = lay(first)
      heard = listen
      sleep 1
      taken = tap_together(meal)
      report(taken)
      told = Array.new(TOLD) { |index| tell_all(first, meal, heard, index) }.sort
      puts format("told to all of %d devices in %.0f ms in the middle, %.0f ms at most", heard.size,
                  told[told.size / 2], told.last)
      heard.each { |one| one[:thread].kill }
    end
  end

  private

  def serving
    pid = spawn("ruby", "bin/kettle", "--port", Device::PORT.to_s, "--data", @data, out: File::NULL, err: File::NULL,
                                                                                    chdir: ROOT)
    100.times do
      break if Net::HTTP.get_response("127.0.0.1", "/health", Device::PORT).code == "200"
    rescue SystemCallError
      sleep 0.2
    end
    yield
  ensure
    Process.kill("INT", pid)
    Process.wait(pid)
  end

  # Address of the meal, with its pots on the stove, and the ids of its tasks.
  def lay(device)
    @household = FondKettle::Store::Household.new(File.join(@data, "look"), demo: true)
    FondKettle::Store::Demo.fill(@household, Time.now)
    form = friday
    @household.close
    _, path, = device.send_form("/clock", form)
    id = path[/\d+\z/]
    device.send_form("/clock/#{id}/begin", {})
    body = Net::HTTP.get(URI("http://127.0.0.1:#{Device::PORT}/meal/#{id}"))
    { path: "/meal/#{id}/taps", tasks: body.scan(/data-task="([^"]+)"/).flatten.uniq }
  end

  def listen
    Array.new(LISTENERS) do
      one = { times: [] }
      one[:thread] = Thread.new do
        Net::HTTP.start("127.0.0.1", Device::PORT) do |http|
          http.request(Net::HTTP::Get.new("/events")) do |answer|
            answer.read_body { |text| one[:times] << now if text.include?("changed") }
          end
        end
      rescue IOError, SystemCallError
        nil
      end
      one
    end
  end

  # Milliseconds from a tap that was stored until the last device has heard of it.
  def tell_all(device, meal, heard, index)
    sleep 0.5
    began = now
    device.send_form(meal[:path], "taps" => JSON.generate(taps: [tap(meal, "told", index, index)]))
    sleep 0.002 until heard.all? { |one| one[:times].any? { |at| at >= began } }
    (heard.map { |one| one[:times].find { |at| at >= began } }.max - began) * 1000
  end

  def tap(meal, device, index, at)
    { key: format("%s-%06d", device, index), task: meal[:tasks][at % meal[:tasks].size],
      what: (at / meal[:tasks].size).even? ? "begun" : "not-begun", at: (Time.now.to_f * 1000).round }
  end

  def now
    Process.clock_gettime(Process::CLOCK_MONOTONIC)
  end

  def tap_together(meal)
    Array.new(DEVICES) do |number|
      Thread.new do
        device = Device.new
        Array.new(@seconds * EACH_A_SECOND) do |index|
          due = now
          told = tap(meal, "device#{number}", index, index + (number * APART))
          answer = device.send_form(meal[:path], "taps" => JSON.generate(taps: [told]))
          wait = (1.0 / EACH_A_SECOND) - (now - due)
          sleep wait if wait.positive?
          answer
        end
      end
    end.flat_map(&:value)
  end

  def report(taken)
    refused = taken.count { |status, _| status >= 400 }
    times = taken.map(&:last).sort
    puts format("taps: %d, refused %d; stored in %.0f ms in the middle, %.0f ms at the 95th, %.0f ms at most",
                taken.size, refused, times[times.size / 2], times[(times.size * 0.95).floor], times.last)
    puts taken.map(&:first).tally.map { |status, count| "#{status}: #{count}" }.join(", ")
  end
end

Dir.mktmpdir { |folder| ThreeDevices.new(folder, (ARGV[0] || 4).to_i).print }
