# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "tables"

module FondKettle
  module Store
    # What is given away of a kitchen: rows by table, with all that they name, and methods (texts by key).
    Part = Value.define(:tables, :methods) do
      # Everything in an open SQLite3::Database, with the methods of its household.
      def self.whole(sqlite, household)
        new(tables: Tables.read(sqlite), methods: household.method_texts)
      end

      # The part of a name: "log", a shelf's key, or "dish:12". Raises InvalidInput, NotFound.
      def self.of(name, sqlite, household)
        kind, id = name.split(":", 2)
        return log(sqlite) if name == "log"
        return dish(Integer(id, 10, exception: false), sqlite, household) if kind == "dish"
        return shelf(name, sqlite) if House::SHELF_KINDS.key?(name.to_sym)

        names = ["log", "dish:NUMBER", *House::SHELF_KINDS.keys]
        raise InvalidInput.at("only", "must be one of: #{names.join(', ')}", received: name)
      end

      # A shelf without what was removed from it.
      def self.shelf(table, sqlite)
        new(tables: { table => there(sqlite, table) }, methods: {})
      end

      # The finished cooks of the log, each with its events, its judgement and its pot.
      def self.log(sqlite)
        cooks = there(sqlite, "cooks").reject { |cook| cook["finished_at"].nil? }
        ids = cooks.to_h { |cook| [cook["id"], true] }
        pots = cooks.to_h { |cook| [cook["pot_id"], true] }
        of_them = %w[events outcomes].to_h do |table|
          [table, Tables.rows(sqlite, table).select { |row| ids[row["cook_id"]] }]
        end
        new(tables: { "pots" => Tables.rows(sqlite, "pots").select { |pot| pots[pot["id"]] },
                      "cooks" => cooks, **of_them }, methods: {})
      end

      # A dish with the house's own ingredients that it names, and its method when that is the house's own.
      # Raises InvalidInput when there is no such dish.
      def self.dish(id, sqlite, household)
        dish = there(sqlite, "dishes").find { |row| row["id"] == id }
        raise InvalidInput.at("only", "must be a dish of this kitchen: dish:NUMBER") unless dish

        own = there(sqlite, "own_ingredients").select do |row|
          dish["lines"].downcase.include?(row["name"].downcase)
        end
        way = household.method_texts.slice(dish["method"])
        new(tables: { "own_ingredients" => own, "dishes" => [dish] }, methods: way)
      end

      def self.there(sqlite, table)
        Tables.rows(sqlite, table).select { |row| row["removed_at"].nil? }
      end
      private_class_method :there
    end
  end
end
