# frozen_string_literal: true

require "json"
require "rack"
require "uri"
require_relative "../../store/door_book"
require_relative "throttle"

module FondKettle
  module Web
    # Lets in whom the household knows: this machine itself, a device that has said the word, a guest where a
    # guest may look. Anybody else sees the door, and nothing of the kitchen.
    class Visitors
      COOKIE = "kettle-device"
      # Answered to everybody: what a door is drawn with, and that it stands.
      OPEN = %r{\A/(?:assets/|health\z|door(?:/|\z))}
      # Pages that a guest looks at: tonight's table and the clock.
      GUESTS = %r{\A/(?:\z|clock(?:/\d+)?\z|events\z)}
      HERE = :here
      KEY = Throttle::VISITOR
      DOOR = "fond_kettle.door"
      ADDRESS = "fond_kettle.address"
      NO_STORE = { "cache-control" => "no-store" }.freeze
      WORD_WANTED = "must be given first: POST /door with the household's word"
      ONLY_LOOKS = "A guest looks at the table and the clock; the rest is the household's."

      # `door`: Store::DoorBook; `clock` answers the time; `address`: where others on the network open it.
      def initialize(app, door, clock, address)
        @app = app
        @door = door
        @clock = clock
        @address = address
      end

      def call(env)
        env[DOOR] = @door
        env[ADDRESS] = @address
        # What a place asks of another on behalf of somebody who is in already has its visitor with it.
        who = env[KEY] ||= known(env)
        return @app.call(env) if who == HERE || env["PATH_INFO"].match?(OPEN)
        return outside(env) unless who
        return @app.call(env) if !who[:guest] || looks?(env)

        Throttle.refusal(Rack::Request.new(env), 403, ONLY_LOOKS, "guest", again_s: nil)
      end

      # The record of the device that asks; nil for this machine itself.
      def self.device(env)
        env[KEY] unless env[KEY] == HERE
      end

      # Puts the cookie of a device that is let in on an answer.
      def self.remember(response, token, secure:)
        response.set_cookie(COOKIE, value: token, path: "/", httponly: true, same_site: :lax, secure: secure,
                                    max_age: Store::DoorBook::UNSEEN_S)
      end

      private

      def known(env)
        return HERE if Throttle.loopback?(env)

        token = Rack::Utils.parse_cookies(env)[COOKIE]
        @door.device(token, @clock.call) if token
      end

      def looks?(env)
        Throttle::READS.include?(env["REQUEST_METHOD"]) && env["PATH_INFO"].match?(GUESTS)
      end

      # A page goes to the door and comes back; a program, a form or a script is told.
      def outside(env)
        return told unless Throttle::READS.include?(env["REQUEST_METHOD"]) && page?(env)

        back = URI.encode_www_form(back: Rack::Request.new(env).fullpath)
        [303, { "location" => "/door?#{back}", "content-type" => "text/plain", **NO_STORE }, []]
      end

      def page?(env)
        !env.key?("HTTP_X_KETTLE_PART") && !env["HTTP_ACCEPT"].to_s.match?(/json|event-stream/)
      end

      def told
        body = JSON.generate(errors: [{ field: "word", message: WORD_WANTED }])
        [401, { "content-type" => "application/json", **NO_STORE }, [body]]
      end
    end
  end
end
