# frozen_string_literal: true

require "puma"
require "puma/configuration"
require "puma/launcher"
require_relative "../app/cooks/follow_ups"
require_relative "../store/demo"
require_relative "../store/household"
require_relative "../store/safekeeping/upkeep"
require_relative "../web/application"
require_relative "../web/ground/refusal"
require_relative "log_file"
require_relative "kitchen_folder"

module FondKettle
  module Cli
    # Starts the application on a household's folder and stops it on Ctrl-C.
    class Serve
      THREADS = 5
      # Whoever is still being answered then is not.
      LONGEST_GOODBYE_S = 2
      AUTHORITY = "A device trusts this kitchen once it has the certificate of %s/door/certificate " \
                  "(SHA-256 %s)."
      NOT_READ = "This could not be read as a request."

      def initialize(settings)
        @settings = settings
      end

      # Returns the exit status when the server has stopped.
      def call
        household = open_household
        return busy unless household.lock

        @log = LogFile.new(household.path, $stderr)
        open_up(household)
        keeping_up(household) { |follow_ups| launch(application(household, follow_ups)) }
        say "Stopped."
        0
      rescue StoreUnavailable => e
        say "#{folder}: #{e.message}"
        1
      rescue SystemCallError => e
        say(e.is_a?(Errno::EADDRINUSE) ? taken : "#{folder} cannot be used: #{e.message}")
        1
      end

      private

      # What a kitchen beyond this machine needs: a door, and certificates for https.
      def open_up(household)
        unless Web::Doors::LOOPBACK.include?(@settings[:host])
          require_relative "door"
          @door = Door.new(household.path)
        end
        return unless @settings[:tls]

        require_relative "certificates"
        @certificates = Certificates.new(household.path, [*places, *Web::Doors::LOOPBACK], Time.now).call
      end

      def application(household, follow_ups)
        names = Web::Doors.names(@settings[:host], @settings[:names])
        Web::Application.build(household, clock: -> { Time.now }, names: names, follow_ups: follow_ups,
                                          **{ door: @door&.book, authority: @certificates,
                                              address: addresses.first }.compact)
      end

      def places
        Web::Doors.places(@settings[:host], @settings[:names])
      end

      def folder
        @folder ||= KitchenFolder.served(@settings)
      end

      def taken
        "Port #{@settings[:port]} is taken. Take another: bin/kettle --port #{@settings[:port] + 1}"
      end

      def busy
        say "This kitchen is open already, in another window perhaps: #{folder}"
        1
      end

      def open_household
        household = Store::Household.new(folder, demo: !@settings[:empty])
        if household.bare? && !@settings[:empty]
          say "Setting up the demo household."
          Store::Demo.fill(household, Time.now)
        end
        household
      end

      # All that was written is in the one file when it has stopped.
      def keeping_up(household)
        upkeep = Store::Upkeep.new(household, clock: -> { Time.now }) { |words| say words }
        follow_ups = App::FollowUps.new(household) { |error| say "#{error.class}: #{error.message}" }
        [upkeep, follow_ups].each(&:start)
        yield follow_ups
      ensure
        [follow_ups, upkeep].each { |worker| worker&.stop }
        @door&.book&.close
        household.close
      end

      def launch(app)
        configuration = Puma::Configuration.new do |puma|
          listen(puma)
          puma.app app
          settle(puma)
        end
        launcher = Puma::Launcher.new(configuration,
                                      log_writer: Puma::LogWriter.new(StringIO.new, @log || $stderr))
        launcher.events.on_booted do
          say "Open #{addresses.join(' or ')} (Ctrl-C stops it)."
          show_door if @door
          say format(AUTHORITY, addresses.first, @certificates.fingerprint) if @certificates
        end
        launcher.run
      end

      def listen(puma)
        host = bracketed(@settings[:host])
        return puma.bind("tcp://#{host}:#{@settings[:port]}") unless @certificates

        puma.ssl_bind(host, @settings[:port], cert: @certificates.server_pem, key: @certificates.server_key,
                                              no_tlsv1: true, no_tlsv1_1: true, verify_mode: "none")
      end

      # Where it is opened.
      def addresses
        places.map { |place| "http#{'s' if @certificates}://#{bracketed(place)}:#{@settings[:port]}" }
      end

      def show_door
        @door.words(addresses.first, Time.now).each { |words| say words }
        picture = @door.picture($stderr)
        warn picture if picture
      end

      # An address of six parts stands in brackets.
      def bracketed(place)
        place.include?(":") ? "[#{place}]" : place
      end

      # What never differs.
      def settle(puma)
        puma.threads 1, THREADS
        # More devices than threads take turns, page by page.
        puma.max_fast_inline 1
        puma.quiet
        puma.raise_exception_on_sigterm false
        puma.environment "production"
        puma.http_content_length_limit Web::Doors::LONGEST_KITCHEN_BYTES
        puma.force_shutdown_after LONGEST_GOODBYE_S
        puma.lowlevel_error_handler { |_error| Web::Refusal.answer(400, NOT_READ) }
      end

      def say(text)
        warn "Fond Kettle: #{text}"
      end
    end
  end
end
