# frozen_string_literal: true

require "puma"
require "puma/configuration"
require "puma/launcher"
require_relative "../web/ground/refusal"
require_relative "renewal"

module FondKettle
  module Cli
    # The web server on one address, over https where the kitchen has certificates. One that is made anew
    # meanwhile is taken up at once: the server begins anew under the same address, within a few seconds.
    # SIGUSR1 has it look at its certificate now.
    class Server
      THREADS = 5
      # Whoever is still being answered then is not.
      LONGEST_GOODBYE_S = 2
      NOT_READ = "This could not be read as a request."

      # `app`: what answers; `host`: an address, in brackets where it has six parts; `log`: an IO for what
      # goes wrong; `certificates`: Certificates, or nil for plain http; `most_bytes`: of one request.
      def initialize(app, host:, port:, log:, most_bytes:, certificates: nil)
        @app = app
        @host = host
        @port = port
        @log = log
        @most_bytes = most_bytes
        @certificates = certificates
      end

      # Blocks until it is stopped. The block is called once, when it listens.
      def run(&listening)
        @listening = listening
        @renewal = Renewal.new(@certificates) { begin_anew } if @certificates
        loop do
          @anew = false
          @launcher = launcher
          @launcher.run
          break unless @anew
        end
      ensure
        @renewal&.stop
      end

      private

      def launcher
        log = Puma::LogWriter.new(StringIO.new, @log)
        Puma::Launcher.new(configuration, log_writer: log).tap do |launcher|
          launcher.events.on_booted { booted }
        end
      end

      def booted
        look_after_certificate if @renewal
        @listening&.call
        @listening = nil
      end

      # Puma takes its signals anew with each start.
      def look_after_certificate
        Signal.trap("USR1") { @renewal.wake }
        @renewal.start
      end

      def begin_anew
        @anew = true
        @launcher.stop
      end

      def configuration
        Puma::Configuration.new do |puma|
          listen(puma)
          puma.app @app
          settle(puma)
        end
      end

      def listen(puma)
        return puma.bind("tcp://#{@host}:#{@port}") unless @certificates

        puma.ssl_bind(@host, @port, cert: @certificates.server_pem, key: @certificates.server_key,
                                    no_tlsv1: true, no_tlsv1_1: true, verify_mode: "none")
      end

      # What never differs.
      def settle(puma)
        puma.threads 1, THREADS
        # More devices than threads take turns, page by page.
        puma.max_fast_inline 1
        puma.quiet
        puma.raise_exception_on_sigterm false
        puma.environment "production"
        puma.http_content_length_limit @most_bytes
        puma.force_shutdown_after LONGEST_GOODBYE_S
        puma.lowlevel_error_handler { |_error| Web::Refusal.answer(400, NOT_READ) }
      end
    end
  end
end
