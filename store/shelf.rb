# frozen_string_literal: true

require_relative "database"
require_relative "journal"

module FondKettle
  module Store
    # A table of simple records (cups, pots, eaters …). Records go out as frozen hashes with their
    # lock_version; a change must name the version it was made from, or Conflict is raised.
    class Shelf
      REMOVED = "This was removed. It stands under “Removed” in the cupboard, and can be put back from there."

      # Changes are recorded in the `journal`.
      def initialize(database, table, journal)
        @database = database
        @table = table
        @journal = journal
        @model = Class.new(Sequel::Model(database.sequel[table]))
        @model.plugin :optimistic_locking
        there = @model.columns.include?(:removed_at) ? @model.where(removed_at: nil) : @model
        @records = there.naked.order(:id)
      end

      def all
        @database.remember([@table, :all]) { @records.all.each(&:freeze).freeze }
      end

      # Raises NotFound.
      def find(id)
        @database.read { record(id).values.dup.freeze }
      end

      # Name of the record with this id, removed ones included; nil when there never was one. Cooks still
      # name a removed pot.
      def name_of(id)
        id && @database.read { @model.where(id: id).get(:name) }
      end

      # Returns the new record.
      def add(attributes)
        @database.write do
          added = @model.create(attributes).values.dup.freeze
          @journal.note(@table, added[:id], nil, added)
          added
        end
      end

      # Returns the record as it is then. Raises NotFound; Conflict where `lock_version` is not its own.
      def change(id, lock_version, attributes)
        @database.write do
          found = record(id)
          before = found.values.dup
          # Saved as it was, nothing is written.
          found.set(lock_version: lock_version, **attributes).save_changes
          @journal.note(@table, id, before, found.values)
          found.values.dup.freeze
        end
      end

      # Takes a record off the shelf, at `now`: it can be put back. Raises NotFound, Conflict.
      def remove(id, lock_version, now)
        change(id, lock_version, removed_at: Journal.text(now))
        nil
      end

      private

      def record(id)
        found = @model[id]
        return found if found && found.values[:removed_at].nil?

        raise(NotFound, found ? REMOVED : "This is not in the kitchen any more.")
      end
    end
  end
end
