# frozen_string_literal: true

require "did_you_mean"
require_relative "../lib/fond_kettle/formats/stored_dish"
require_relative "shelf"

module FondKettle
  module Store
    # The dishes of a household: a shelf that can also be searched, and read as the
    # core's values.
    class DishBook < Shelf
      MOST_FOUND = 30
      SHOWN = %i[id title serves method grain rice_g lock_version].freeze

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
        @database.read { |db| there(db).select(*SHOWN).where(title: title.strip).first }
      end

      # Number of dishes.
      def count
        @database.read { |db| there(db).count }
      end

      # True where there is no dish.
      def none?
        @database.read { |db| there(db).empty? }
      end

      # A record as a Dishes::Dish, or of a side as a Dishes::GraphDish; `house`: `names` (Larder::Names),
      # `cups` (Measure::Cups) and `library`, the methods.
      def value(record, **house)
        told = record.values_at(:graph, :answers)
        side?(record) ? Formats::StoredDish.side(*told, **house) : Formats::StoredDish.read(*told, **house)
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

      private

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
