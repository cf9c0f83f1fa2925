# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../../larder/plain_words"
require_relative "../words/amount_forms"
require_relative "../words/loose_measures"
require_relative "../words/serving_count"
require_relative "counted_pieces"
require_relative "instructed_thing"
require_relative "label_name"
require_relative "labelled_food"
require_relative "row_headings"
require_relative "row_words"
require_relative "run_together"
require_relative "thing_row"

module FondKettle
  module Reading
    # Tells what a row of a dish is: several things, one, a food with what is done to it, or what is done.
    class RowSort
      BULLET = /\A\s*(?:[-*•–]\s+|\d{1,2}[.)]\s+)/
      NUMBERED = /\A\s*\d{1,2}[.)]\s+/
      ENDS = /[.!?:]\s*\z/
      # "Butter for the dish" butters nothing yet.
      FOR_DISH = /\A(?:butter|oil|salt|flour)\s+(?:for|to)\s[^.]*\z/i
      # "Stock 1.2 l, in, bring to the boil": its amount stands behind it, and it is no row of a list.
      PUT_IN = /,\s+(?:in|on|over|back)\s*(?:[,.;]|\z)|\.\s+\S/i
      # "Oven 200"
      OVEN = /\Aoven\b/i
      # Letters of a line that is no more than a thing.
      SHORT = 90
      # "2 cups of basmati, cooked so that every grain is apart, cooled on a plate with a spoon of oil"
      LONG_THING = /\A(?:[\d½¼¾⅓⅔⅛]|an?\s|half\s)[^,.;:]{3,50},\s[^.;:]{0,120}\z/i
      # "Half the masala, half the rice, the rest of the masala"
      SHARES = /\b(?:half|(?:a\s+)?third(?:\s+of)?|rest\s+of)\s+the\b/i
      # Letters of a word that names no food.
      UNIT_LETTERS = 2

      # The row without its bullet.
      attr_reader :bare

      # `row`: its text; `told`: it stands in a block of the method; `listed`: above its numbers; `lines`:
      # what was listed before; `begun`: something was told before; `listing`: it stands among what goes in;
      # `headings`: RowHeadings.
      def initialize(row, told:, listed:, lines:, begun:, listing:, headings:)
        @row = row
        @bare = row.sub(BULLET, "")
        @told = told
        @listed = listed
        @lines = lines
        @begun = begun
        @listing = listing
        @headings = headings
      end

      # The answer of LabelledFood for a row that is labelled with a food, or nil.
      def labelled
        LabelledFood.apart(@bare)
      end

      # The thing of a row of the list that says what is done to it at once, or nil.
      def instructed
        InstructedThing.thing(@bare) unless @told
      end

      # True for a row that lists several things, and is no part of the method, as "2 cups water, salt, half
      # the onions" is among its rows.
      def list?
        return false if shares? || rice?
        return true if @listed || ThingRow.heads_list?(@row) || ThingRow.apart_by_signs?(@row)

        RunTogether.list?(@row) && !told_on? && !amid?
      end

      # True for a row that says a thing: short, and nothing to be done.
      def thing?
        return false if none?

        LabelName.named(@bare) || rice? || CountedPieces.of(@bare) || food? ||
          (!done? && (names? || ThingRow.labelled?(@bare)))
      end

      # True for one that heads others.
      def heading?
        @headings.heading?(@bare, listing: @listing) && !step?(@bare)
      end

      private

      # True for what is too long, is told among the method, or names no thing.
      def none?
        return true if @told || shares? || (@row.size > SHORT && !@row.match?(LONG_THING))

        @row.match?(RowHeadings::BRACKETED) || @bare.match?(OVEN)
      end

      # "Rice, the sticky jasmine one, two cups" is one thing.
      def rice?
        @bare.match?(AmountForms::RICE_BEHIND)
      end

      # Parts of what there is are laid in, and no things.
      def shares?
        @row.scan(SHARES).size > 1
      end

      # Once the method has begun, a row of sentences goes on with it.
      def told_on?
        @begun && @lines.any? && RowWords.told?(@row)
      end

      # Among the rows of the method, of what was listed before.
      def amid?
        @told && @begun && !@row.match?(RunTogether::OPENS) && !fresh?
      end

      # True where none of what it names was listed before.
      def fresh?
        listed = @lines.flat_map { |line| names(line) }
        RunTogether.things(@row).none? { |thing| names(thing).intersect?(listed) }
      end

      def names(thing)
        Larder::Names.ours.words(thing)
                     .reject { |word| word.size <= UNIT_LETTERS || Larder::PLAIN_WORDS.include?(word) }
      end

      # True where it is a thing although a verb may stand in it: "butter 60 g", "butter for the dish".
      def food?
        @row.match?(LooseMeasures::SIZE_OF) || (@listing && @row.match?(FOR_DISH)) ||
          (RowWords.food_first?(@bare) && !@bare.match?(PUT_IN))
      end

      # True where it says what is done, or for how many it is.
      def done?
        @row.match?(ENDS) || step?(@row) || RowWords.cooked?(@row) || ServingCount.only?(@row)
      end

      # True where it has an amount, or names foods, or stands among those that do.
      def names?
        RowWords.amount?(@bare) || RunTogether.foods(@bare).size > 1 ||
          (@listing && !@headings.heading?(@bare, listing: @listing))
      end

      # True where a verb begins a text, a time stands in it, or it is numbered below a list.
      def step?(text)
        begun = text.sub(BULLET, "")
        return true if RowWords.begun?(begun) || RowWords.timed?(begun)

        text.match?(NUMBERED) && @lines.any? && !RowWords.amount?(begun)
      end
    end
  end
end
