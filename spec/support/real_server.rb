# frozen_string_literal: true

require "socket"
require "tmpdir"
require_relative "browser"

module Support
  # The program itself on a folder and a port of its own, in the place of Capybara's server: it can be stopped
  # and killed. `folder` and `port` are the example's.
  module RealServer
    PROGRAM = File.expand_path("../../bin/kettle", __dir__)

    attr_reader :folder, :port

    # `at`: scheme and host by which Capybara opens it.
    def self.around(group, at:)
      group.around do |example|
        Dir.mktmpdir do |folder|
          @folder = folder
          @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
          run = [Capybara.run_server, Capybara.app_host]
          Capybara.run_server = false
          Capybara.app_host = "#{at}:#{port}"
          example.run
        ensure
          stop(:KILL)
          Capybara.run_server, Capybara.app_host = run
        end
      end
    end

    # Starts it with `options` beside port and folder, and waits until it answers.
    def serve(*options, err: File::NULL)
      @pid = spawn(RbConfig.ruby, PROGRAM, "--port", port.to_s, "--data", folder, *options,
                   out: File::NULL, err: err)
      Timeout.timeout(60) { sleep 0.2 until answers? }
    end

    def answers?
      TCPSocket.open("127.0.0.1", port).close
      true
    rescue SystemCallError
      false
    end

    def signal(name)
      Process.kill(name, @pid)
    end

    def stop(signal)
      Process.kill(signal, @pid) && Process.wait(@pid) if @pid
      @pid = nil
    end
  end
end
