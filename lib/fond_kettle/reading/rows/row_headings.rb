# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "list_headings"

module FondKettle
  module Reading
    # Tells a row that only heads others from one that names a thing.
    class RowHeadings
      HEADING = /\A[A-Z][[:alpha:]' ]+:?\z/
      # What names a part of a page.
      PAGE_PART = /\A(?:the\s+)?
                   (?:ingredients|method|instructions|directions|steps|preparation|process|notes?
                   |steps?\s+\d+)\s*:?\z/ix
      # "[fish]"
      BRACKETED = /\A\[[^\[\]]{1,40}\]\z/
      # "TOPPINGS"
      CAPITALS = /\A[[:upper:]]{4,}(?:\s[[:upper:]]+){0,3}:?\z/
      # What names a part of the dish: "For the meat", "Chicken marinade", "Spices:".
      PART_OF_DISH = /:\z|\A(?:for|to|the)\b|\b(?:rice|sauce|base|marinade|mix|mixture|dressing|topping
                      |filling|stew|curry|layer|stock|paste|crust|salad)\z/ix
      LETTERS = 40
      # Where more rows than one in so many stand below a gap, a gap means nothing.
      PARTED_BY = 2

      # `all`: the rows of a text, empty ones among them.
      def initialize(all)
        @of_list = ListHeadings.of(all)
        @below_gap = all.each_cons(2).filter_map { |before, row| row if before.empty? && !row.empty? }
        @gaps_part = @below_gap.size <= all.count { |row| !row.empty? } / PARTED_BY
      end

      # True for a row of a list that names a part of the dish.
      def of_list?(row)
        @of_list.include?(row)
      end

      # The heading that stands over a row: the last one, or nil, where a gap ends what it headed. `parts`:
      # the headings of what was listed so far.
      def still(heading, row, parts)
        heading unless @gaps_part && @below_gap.include?(row) && parts.last(2) == [heading, heading]
      end

      # True for a text that heads rows; `listing`: it stands among the things that go in.
      def heading?(text, listing:)
        return true if [PAGE_PART, BRACKETED, CAPITALS].any? { |words| text.match?(words) }
        return false unless text.size < LETTERS && text.match?(HEADING) && text.split.size > 1

        !(listing && bare_thing?(text))
      end

      private

      # A thing of the list without an amount: "Salt to taste", "Fresh coriander", "Fish sauce".
      def bare_thing?(text)
        return true if Larder::Names.ours.whole?(text) && !@below_gap.include?(text)

        !text.match?(PART_OF_DISH) && !Larder::Names.ours.find(text).nil?
      end
    end
  end
end
