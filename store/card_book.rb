# frozen_string_literal: true

require "json"
require_relative "shelf"

module FondKettle
  module Store
    # Door cards that were printed: one for a pot, a grain and an address.
    class CardBook < Shelf
      def initialize(database, journal)
        super(database, :cards, journal)
      end

      # Keeps what was printed in the place of an earlier print.
      def print(pot_id:, grain:, address:, liquids_g:, now:)
        @database.write do |db|
          db[:cards].where(pot_id: pot_id, grain: grain, address: address).delete
          add(pot_id: pot_id, grain: grain, address: address, printed_at: now,
              liquids: JSON.generate(liquids_g.map { |grams| grams.round(1) }))
        end
      end

      # Records of a pot and a grain.
      def of(pot_id, grain)
        all.select { |card| card[:pot_id] == pot_id && card[:grain] == grain }
      end

      # Amounts that a card says to pour, in g.
      def liquids_g(card)
        JSON.parse(card[:liquids])
      end

      # Notes that the log says something else by now, or no more.
      def mark(card, moved)
        change(card[:id], card[:lock_version], moved: moved)
      end
    end
  end
end
