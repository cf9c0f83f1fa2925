# frozen_string_literal: true

require_relative "../lib/fond_kettle/ground/limits"
require_relative "../lib/fond_kettle/house/shelf_kinds"
require_relative "journal"

module FondKettle
  module Store
    # Records that were removed: they stay for thirty days, and longer where something else still names them.
    class Removed
      TABLES = [*House::SHELF_KINDS.keys, :dishes, :cooks, :mine].freeze

      def initialize(household)
        @household = household
      end

      # Lets go of what was removed too long ago to be put back.
      def forget(now)
        @household.journal.forget(now)
        @household.database.write do |db|
          TABLES.each { |table| gone(db, table, now).delete }
        end
      end

      private

      def gone(db, table, now)
        before = Journal.text(now - Limits::REMOVED_S)
        removed = db[table].where { removed_at <= before }
        table == :pots ? removed.exclude(id: named_pots(db)) : removed
      end

      # A pot with a history stays there by name.
      def named_pots(db)
        db[:cooks].exclude(pot_id: nil).select(:pot_id)
                  .union(db[:meal_dishes].exclude(pot_id: nil).select(:pot_id))
      end
    end
  end
end
