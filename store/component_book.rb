# frozen_string_literal: true

require "time"
require_relative "shelf"

module FondKettle
  module Store
    # What the house makes once and uses in many dishes: each is an ingredient of its own, with so
    # much of it left, made on a day, good until another.
    class ComponentBook < Shelf
      def initialize(database, own_ingredients, journal)
        super(database, :components, journal)
        @own = own_ingredients
      end

      # What is left of each, the first to go first: its record, with the name of its ingredient. What was
      # made of an ingredient that is removed is not there either.
      def there
        names = @own.all.to_h { |one| [one[:id], one] }
        all.select { |record| record[:left_g].positive? && names.key?(record[:own_ingredient_id]) }
           .sort_by { |record| record[:use_by] }
           .map { |record| { **record, **names.fetch(record[:own_ingredient_id]).slice(:name, :allergens) } }
      end

      # Makes one: `ingredient` as the shelf of own ingredients has it, `left_g` of it.
      def make(ingredient, left_g:, use_by:, place:, now:)
        @database.write do
          own = @own.add(ingredient)
          add(own_ingredient_id: own[:id], left_g: left_g, use_by: use_by, place: place,
              made_at: now.utc.iso8601)
        end
      end

      # So much of the one whose ingredient has this key ("own-3") is used, g: the oldest first.
      def use(key, grams)
        there.select { |record| key == "own-#{record[:own_ingredient_id]}" }.each do |record|
          used_g = [grams, record[:left_g]].min
          grams -= used_g
          change(record[:id], record[:lock_version], left_g: record[:left_g] - used_g)
        end
      end

      # What is past is thrown away; the ingredient stays, for the next time.
      def throw_away(id, lock_version)
        change(id, lock_version, left_g: 0.0)
      end
    end
  end
end
