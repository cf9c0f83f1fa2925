# frozen_string_literal: true

require "puma"
require "puma/configuration"
require "puma/launcher"
require_relative "../app/cooks/follow_ups"
require_relative "../store/demo"
require_relative "../store/household"
require_relative "../store/safekeeping/upkeep"
require_relative "../web/application"
require_relative "kitchen_folder"

module FondKettle
  module Cli
    # Starts the application on a household's folder and stops it on Ctrl-C.
    class Serve
      THREADS = 5
      # Whoever is still being answered then is not.
      LONGEST_GOODBYE_S = 2
      NOT_READ = "This could not be read as a request."

      def initialize(settings)
        @settings = settings
      end

      # Returns the exit status when the server has stopped.
      def call
        household = open_household
        return busy unless household.lock

        names = Web::Doors.names(@settings[:host], @settings[:names])
        keeping_up(household) do |follow_ups|
          launch(Web::Application.build(household, clock: -> { Time.now }, names: names,
                                                   follow_ups: follow_ups))
        end
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
        household.close
      end

      def launch(app)
        configuration = Puma::Configuration.new do |puma|
          puma.bind "tcp://#{bracketed(@settings[:host])}:#{@settings[:port]}"
          puma.app app
          settle(puma)
        end
        launcher = Puma::Launcher.new(configuration, log_writer: Puma::LogWriter.new(StringIO.new, $stderr))
        launcher.events.on_booted do
          say "Open #{addresses.join(' or ')} (Ctrl-C stops it)."
        end
        launcher.run
      end

      # Where it is opened.
      def addresses
        Web::Doors.places(@settings[:host], @settings[:names]).map do |place|
          "http://#{bracketed(place)}:#{@settings[:port]}"
        end
      end

      # An address of six parts stands in brackets.
      def bracketed(place)
        place.include?(":") ? "[#{place}]" : place
      end

      # What never differs.
      def settle(puma)
        puma.threads 1, THREADS
        puma.quiet
        puma.raise_exception_on_sigterm false
        puma.environment "production"
        puma.http_content_length_limit Web::Doors::LONGEST_KITCHEN_BYTES
        puma.force_shutdown_after LONGEST_GOODBYE_S
        puma.lowlevel_error_handler { |_error| Web::Doors.refusal(400, NOT_READ) }
      end

      def say(text)
        warn "Fond Kettle: #{text}"
      end
    end
  end
end
