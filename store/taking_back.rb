# frozen_string_literal: true

require "time"
require_relative "../lib/fond_kettle/ground/errors"

module FondKettle
  module Store
    # Puts what a Journal noted of an act back as it stood before it; that is noted in turn.
    class TakingBack
      SINCE = "It was changed once more since, so it was left as it stands now."

      # `files` are the household's own methods (MethodFiles).
      def initialize(database, journal, files)
        @database = database
        @journal = journal
        @files = files
      end

      # All is looked at before anything is put back; what was done last is undone first. Raises Conflict
      # where something is not as the act left it.
      def call(noted, now)
        noted.each { |row| raise Conflict, SINCE unless stands?(row) }
        noted.reverse_each { |row| row[:table] == "methods" ? put_file(row) : put_row(row, now) }
      end

      private

      def stands?(row)
        return @files.text(row[:key]) == row[:after] if row[:table] == "methods"

        now = @journal.rows(row[:table].to_sym, [row[:key]])[row[:key]]
        now&.slice(*row[:after]&.keys) == row[:after]
      end

      def put_file(row)
        @journal.note(:methods, row[:key], row[:after], row[:before])
        @files.put(row[:key], row[:before])
      end

      def put_row(row, now)
        table = row[:table].to_sym
        @journal.noting(table, row[:key]) do
          @database.write { |db| put_values(db[table], row, now) }
        end
      end

      # What was added is removed, so that what names it by now still can.
      def put_values(records, row, now)
        found = records.where(@journal.key_of(row[:table].to_sym) => row[:key])
        return records.insert(row[:before]) unless row[:after]
        return found.update(**row[:before], **newer(records)) if row[:before]

        records.columns.include?(:removed_at) ? found.update(removed_at: now.utc.iso8601(3)) : found.delete
      end

      # A page that shows how it stood in between is told that it has changed since.
      def newer(records)
        records.columns.include?(:lock_version) ? { lock_version: Sequel[:lock_version] + 1 } : {}
      end
    end
  end
end
