# frozen_string_literal: true

require "fileutils"
require "sqlite3"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "contents"
require_relative "../copy"
require_relative "examination"
require_relative "../folder"
require_relative "../household"

module FondKettle
  module Store
    # Puts another kitchen in the place of the one in a folder, whole or not at all; what stood there is kept
    # beside it as a file of its own.
    class Replacement
      # What was put in the place (Contents), the file that keeps what stood there (nil: nothing did), and
      # sentences about what of it cannot be read.
      Done = Value.define(:contents, :kept_as, :unreadable)

      RUNNING = "A server is running on this kitchen: stop it first (Ctrl-C), or do it on its own page, " \
                "Safekeeping."

      # `folder`: the household's.
      def initialize(folder)
        @folder = folder
        @file = File.join(folder, "kettle.db")
      end

      # Puts a copy (a file) in the place of the kitchen, which nobody has open. `methods`: its own methods
      # (texts by key), where they are not in it. Returns Done. Raises InvalidInput where the file is not
      # sound; Conflict where a server runs.
      def by_copy(path, now, methods: nil)
        examined(path, now, methods) { |prepared| by_folder(prepared, now) }
      end

      # Puts a copy in the place of the kitchen of a running server, in one transaction.
      def of_running(path, household, now, methods: nil)
        examined(path, now, methods) { |prepared| pour(prepared, household, now) }
      end

      # The path of a new file in the folder, which says what it is and since when.
      def self.file_of(folder, name, now)
        File.join(folder, "kettle-#{name}-#{now.strftime('%Y-%m-%d-%H%M%S')}.db")
      end

      private

      def by_folder(prepared, now)
        alone do
          contents = put_beside(prepared, now)
          kept_as = keep_present(now)
          # A log that stays beside would be read into what is put here.
          empty_log
          Copy.settle(fresh, @file)
          Household.new(@folder, demo: true).close
          { contents: contents, kept_as: kept_as }
        end
      rescue SystemCallError => e
        raise StoreUnavailable, "The kitchen could not be replaced (#{e.message})."
      ensure
        Copy.remove(fresh)
      end

      def pour(prepared, household, now)
        contents = put_beside(prepared, now)
        kept_as = keep_present(now)
        household.database.write_whole { |sqlite| Copy.pour(fresh, sqlite) }
        household.take_methods_in
        { contents: contents, kept_as: kept_as }
      ensure
        Copy.remove(fresh)
      end

      def fresh
        "#{@file}.put-back"
      end

      def examined(path, now, methods)
        done = nil
        examination = Examination.new(path, methods: methods).call(now) { |prepared| done = yield(prepared) }
        return Done.new(**done, unreadable: examination.unreadable) if examination.sound?

        raise(InvalidInput, examination.problems.map { |words| { field: "file", message: words } })
      end

      # Keeps the folder for this process.
      def alone
        FileUtils.mkdir_p(@folder, mode: 0o700)
        place = Folder.new(@folder)
        raise Conflict, RUNNING unless place.lock

        yield
      ensure
        place&.unlock
      end

      # What is to come in, in the folder already, so that one renaming is all that is left.
      def put_beside(prepared, now)
        Copy.remove(fresh)
        Copy.write(File.join(prepared, "kettle.db"), fresh, now: now,
                                                            methods: Folder.new(prepared).method_texts)
        Contents.at(fresh)
      end

      def keep_present(now)
        return unless File.size?(@file)

        kept = Replacement.file_of(@folder, "before", now)
        Copy.write(@file, kept, now: now, methods: Folder.new(@folder).method_texts)
      rescue StoreUnavailable
        keep_damaged(now)
      end

      # What cannot be read is kept as it is, with its log.
      def keep_damaged(now)
        kept = Replacement.file_of(@folder, "damaged", now)
        ["", "-wal"].each do |end_of_name|
          from = "#{@file}#{end_of_name}"
          FileUtils.cp(from, "#{kept}#{end_of_name}") if File.exist?(from)
        end
        File.chmod(0o600, kept)
        kept
      end

      def empty_log
        Copy.into(@file) { |sqlite| sqlite.execute("PRAGMA wal_checkpoint(TRUNCATE)") } if File.size?(@file)
      rescue SQLite3::Exception
        # It was kept as it is.
        nil
      ensure
        %w[-wal -shm].each { |end_of_name| FileUtils.rm_f("#{@file}#{end_of_name}") }
      end
    end
  end
end
