# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/house/door_word"
require_relative "../ground/doors"
require_relative "../ground/visitors"
require_relative "../presenters/house_door"

module FondKettle
  module Web
    # Settings of the household's door, where it has one: who is let in, a code for another device, a guest's
    # link, another word, and what was refused.
    module HouseDoor
      NOBODY_ASKED = "This kitchen is open to this machine alone: nobody is asked."
      WORD = Schema.params do
        required(:word).filled(:string, size?: House::DoorWord::LENGTH)
      end

      # The routes, on a place.
      def self.registered(place)
        place.helpers Helping
        devices(place)
        letting_in(place)
      end

      def self.devices(place)
        # Sends a device away: it has to say the word again.
        place.post "/devices/:id/away" do
          door_here.send_away(id_from(params["id"]))
          notice("That device is sent away.")
          redirect "/settings#door", 303
        end

        # Tells what was refused, the last first.
        place.get "/refused" do
          @title = "Refused"
          erb :refused, locals: { refusals: shown_door.refusals }
        end
      end

      def self.letting_in(place)
        # A code for one other device, for ten minutes; `guest`: a link to look by, for tonight.
        place.post "/code" do
          guest = params["guest"] == "yes"
          @title = guest ? "A guest's link" : "Another device"
          erb :door_code, locals: { guest: guest, code: shown_door.code(door_here.ticket(now, guest: guest)) }
        end

        # Another word: the cook's own, or one made here; all other devices have to say it.
        place.post "/word" do
          word = House::DoorWord.read(params["word"])
          word = House::DoorWord.made if word.empty?
          result = WORD.call("word" => word)
          next show(door: Forms.problems(result)) if result.failure?

          door_here.change_word(word, now, keep: visitor_id)
          @title = "The household's word"
          erb :door_word, locals: { word: word }
        end
      end
      private_class_method :devices, :letting_in

      # Methods that the routes go by.
      module Helping
        # Store::DoorBook. Raises NotFound where nobody is asked.
        def door_here
          env[Visitors::DOOR] || raise(NotFound, NOBODY_ASKED)
        end

        # Id of the device that asks; nil for this machine itself.
        def visitor_id
          Visitors.device(env)&.fetch(:id)
        end

        # Address at which another device opens the kitchen: as this one does, but for the machine itself.
        def address
          here = env[Visitors::ADDRESS] if Doors::LOOPBACK.include?(request.host)
          here || request.base_url
        end

        # The door as the page shows it, or nil where there is none.
        def shown_door
          door = env[Visitors::DOOR]
          door && Presenters::HouseDoor.new(door, now, visitor_id, address)
        end
      end
    end
  end
end
