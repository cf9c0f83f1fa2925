# frozen_string_literal: true

require "did_you_mean"
require "json"
require_relative "../lib/fond_kettle/dishes/dish"
require_relative "../lib/fond_kettle/dishes/text/quick_steps"
require_relative "../lib/fond_kettle/dishes/text/quick_text"
require_relative "../lib/fond_kettle/formats/stored_dish"
require_relative "shelf"

module FondKettle
  module Store
    # The dishes of a household: a shelf that can also be searched, and read as the
    # core's values.
    class DishBook < Shelf
      MOST_FOUND = 30
      SHOWN = %i[id title serves method grain rice_g].freeze

      def initialize(database, journal)
        super(database, :dishes, journal)
      end

      # Dishes with every word of `text` (or its beginning) in title, lines or note, the best
      # first; all by title where `text` is blank. At most MOST_FOUND. A word that no dish has is
      # taken for the one nearest to it that some dish has.
      # `sides`: those without rice among them.
      def search(text, sides: true)
        words = text.to_s.scan(/[[:alnum:]]{1,40}/).first(12)
        @database.read do |db|
          dishes = (sides ? there(db) : there(db).exclude(grain: "")).select(*SHOWN.map do |column|
            Sequel[:dishes][column]
          end).limit(MOST_FOUND)
          next dishes.order(:title).all if words.empty?

          dishes.join(Sequel[:dishes_found].as(:found), rowid: Sequel[:dishes][:id])
                .where(Sequel.lit("dishes_found MATCH ?", matching(db, words)))
                .order(Sequel.lit("bm25(dishes_found, 8.0, 2.0, 1.0)")).all
        end
      end

      # The dish of that title, or nil.
      def titled(title)
        @database.read { |db| there(db).select(*SHOWN, :lock_version).where(title: title.strip).first }
      end

      # Number of dishes.
      def count
        @database.read { |db| there(db).count }
      end

      # A record as a Dishes::Dish, or of a side as a Dishes::GraphDish; `house`: `names` and `cups` as for
      # Dishes::QuickText, `library`: the methods.
      def value(record, **house)
        told = record.values_at(:graph, :answers)
        return Formats::StoredDish.side(*told, **house) if side?(record)
        return Formats::StoredDish.read(*told, **house) if told?(record)

        typed(record, **house.slice(:names, :cups))
      end

      # True for a record of a dish without rice.
      def side?(record)
        record[:grain].empty?
      end

      # Dishes with rice, all of them.
      def with_rice
        all.reject { |record| side?(record) }
      end

      # Dishes without rice, all of them.
      def sides
        all.select { |record| side?(record) }
      end

      # True for a record that is told in a cook's own words.
      def told?(record)
        !record[:graph].to_s.empty?
      end

      private

      def typed(record, names:, cups:)
        read = Dishes::QuickText.new(names: names, cups: cups).read(record[:lines])
        grain, rice_g = read.rice || record.values_at(:grain, :rice_g)
        Dishes::Dish.of(title: record[:title], serves: record[:serves], method: record[:method],
                        grain: grain, rice_g: rice_g, pan_mm: record[:pan_mm], lines: read.lines,
                        steps: Dishes::QuickSteps.read(record[:steps]),
                        note: record[:note], way: Dishes::Way.of(JSON.parse(record[:way])))
      end

      def there(db)
        db[:dishes].where(removed_at: nil)
      end

      # The words as the index is asked for them.
      def matching(db, words)
        words.map { |word| %("#{known?(db, word) ? word : nearest(db, word)}"*) }.join(" ")
      end

      def known?(db, word)
        db[:dishes_found].where(Sequel.lit("dishes_found MATCH ?", %("#{word}"*))).any?
      end

      # The word of the index that is spelt most like it, or itself.
      def nearest(db, word)
        known = db.synchronize do
          db.run("CREATE VIRTUAL TABLE IF NOT EXISTS temp.found_words " \
                 "USING fts5vocab(main, dishes_found, row)")
          db[Sequel[:temp][:found_words]].select_map(:term)
        end
        DidYouMean::SpellChecker.new(dictionary: known).correct(word.downcase).first || word
      end
    end
  end
end
