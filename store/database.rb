# frozen_string_literal: true

require "fileutils"
require "monitor"
require "sequel"
require "sqlite3"
require_relative "../lib/fond_kettle/ground/errors"
require_relative "../lib/fond_kettle/ground/remembered"
require_relative "copy"

module FondKettle
  module Store
    # Opens a kitchen's SQLite file: WAL, foreign keys, migrated to the newest.
    # SQLite's own errors are turned into ours here and nowhere else.
    class Database
      MIGRATIONS = File.expand_path("migrations", __dir__)
      BUSY_MS = 2000
      # Answers that are kept until something is written.
      MOST_REMEMBERED = 1000
      EMPTIED = "The kitchen's file %s is empty, as after a full disk: nothing was changed. Put a " \
                "copy in its place, or remove it to begin anew."
      SOMEBODY = "Somebody else changed this first. Look at how it stands now and change it again."
      NEWER = "This kitchen was kept by a newer version of the program: nothing was changed. Use that one."
      WORDS = {
        "SQLite3::FullException" => "The disk is full: nothing was saved. Make room and try again.",
        "SQLite3::BusyException" => "The kitchen's records are busy: nothing was saved. " \
                                    "Try again in a moment.",
        "SQLite3::LockedException" => "The kitchen's records are locked: nothing was saved. " \
                                      "Try again in a moment.",
        "SQLite3::ReadOnlyException" => "The kitchen's records cannot be written: nothing was saved.",
        "SQLite3::CantOpenException" => "The kitchen's records cannot be opened.",
        "SQLite3::IOException" => "The disk does not answer: nothing was saved.",
        "SQLite3::NotADatabaseException" => "The kitchen's file is damaged: it is no database.",
        "SQLite3::CorruptException" => "The kitchen's file is damaged."
      }.freeze

      attr_reader :sequel

      # The version that a kitchen of today is of, or another file by its folder of migrations.
      def self.newest(migrations = MIGRATIONS)
        (@newest ||= {})[migrations] ||=
          Dir[File.join(migrations, "*.rb")].map { |path| File.basename(path).to_i }.max
      end

      # `folder` is the household's own; made when missing. `name`: of the file in it, and of what is kept
      # beside that; `migrations`: the folder of its migrations.
      def initialize(folder, busy_ms: BUSY_MS, name: "kettle", migrations: MIGRATIONS)
        FileUtils.mkdir_p(folder, mode: 0o700)
        @folder = folder
        @name = name
        @migrations = migrations
        @generation = 0
        @remembered = Remembered.new(MOST_REMEMBERED)
        @after = []
        @turn = Monitor.new
        @file = File.join(folder, "#{name}.db")
        begin_file
        translated { connect(busy_ms) }
        FileUtils.rm_f(@begun)
      end

      # Runs the block as one write in one transaction: all of it or nothing. The write lock is taken at the
      # start, so that what the block reads stays true until it ends.
      def write
        translated do
          # One within another is a part of it.
          next yield(@sequel) if @sequel.in_transaction?

          # Threads of this process wait for their turn here: SQLite only looks now and then whether it is
          # free, and of many that look some would find it taken each time.
          @turn.synchronize { @sequel.transaction(mode: :immediate) { yield @sequel } }
        end
      ensure
        changed
      end

      # Fills the whole file anew: the block does, through a connection of its own (SQLite3::Database), while
      # nobody else writes. Raises StoreUnavailable; the kitchen is as it was then.
      def write_whole(&)
        Copy.into(@file, &)
      rescue SQLite3::Exception => e
        raise StoreUnavailable, "The kitchen could not be replaced (#{e.message}): it is as it was."
      ensure
        changed
      end

      # The block is called with the new generation after each write.
      def after_write(&block)
        @after << block
      end

      # Runs the block once what is being written is committed; at once outside a write, never when the write
      # fails.
      def after_commit(&)
        @sequel.after_commit(&)
      end

      # True while this thread is in a write.
      def writing?
        translated { @sequel.in_transaction? }
      end

      # A read; the same translation of errors.
      def read
        translated { yield @sequel }
      end

      # The answer of the block to a question, read once until something is written: one process serves a
      # kitchen (Household#lock). Within a write it is read anew, as nothing is final yet.
      def remember(question, &)
        return read(&) if writing?

        # A write that comes meanwhile begins another list.
        @remembered.fetch(question) { read(&) }
      end

      # Writes what stands in the log beside the file into the file, and empties the log: the file alone is
      # whole then. Returns false where somebody was reading just then; it is tried again.
      def checkpoint
        log = "#{@file}-wal"
        return true unless File.size?(log)

        translated { @sequel.fetch("PRAGMA wal_checkpoint(TRUNCATE)").first[:busy].zero? }
      end

      # All that was written is in the one file then.
      def close
        checkpoint
      rescue StoreUnavailable
        # The log beside the file holds it, and is read at the next start.
        nil
      ensure
        @sequel.disconnect
      end

      private

      def connect(busy_ms)
        @sequel = Sequel.connect(adapter: "sqlite", database: @file, timeout: busy_ms, foreign_keys: true)
        @sequel.run("PRAGMA journal_mode = WAL")
        Sequel.extension :migration
        migrate
      end

      def changed
        @generation += 1
        @remembered = Remembered.new(MOST_REMEMBERED)
        @after.each { |block| block.call(@generation) }
      end

      # An empty file is what a full disk leaves, and is left alone; but for one that a first start of our
      # own had just begun when it was killed: that has its mark beside it.
      def begin_file
        @begun = File.join(@folder, "#{@name}.begun")
        raise StoreUnavailable, format(EMPTIED, "#{@name}.db") if File.empty?(@file) && !File.exist?(@begun)

        FileUtils.touch(@begun) if !File.exist?(@file) || File.empty?(@file)
      end

      # A file that a newer version made is left as it is.
      def check_version
        raise StoreUnavailable, NEWER if version > Database.newest(@migrations)
      end

      # A first start that was killed may have left the table without a row.
      def version
        (@sequel[:schema_info].get(:version) if @sequel.table_exists?(:schema_info)) || 0
      end

      # Each migration is one transaction with its version: killed in the middle it has
      # not been. What stands is copied before (kettle-before-VERSION.db).
      def migrate
        File.chmod(0o600, @file)
        check_version
        return if Sequel::Migrator.is_current?(@sequel, @migrations)

        copy_before unless version.zero?
        Sequel::Migrator.run(@sequel, @migrations, use_transactions: true)
      end

      # Whole or not at all: under its name only once it is written.
      def copy_before
        path = File.join(@folder, "#{@name}-before-#{version + 1}.db")
        FileUtils.rm_f("#{path}.new")
        @sequel.run("VACUUM INTO #{@sequel.literal("#{path}.new")}")
        File.chmod(0o600, "#{path}.new")
        File.rename("#{path}.new", path)
      end

      def translated
        yield
      rescue Sequel::NoExistingObject
        raise Conflict, SOMEBODY
      rescue Sequel::DatabaseError => e
        words = WORDS[e.wrapped_exception.class.name]
        raise unless words

        raise StoreUnavailable, words
      end
    end
  end
end
