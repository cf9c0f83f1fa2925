# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../../measure/amounts"
require_relative "../line"
require_relative "line_tags"

module FondKettle
  module Dishes
    # Writes a line back as quick text, so that fields and text are two ways of
    # editing the same thing.
    module Written
      module_function

      #   line(onions) # => "2 onions, sliced | base | browned"
      def line(line)
        [plain(line), *LineTags.marks(line), (line.state unless line.state == "raw"), line.scales,
         line.like && "like #{line.like}"].compact.join(" | ")
      end

      # "2 onions, sliced": without its marks.
      def plain(line)
        said = [amount(line), line.name].compact.join(" ")
        [said, line.note].reject(&:empty?).join(", ").sub(", (", " (")
      end

      # "2 cups", "1.5", nil where there is no amount.
      def amount(line)
        Measure::Amounts.say(line.amount, line.unit) if line.amount
      end
    end
  end
end
