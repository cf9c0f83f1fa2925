# frozen_string_literal: true

require "time"
require_relative "shelf"

module FondKettle
  module Store
    # Components that the house makes once and uses in many dishes: each is an ingredient of its own, with an
    # amount left, the day it was made and the day until which it is good.
    class ComponentBook < Shelf
      def initialize(database, own_ingredients, journal)
        super(database, :components, journal)
        @own = own_ingredients
      end

      # The components that are left, the first to expire first: the record with the name of its ingredient,
      # its allergens, and what of the catalogue it is like.
      # Components of a removed ingredient are left out.
      def there
        names = @own.all.to_h { |one| [one[:id], one] }
        all.select { |record| record[:left_g].positive? && names.key?(record[:own_ingredient_id]) }
           .sort_by { |record| record[:use_by] }
           .map do |record|
             { **record, **names.fetch(record[:own_ingredient_id]).slice(:name, :allergens, :like) }
           end
      end

      # Makes one: `ingredient` as the shelf of own ingredients has it, `left_g` of it.
      def make(ingredient, left_g:, use_by:, place:, now:)
        @database.write do
          own = @own.add(ingredient)
          add(own_ingredient_id: own[:id], left_g: left_g, use_by: use_by, place: place,
              made_at: now.utc.iso8601)
        end
      end

      # Uses grams of the component whose ingredient has this key ("own-3"), the oldest first.
      def use(key, grams)
        there.select { |record| key == "own-#{record[:own_ingredient_id]}" }.each do |record|
          used_g = [grams, record[:left_g]].min
          grams -= used_g
          change(record[:id], record[:lock_version], left_g: record[:left_g] - used_g)
        end
      end

      # Throws a component away; its ingredient stays for the next time.
      def throw_away(id, lock_version)
        change(id, lock_version, left_g: 0.0)
      end
    end
  end
end
