# frozen_string_literal: true

require "fileutils"
require "json"
require "sqlite3"
require "time"
require "tmpdir"
require "zip"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/paths"
require_relative "archive_files"
require_relative "../copy"
require_relative "../household"
require_relative "part"
require_relative "tables"

module FondKettle
  module Store
    # A kitchen, or a part of it, as one zip of open formats: kitchen.json holds everything and is what is
    # read back, beside it stands the same for other programs and for people.
    class Archive
      FORMAT = "fond-kettle-kitchen"
      DATA = "kitchen.json"
      SCHEMA = "kitchen.schema.json"

      # The published schema of kitchen.json of a version, a path.
      def self.schema_file(version)
        File.join(FondKettle::DATA, "kitchen", "#{version}.schema.json")
      end

      # The schema itself, of the version of `sqlite` (an open SQLite3::Database).
      def self.schema(sqlite)
        version = sqlite.get_first_value("SELECT version FROM schema_info")
        { "$schema": "https://json-schema.org/draft/2020-12/schema",
          title: "A kitchen of Fond Kettle, version #{version}", type: "object", additionalProperties: false,
          required: %w[format version made_at tables methods],
          properties: { format: { const: FORMAT }, version: { const: version }, made_at: { type: "string" },
                        part: { type: "string", maxLength: 80 }, tables: Tables.schema(sqlite),
                        methods: { type: "object", maxProperties: 1000,
                                   propertyNames: { pattern: "^[a-z0-9-]{1,80}$" },
                                   additionalProperties: { type: "string" } } } }
      end

      # `file` is the database of a kitchen, `methods` its own methods (texts by key).
      def initialize(file, methods)
        @file = file
        @methods = methods
      end

      # Writes the zip to `path`, whole or not at all. `part`: "log", a shelf's key, "dish:" and its number;
      # nil for everything. Raises InvalidInput where there is no such part; StoreUnavailable.
      def write(path, now, part: nil)
        Dir.mktmpdir do |folder|
          Copy.write(@file, File.join(folder, "kettle.db"), now: now, methods: @methods)
          household = Household.new(folder, demo: true)
          pack("#{path}.new", files(folder, household, now, part))
          Copy.settle("#{path}.new", path)
        ensure
          household&.close
        end
      rescue SystemCallError, Zip::Error => e
        FileUtils.rm_f("#{path}.new")
        raise StoreUnavailable, "The zip could not be written (#{e.message})."
      end

      private

      def pack(path, files)
        FileUtils.rm_f(path)
        Zip::OutputStream.open(path) do |zip|
          files.each do |name, text|
            zip.put_next_entry(name)
            zip.write(text)
          end
        end
      end

      # Texts by the names of their files.
      def files(folder, household, now, part)
        sqlite = SQLite3::Database.new(File.join(folder, "kettle.db"), readonly: true)
        taken = part ? Part.of(part, sqlite, household) : Part.whole(sqlite, household)
        data = { format: FORMAT, version: Database.newest, made_at: now.utc.iso8601,
                 **(part ? { part: part } : {}), tables: taken.tables, methods: taken.methods }
        { DATA => JSON.pretty_generate(data), SCHEMA => File.read(Archive.schema_file(Database.newest)),
          **ArchiveFiles.new(household, taken, now).all }
      ensure
        sqlite&.close
      end
    end
  end
end
