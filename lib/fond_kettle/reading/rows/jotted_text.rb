# frozen_string_literal: true

require_relative "../../ground/limits"
require_relative "../words/loose_measures"
require_relative "instructed_thing"
require_relative "listed_row"
require_relative "made_of_list"
require_relative "method_blocks"
require_relative "numbered_rows"
require_relative "row_headings"
require_relative "row_words"
require_relative "run_together"
require_relative "../words/sentences"
require_relative "../words/serving_count"
require_relative "thing_row"
require_relative "told_row"
require_relative "wrapped_rows"
require_relative "written_signs"

module FondKettle
  module Reading
    # The parts of a dish as a cook jots it down: its title, for how many, what goes in, what is done, and
    # what is neither.
    class JottedText
      BULLET = /\A\s*(?:[-*•–]\s+|\d{1,2}[.)]\s+)/
      # "6", below the title: for so many.
      ALONE = /\A\s*(\d{1,2})\s*\z/
      NUMBERED = /\A\s*\d{1,2}[.)]\s+/
      ENDS = /[.!?:]\s*\z/
      # "Butter for the dish" butters nothing yet.
      FOR_DISH = /\A(?:butter|oil|salt|flour)\s+(?:for|to)\s[^.]*\z/i
      # "Stock 1.2 l, in, bring to the boil": its amount stands behind it, and it is no row of a list.
      PUT_IN = /,\s+(?:in|on|over|back)\s*(?:[,.;]|\z)|\.\s+\S/i
      # "Some of the stock", which the dish makes.
      SOME_OF = /\A(?:and\s+)?(?:some|a\s+little|a\s+bit)\s+of\s+(?:the|its|that)\s/i
      # "Oven 200"
      OVEN = /\Aoven\b/i
      # "Marinade:"
      PART = /\A(?:(?:for\s+the\s+)?[[:alpha:]]+(?:\s+[[:alpha:]]+)?:|for\s+the\s+[[:alpha:]]+)\z/i
      # Letters of a line that is no more than a thing, and of any line that is read.
      SHORT = 90
      # "2 cups of basmati, cooked so that every grain is apart, cooled on a plate with a spoon of oil"
      LONG_THING = /\A(?:[\d½¼¾⅓⅔⅛]|an?\s|half\s)[^,.;:]{3,50},\s[^.;:]{0,120}\z/i
      ROW_LETTERS = 4 * Limits::LINE_LETTERS
      TITLE_LETTERS = 120
      # No cook tells more than that.
      SENTENCES = 150

      # `rows`: those below its title; `lines`: texts of what goes in; `sentences`: what is
      # done; `not_read`: what is neither.
      # `parts`: of each line the part of the dish for which it is, as a heading says it ("For the sauce"), or
      # nil; `written`: the row of a line that says what its row says of several ("onion, pepper: 1, 2").
      # `listed_above`: the heading of the list right below which a sentence stands, by the sentence itself.
      attr_reader :rows, :lines, :sentences, :not_read, :parts, :written, :listed_above

      # `text`: as the cook wrote it.
      def initialize(text)
        @lines = []
        @parts = []
        @written = {}
        @listed_above = {}.compare_by_identity
        @sentences = []
        @not_read = []
        all = NumberedRows.dotted(WrappedRows.joined(WrittenSigns.rows(text)))
        @told = MethodBlocks.rows(all.first(2 * Limits::LINES))
        @headings = RowHeadings.new(all)
        split(all.reject(&:empty?))
        preface
        @not_read.concat(@sentences.slice!(SENTENCES..) || [])
      end

      # Its first line, without for how many it is.
      def title
        ServingCount.without_count(@title)
      end

      # All of it.
      def whole
        [@title, *@rows].join("\n")
      end

      # For how many it is, or nil.
      def serves
        ServingCount.find([*@rows, @title].flat_map { |row| Sentences.of(row) }) ||
          ServingCount.in_title(@title)
      end

      private

      # Sorts `all` rows into what they are.
      def split(all)
        title, *rows = all
        rows[0] = rows[0].sub(ALONE, '(\1)') if rows.any?
        @rows = rows.first(Limits::LINES)
        @title = title.to_s[0, TITLE_LETTERS]
        @not_read.concat(rows.drop(Limits::LINES))
        @rows.each { |row| @headings.of_list?(row) ? @heading = row : part(within_budget(row)) }
      end

      # What was said before the list begins is not done yet ("start the day before"), where it cooks nothing.
      def preface
        return if @before_list.nil? || @sentences.first(@before_list).any? { |one| RowWords.cooked?(one) }

        done, said = @sentences.shift(@before_list).partition { |one| done_before?(one) }
        @not_read.unshift(*said)
        @sentences.unshift(*done)
      end

      # "Night before I soak 100 g chickpeas": what is listed nowhere else is told there.
      def done_before?(sentence)
        RowWords.heats_oven?(sentence) || RowWords.measures?(sentence)
      end

      # What is longer than anybody writes is said to be unread.
      def within_budget(row)
        @not_read << row[ROW_LETTERS..] if row.size > ROW_LETTERS
        row[0, ROW_LETTERS]
      end

      def part(row)
        @heading = @headings.still(@heading, row, @parts)
        return @heading = row if row.match?(PART)

        made = MadeOfList.apart(row)
        return enter(*made) if made

        apart = RunTogether.apart(row)
        if apart then enter(apart)
        elsif (named = instructed_thing(row)) then instructed(named, row)
        elsif list?(row) then listed(row)
        elsif thing?(row) then thing(row)
        else done(row)
        end
      end

      # Once the method has begun, a row of sentences goes on with it.
      def told_on?(row)
        @sentences.any? && @lines.any? && RowWords.told?(row)
      end

      # True for a row that lists several things, and is no part of the method, as "2 cups water, salt, half
      # the onions" is among its rows.
      def list?(row)
        amid = @told.include?(row) && @sentences.any? && !row.match?(RunTogether::OPENS)
        ThingRow.heads_list?(row) || (RunTogether.list?(row) && !told_on?(row) && !amid)
      end

      def thing(row)
        @before_list ||= @sentences.size if @lines.empty?
        bare, things = ThingRow.apart(row.sub(BULLET, "").strip)
        things.each { |text| @written[text] = bare unless bare.include?(text) }
        enter(things, row[RunTogether::LABEL])
        @listing = true
      end

      # The thing of a row of the list that says what is done to it at once, or nil.
      def instructed_thing(row)
        InstructedThing.thing(row.sub(BULLET, "")) unless @told.include?(row)
      end

      # What is done to it does not end the list.
      def instructed(named, row)
        thing(named)
        @sentences << row.sub(BULLET, "")
      end

      # Notes texts of what goes in, and for what part.
      def enter(texts, label = nil)
        texts = texts.grep_v(SOME_OF)
        @lines.concat(texts)
        @parts.concat(Array.new(texts.size, label || @heading))
      end

      def listed(row)
        read = ListedRow.new(row)
        @not_read.concat(read.not_read)
        enter(read.things, read.label)
        @listed_above[read.told.first] = read.label if read.label && read.told.any?
        @sentences.concat(read.told)
      end

      # A line that says a thing: short, and nothing to be done.
      def thing?(row)
        return false if row.size > SHORT && !row.match?(LONG_THING)
        return false if @told.include?(row) || row.match?(RowHeadings::BRACKETED)

        bare = row.sub(BULLET, "")
        return false if bare.match?(OVEN)

        food?(row, bare) || (!done?(row) && (names?(bare) || ThingRow.labelled?(bare)))
      end

      # True where a row is a thing although a verb may stand in it: "butter 60 g", "butter for the dish".
      def food?(row, bare)
        row.match?(LooseMeasures::SIZE_OF) || (listing? && row.match?(FOR_DISH)) ||
          (RowWords.food_first?(bare) && !bare.match?(PUT_IN))
      end

      # True where a row says what is done, or for how many it is.
      def done?(row)
        row.match?(ENDS) || step?(row) || RowWords.cooked?(row) || ServingCount.only?(row)
      end

      # True where it has an amount, or names foods, or stands among those that do.
      def names?(begun)
        RowWords.amount?(begun) || RunTogether.foods(begun).size > 1 || (listing? && !heading?(begun))
      end

      # True where a verb begins it, a time stands in it, or it is numbered below a list.
      def step?(row)
        begun = row.sub(BULLET, "")
        return true if RowWords.begun?(begun) || RowWords.timed?(begun)

        row.match?(NUMBERED) && @lines.any? && !RowWords.amount?(begun)
      end

      # True among the things that go in.
      def listing?
        @listing || (@sentences.empty? && @lines.any?)
      end

      def heading?(text)
        @headings.heading?(text, listing: listing?)
      end

      def done(row)
        bare = row.sub(BULLET, "")
        return @heading = bare if heading?(bare) && !step?(bare)

        above = @heading if @listing
        @heading = nil
        @listing = false
        told = ToldRow.new(bare)
        @not_read.concat(told.not_read)
        told.sentences.each { |sentence| @listed_above[sentence] = above } if above
        @sentences.concat(told.sentences)
      end
    end
  end
end
