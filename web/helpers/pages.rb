# frozen_string_literal: true

require "rack/protection"
require "securerandom"
require "tilt/erubi"
require_relative "../../lib/fond_kettle/larder/unknown_food"
require_relative "../ground/assets"
require_relative "../ground/destinations"
require_relative "../ground/visitors"
require_relative "../html/markup"

module FondKettle
  module Web
    module Helpers
      # Pieces that all pages use.
      module Pages
        DESTINATIONS = Web::DESTINATIONS
        UNKNOWN_FOOD = Larder::UnknownFood::KINDS
        UNKNOWN_CODE = "unknown-food"

        def asset(path)
          Assets.address(path)
        end

        VIEWS = File.expand_path("../views", __dir__)
        # Compiled once; without Sinatra's search for layouts and options, which costs
        # more than a small part itself.
        PARTS = Hash.new do |parts, name|
          parts[name] = Tilt::ErubiTemplate.new(File.join(VIEWS, "#{name}.erb"), escape_html: true, trim: "-",
                                                                                 default_encoding: "UTF-8")
        end

        # A named part of a page, with its own locals; already escaped.
        def part(name, **locals)
          PARTS[name].render(self, locals)
        end

        # Asks what foods are that nobody knows, in one tap each; `at`: where the buttons of a form of the
        # page's own go to (left out: to the form that every page has for it).
        def asked_foods(foods, at: 'form="foods"')
          part(:unknown_foods, foods: foods, at: at)
        end

        # A sentence as markup: what stands between ** is bold.
        def said(sentence)
          Html::Markup.escape(sentence).gsub(/\*\*(.+?)\*\*/, '<b>\\1</b>')
        end

        # The mark before what is wrong or to be careful of, and before what is done.
        def warned(sentence)
          %(<span aria-hidden="true">▲</span> #{said(sentence)})
        end

        def token
          @token ||= Rack::Protection::AuthenticityToken.token(session)
        end

        # A hidden field by which a form that makes something is known when it is sent again.
        def key_field
          %(<input type="hidden" name="key" value="#{SecureRandom.hex(8)}">)
        end

        # A hidden field that proves a form came from our page.
        def token_field
          %(<input type="hidden" name="authenticity_token" value="#{token}">)
        end

        def here?(path)
          path == "/" ? request.script_name.empty? : request.script_name == path
        end

        # True where the page rings for pots on the stove: those of the stove do so themselves.
        def bell?
          return @bell if defined?(@bell)

          @bell = @body_class.nil? && !guest? && household.cooks.busy?
        end

        # True where somebody only looks (Visitors).
        def guest?
          Visitors.device(request.env)&.fetch(:guest)
        end

        # Dimmed for the evening, on this device.
        def dim?
          session["dim"] == true
        end

        # The message at a field, tied to it by aria-describedby.
        def problem_for(problems, field)
          problems.find { |problem| problem[:field] == field }&.fetch(:message)
        end

        # Says a thing once on the next page.
        def notice(text)
          session["notice"] = text
        end

        def take_notice
          session.delete("notice")
        end

        def import_map
          Assets::IMPORT_MAP
        end
      end
    end
  end
end
