# frozen_string_literal: true

require "tmpdir"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "archive_reader"
require_relative "contents"
require_relative "examination"
require_relative "../folder"
require_relative "../household"
require_relative "merging"

module FondKettle
  module Store
    # Takes a zip of Archive in: a whole kitchen where there is none yet, or a part into the one that is
    # there.
    class Import
      NOT_EMPTY = "This kitchen is not empty, and a whole one can only be taken into an empty one: give " \
                  "another folder (--data DIR), or put it in the place of this one on its page, Safekeeping."

      # `path` is the zip. Raises InvalidInput where it cannot be used.
      def initialize(path)
        @reader = ArchiveReader.new(path)
      end

      # Name of the part that it is, or nil where it is a whole kitchen.
      def part
        @reader.part
      end

      # Yields the database file of the kitchen in the zip, of today's version and checked, and its methods
      # (texts by key). Raises InvalidInput when it is not sound.
      def prepared(now)
        Dir.mktmpdir do |folder|
          file = @reader.build(folder)
          Household.new(folder, demo: true).close
          methods = Folder.new(folder).method_texts
          problems = Examination.new(file, methods: methods).call(now).problems
          raise(InvalidInput, problems.map { |words| { field: "zip", message: words } }) if problems.any?

          yield file, methods
        end
      end

      # Takes a part into a household. Returns what Merging does.
      def into(household, now)
        prepared(now) do |file, _|
          from = Household.new(File.dirname(file), demo: true)
          Merging.new(household, from).call("#{part.sub(/:.*/, '').capitalize.tr('_', ' ')} taken in", now)
        ensure
          from&.close
        end
      end
    end
  end
end
