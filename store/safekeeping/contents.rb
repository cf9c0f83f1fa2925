# frozen_string_literal: true

require "sqlite3"
require "time"
require_relative "../../lib/fond_kettle/ground/value"

module FondKettle
  module Store
    # What is in a kitchen's file, as a cook tells two kitchens apart: its name, how many pots, dishes and
    # cooks there are, `until_at` when it was last used (a Time; nil: never).
    Contents = Value.define(:name, :pots, :dishes, :cooks, :until_at) do
      # The contents of an open SQLite3::Database of any version. Raises SQLite3::Exception when it is no
      # kitchen.
      def self.of(sqlite)
        pots, dishes, cooks = %w[pots dishes cooks].map { |table| count(sqlite, table) }
        last = sqlite.get_first_value("SELECT max(at) FROM (SELECT max(started_at) AS at FROM cooks " \
                                      "UNION ALL SELECT max(at) FROM events)")
        new(name: sqlite.get_first_value("SELECT name FROM kitchens").to_s, pots: pots, dishes: dishes,
            cooks: cooks, until_at: time(last))
      end

      def self.count(sqlite, table)
        removable = sqlite.table_info(table).any? { |column| column["name"] == "removed_at" }
        sqlite.get_first_value("SELECT count(*) FROM #{table}#{' WHERE removed_at IS NULL' if removable}")
      end

      # nil where it is none.
      def self.time(text)
        Time.parse(text.to_s)
      rescue ArgumentError
        nil
      end
      private_class_method :count, :time

      # The contents of a file. Raises SQLite3::Exception.
      def self.at(path)
        sqlite = SQLite3::Database.new(path, readonly: true)
        of(sqlite)
      ensure
        sqlite&.close
      end

      # True when nothing of anybody's is in it.
      def none?
        [pots, dishes, cooks].all?(&:zero?)
      end

      # The contents as JSON has them.
      def to_h
        { name: name, pots: pots, dishes: dishes, cooks: cooks, until: until_at&.utc&.iso8601 }
      end
    end
  end
end
