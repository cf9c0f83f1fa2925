# frozen_string_literal: true

require_relative "../../store/safekeeping/archive"
require_relative "../../store/copy"
require_relative "../../store/safekeeping/dated_copies"
require_relative "../../store/folder"

module FondKettle
  module App
    # Copies a kitchen, whether it is open or not: among its own copies, to a file, or as a zip of open
    # formats.
    class CopyKitchen
      # `path`: the household's folder; `now`: a Time.
      def initialize(path, now)
        @path = path
        @now = now
      end

      # Adds a copy to the kitchen's own. Returns its path. Raises StoreUnavailable.
      def dated
        Store::DatedCopies.new(@path).make(@now)
      end

      # Writes the whole kitchen to a file. Returns its path. Raises StoreUnavailable.
      def to_file(file)
        Store::Copy.write(kitchen_file, file, now: @now, methods: methods)
        file
      end

      # Writes the kitchen, or a `part` of it by name, as a zip. Raises InvalidInput for an unknown part.
      def to_zip(file, part: nil)
        Store::Archive.new(kitchen_file, methods).write(file, @now, part: part)
      end

      private

      def kitchen_file
        File.join(@path, "kettle.db")
      end

      def methods
        Store::Folder.new(@path).method_texts
      end
    end
  end
end
