# frozen_string_literal: true

require_relative "database"

module FondKettle
  module Store
    # One table of simple records (cups, pots, eaters …). Records go out as frozen
    # hashes with their lock_version; a change must name the version it was made
    # from, or Conflict is raised.
    class Shelf
      def initialize(database, table)
        @database = database
        @model = Class.new(Sequel::Model(database.sequel[table]))
        @model.plugin :optimistic_locking
        @records = @model.naked.order(:id)
      end

      def all
        generation = @database.generation
        return @kept if @kept_from == generation

        kept = @database.read { @records.all.each(&:freeze).freeze }
        # Within a transaction of our own nothing is final yet.
        unless @database.sequel.in_transaction?
          @kept = kept
          @kept_from = generation
        end
        kept
      end

      # Raises NotFound.
      def find(id)
        @database.read { record(id).values.dup.freeze }
      end

      # Returns the new record.
      def add(attributes)
        @database.write { @model.create(attributes).values.dup.freeze }
      end

      def change(id, lock_version, attributes)
        @database.write do
          changed = record(id).set(lock_version: lock_version, **attributes)
          # Saved as it was, nothing is written.
          changed.save_changes
          changed.values.dup.freeze
        end
      end

      def remove(id, lock_version)
        @database.write { record(id).set(lock_version: lock_version).destroy }
        nil
      end

      private

      def record(id)
        @model[id] || raise(NotFound, "This is not in the kitchen any more.")
      end
    end
  end
end
