# frozen_string_literal: true

require "date"
require "fileutils"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "contents"
require_relative "../copy"
require_relative "../folder"

module FondKettle
  module Store
    # The copies that a kitchen makes of itself, one a day on which it runs, in its folder `copies`; the
    # newest seven stay, and of older ones one a week for four weeks.
    class DatedCopies
      DAYS = 7
      WEEKS = 4
      NAME = /\Akettle-(\d{4}-\d\d-\d\d)\.db\z/
      # A copy: its `name`, `path`, size in `bytes`, when it was `made_at` (a Time), and its Contents.
      DatedCopy = Value.define(:name, :path, :bytes, :made_at, :contents)

      # The Dates, of these, whose copies stay.
      #
      #   DatedCopies.keep([Date.new(2026, 11, 2), …])
      def self.keep(dates)
        newest = dates.max(DAYS)
        older = (dates - newest).group_by { |date| [date.cwyear, date.cweek] }.values.map(&:max)
        newest + older.max(WEEKS)
      end

      # `household_folder` is that of the household that is copied.
      def initialize(household_folder)
        @household_folder = household_folder
        @folder = File.join(household_folder, "copies")
      end

      # Makes the copy of a day where there is none, and lets go of what need not be kept. Raises
      # StoreUnavailable.
      def daily(now)
        return if File.exist?(path(now.to_date))

        # What was left of a copy whose process was killed.
        FileUtils.rm_f(Dir[File.join(@folder, "*.db.new*")])
        write(path(now.to_date), now)
        (dates - DatedCopies.keep(dates)).each { |date| FileUtils.rm_f(path(date)) }
      end

      # Makes a copy of now. Returns its path. Raises StoreUnavailable.
      def make(now)
        write(path_of(now), now)
      end

      # The path of a copy made at `now`.
      def path_of(now)
        FileUtils.mkdir_p(@folder, mode: 0o700)
        File.join(@folder, "kettle-#{now.strftime('%Y-%m-%d-%H%M%S')}.db")
      end

      # All copies here that can be opened, the newest first.
      def all
        Dir[File.join(@folder, "kettle-*.db")].filter_map { |path| found(path) }.sort_by(&:made_at).reverse
      end

      # The copy of a name, or nil.
      def named(name)
        all.find { |copy| copy.name == name }
      end

      private

      def write(path, now)
        FileUtils.mkdir_p(@folder, mode: 0o700)
        Copy.write(File.join(@household_folder, "kettle.db"), path,
                   now: now, methods: Folder.new(@household_folder).method_texts)
      end

      def path(date)
        File.join(@folder, "kettle-#{date.iso8601}.db")
      end

      def dates
        Dir.children(@folder).filter_map { |name| name[NAME, 1] }.map { |text| Date.iso8601(text) }
      end

      def found(path)
        contents = Contents.at(path)
        DatedCopy.new(name: File.basename(path), path: path, bytes: File.size(path),
                      made_at: File.mtime(path), contents: contents)
      rescue SQLite3::Exception, SystemCallError, ArgumentError
        nil
      end
    end
  end
end
