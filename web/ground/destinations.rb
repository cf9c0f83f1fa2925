# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/value"

module FondKettle
  module Web
    # A page that can be gone to: its `path`, `name`, the `key` that leads there from
    # anywhere (nil: none), and whether it stands in the navigation.
    Destination = Value.define(:path, :name, :key, :main) do
      # True where a guest looks, too (Visitors).
      def guest?
        %w[/ /clock].include?(path)
      end
    end

    # The one list of them: navigation, keys and routes come from it.
    DESTINATIONS = [
      ["/", "Table", "t", true], ["/pot", "Pot", "p", true], ["/clock", "Clock", "o", true],
      ["/stove", "Stove", "s", true],
      ["/log", "Log", "l", true], ["/cupboard", "Cupboard", "c", true], ["/dishes", "Dishes", "d", false],
      ["/evening", "Evening", nil, false], ["/measures", "Measures", nil, false],
      ["/tests", "Tests", nil, false], ["/ways", "Ways", nil, false], ["/card", "Card", nil, false],
      ["/already", "Already", nil, false], ["/devices", "Devices", nil, false],
      ["/foods", "Foods", nil, false], ["/keep", "Keep", "k", false], ["/meal", "Meal", nil, false],
      ["/safekeeping", "Safekeeping", nil, false], ["/removed", "Removed", nil, false],
      ["/settings", "Settings", nil, false], ["/door", "Door", nil, false], ["/help", "Help", "h", false]
    ].map { |path, name, key, main| Destination.new(path: path, name: name, key: key, main: main) }.freeze
  end
end
