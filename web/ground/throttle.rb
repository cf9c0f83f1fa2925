# frozen_string_literal: true

require "ipaddr"
require "rack/attack"
require_relative "counted"
require_relative "refusal"

module FondKettle
  module Web
    # Limits to what one address on the network may ask in a while (Rack::Attack). What is this machine's own
    # is not counted, and a tap at the stove never is.
    module Throttle
      # Wrong words from one address until it is not heard, the time in which they count, and for how long, s.
      WRONG = { maxretry: 10, findtime: 900, bantime: 900 }.freeze
      # Addresses that cost: a file that is read, a copy that is written, a search, a dish that is read anew.
      COSTLY = %r{\A/(?:safekeeping/|dishes/import|clock/\d+/better|pot/side-by-side|pot/under-seal|ways/try)}
      COSTLY_A_MINUTE = 40
      # Nobody's thumb and no script of ours asks so often. A device that is in may read as often as it likes.
      ALL_A_MINUTE = 6000
      CLOSED = "Ten wrong words came from here. Wait a quarter of an hour; then ask somebody who lives here."
      TOO_MUCH = "That is more than this kitchen does for one device at a time. Wait a minute."
      # An address of IPv6 is one of a household's many: they count as one.
      NETWORK_BITS = 64
      PEER = "fond_kettle.peer"
      # Where a request says that somebody stood between, and where its Refusals are.
      FORWARDED = "fond_kettle.forwarded"
      REFUSALS = "fond_kettle.refusals"
      # Who asks, as Visitors know them, and what a request that only reads is.
      VISITOR = "fond_kettle.visitor"
      READS = %w[GET HEAD].freeze
      # An address of four parts is known as it is written: reading one costs a twentieth of a small page.
      FOUR_PARTS = /\A\d{1,3}(?:\.\d{1,3}){3}\z/

      Rack::Attack.cache.store = Counted.new
      Rack::Attack.throttled_response_retry_after_header = true
      Rack::Attack.safelist("this machine") { |request| Throttle.loopback?(request.env) }
      Rack::Attack.safelist("a device that is in and reads") do |request|
        request.env[VISITOR] && READS.include?(request.request_method) && !request.path.match?(COSTLY)
      end
      Rack::Attack.blocklist("wrong words") do |request|
        request.post? && request.path.start_with?("/door") && Throttle.closed?(request.env)
      end
      { "costly" => [COSTLY, COSTLY_A_MINUTE], "all" => [//, ALL_A_MINUTE] }.each do |name, (path, limit)|
        Rack::Attack.throttle(name, limit: limit, period: 60) do |request|
          Throttle.address(request.env) if request.path.match?(path)
        end
      end
      Rack::Attack.blocklisted_responder = lambda do |request|
        Throttle.refusal(request, 403, CLOSED, again_s: WRONG.fetch(:bantime))
      end
      Rack::Attack.throttled_responder = ->(request) { Throttle.refusal(request, 429, TOO_MUCH) }

      module_function

      # True where the request comes from this machine itself, with nobody between.
      def loopback?(env)
        return false if env[FORWARDED]

        text = env["REMOTE_ADDR"].to_s
        text.match?(FOUR_PARTS) ? text.start_with?("127.") : peer(env)&.loopback? || false
      end

      # The address that a request comes from, as it is counted; "" where nobody knows.
      def address(env)
        text = env["REMOTE_ADDR"].to_s
        return text if text.match?(FOUR_PARTS)

        ip = peer(env)
        return "" unless ip

        ip.ipv6? ? ip.mask(NETWORK_BITS).to_s : ip.to_s
      end

      # True while the door is closed to where the request comes from.
      def closed?(env)
        Rack::Attack::Allow2Ban.banned?(address(env))
      end

      # Counts a wrong word.
      def wrong_word(env)
        Rack::Attack::Allow2Ban.filter(address(env), WRONG) { true }
      end

      # Forgets the wrong ones, after a right one.
      def right_word(env)
        Rack::Attack::Allow2Ban.reset(address(env), WRONG)
      end

      # The answer to what is not done, and to what is too much and may be asked again later; taken down, too,
      # by its kind (Refusals).
      def refusal(request, status, words, kind = "much", again_s: 60)
        request.env[REFUSALS]&.note(kind, request.env)
        Refusal.answer(status, words, { "retry-after" => again_s&.to_s }.compact)
      end

      def peer(env)
        return env[PEER] if env.key?(PEER)

        env[PEER] = read(env["REMOTE_ADDR"].to_s)
      end

      # The IPAddr of a text, without its interface; nil where it is none.
      def read(text)
        IPAddr.new(text[/[^%]+/].to_s).native
      rescue IPAddr::Error
        nil
      end
      private_class_method :peer, :read
    end
  end
end
