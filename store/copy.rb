# frozen_string_literal: true

require "fileutils"
require "json"
require "sqlite3"
require_relative "../lib/fond_kettle/ground/errors"

module FondKettle
  module Store
    # A copy of a kitchen as one file, made by SQLite's own backup: whole while the kitchen is used, with all
    # that was written before it began. The household's own methods, which are files, are in a table of the
    # copy's own.
    module Copy
      BUSY_MS = 10_000
      # The table of a copy that says when it was made, and holds the methods (JSON, texts by key).
      TABLE = "copied"
      UNSOUND = "The copy did not come out whole, so it was thrown away: nothing else was changed."

      module_function

      # Copies the database `from` to `target`, which is there whole or not at all. `methods`: texts by key;
      # nil leaves what `from` itself has of them. Raises StoreUnavailable.
      def write(from, target, now:, methods: nil)
        fresh = "#{target}.new"
        remove(fresh)
        into(fresh, create: true) { |copy| pour(from, copy) && finish(copy, now, methods) }
        settle(fresh, target)
      rescue SQLite3::Exception, SystemCallError => e
        remove(fresh)
        raise StoreUnavailable, "The copy could not be written (#{e.message}): nothing else was changed."
      end

      # Pours all of the database `from` into an open one, in one transaction. Raises SQLite3::Exception.
      def pour(from, into)
        source = SQLite3::Database.new(from, readonly: true)
        source.busy_timeout = BUSY_MS
        backup = SQLite3::Backup.new(into, "main", source, "main")
        code = backup.step(-1)
        backup.finish
        return true if code == SQLite3::Constants::ErrorCode::DONE

        raise SQLite3::BusyException, "the file is held by another program"
      ensure
        source&.close
      end

      # Puts a whole file in the place of another, on the disk too before anything else goes on.
      def settle(fresh, target)
        File.chmod(0o600, fresh)
        File.open(fresh, &:fsync)
        File.rename(fresh, target)
        File.open(File.dirname(target), &:fsync)
        target
      end

      # Opens a database file for the block.
      def into(path, create: false)
        flags = SQLite3::Constants::Open::READWRITE | (create ? SQLite3::Constants::Open::CREATE : 0)
        sqlite = SQLite3::Database.new(path, flags: flags)
        sqlite.busy_timeout = BUSY_MS
        yield sqlite
      ensure
        sqlite&.close
      end

      # Takes a file of a database away, with what SQLite keeps beside it.
      def remove(path)
        FileUtils.rm_f([path, "#{path}-wal", "#{path}-shm", "#{path}-journal"])
      end

      # Finishes the copy as one file without a log beside it, and reads it through once.
      def finish(copy, now, methods)
        copy.execute("PRAGMA journal_mode = DELETE")
        put_methods(copy, now, methods) if methods
        sound = copy.get_first_value("PRAGMA integrity_check") == "ok"
        raise StoreUnavailable, UNSOUND unless sound && copy.execute("PRAGMA foreign_key_check").empty?
      end

      def put_methods(copy, now, methods)
        copy.transaction do
          copy.execute("DROP TABLE IF EXISTS #{TABLE}")
          copy.execute("CREATE TABLE #{TABLE} (made_at TEXT NOT NULL, methods TEXT NOT NULL)")
          copy.execute("INSERT INTO #{TABLE} VALUES (?, ?)", [now.utc.iso8601, JSON.generate(methods)])
        end
      end

      private_class_method :finish, :put_methods
    end
  end
end
