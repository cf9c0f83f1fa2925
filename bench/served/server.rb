# frozen_string_literal: true

require "net/http"

# An application as it is served, in a process of its own.
class Server
  ROOT = File.expand_path("../..", __dir__)
  PART = { "accept-encoding" => "identity", "x-kettle-part" => "answer" }.freeze

  attr_reader :pid

  # Yields a Server that a command started on `port`.
  def self.with(port, *command, env: {})
    server = new(port, *command, env: env)
    yield server
  ensure
    server&.stop
  end

  def initialize(port, *command, env: {})
    @port = port
    @pid = spawn(env, *command, out: File::NULL, err: File::NULL, chdir: ROOT)
    @http = connected
  end

  # The body of a page, or of the part that a script asks for.
  def body(path)
    @http.get(path, PART).body
  end

  # Another connection, as of another device.
  def connected
    200.times do
      http = Net::HTTP.new("127.0.0.1", @port)
      http.get("/health")
      return http.start
    rescue SystemCallError
      sleep 0.1
    end
    abort "The server did not start."
  end

  # Bytes on the wire of a page and all it names, compressed as a browser asks.
  def weight(path)
    fonts = %w[/assets/vendor/atkinson-400.woff2 /assets/vendor/atkinson-700.woff2]
    assets = body(path).scan(%r{(?:href|src)="(/assets/[^"]+)"}).flatten + fonts
    [path, *assets.uniq].sum do |part|
      answer = @http.get(part, "accept-encoding" => "gzip")
      answer.body.bytesize + answer.to_hash.to_s.size
    end
  end

  # What the process holds of memory, MB.
  def resident_mb
    File.read("/proc/#{@pid}/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024
  end

  def stop
    Process.kill("INT", @pid)
    Process.wait(@pid)
  end
end
