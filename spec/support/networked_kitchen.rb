# frozen_string_literal: true

require_relative "../../store/door_book"
require_relative "../../web/application"

module Support
  # A kitchen that is open to its network, and devices of that network.
  module NetworkedKitchen
    WORD = "maple-otter-candle-brick"
    ADDRESS = "http://kitchen.local:4567"
    PHONE = "192.168.7.21"

    # bcrypt as quick as it can be: what it costs a guesser is its own library's matter.
    def self.door(folder, now = Time.now)
      FondKettle::Store::DoorBook.new(folder, cost: BCrypt::Engine::MIN_COST).tap do |door|
        door.change_word(WORD, now)
        Rack::Attack.cache.store.clear
      end
    end

    # The application of `household`, whose requests come from `from` (a String, or what answers one).
    def self.app(household, door, clock:, from:, names: FondKettle::Web::Doors.names("127.0.0.1"))
      kitchen = FondKettle::Web::Application.build(household, clock: clock, names: names, door: door,
                                                              address: ADDRESS)
      ->(env) { kitchen.call(env.merge("REMOTE_ADDR" => from.respond_to?(:call) ? from.call : from)) }
    end
  end
end
