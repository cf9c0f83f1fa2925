# frozen_string_literal: true

require "forwardable"
require "json"
require "time"
require_relative "../lib/fond_kettle/house/shelf_kinds"
require_relative "../lib/fond_kettle/house/shelves"
require_relative "../lib/fond_kettle/larder/names"
require_relative "../lib/fond_kettle/larder/unknown_food"
require_relative "../lib/fond_kettle/table/eaters"
require_relative "card_book"
require_relative "component_book"
require_relative "cook_book"
require_relative "copy"
require_relative "dish_book"
require_relative "database"
require_relative "folder"
require_relative "journal"
require_relative "kept_book"
require_relative "lesson_book"
require_relative "meal_book"
require_relative "old_dishes"
require_relative "old_requests"
require_relative "method_files"
require_relative "portion_book"
require_relative "shelf"
require_relative "stand_ins"
require_relative "weight_book"

module FondKettle
  module Store
    # A household: a folder with its database and other files (Folder). The demo and the cook's own kitchen
    # are two folders and share nothing.
    class Household
      extend Forwardable

      # So long is it known what a form has made, s.
      KEPT_S = 7 * 86_400

      attr_reader :cards, :components, :cooks, :database, :dishes, :journal, :kept, :lessons, :meals,
                  :portions, :stand_ins, :weights

      def_delegators :@folder, :path, :methods_folder, :library, :lock, :session_key, :method_text,
                     :method_texts, :own_keys

      def initialize(folder, demo: false, busy_ms: Database::BUSY_MS)
        @folder = Folder.new(folder)
        @database = Database.new(folder, busy_ms: busy_ms)
        @method_files = MethodFiles.new(@database, @folder)
        @journal = Journal.new(@database, @method_files)
        @shelves = House::SHELF_KINDS.keys.to_h do |table|
          [table, Shelf.new(@database, table, @journal)]
        end.freeze
        open_books
        take_methods_in
        @method_files.finish
        [OldDishes.new(self), OldRequests.new(self), @lessons].each(&:bring_forward)
        # A demo's kitchen comes with all that is in it (Demo).
        add_kitchen("My kitchen", demo: false) unless demo || kitchen
      end

      # Turns the methods inside a restored copy into files again, in the place of all that are there. If it
      # is killed in the middle, it is done at the next start.
      def take_methods_in
        copied = Copy::TABLE.to_sym
        return unless @database.read { |db| db.table_exists?(copied) }

        @folder.put_methods(JSON.parse(@database.read { |db| db[copied].get(:methods) }))
        @database.write { |db| db.drop_table(copied) }
      end

      # The household's one kitchen.
      def add_kitchen(name, demo:)
        @kitchens.add(name: name, demo: demo)
      end

      # True where nothing was ever put in: only just made, or killed while the demo came.
      def bare?
        kitchen.nil? || (kitchen[:demo] && shelf(:pots).all.empty? && dishes.all.empty? && cooks.none?)
      end

      def kitchen
        @kitchens.all.first
      end

      def change_kitchen(lock_version, attributes)
        @kitchens.change(kitchen[:id], lock_version, attributes)
      end

      # The Shelf of `table`, a key of House::SHELF_KINDS.
      def shelf(table)
        @shelves.fetch(table)
      end

      # The records of `table` as the core's values.
      def values(table)
        shelf(table).all.map { |record| value(table, record) }
      end

      def value(table, record)
        type = House::SHELF_KINDS.fetch(table).value
        listed = record.key?(:avoids) ? { avoids: list(record[:avoids]) } : {}
        type.new(**record.slice(*type.members), **listed)
      end

      # The household's things, as the core plans with them (House::Shelves); valid until the next write.
      def shelves
        @database.remember(:shelves) { as_values }
      end

      # Names of ingredients here: the catalogue's and the house's own.
      def names
        records = shelf(:own_ingredients).all
        return Larder::Names.ours if records.empty?

        unless @names_from.equal?(records)
          @names = Larder::Names.with(records.map { |record| own_ingredient(record) })
        end
        @names_from = records
        @names
      end

      # The ingredient of the house's own with this id (Larder::Ingredient), or nil.
      def own_food(id)
        record = shelf(:own_ingredients).all.find { |one| one[:id] == id }
        record && own_ingredient(record)
      end

      # Keeps what a household says that a food is which nobody knew, once: `kind` is a key of
      # Larder::UnknownFood::KINDS.
      def learn_food(name, kind)
        @database.write do
          shelf = shelf(:own_ingredients)
          next if shelf.all.any? { |record| record[:name].casecmp?(name) }

          shelf.add(name: name, like: kind, allergens: "")
        end
      end

      # A dish's record as a Dishes::Dish.
      def dish(record)
        dishes.value(record, names: names, cups: values(:cups), library: library)
      end

      # Writes a method of the household's own, or takes it away where `text` is nil.
      def put_method(key, text)
        @database.write do
          @journal.note(:methods, key, method_text(key), text)
          @method_files.put(key, text)
        end
      end

      # Finishes a cook and takes its rice from the first bag of that grain. Returns the
      # bag's record as it is now, or nil where there is none. Raises Conflict.
      def finish(id, now)
        @database.write do |db|
          cook = cooks.find(id)
          bag = db[:bags].where(grain: cook[:grain], removed_at: nil).order(:id).first
          cooks.finish(id, now, bag&.fetch(:id))
          use_components(cook[:plan])
          next unless bag

          left_g = [bag[:left_g] - cook[:plan][:rice][:g], 0.0].max
          shelf(:bags).change(bag[:id], bag[:lock_version], left_g: left_g)
        end
      end

      # The appearance of the lid of a pot on the shelf ("plain" when it has none of its own).
      def lid_look(pot_id)
        record = pot_id && shelf(:pots).all.find { |pot| pot[:id] == pot_id }
        record ? record[:lid_look] : "plain"
      end

      # Runs the block once for each form, however often the form is sent. `key`: the form's own (nil: it has
      # none). The block returns the path to go on to; later calls return the same path.
      def once(key, now)
        @database.write do |db|
          next yield unless key

          known = db[:made].first(key: key)
          next known[:path] if known

          db[:made].where { at < (now - KEPT_S).utc.iso8601(3) }.delete
          yield.tap { |path| db[:made].insert(key: key, path: path, at: now.utc.iso8601(3)) }
        end
      end

      # The stock of grains and ingredients, in g by key.
      def stock_g
        bags = shelf(:bags).all.map { |bag| [bag[:grain], bag[:left_g]] }
        goods = shelf(:goods).all.map { |good| [good[:ingredient], good[:left_g]] }
        (bags + goods).each_with_object(Hash.new(0.0)) { |(key, left_g), stock| stock[key] += left_g }
      end

      # Closes it, and lets go of its folder.
      def close
        @database.close
        @folder.unlock
      end

      private

      def open_books
        @kitchens = Shelf.new(@database, :kitchens, @journal)
        @portions = PortionBook.new(@database, @journal)
        @cooks = CookBook.new(@database, @journal)
        @lessons = LessonBook.new(@database, @journal, @cooks, shelf(:pots))
        @dishes = DishBook.new(@database, @journal)
        @meals = MealBook.new(@database, @cooks, @journal)
        @cards = CardBook.new(@database, @journal)
        @stand_ins = StandIns.new(@database)
        @kept = KeptBook.new(@database, @journal)
        @weights = WeightBook.new(@database, shelf(:weights))
        @components = ComponentBook.new(@database, shelf(:own_ingredients), @journal)
      end

      def as_values
        lists = %i[pots burners ovens steamers cups spoons bags eaters].to_h do |table|
          [table, values(table).freeze]
        end
        House::Shelves.new(**lists, portions_g: portions.grams,
                                    **kitchen.slice(:altitude_m, :hands, :scale_step_g))
      end

      def use_components(plan)
        amounts = plan.fetch(:tasks, []).flat_map { |task| task[:amounts] || [] }
        amounts.each { |amount| components.use(amount[:what], amount[:g]) if amount[:g] }
      end

      def list(text)
        text.split(",").map(&:strip).reject(&:empty?).freeze
      end

      # As its like in the catalogue, with what the record says instead.
      def own_ingredient(record)
        like = Larder::Ingredients.fetch(record[:like])
        differs = record.slice(:brings, :takes, :g_ml, :salt).compact
        allergens = list(record[:allergens])
        unchecked = record[:name] if allergens.empty? && Larder::UnknownFood::UNCHECKED.include?(like.key)
        like.with(name: record[:name], also: [], **differs, key: "own-#{record[:id]}", unchecked: unchecked,
                  allergens: [*like.allergens, *allergens].uniq)
      end
    end
  end
end
