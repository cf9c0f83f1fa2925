# frozen_string_literal: true

require "json"
require "json_schemer"
require "sequel"
require "sqlite3"
require "zip"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "archive"
require_relative "../database"
require_relative "../folder"
require_relative "tables"

module FondKettle
  module Store
    # Reads a zip of Archive, from anywhere: what it says is checked before anything is made of it, and
    # nothing of it is ever unpacked onto the disk. Of its files only kitchen.json is read.
    class ArchiveReader
      MOST_BYTES = 64 * 1024 * 1024
      MOST_UNPACKED = 128 * 1024 * 1024
      MOST_FILES = 20_000
      # Small pieces of a bomb would take the library minutes.
      PIECE = 16 * 1024 * 1024
      DEEPEST = 20
      MOST_TOLD = 8
      OLDEST = 14
      # Names that would lead out of a folder.
      OUTSIDE = %r{(\A|[/\\])\.\.([/\\]|\z)|\A[/\\]|\A[A-Za-z]:|\\|\0}
      MESSAGES = { zip: "must be a zip that bin/kettle export made",
                   big: "must be at most #{MOST_BYTES / 1024 / 1024} MB",
                   unpacked: "must unpack to at most #{MOST_UNPACKED / 1024 / 1024} MB",
                   many: "must hold at most #{MOST_FILES} files",
                   outside: "must hold plain files only, and no path that leads out of a folder",
                   data: "must hold one kitchen.json", json: "must hold a kitchen.json that is JSON",
                   newer: "was made by a newer version of the program: use that one",
                   older: "must be of version #{OLDEST} or later" }.freeze

      # `path` is the zip.
      def initialize(path)
        @path = path
      end

      # The contents of kitchen.json (string keys), valid by its version's schema. Raises InvalidInput.
      def data
        @data ||= checked(parsed(text))
      end

      # Name of the part that it is, or nil where it is a whole kitchen.
      def part
        data["part"]
      end

      # Makes a kitchen of today's version of it in an empty folder. Raises InvalidInput.
      def build(folder)
        file = File.join(folder, "kettle.db")
        Sequel.connect(adapter: "sqlite", database: file) do |db|
          Sequel.extension :migration
          Sequel::Migrator.run(db, Database::MIGRATIONS, target: data["version"])
        end
        fill(file)
        Folder.new(folder).put_methods(data["methods"])
        file
      end

      private

      def fill(file)
        Copy.into(file) do |sqlite|
          Tables.fill(sqlite, data["tables"])
          lost = sqlite.execute("PRAGMA foreign_key_check").first
          refuse("tables.#{lost[0]}", "names one of #{lost[2]} that is not there") if lost
        end
      rescue SQLite3::Exception => e
        refuse("tables", "cannot be stored: #{e.message}")
      end

      def text
        refuse("zip", :big) if File.size(@path) > MOST_BYTES
        Zip::File.open(@path) { |zip| kitchen_of(zip) }
      rescue InvalidInput
        raise
      rescue StandardError
        # What the library says of a damaged zip is of any class.
        refuse("zip", :zip)
      end

      def kitchen_of(zip)
        entries = zip.entries
        refuse("zip", :many) if entries.size > MOST_FILES
        refuse("zip", :outside) unless entries.all? { |entry| inside?(entry) }
        found = entries.select { |entry| entry.name == Archive::DATA }
        refuse("zip", :data) unless found.one?

        unpacked(found.first)
      end

      def inside?(entry)
        !entry.symlink? && !entry.name.match?(OUTSIDE)
      end

      # Counted as it comes, whatever the zip says that it will be.
      def unpacked(entry)
        text = +""
        entry.get_input_stream do |stream|
          while (piece = stream.read(PIECE))
            text << piece
            refuse("zip", :unpacked) if text.bytesize > MOST_UNPACKED
          end
        end
        text.force_encoding(Encoding::UTF_8)
      end

      def parsed(text)
        refuse("zip", :json) unless text.valid_encoding?
        JSON.parse(text, max_nesting: DEEPEST)
      rescue JSON::ParserError
        refuse("zip", :json)
      end

      def checked(data)
        version = data.is_a?(Hash) && data["version"]
        refuse("version", "must be a whole number", version) unless version.is_a?(Integer)
        refuse("version", :newer, version) if version > Database.newest
        refuse("version", :older, version) if version < OLDEST

        faults = schema(version).validate(data).first(MOST_TOLD)
        return data if faults.empty?

        raise(InvalidInput, faults.map { |fault| { field: place(fault), message: fault.fetch("error") } })
      end

      def schema(version)
        JSONSchemer.schema(JSON.parse(File.read(Archive.schema_file(version))))
      end

      # "tables.pots.3.name".
      def place(fault)
        pointer = fault["data_pointer"].delete_prefix("/").tr("/", ".")
        pointer.empty? ? Archive::DATA : pointer
      end

      def refuse(field, message, received = nil)
        raise InvalidInput.at(field, MESSAGES.fetch(message) { message }, received: received)
      end
    end
  end
end
