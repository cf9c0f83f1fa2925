# frozen_string_literal: true

require "fileutils"
require "securerandom"
require_relative "../lib/fond_kettle/house/bag"
require_relative "../lib/fond_kettle/house/shelves"
require_relative "../lib/fond_kettle/kit/burner"
require_relative "../lib/fond_kettle/kit/oven"
require_relative "../lib/fond_kettle/kit/vessel"
require_relative "../lib/fond_kettle/larder/names"
require_relative "../lib/fond_kettle/measure/cup"
require_relative "../lib/fond_kettle/methods/library"
require_relative "../lib/fond_kettle/table/eaters"
require_relative "cook_book"
require_relative "dish_book"
require_relative "database"
require_relative "shelf"

module FondKettle
  module Store
    # One household: a folder with its database and its session key. The demo and
    # the cook's own kitchen are two folders and never share either.
    class Household
      SHELVES = %i[eaters cups spoons pots burners ovens bags goods own_ingredients].freeze
      VALUES = { bags: House::Bag, eaters: Table::Eater, cups: Measure::Cup, spoons: Measure::Cup,
                 pots: Kit::Vessel, burners: Kit::Burner,
                 ovens: Kit::Oven }.freeze

      KEY_BYTES = 64
      KEY_DAMAGED = "The kitchen's file session.key is damaged: remove it, and a new one is made. Forms " \
                    "that are open then have to be loaded again."

      attr_reader :cooks, :dishes, :database

      def initialize(folder, demo: false, busy_ms: Database::BUSY_MS)
        @folder = folder
        @database = Database.new(folder, busy_ms: busy_ms)
        @shelves = SHELVES.to_h { |table| [table, Shelf.new(@database, table)] }.freeze
        @kitchens = Shelf.new(@database, :kitchens)
        @portions = Shelf.new(@database, :portions)
        @cooks = CookBook.new(@database)
        @dishes = DishBook.new(@database)
        # A demo's kitchen comes with all that is in it (Demo).
        add_kitchen("My kitchen", demo: false) unless demo || kitchen
      end

      # The household's one kitchen.
      def add_kitchen(name, demo:)
        @kitchens.add(name: name, demo: demo)
      end

      # Where this household's own methods are kept, a file each.
      def methods_folder
        File.join(@folder, "methods").tap { |path| FileUtils.mkdir_p(path) }
      end

      # Our methods and the household's own; read again when a file has changed.
      def library
        stamp = Dir[File.join(methods_folder, "*.yml")].map { |path| [path, File.stat(path).mtime] }
        @library = Methods::Library.with(methods_folder) unless @library_stamp == stamp
        @library_stamp = stamp
        @library
      end

      # Writes a method's text as KEY.yml, whole or not at all.
      def keep_method(key, text)
        path = File.join(methods_folder, "#{key}.yml")
        File.write("#{path}.new", text)
        File.rename("#{path}.new", path)
      end

      # Keeps this folder for this process; false when another one has it.
      def lock
        @lock = File.open(File.join(@folder, "kettle.lock"), File::RDWR | File::CREAT, 0o600)
        @lock.flock(File::LOCK_EX | File::LOCK_NB) ? true : false
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

      # The Shelf of `table`, one of SHELVES.
      def shelf(table)
        @shelves.fetch(table)
      end

      # The records of `table` as the core's values.
      def values(table)
        shelf(table).all.map { |record| value(table, record) }
      end

      def value(table, record)
        type = VALUES.fetch(table)
        listed = record.key?(:avoids) ? { avoids: list(record[:avoids]) } : {}
        type.new(**record.slice(*type.members), **listed)
      end

      # What the household has, as the core plans with it (House::Shelves); good until
      # something is written.
      def shelves
        generation = @database.generation
        @as_values = as_values unless @as_values_from == generation
        @as_values_from = generation
        @as_values
      end

      # The names of ingredients here: the catalogue's and the house's own.
      def names
        records = shelf(:own_ingredients).all
        return Larder::Names.ours if records.empty?

        unless @names_from.equal?(records)
          @names = Larder::Names.with(records.map { |record| own_ingredient(record) })
        end
        @names_from = records
        @names
      end

      # A dish's record as a Dishes::Dish.
      def dish(record)
        dishes.value(record, names: names, cups: values(:cups))
      end

      # Raw rice for one regular adult, g by kind of meal, as this house takes it.
      def portions_g
        Table::PORTION_G.merge(@portions.all.to_h { |record| [record[:name], record[:g]] })
      end

      # `grams` by kind of meal; what is the book's own is not kept.
      def change_portions(grams)
        @database.write do |db|
          db[:portions].delete
          grams.each { |name, g| db[:portions].insert(name: name, g: g) unless Table::PORTION_G[name] == g }
        end
      end

      # Finishes a cook and takes its rice from the first bag of that grain. Returns the
      # bag's record as it is now, or nil where there is none. Raises Conflict.
      def finish(id, now)
        @database.write do |db|
          cook = cooks.find(id)
          cooks.finish(id, now)
          bag = db[:bags].where(grain: cook[:grain]).order(:id).first
          next unless bag

          left_g = [bag[:left_g] - cook[:plan][:rice][:g], 0.0].max
          db[:bags].where(id: bag[:id]).update(left_g: left_g, lock_version: Sequel[:lock_version] + 1)
          bag.merge(left_g: left_g)
        end
      end

      # What there is of grains and ingredients, g by key.
      def stock_g
        bags = shelf(:bags).all.map { |bag| [bag[:grain], bag[:left_g]] }
        goods = shelf(:goods).all.map { |good| [good[:ingredient], good[:left_g]] }
        (bags + goods).each_with_object(Hash.new(0.0)) { |(key, left_g), stock| stock[key] += left_g }
      end

      # What this house measures by; `cup`, a record, first, or the first of the cupboard.
      def measures(cup = nil)
        cup ||= shelf(:cups).all.first
        Measure::House.with(cup && value(:cups, cup), spoons: values(:spoons).freeze,
                                                      scale_step_g: kitchen[:scale_step_g])
      end

      # The key that signs this household's sessions, made on first use.
      def session_key
        path = File.join(@folder, "session.key")
        unless File.exist?(path)
          File.open(path, File::WRONLY | File::CREAT | File::EXCL, 0o600) do |file|
            file.write(SecureRandom.hex(KEY_BYTES))
          end
        end
        key = File.read(path)
        raise StoreUnavailable, KEY_DAMAGED unless key.bytesize == 2 * KEY_BYTES

        key
      end

      def close
        @database.close
      end

      private

      def as_values
        lists = %i[pots burners ovens cups spoons bags eaters].to_h { |table| [table, values(table).freeze] }
        House::Shelves.new(**lists, portions_g: portions_g,
                                    **kitchen.slice(:altitude_m, :hands, :scale_step_g))
      end

      def list(text)
        text.split(",").map(&:strip).reject(&:empty?).freeze
      end

      # As its like in the catalogue, with what the record says instead.
      def own_ingredient(record)
        like = Larder::Ingredients.fetch(record[:like])
        differs = record.slice(:brings, :takes, :g_ml, :salt).compact
        like.with(name: record[:name], also: [], **differs, key: "own-#{record[:id]}",
                  allergens: [*like.allergens, *list(record[:allergens])].uniq)
      end
    end
  end
end
