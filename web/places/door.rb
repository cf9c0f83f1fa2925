# frozen_string_literal: true

require_relative "../../app/forms/fields"
require_relative "../../lib/fond_kettle/house/door_word"
require_relative "../ground/doors"
require_relative "../ground/throttle"
require_relative "../ground/own_address"
require_relative "../ground/visitors"
require_relative "../helpers/fields"
require_relative "place"

module FondKettle
  module Web
    # The door of a kitchen that is open to its network: it asks for the household's word, once a device, and
    # shows nothing of the kitchen.
    class DoorPlace < Place
      helpers Helpers::Fields

      SCHEMA = Schema.params do
        required(:word).filled(:string, max_size?: 200)
        optional(:name).maybe(:string, max_size?: 40)
      end
      WRONG = "is not this household's word; who lives here has it, or a device that is in shows a code"
      USED_UP = "That code was used already, or is older than ten minutes. Ask for another, or type the word."
      LONGEST_TICKET = 100

      # Asks for the household's word, once a device; `back`: where it goes on to.
      get "/" do
        ask
      end

      # Lets a device in that says the word.
      post "/" do
        result = SCHEMA.call(params.slice("word", "name"))
        next ask(Forms.problems(result)) if result.failure?
        next ask([{ field: "word", message: WRONG }]) unless right?(result[:word])

        Throttle.right_word(env)
        let_in(door.join(device_name, now))
      end

      # Lets a device in by a code that another showed: `ticket` is what stood behind the # of its address.
      post "/join" do
        ticket = text_param("ticket")
        token = door&.redeem(ticket, device_name, now) if ticket.length.between?(1, LONGEST_TICKET)
        unless token
          strange
          next ask([{ field: "word", message: USED_UP }])
        end
        let_in(token)
      end

      # Steps by which a device comes to trust this kitchen's https, step by step.
      get "/certificate" do
        @title = "Trust this kitchen"
        erb :door_certificate, layout: layout, locals: { fingerprint: authority.fingerprint }
      end

      # The certificate of the household's own authority, to be installed.
      get "/authority.crt" do
        content_type "application/x-x509-ca-cert"
        attachment "fond-kettle.crt"
        File.read(authority.authority_pem)
      end

      private

      # Frame of the door: the kitchen's own shows whether somebody cooks.
      def layout
        @script ||= "door.js"
        :door_layout
      end

      def authority
        env[Doors::Trusted::KEY] || raise(NotFound, "This kitchen speaks http: start it with --tls.")
      end

      def door
        env[Visitors::DOOR]
      end

      def ask(problems = [])
        redirect "/", 303 unless door
        status 422 if problems.any?
        @title = "The door"
        erb :door, layout: layout, locals: { problems: problems, name: device_name, back: back }
      end

      def right?(word)
        door&.right?(House::DoorWord.read(word)).tap { |right| strange unless right }
      end

      # Somebody does not know the word.
      def strange
        Throttle.wrong_word(env)
        env[Throttle::REFUSALS]&.note("word", env)
      end

      def let_in(token)
        Visitors.remember(response, token, secure: request.ssl?)
        redirect back, 303
      end

      def back
        OwnAddress.of(text_param("back")) || "/"
      end

      # Name of a device until somebody calls it otherwise.
      def device_name
        typed = text_param("name").strip[0, 40]
        return typed unless typed.empty?

        case request.user_agent.to_s
        when /iPad|Tablet/i then "Tablet"
        when /Mobi|Android|iPhone/i then "Phone"
        else "Computer"
        end
      end
    end
  end
end
