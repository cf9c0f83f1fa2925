# frozen_string_literal: true

require "rack"
require "rack/deflater"
require "rack/protection"
require "rack/session"
require "sinatra/base"
require_relative "../app/cooks/follow_ups"
require_relative "ground/announcer"
require_relative "ground/assets"
require_relative "ground/destinations"
require_relative "ground/doors"
require_relative "ground/inward"
require_relative "places/already"
require_relative "places/card"
require_relative "places/clock"
require_relative "places/cupboard"
require_relative "places/devices"
require_relative "places/dishes"
require_relative "places/door"
require_relative "places/evening"
require_relative "places/foods"
require_relative "places/health"
require_relative "places/help"
require_relative "places/keep"
require_relative "places/log"
require_relative "places/meal"
require_relative "places/measures"
require_relative "places/pot"
require_relative "places/removed"
require_relative "places/safekeeping"
require_relative "places/settings"
require_relative "places/stove"
require_relative "places/table"
require_relative "places/tests"
require_relative "places/ways"

module FondKettle
  module Web
    # Puts the places together behind one session, one set of protections and one
    # content security policy.
    module Application
      POLICY = { default_src: "'self'", script_src: "'self' #{Assets::IMPORT_MAP_HASH}", style_src: "'self'",
                 img_src: "'self' data:",
                 font_src: "'self'", connect_src: "'self'", object_src: "'none'", base_uri: "'none'",
                 form_action: "'self'", frame_ancestors: "'none'" }.freeze
      # A destination is served by the place of its name.
      PLACES = DESTINATIONS.to_h { |place| [place.path, Web.const_get("#{place.name}Place")] }.freeze
      TOO_OLD = "This form is too old, too long (over #{Doors::LONGEST_FORM_BYTES / 1024 / 1024} MB), or " \
                "did not come from our page. Go back: what you typed is still there. " \
                "Load the page again and send it once more.".freeze
      LONGEST_SESSION_S = 30 * 24 * 3600

      module_function

      # A Rack application on `household`; `clock` answers the time; it answers to `names`
      # (Doors.names); `follow_ups` works out what follows from taps (left out: at once). `open`: where it is
      # open to a network, as Doors.guard has it: `door` (Store::DoorBook), `address`, and over https
      # `authority` (Cli::Certificates).
      def build(household, clock:, names: Doors.names("127.0.0.1"), follow_ups: App::FollowUps.new(household),
                **open)
        places = PLACES.transform_values { |place| place.new(household, clock, follow_ups) }
        rooms = { "/assets" => Assets.new, "/health" => Health.new(household),
                  "/events" => Announcer.new(household.database) }
        session = { secrets: household.session_key, secure: open.key?(:authority) }
        mapped(places, rooms, session) do |builder|
          Doors.guard(builder, names, POLICY, clock: clock, **open)
        end
      end

      # Maps every address to its place or room, behind the doors that the block puts up; a place has a
      # session, too.
      def mapped(places, rooms, session)
        Rack::Builder.app do
          use Rack::Deflater
          use Inward
          yield self
          rooms.each { |path, room| map(path) { run room } }
          places.each do |path, place|
            map(path) do
              Application.protect(self, session)
              run place
            end
          end
        end
      end

      # Adds the session and the protections that come before any place.
      def protect(builder, session)
        builder.use Rack::Session::Cookie, key: "kettle", same_site: :lax, httponly: true,
                                           expire_after: LONGEST_SESSION_S, **session
        builder.use Rack::Protection::AuthenticityToken, message: TOO_OLD
        builder.use Rack::Protection::FrameOptions, frame_options: :deny
        builder.use Rack::Protection::XSSHeader
        builder.use Rack::Protection::ReferrerPolicy, referrer_policy: "same-origin"
      end
    end
  end
end
