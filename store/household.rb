# frozen_string_literal: true

require "fileutils"
require "securerandom"
require_relative "../lib/fond_kettle/kit/burner"
require_relative "../lib/fond_kettle/kit/oven"
require_relative "../lib/fond_kettle/kit/vessel"
require_relative "../lib/fond_kettle/measure/cup"
require_relative "../lib/fond_kettle/method/schools"
require_relative "../lib/fond_kettle/table/eaters"
require_relative "cook_book"
require_relative "database"
require_relative "shelf"

module FondKettle
  module Store
    # One household: a folder with its database and its session key. The demo and
    # the cook's own kitchen are two folders and never share either.
    class Household
      SHELVES = %i[eaters cups spoons pots burners ovens bags].freeze
      VALUES = { eaters: Table::Eater, cups: Measure::Cup, spoons: Measure::Cup, pots: Kit::Vessel, burners: Kit::Burner,
                 ovens: Kit::Oven }.freeze

      attr_reader :cooks, :database

      def initialize(folder, demo: false, busy_ms: Database::BUSY_MS)
        @folder = folder
        @database = Database.new(folder, busy_ms: busy_ms)
        @shelves = SHELVES.to_h { |table| [table, Shelf.new(@database, table)] }.freeze
        @kitchens = Shelf.new(@database, :kitchens)
        @cooks = CookBook.new(@database)
        @fresh = @kitchens.all.empty?
        @kitchens.add(name: demo ? "Demo household" : "My kitchen", demo: demo) if @fresh
      end

      # Where this household's own methods are kept, a file each.
      def methods_folder
        File.join(@folder, "methods").tap { |path| FileUtils.mkdir_p(path) }
      end

      # Our methods and the household's own; read again when a file has changed.
      def schools
        stamp = Dir[File.join(methods_folder, "*.yml")].map { |path| [path, File.stat(path).mtime] }
        @schools = Method::Schools.with(methods_folder) unless @schools_stamp == stamp
        @schools_stamp = stamp
        @schools
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

      # True when this folder was only just made.
      def fresh?
        @fresh
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
        type.new(**record.slice(*type.members))
      end

      # What this house measures by; `cup`, a record, first, or the first of the cupboard.
      def measures(cup = nil)
        cup ||= shelf(:cups).all.first
        Measure::House.with(cup && value(:cups, cup), spoons: values(:spoons).freeze, scale_step_g: kitchen[:scale_step_g])
      end

      # The key that signs this household's sessions, made on first use.
      def session_key
        path = File.join(@folder, "session.key")
        return File.read(path) if File.exist?(path)

        File.open(path, File::WRONLY | File::CREAT | File::EXCL, 0o600) { |file| file.write(SecureRandom.hex(64)) }
        File.read(path)
      end

      def close
        @database.close
      end
    end
  end
end
