# frozen_string_literal: true

require "fileutils"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "contents"
require_relative "examination"
require_relative "import"
require_relative "replacement"

module FondKettle
  module Store
    # A file from elsewhere that is to come into a kitchen: a copy, a zip of a whole kitchen, or a zip of a
    # part. What it is goes by what it begins with, not by its name.
    class Incoming
      ZIP_HEAD = "PK".b.freeze
      # What was sent waits under this name beside the kitchen until somebody has said yes; the last one only.
      WAITING = "kettle.waiting"

      # The one that waits in a household's folder, or nil.
      def self.waiting(folder)
        path = File.join(folder, WAITING)
        new(path) if File.exist?(path)
      end

      attr_reader :path

      # `path` is the file.
      def initialize(path)
        @path = path
      end

      # Name of the part that it is; nil where it is a whole kitchen. Raises InvalidInput.
      def part
        import&.part
      end

      # Lets it wait in a household's folder. Returns it as it stands there.
      def wait(folder)
        FileUtils.cp(@path, File.join(folder, WAITING))
        Incoming.waiting(folder)
      end

      # The Contents of a whole kitchen. Raises InvalidInput where it cannot be put back.
      def contents(now)
        return import.prepared(now) { |file, _| Contents.at(file) } if import

        examined = Examination.new(@path).call(now)
        return examined.contents if examined.sound?

        raise(InvalidInput, examined.problems.map { |words| { field: "file", message: words } })
      end

      # Puts a whole kitchen in the place of a running one. Returns Replacement::Done. Raises InvalidInput.
      def replace(household, now)
        replacement = Replacement.new(household.path)
        return replacement.of_running(@path, household, now) unless import

        import.prepared(now) do |file, methods|
          replacement.of_running(file, household, now, methods: methods)
        end
      end

      # Takes a part into a household; what Import#into returns.
      def merge(household, now)
        import.into(household, now)
      end

      private

      def import
        return unless File.binread(@path, ZIP_HEAD.bytesize) == ZIP_HEAD

        @import ||= Import.new(@path)
      end
    end
  end
end
