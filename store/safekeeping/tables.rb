# frozen_string_literal: true

require "sqlite3"

module FondKettle
  module Store
    # The tables of a kitchen's file as they stand, row by row: numbers, texts and nothing else.
    module Tables
      # SQLite's own, the version's, the search index's, and what only a copy has.
      OWN = /\A(sqlite_|schema_info\z|dishes_found|copied\z)/
      TYPES = { "INTEGER" => "integer", "BOOLEAN" => "integer", "DOUBLE PRECISION" => "number" }.freeze

      module_function

      # Names of all of them, those first that others name.
      def names(sqlite)
        found = sqlite.execute("SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name").flatten
        ordered(sqlite, found.grep_v(OWN))
      end

      # Rows of all tables (or of those named), by table: hashes by column.
      def read(sqlite, tables = names(sqlite))
        tables.to_h { |table| [table, rows(sqlite, table)] }
      end

      # Rows of a table, in the order of its key.
      def rows(sqlite, table)
        columns = columns(sqlite, table)
        sqlite.execute("SELECT #{quoted(columns)} FROM #{table} ORDER BY rowid")
              .map { |row| columns.zip(row).to_h }
      end

      # Puts rows into empty tables. Raises SQLite3::Exception.
      def fill(sqlite, tables)
        sqlite.transaction do
          names(sqlite).reverse_each { |table| sqlite.execute("DELETE FROM #{table}") }
          names(sqlite).each { |table| tables.fetch(table, []).each { |row| insert(sqlite, table, row) } }
        end
      end

      # The JSON schema of all tables, as the file has them.
      def schema(sqlite)
        properties = names(sqlite).to_h do |table|
          [table, { type: "array", maxItems: 1_000_000, items: row_schema(sqlite, table) }]
        end
        { type: "object", additionalProperties: false, properties: properties }
      end

      def columns(sqlite, table)
        sqlite.table_info(table).map { |column| column["name"] }
      end

      def insert(sqlite, table, row)
        sqlite.execute("INSERT INTO #{table} (#{quoted(row.keys)}) VALUES (#{(['?'] * row.size).join(', ')})",
                       row.values)
      end

      def quoted(columns)
        columns.map { |column| %("#{column}") }.join(", ")
      end

      def row_schema(sqlite, table)
        columns = sqlite.table_info(table)
        properties = columns.to_h do |column|
          type = TYPES.fetch(column["type"].upcase.delete_suffix("(1)"), "string")
          optional = column["notnull"].zero? && column["pk"].zero?
          [column["name"], { type: optional ? [type, "null"] : type }]
        end
        { type: "object", additionalProperties: false, required: properties.keys, properties: properties }
      end

      # The tables, each after those that it refers to.
      def ordered(sqlite, tables)
        named = tables.to_h { |table| [table, named_by(sqlite, table)] }
        placed = []
        until placed.size == tables.size
          placed.concat((tables - placed).select { |table| (named[table] - placed).empty? })
        end
        placed
      end

      # The tables that a table's rows name.
      def named_by(sqlite, table)
        sqlite.execute("PRAGMA foreign_key_list(#{table})").map { |key| key[2] }
      end

      private_class_method :columns, :insert, :quoted, :row_schema, :ordered, :named_by
    end
  end
end
