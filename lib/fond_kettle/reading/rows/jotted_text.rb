# frozen_string_literal: true

require_relative "../../ground/limits"
require_relative "above_numbers"
require_relative "listed_row"
require_relative "made_of_list"
require_relative "method_blocks"
require_relative "numbered_rows"
require_relative "row_headings"
require_relative "row_sort"
require_relative "row_words"
require_relative "run_together"
require_relative "sentence_things"
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
      # "6", below the title: for so many.
      ALONE = /\A\s*(\d{1,2})\s*\z/
      # "Some of the stock", which the dish makes.
      SOME_OF = %r{\A(?:and\s+)?(?:(?:some|a\s+little|a\s+bit)\s+of\s+(?:the|its|that)\s
                   |[\d½¼¾][\d\s½¼¾./]*(?:tbsp|tsp|ml|cups?|ladles?|spoons?)\s+of\s+(?:the|its|that)\s+
                   (?:[[:alpha:]]+\s+)?(?:broth|stock|liquor|liquid)\b)}ix
      # "3 tbsp broth", of a dish that makes its own.
      SPOONED = %r{\A[\d½¼¾][\d\s½¼¾./]*(?:tbsp|tsp|spoons?|ladles?)\s+(?:of\s+)?(?:broth|stock)\z}i
      # "Marinade:"
      PART = /\A(?:(?:for\s+the\s+)?[[:alpha:]]+(?:\s+[[:alpha:]]+)?:|for\s+the\s+[[:alpha:]]+)\z/i
      # Letters of any line that is read.
      ROW_LETTERS = 4 * Limits::LINE_LETTERS
      TITLE_LETTERS = 120
      # No cook tells more than that.
      SENTENCES = 150

      # `rows`: those below its title; `lines`: texts of what goes in; `sentences`: what is
      # done; `not_read`: what is neither.
      # `parts`: of each line the part of the dish for which it is, as a heading says it ("For the sauce"), or
      # nil; `written`: the row of a line that says what its row says of several ("onion, pepper: 1, 2").
      # `listed_above`: the heading of the list right below which a sentence stands, by the sentence itself.
      # `made`: texts of the list for what the dish itself makes ("600 ml of the poaching broth").
      attr_reader :rows, :lines, :sentences, :not_read, :parts, :written, :listed_above, :made

      # `text`: as the cook wrote it.
      def initialize(text)
        @lines = []
        @parts = []
        @written = {}
        @made = []
        @listed_above = {}.compare_by_identity
        @sentences = []
        @not_read = []
        all = NumberedRows.dotted(WrappedRows.joined(WrittenSigns.rows(text)))
        @told = MethodBlocks.rows(all.first(2 * Limits::LINES))
        @headings = RowHeadings.new(all)
        @listed = AboveNumbers.rows(all)
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

      # "Night before I soak 100 g chickpeas", "blend: 4 tomatoes, 1 red pepper": what is listed nowhere else
      # is told there.
      def done_before?(sentence)
        RowWords.heats_oven?(sentence) || RowWords.measures?(sentence) ||
          (RowWords.begun?(sentence) && sentence.scan(RunTogether::AMOUNT).size > 1)
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

        apart = SentenceThings.of(row)
        apart ? enter(apart.flat_map { |one| ThingRow.apart(one).last }) : sorted(row, sort(row))
      end

      # The RowSort of a row.
      def sort(row)
        RowSort.new(row, told: @told.include?(row), listed: @listed.include?(row), lines: @lines,
                         begun: @sentences.any?, listing: listing?, headings: @headings)
      end

      # Notes what a row says by its RowSort.
      def sorted(row, sort)
        if (labelled = sort.labelled) then labelled(*labelled)
        elsif (named = sort.instructed) then instructed(named, sort.bare)
        elsif sort.list? then listed(row)
        elsif sort.thing? then thing(row)
        else
          done(row)
        end
      end

      def thing(row)
        @before_list ||= @sentences.size if @lines.empty?
        bare, things = ThingRow.apart(row.sub(RowSort::BULLET, "").strip)
        things.each { |text| @written[text] = bare unless bare.include?(text) }
        enter(things, row[RunTogether::LABEL])
        @listing = true
      end

      # A food that its row is labelled with, and what is done with it.
      def labelled(named, said, told)
        @written[named] = said
        enter([named])
        done(told.join(" "))
      end

      # What is done to it does not end the list.
      def instructed(named, bare)
        thing(named)
        @sentences << bare
      end

      # Notes texts of what goes in, and for what part.
      def enter(texts, label = nil)
        made, texts = texts.partition do |text|
          text.match?(SOME_OF) || (@made.any? && text.match?(SPOONED))
        end
        @made.concat(made)
        @lines.concat(texts)
        @parts.concat(Array.new(texts.size, label || @heading))
      end

      def listed(row)
        read = ListedRow.new(row)
        @not_read.concat(read.not_read)
        @written.update(read.written)
        enter(read.things, read.label)
        @listed_above[read.told.first] = read.label if read.label && read.told.any?
        @sentences.concat(read.told)
      end

      # True among the things that go in.
      def listing?
        @listing || (@sentences.empty? && @lines.any?)
      end

      def done(row)
        bare = row.sub(RowSort::BULLET, "")
        return @heading = bare if sort(row).heading?

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
