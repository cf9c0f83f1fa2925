# frozen_string_literal: true

require "rack/attack"
require_relative "throttle"
require_relative "visitors"

module FondKettle
  module Web
    # Takes down who was not let in, for the page that tells: a stranger's name for the kitchen, a form from
    # elsewhere, a wrong word, too much at once. At most once a second each, whatever comes.
    class Refusals
      # Names of the kinds on the page.
      KINDS = { "elsewhere" => "a name or a page that is not this kitchen's", "word" => "a wrong word",
                "much" => "too much at once", "guest" => "a guest at what is the household's" }.freeze

      # `door`: Store::DoorBook; `clock` answers the time.
      def initialize(door, clock)
        @door = door
        @clock = clock
      end

      # `kind`: a key of KINDS.
      def note(kind, env)
        from = Throttle.address(env)
        return if Rack::Attack.cache.count("noted:#{kind}:#{from}", 1) > 1

        @door.refused(kind, from, @clock.call)
      end

      # Rack middleware that notes what was refused before anybody asked who it is.
      class AtTheDoor
        def initialize(app, refusals)
          @app = app
          @refusals = refusals
        end

        def call(env)
          env[Throttle::REFUSALS] = @refusals
          @app.call(env).tap do |status, *|
            @refusals.note("elsewhere", env) if status == 403 && !env.key?(Visitors::KEY)
          end
        end
      end
    end
  end
end
