# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/csv_table"
require_relative "../../lib/fond_kettle/dishes/side/side"
require_relative "../../lib/fond_kettle/formats/dish_markdown"
require_relative "../../lib/fond_kettle/formats/given_dish"
require_relative "../../lib/fond_kettle/formats/log_csv"
require_relative "../../lib/fond_kettle/formats/meal_calendar"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/slug"
require_relative "../../lib/fond_kettle/house/composition"
require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/methods/planning/planner"

module FondKettle
  module Store
    # The files of an archive beside its data: for spreadsheets, calendars and people.
    class ArchiveFiles
      README = <<~TEXT
        A kitchen of Fond Kettle, or a part of it.

        kitchen.json         everything, as it is read back: bin/kettle import FILE
        kitchen.schema.json  what may stand in it (JSON schema)
        log.csv              what was cooked, a line a pot
        shelves/             what is in the cupboard, a table a shelf
        dishes/              each dish as JSON, and as a text to read (Markdown)
        meals/               each meal for a calendar (iCalendar)
        ways/                ways of cooking of the household's own
      TEXT
      LONGEST_NAME = 60

      # `taken` is the Part whose files are made.
      def initialize(household, taken, now)
        @household = household
        @taken = taken
        @now = now
      end

      # Texts by the names of their files.
      def all
        { "README.txt" => README, **log, **shelves, **dishes, **meals,
          **@taken.methods.to_h { |key, text| ["ways/#{key}.yml", text] } }
      end

      private

      # Ids of the rows of a table that are taken, without what was removed.
      def ids(table)
        @taken.tables.fetch(table.to_s, []).select { |row| row["removed_at"].nil? }.map { |row| row["id"] }
      end

      def log
        return {} unless @taken.tables.key?("cooks")

        names = Hash.new { |known, id| known[id] = @household.shelf(:pots).name_of(id) }
        cooks = @household.cooks.finished(most: nil)
        { "log.csv" => Formats::LogCsv.call(cooks, names) }
      end

      def shelves
        House::SHELF_KINDS.select { |table, _| @taken.tables.key?(table.to_s) }.to_h do |table, kind|
          rows = ids(table).map { |id| @household.shelf(table).find(id) }
          ["shelves/#{table}.csv", Formats::CsvTable.call(kind.fields.map(&:key), rows)]
        end
      end

      def dishes
        ids(:dishes).map { |id| @household.dishes.find(id) }.map { |record| dish(record) }.reduce({}, :merge)
      end

      def dish(record)
        name = "dishes/#{file_name(record)}"
        dish = @household.dish(record)
        side = @household.dishes.side?(record)
        data = side ? dish.data : dish.graph.data
        { "#{name}.json" => JSON.pretty_generate(data), **markdown(name, dish, side) }
      end

      # What cannot be planned (its way is gone, its pot too small) has no text to read.
      def markdown(name, dish, side)
        { "#{name}.md" => Formats::DishMarkdown.call(side ? side(dish) : planned(dish)) }
      rescue InvalidInput, KeyError
        {}
      end

      def side(dish)
        Formats::GivenDish.of_side(Dishes::Side.new(dish, 1.0, @household.shelves.measures))
      end

      def planned(dish)
        Formats::GivenDish.of(dish, Methods::Planner.plan(request(dish)))
      end

      # A dish in its own amount.
      def request(dish)
        wishes = House::Wishes.of(method: @household.library.fetch(dish.method), dish: dish,
                                  grain: Larder::Grains.fetch(dish.grain),
                                  quantity: House::Quantity.of(by: "amount", amount: dish.rice_g))
        House::Composition.new(wishes, @household.shelves, log: @household.lessons).request
      end

      def meals
        records = ids(:meals).map { |id| @household.meals.find(id) }
        records.select { |record| record[:schedule] }.to_h { |record| meal(record) }
      end

      def meal(record)
        ["meals/#{file_name(record)}.ics",
         Formats::MealCalendar.call(record[:meal], record[:schedule], id: "meal-#{record[:id]}", now: @now)]
      end

      # "12-leek-and-dill-oven-pilaf".
      def file_name(record)
        [record[:id], Slug.of(record[:title], digits: true)[0, LONGEST_NAME]].join("-").delete_suffix("-")
      end
    end
  end
end
