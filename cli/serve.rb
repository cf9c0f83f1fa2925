# frozen_string_literal: true

require_relative "../app/cooks/follow_ups"
require_relative "../store/demo"
require_relative "../store/household"
require_relative "../store/safekeeping/upkeep"
require_relative "../web/application"
require_relative "kitchen_folder"
require_relative "log_file"
require_relative "server"

module FondKettle
  module Cli
    # Starts the application on a household's folder and stops it on Ctrl-C.
    class Serve
      AUTHORITY = "A device trusts this kitchen once it has the certificate of %s/door/certificate " \
                  "(SHA-256 %s)."

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
        @certificates = Certificates.new(household.path, [*places, *Web::Doors::LOOPBACK])
        @certificates.renew(Time.now)
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
        server = Server.new(app, host: bracketed(@settings[:host]), port: @settings[:port],
                                 log: @log || $stderr, most_bytes: Web::Doors::LONGEST_KITCHEN_BYTES,
                                 certificates: @certificates)
        server.run do
          say "Open #{addresses.join(' or ')} (Ctrl-C stops it)."
          show_door if @door
          say format(AUTHORITY, addresses.first, @certificates.fingerprint) if @certificates
        end
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

      def say(text)
        warn "Fond Kettle: #{text}"
      end
    end
  end
end
