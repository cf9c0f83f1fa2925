# frozen_string_literal: true

# Prints how long commands take to start and answer, each in turn with a bare Ruby, and
# their ratios to it.
#   ruby bench/start.rb
require "net/http"
require "tempfile"
require "tmpdir"

ROOT = File.expand_path("..", __dir__)
TURNS = 9
PORT = 4597
KETTLE = [RbConfig.ruby, File.join(ROOT, "bin/kettle")].freeze

def spent
  began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  yield
  Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
end

# Until the first page is there.
def served(folder)
  pid = nil
  spent do
    pid ||= spawn(*KETTLE, "--port", PORT.to_s, "--data", folder, out: File::NULL, err: File::NULL)
    Net::HTTP.get(URI("http://127.0.0.1:#{PORT}/"))
  rescue Errno::ECONNREFUSED
    sleep 0.01
    retry
  end
ensure
  Process.kill("TERM", pid)
  Process.wait(pid)
end

def answered(*command)
  spent { system(*command, out: File::NULL, exception: true) }
end

Tempfile.create(["request", ".json"]) do |request|
  request.write('{"grain":"basmati","method":"covered-pot","rice":{"amount":300,"unit":"g"}}')
  request.flush
  turns = Array.new(TURNS) do
    [answered(RbConfig.ruby, "-e", "1"), answered(*KETTLE, "plan", request.path),
     answered(*KETTLE, "convert", "2", "us-cup", "g", "--of", "basmati")]
  end
  bare, *commands = turns.transpose.map { |times| times.sort[TURNS / 2] }
  puts format("a bare Ruby          %5.0f ms", bare * 1000)
  %w[plan convert].zip(commands) do |name, taken|
    puts format("%-20s %5.0f ms: ratio %.1f (wanted: at most 5)", name, taken * 1000, taken / bare)
  end
end

Dir.mktmpdir do |folder|
  served(folder)
  again = Array.new(3) { served(folder) }.min
  puts format("second start to page %5.0f ms (wanted: under 1500)", again * 1000)
end
