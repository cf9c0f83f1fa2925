# frozen_string_literal: true

require_relative "../../ground/catalogue"
require_relative "../../ground/paths"
require_relative "../../ground/schema"
require_relative "../../ground/value"
require_relative "../../larder/names"

module FondKettle
  module Reading
    # A row of data/reading/food_words.yml, whose head says what each field is.
    FoodWord = Value.define(:word, :all, :made, :care, :foods, :aisle, :except) do
      # True for a Larder::Ingredient that it may mean.
      def means?(food)
        return true if food.care.intersect?(care) || foods.include?(food.key)

        food.aisle == aisle && !except.include?(food.key)
      end
    end

    # Words that stand for a line by what it is, not by its name: "lift out the meat", "fold in the herbs".
    class FoodWords
      SCHEMA = Schema.json(strict: true) do
        required(:word).filled(:string)
        %i[all made].each { |switch| optional(switch).filled(:bool) }
        %i[care foods except].each { |list| optional(list).array(:string) }
        optional(:aisle).filled(:string)
      end
      BLANK = { all: false, made: false, care: [].freeze, foods: [].freeze, aisle: nil,
                except: [].freeze }.freeze
      SALT = "salt"
      PEPPER = "black-pepper"
      # "In salted water": what is left of the salt that is listed.
      SALTED = "salted"
      MARINADE = "marinade"
      MARINATES = /\bmarinat(?:e|ing)\b/i
      # Of meat and fish, where nobody says of what: "rub the pieces with salt".
      PIECE = "piece"
      THE_PIECES = /\bthe\s+pieces\b(?!\s+of\b)/i
      # "Brown the meat" is of one that nothing was done with; "slice the meat", of one that was cooked.
      BEGINS = /\b(?:add|put|brown|sear|fry|rub|season|marinate|lay|salt|get|take)\b/i
      SAYS_AMOUNT = /\d|[½¼¾⅓⅔⅛]|\A(?:an?|half|one|two)\b/i

      # "Marinate the chicken with everything listed for it"
      ALL_OF_PART = /\b(?:everything|all|the\s+rest)\s+(?:that\s+is\s+|that's\s+)?(?:else\s+)?
                     (?:listed|written|given|named|for)\s+(?:for\s+|with\s+)?(?:it|them|this|that)\b/ix

      # Parts of a dish that are made of what is listed for them.
      MADE_OF_PARTS = /\b(?:(?:spice|seasoning|herb)\s+(?:mix|blend|paste)|masala|rub|marinade
                       |sauce|dressing|paste|topping|filling|mixture|batter|salsa|relish
                       |seasoning|garnish|glaze|(?<=\bthe\s)blend|raita|salad|chutney|pickle|spices)\b/ix

      # All rows. Raises BadCatalogue.
      def self.all
        @all ||= Catalogue.read(File.join(DATA, "reading", "food_words.yml"), SCHEMA)
                          .map { |row| FoodWord.new(**BLANK, **row) }.freeze
      end

      # The FoodWord of a word, or nil.
      def self.row(word)
        all.find { |row| row.word == word }
      end

      # True for a text that names what is made of one of the ReadLines.
      def self.made?(text, lines)
        foods = lines.filter_map(&:ingredient)
        all.select(&:made).any? do |row|
          text.match?(/\b#{row.word}s?\z/i) && foods.any? { |food| row.means?(food) }
        end
      end

      # `lines`: ReadLines.
      def initialize(lines)
        @lines = lines
        own = lines.flat_map(&:names)
        @words = self.class.all.reject { |one| own.include?(one.word) && !one.all }
        @of = @words.to_h do |one|
          [one.word, lines.each_index.select do |index|
            lines[index].ingredient && one.means?(lines[index].ingredient)
          end]
        end
        @called = called(own)
        @salts = lines.each_index.select { |index| salt?(lines[index]) }
      end

      # [index, sure] of each line that a text means by its words (`said`): surely where there is one, or
      # where the word means all of them; a word that stands in a line's own name means that line. `open`:
      # indexes of lines of which nothing was taken; `with`: of lines that it names by their own words.
      def in(text, said, open, with = [])
        parts = parts_of_dish(text, said, open)
        return parts unless parts.empty? || text.match?(MARINATES)

        said -= [PIECE] unless text.match?(THE_PIECES)
        parts | beside(with, words(said, open, fresh: text.match?(BEGINS)))
      end

      # The words by which a line (its index) may be meant: "meat", "spice".
      def words_for(index)
        @of.filter_map { |word, indexes| word if indexes.include?(index) }
      end

      private

      # Lines that are listed for a part of the dish that a text speaks of, and are still there.
      def parts_of_dish(text, said, open)
        words = text.scan(MADE_OF_PARTS).map(&:downcase).uniq
        words << MARINADE if text.match?(MARINATES)
        words.concat(parts_of(said)) if text.match?(ALL_OF_PART)
        open.select { |index| words.any? { |word| @lines[index].part&.downcase&.include?(word) } }
            .map { |index| [index, true] }
      end

      # "Mix the chicken with the yoghurt and spices": of those [index, sure] that a word may mean, where some
      # are listed for the part of the dish for which most else is that a text names, these.
      def beside(with, meant)
        part, count = with.map { |index| @lines[index].part }.tally.max_by(&:last)
        near = meant.select { |index, _| part && @lines[index].part == part }
        near.any? && count > with.size / 2.0 ? near : meant
      end

      # The parts for which lines are listed that some words name.
      def parts_of(said)
        named = @lines.select { |line| line.part && line.names.intersect?(said.to_a) }
        named.map { |line| line.part.downcase }.uniq
      end

      # `fresh`: the words begin with something, and speak of nothing that was used before.
      def words(said, open, fresh:)
        salts = said.include?(SALTED) ? (@salts & open).first(1).map { |index| [index, true] } : []
        called = @words.select { |one| said.include?(one.word) && !whole?(one.word, said) }
        meant = called.flat_map { |one| meant(one, open, fresh) }
        salts + by_name(said) + meant
      end

      # True where a line's whole name with that word in it is said: "pine nuts" are not all nuts.
      def whole?(word, said)
        @lines.any? { |line| line.names.include?(word) && line.names.all? { |name| said.include?(name) } }
      end

      # Salt of which the method says elsewhere how much is no salt of the water.
      def salt?(line)
        line.ingredient&.key == SALT && (line.amount.nil? || line.text.match?(SAYS_AMOUNT))
      end

      # Indexes of lines by what the larder calls them, in one word that no line has: "the squash" is the
      # butternut.
      def called(own)
        found = @lines.each_index.select { |index| @lines[index].ingredient }.group_by do |index|
          words = Larder::Names.ours.words(@lines[index].ingredient.name)
          words.first if words.one?
        end
        found.except(nil, *own, *@words.map(&:word))
      end

      # "Oil, salt, pepper", at the end of a list: none of the spices.
      def loose_pepper?(index)
        @lines[index].ingredient&.key == PEPPER && @lines[index].amount.nil?
      end

      def by_name(said)
        (@called.keys & said.to_a).flat_map do |word|
          @called.fetch(word).map { |index| [index, @called.fetch(word).one?] }
        end
      end

      # Of several that one word may mean, those that fit: used before, or not yet.
      def of_these(all, open, fresh)
        fit = fresh ? all & open : all - open
        fit.empty? ? all : fit
      end

      def meant(word, open, fresh)
        all = @of.fetch(word.word)
        return of_these(all, open, fresh).map { |index| [index, all.one?] } unless word.all

        left = (all & open).reject { |index| loose_pepper?(index) }
        (left.empty? ? all : left).map { |index| [index, true] }
      end
    end
  end
end
