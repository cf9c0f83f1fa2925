# frozen_string_literal: true

require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../act"

module FondKettle
  module App
    # Adds to any shelf of the cupboard, changes a record of it and takes one off; changes the kitchen
    # itself and what a portion is. Each can be taken back.
    class KeepRecord < Act
      # Name of a record of any shelf.
      def self.name_of(record)
        record[:name] || House::INGREDIENTS.fetch(record[:ingredient]).capitalize
      end

      # Adds a record (checked attributes) to the shelf of `table`.
      def add(table, values)
        noted("Added: #{KeepRecord.name_of(values)}", "addition", at(table)) do
          household.shelf(table).add(values)
        end
      end

      # Changes one. Raises NotFound; Conflict where `version` is not its own.
      def change(table, id, version, values)
        record = { **household.shelf(table).find(id), **values }
        noted("Changed: #{KeepRecord.name_of(record)}", "change", at(table)) do
          household.shelf(table).change(id, version, values)
        end
      end

      # Takes one off its shelf. Raises NotFound, Conflict.
      def remove(table, id, version)
        record = household.shelf(table).find(id)
        noted("Removed: #{KeepRecord.name_of(record)}", "removal", at(table)) do
          household.shelf(table).remove(id, version, now)
        end
      end

      # A new bag in the place of one that is used up, of which `values` (as in its form) hold; opened today,
      # and as little tested as any. Raises NotFound, Conflict.
      def replace_bag(id, version, values)
        old = household.shelf(:bags).find(id)
        drinks = values[:drinks] == old[:drinks] ? 1.0 : values[:drinks]
        noted("New bag: #{values[:name]}", "change", at(:bags)) do
          household.shelf(:bags).remove(id, version, now)
          household.shelf(:bags).add({ **values, drinks: drinks, opened_on: now.strftime("%Y-%m-%d") })
        end
      end

      # Changes the kitchen's own record. Raises Conflict.
      def kitchen(version, values)
        noted("Changed: the kitchen", "change", at("kitchen")) { household.change_kitchen(version, values) }
      end

      # Changes what a portion is here, g by kind of meal. Raises Conflict.
      def portions(version, grams)
        noted("Changed: portions", "change", at("portions")) { household.portions.keep(grams, version) }
      end

      # Keeps what a household says that a food is which nobody knew.
      def food(name, kind)
        noted("#{name} is known", "addition", at("own_ingredients")) { household.learn_food(name, kind) }
      end

      private

      def at(section)
        "/cupboard##{section}"
      end
    end
  end
end
