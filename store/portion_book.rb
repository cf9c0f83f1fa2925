# frozen_string_literal: true

require "json"
require_relative "../lib/fond_kettle/ground/errors"
require_relative "../lib/fond_kettle/table/eaters"
require_relative "shelf"

module FondKettle
  module Store
    # Portions of raw rice in this house, where they differ from the usual ones.
    class PortionBook < Shelf
      def initialize(database, journal)
        super(database, :portions, journal)
      end

      # Raw rice for one regular adult, g by kind of meal.
      def grams
        Table::PORTION_G.merge(all.to_h { |record| [record[:name], record[:g]] })
      end

      # The version of the portions that nobody has changed yet.
      def version
        JSON.generate(grams)
      end

      # Keeps `grams` by kind of meal. Raises Conflict where `version` (nil: any) is not theirs any more.
      def keep(grams, version = nil)
        @database.write do
          raise Conflict, Database::SOMEBODY unless [nil, self.version].include?(version)

          grams.each { |name, g| keep_one(name, g) }
        end
      end

      private

      # What the book says is not written down where nothing else stood.
      def keep_one(name, grams)
        own = all.find { |record| record[:name] == name }
        return change(own[:id], own[:lock_version], g: grams) if own

        add(name: name, g: grams) unless Table::PORTION_G[name] == grams
      end
    end
  end
end
