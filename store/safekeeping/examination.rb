# frozen_string_literal: true

require "fileutils"
require "sequel"
require "sqlite3"
require "tmpdir"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "contents"
require_relative "../copy"
require_relative "../database"
require_relative "../household"
require_relative "read_through"

module FondKettle
  module Store
    # Looks a kitchen's file through, and changes nothing in it: is it whole, does everything in it belong
    # together, can this version of the program read each stored plan and event? All is done on a copy, which
    # is brought forward to the version of today.
    class Examination
      NO_KITCHEN = "is no kitchen of this program: a copy that bin/kettle backup made is one"
      NEWER = "was kept by a newer version of the program: use that one"
      EMPTY = "is empty"
      FOREIGN = "holds what this program did not put there, and would run by itself: %s"
      MISSING = "is not there"
      # Nobody reads further down a list of faults.
      MOST_TOLD = 20

      # Sentences about what keeps it from being a kitchen, and about what in it cannot be read, which keeps
      # nobody from using the rest; empty where nothing is wrong.
      attr_reader :problems, :unreadable

      # Triggers of a kitchen's file, which run by themselves: names and texts as every version made them.
      def self.own_programs
        @own_programs ||= begin
          # In memory: a full disk is no reason not to look a kitchen through.
          empty = Sequel.sqlite
          Sequel.extension(:migration)
          Sequel::Migrator.run(empty, Database::MIGRATIONS)
          empty.synchronize { |sqlite| programs(sqlite) }
        end
      end

      # Names and texts of triggers and views in an open SQLite3::Database.
      def self.programs(sqlite)
        sqlite.execute("SELECT name, sql FROM sqlite_master WHERE type IN ('trigger', 'view')")
      end

      # `path` is a database; `methods`: its own methods (texts by key), where they are files beside it.
      def initialize(path, methods: nil)
        @path = path
        @methods = methods
        @problems = [wrong_at_once].compact
        @unreadable = []
        @counts = {}
      end

      # Looks through; the block is given the folder of the copy, brought forward, where nothing is wrong.
      # Returns itself.
      def call(now)
        return self if @problems.any?

        Dir.mktmpdir do |folder|
          examine(folder, now)
          yield folder if block_given? && sound?
        end
        self
      end

      def sound?
        @problems.empty?
      end

      # The Contents, once it was looked through; nil where it could not be.
      attr_reader :contents

      # How many plans, events and other things were read, by what they are.
      attr_reader :counts

      private

      def wrong_at_once
        return MISSING unless File.file?(@path)
        return EMPTY if File.empty?(@path)

        NO_KITCHEN unless File.binread(@path, 15) == "SQLite format 3"
      rescue SystemCallError => e
        "cannot be read: #{e.message}"
      end

      def examine(folder, now)
        file = File.join(folder, "kettle.db")
        whole(file, now)
        return unless sound?

        read_through(folder)
        @contents = Contents.at(file)
      end

      def read_through(folder)
        household = Household.new(folder, demo: true)
        through = ReadThrough.new(household).call
        @counts = through.counts
        @unreadable = through.problems.first(MOST_TOLD)
      rescue UserError => e
        @problems << e.message
      ensure
        household&.close
      end

      # The pages of the file, and what names what, before anything is brought forward.
      def whole(file, now)
        database = SQLite3::Database.new(@path, readonly: true)
        @problems.concat(faults(database))
        return unless sound?

        Copy.write(@path, file, now: now, methods: @methods)
      rescue SQLite3::Exception => e
        @problems << "is damaged: #{e.message}"
      ensure
        database&.close
      end

      def faults(database)
        database.busy_timeout = Copy::BUSY_MS
        told = database.execute("PRAGMA integrity_check(#{MOST_TOLD})").flatten - ["ok"]
        return told.map { |words| "is damaged: #{words}" } if told.any?
        return [NO_KITCHEN] unless kitchen?(database)

        foreign = Examination.programs(database) - Examination.own_programs
        return [format(FOREIGN, foreign.map(&:first).join(", "))] if foreign.any?
        return [NEWER] if database.get_first_value("SELECT version FROM schema_info") > Database.newest

        database.execute("PRAGMA foreign_key_check").first(MOST_TOLD).map do |table, row, parent|
          "names what is not there: #{table} #{row} names one of #{parent}"
        end
      end

      def kitchen?(database)
        found = database.execute("SELECT name FROM sqlite_master WHERE type = 'table'").flatten
        (%w[schema_info kitchens pots cooks] - found).empty?
      end
    end
  end
end
