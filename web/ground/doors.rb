# frozen_string_literal: true

require "ipaddr"
require "logger"
require "rack"
require "rack/protection"
require "sinatra/middleware/logger"
require "socket"
require_relative "refusal"
require_relative "refusals"
require_relative "throttle"
require_relative "visitors"

module FondKettle
  module Web
    # Who may come in: what stands before every place. Nothing here asks what is cooked.
    module Doors
      LOOPBACK = ["localhost", "127.0.0.1", "::1"].freeze
      ALL_ADDRESSES = ["0.0.0.0", "::"].freeze
      # The longest body, bytes: a page of recipe data and what belongs to a form.
      LONGEST_BYTES = 6 * 1024 * 1024
      # A kitchen that is put back comes as one file of its own, under this address and no other.
      LONGEST_KITCHEN_BYTES = 256 * 1024 * 1024
      KITCHEN_ADDRESS = "/safekeeping/bring-in"
      # The longest form without a file, bytes, and how deep its names may be nested.
      LONGEST_FORM_BYTES = 4 * 1024 * 1024
      DEEPEST_NAMES = 32
      # What a proxy would say, in the environment of a request.
      FORWARDED = %w[HTTP_FORWARDED HTTP_X_FORWARDED HTTP_VIA HTTP_X_REAL_IP].freeze
      TOO_LONG = lambda do |bytes|
        "This is longer than #{bytes / 1024 / 1024} MB, so nothing was read of it. Send less."
      end
      NOT_HERE = "This kitchen is not called that. Open it by the address that it named when it started."
      NOT_OURS = "This did not come from a page of this kitchen, so nothing was done."

      Rack::Utils.default_query_parser =
        Rack::QueryParser.make_default(DEEPEST_NAMES, bytesize_limit: LONGEST_FORM_BYTES)

      module_function

      # Puts all of them before what `builder` (Rack::Builder) runs.
      # `door` (Store::DoorBook; nil: nobody is asked) and the clock are for a kitchen that is open to its
      # network, where others open it at `address`; `authority` for one that speaks https.
      def guard(builder, names, policy, door: nil, clock: nil, authority: nil, address: nil)
        builder.use Policy, policy
        builder.use Trusted, authority if authority
        builder.use Threshold
        builder.use Refusals::AtTheDoor, Refusals.new(door, clock) if door
        # Whom the console is told of: who is refused, and not everybody who comes.
        builder.use Sinatra::Middleware::Logger, Logger::WARN
        builder.use Rack::Protection::HostAuthorization, permitted_hosts: names, message: NOT_HERE
        builder.use Rack::Protection::HttpOrigin, message: NOT_OURS
        builder.use SameSite
        builder.use Visitors, door, clock, address if door
        builder.use Rack::Attack if door
      end

      # Names that a kitchen answers to which listens on `host`: loopback, the host named at
      # start (or, where that is all addresses, this machine's own), and `names`.
      def names(host, names = [])
        own = ALL_ADDRESSES.include?(host) ? own_addresses : [host]
        (LOOPBACK + own + names).uniq.map { |name| address(name) || name }
      end

      # What to type in a browser to come in, the given names first: "0.0.0.0" is an address to listen on,
      # and nobody opens it.
      def places(host, names = [])
        own = ALL_ADDRESSES.include?(host) ? own_addresses.reject { |one| one.include?(":") } : [host]
        [*names, *(own - LOOPBACK), *(own & LOOPBACK).first(1)].uniq
      end

      # The addresses of this machine, without their interfaces.
      def own_addresses
        Socket.ip_address_list.map { |address| address.ip_address[/[^%]+/] }
      end

      # The IPAddr of a name that is an address, or nil.
      def address(name)
        IPAddr.new(name)
      rescue IPAddr::Error
        nil
      end

      # Hands on what a device needs to trust the kitchen: whoever has no word yet may have it, too.
      class Trusted
        KEY = "fond_kettle.authority"

        def initialize(app, authority)
          @app = app
          @authority = authority
        end

        def call(env)
          env[KEY] = @authority
          @app.call(env)
        end
      end

      # A writing request that a browser says comes from elsewhere.
      class SameSite
        READS = %w[GET HEAD OPTIONS].freeze

        def initialize(app)
          @app = app
        end

        def call(env)
          site = env["HTTP_SEC_FETCH_SITE"]
          if READS.include?(env["REQUEST_METHOD"]) || site.nil? || %w[same-origin none].include?(site)
            return @app.call(env)
          end

          Refusal.answer(403, NOT_OURS)
        end
      end

      # The content security policy on every answer, whatever kind it is.
      class Policy
        # `rules`: sources by directive.
        def initialize(app, rules)
          @app = app
          @policy = rules.map { |directive, sources| "#{directive.to_s.tr('_', '-')} #{sources}" }.join("; ")
                         .freeze
        end

        def call(env)
          status, headers, body = @app.call(env)
          headers["content-security-policy"] = @policy
          [status, headers, body]
        end
      end

      # Refuses what is too long before anything reads it, and believes no proxy: there is none.
      class Threshold
        def initialize(app)
          @app = app
        end

        def call(env)
          told = env.keys.select { |name| name.start_with?(*FORWARDED) }
          told.each { |name| env.delete(name) }
          env[Throttle::FORWARDED] = true if told.any?
          most = env["PATH_INFO"] == KITCHEN_ADDRESS ? LONGEST_KITCHEN_BYTES : LONGEST_BYTES
          return @app.call(env) if env["CONTENT_LENGTH"].to_i <= most

          Refusal.answer(413, TOO_LONG.call(most))
        end
      end
    end
  end
end
