# frozen_string_literal: true

require "json"
require_relative "../lib/fond_kettle/dishes/dish"
require_relative "../lib/fond_kettle/dishes/quick_steps"
require_relative "../lib/fond_kettle/dishes/quick_text"
require_relative "shelf"

module FondKettle
  module Store
    # The dishes of a household: a shelf that can also be searched, and read as the
    # core's values.
    class DishBook < Shelf
      MOST_FOUND = 30
      SHOWN = %i[id title serves method grain rice_g].freeze

      def initialize(database)
        super(database, :dishes)
      end

      # Dishes with every word of `text` (or its beginning) in title, lines or note,
      # the best first; all by title where `text` is blank. At most MOST_FOUND.
      def search(text)
        words = text.to_s.scan(/[[:alnum:]]+/).first(12)
        @database.read do |db|
          dishes = db[:dishes].select(*SHOWN.map { |column| Sequel[:dishes][column] }).limit(MOST_FOUND)
          next dishes.order(:title).all if words.empty?

          dishes.join(Sequel[:dishes_found].as(:found), rowid: Sequel[:dishes][:id])
                .where(Sequel.lit("dishes_found MATCH ?", words.map { |word| %("#{word}"*) }.join(" ")))
                .order(Sequel.lit("bm25(dishes_found, 8.0, 2.0, 1.0)")).all
        end
      end

      # How many dishes there are.
      def count
        @database.read { |db| db[:dishes].count }
      end

      # A record as a Dishes::Dish; `names` and `cups` as for Dishes::QuickText.
      def value(record, names:, cups:)
        read = Dishes::QuickText.new(names: names, cups: cups).read(record[:lines])
        grain, rice_g = read.rice || record.values_at(:grain, :rice_g)
        Dishes::Dish.of(title: record[:title], serves: record[:serves], method: record[:method],
                        grain: grain, rice_g: rice_g, pan_mm: record[:pan_mm], lines: read.lines,
                        steps: Dishes::QuickSteps.read(record[:steps]),
                        note: record[:note], way: Dishes::Way.of(JSON.parse(record[:way])))
      end
    end
  end
end
