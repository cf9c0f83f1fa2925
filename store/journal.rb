# frozen_string_literal: true

require "json"
require "time"
require_relative "../lib/fond_kettle/ground/errors"
require_relative "../lib/fond_kettle/ground/limits"
require_relative "../lib/fond_kettle/ground/value"
require_relative "database"
require_relative "taking_back"

module FondKettle
  module Store
    # The record of changes, with the earlier values, so that they can be taken back. One act is one
    # transaction and one entry. Writes outside an act (a tap at the stove has its own way back) are not
    # recorded.
    class Journal
      # One entry: `kind` is "change", "addition" or "removal", `at` a Time.
      Entry = Value.define(:id, :text, :path, :kind, :at)

      # The column by which a table's rows are known, where that is not `id`.
      KEYS = Hash.new(:id).merge(outcomes: :cook_id, lessons: :cook_id).freeze
      VERSION = :lock_version
      ADD = "INSERT INTO changes (text, path, kind, rows, at) VALUES (?, ?, ?, ?, ?)"
      # What the act is called that takes another back.
      OPPOSITE = { "addition" => "removal", "removal" => "addition", "change" => "change" }.freeze
      GONE = "This was taken back already, or is too long ago."

      # `files` are the household's own methods (MethodFiles).
      def initialize(database, files)
        @database = database
        @files = files
      end

      # Runs the block as one act. Returns [what the block returns, the entry's id or nil where nothing
      # changed].
      #
      #   journal.act("Steel pot removed", kind: "removal", path: "/cupboard#pots", now: now) { … }
      def act(text, kind:, path:, now:, &block)
        @database.write do |db|
          rows = []
          result = gathered(rows, &block)
          [result, (add(db, [text, path, kind, JSON.generate(rows), Journal.text(now)]) if rows.any?)]
        end
      end

      # Runs the block, which changes the rows of `table` with these keys (of a new row: returns its key).
      def noting(table, *keys)
        return yield unless @rows

        before = rows(table, keys)
        result = yield
        keys = [result] if keys.empty?
        after = rows(table, keys)
        keys.each { |key| note(table, key, before[key], after[key]) }
        result
      end

      # Notes what stands under a key of a table before and after (a hash or a text; nil: nothing).
      def note(table, key, before, after)
        return if @rows.nil? || before == after

        before, after = difference(table, before, after)
        @rows << { table: table, key: key, before: before, after: after } unless before == after
      end

      # The column by which a table's rows are known.
      def key_of(table)
        KEYS[table]
      end

      # Rows of a table by their keys, as they stand.
      def rows(table, keys)
        return {} if keys.empty?

        column = KEYS[table]
        @database.read { |db| db[table].where(column => keys).to_hash(column) }
      end

      # The Entry of an id while it can be taken back from the page that follows, else nil.
      def fresh(id, now)
        row = @database.read { |db| db[:changes].first(id: id, taken_back_at: nil) }
        entry(row) if row && Time.parse(row[:at]) > now - Limits::TAKE_BACK_S
      end

      # True while an act that wrote to a table can be taken back from the page that follows.
      def fresh_in?(table, now)
        since = Journal.text(now - Limits::TAKE_BACK_S)
        @database.read do |db|
          db[:changes].where(taken_back_at: nil).where { at > since }
                      .where(Sequel.like(:rows, %(%"table":"#{table}"%))).any?
        end
      end

      # The removals that were not put back, the newest first: Entries.
      def removals(now)
        @database.read do |db|
          db[:changes].where(kind: "removal", taken_back_at: nil)
                      .where { at > Journal.text(now - Limits::REMOVED_S) }
                      .reverse(:id).map { |row| entry(row) }
        end
      end

      # Puts everything back as it stood before an act. That is an act too, so that it can itself be taken
      # back. Returns its Entry. Raises NotFound; Conflict where something was changed once more since.
      def take_back(id, now)
        row = @database.read { |db| db[:changes].first(id: id, taken_back_at: nil) }
        raise NotFound, GONE unless row && taken_back?(row, now)

        text = "Taken back: #{row[:text].delete_prefix('Taken back: ')}"
        _, made = act(text, kind: OPPOSITE.fetch(row[:kind]), path: row[:path], now: now) do
          TakingBack.new(@database, self, @files).call(JSON.parse(row[:rows], symbolize_names: true), now)
          @database.write { |db| db[:changes].where(id: id).update(taken_back_at: Journal.text(now)) }
        end
        fresh(made, now)
      end

      # Forgets what can no longer be taken back.
      def forget(now)
        @database.write do |db|
          db[:changes].where { at <= Journal.text(now - Limits::REMOVED_S) }.delete
          db[:changes].exclude(kind: "removal").where { at <= Journal.text(now - Limits::TAKE_BACK_S) }.delete
        end
      end

      # A time as it stands in the database.
      def self.text(time)
        time.utc.iso8601(3)
      end

      private

      def entry(row)
        Entry.new(**row.slice(:id, :text, :path, :kind), at: Time.parse(row[:at]))
      end

      # A removal for thirty days, what else was done for ten minutes.
      def taken_back?(row, now)
        lasts_s = row[:kind] == "removal" ? Limits::REMOVED_S : Limits::TAKE_BACK_S
        Time.parse(row[:at]) > now - lasts_s
      end

      # With its values bound: an act costs little more than the write itself.
      def add(db, values)
        db.synchronize do |sqlite|
          sqlite.execute(ADD, values)
          sqlite.last_insert_row_id
        end
      end

      # One write at a time goes on in a kitchen, and so does one act.
      def gathered(rows)
        raise "an act within an act" if @rows

        @rows = rows
        begin
          yield
        ensure
          @rows = nil
        end
      end

      # Of a row that was changed only the columns that differ; of one that was added what it is known by.
      # How often it was changed is no matter.
      def difference(table, before, after)
        return [before, after] unless after.is_a?(Hash)
        return [nil, after.slice(KEYS[table])] unless before

        differ = before.keys.reject { |column| column == VERSION || before[column] == after[column] }
        [before, after].map { |row| row.slice(*differ) }
      end
    end
  end
end
