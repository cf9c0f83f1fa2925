# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/catalogue"
require_relative "../act"

module FondKettle
  module App
    # Keeps a way of cooking of the household's own, and removes it; each can be taken back.
    class KeepMethod < Act
      PLACE = "/ways"

      # Keeps a method's text (checked) under its key.
      def put(key, text)
        name = Catalogue.parse(text, "your text").fetch("name", key)
        done, kind = household.own_keys.include?(key) ? %w[Changed change] : %w[Added addition]
        noted("#{done}: #{name}", kind, PLACE) { household.put_method(key, text) }
      end

      # Takes one away.
      def remove(key)
        noted("Removed: #{household.library.all[key]&.name || key}", "removal", PLACE) do
          household.put_method(key, nil)
        end
      end
    end
  end
end
