# frozen_string_literal: true

module FondKettle
  module Reading
    # Tells lines of one name apart: two salts, two oils, by what else the words say.
    class AlikeLines
      # `lines`: ReadLines; `names`: of each the words that name it; `marks`: those that tell it from another
      # of its name.
      def initialize(lines, names, marks)
        @lines = lines
        @names = names
        @marks = marks
      end

      # One of each name of some found lines ([index, sure]): the one whose marks are said, that is listed for
      # the part of the dish of which the others are, or of which something is left (`open`, in that order).
      def told_apart(found, said, open)
        groups = found.group_by { |index, _| @names[index].last }.values
        alone = groups.select(&:one?).flatten(1)
        groups.flat_map { |alike| alike.size == 1 ? alike : [best(alike, alone, said, open)] }
      end

      private

      def best(alike, alone, said, open)
        marks = alike.to_h { |index, _| [index, (@marks[index] & said.to_a).size] }
        of_part(alike.select { |index, _| marks[index] == marks.values.max }, alone)
          .min_by { |index, _| open.index(index) || open.size }
      end

      # Those that are listed for the part of the dish of which the others are: the fish is rubbed with the
      # salt of its curry.
      def of_part(alike, others)
        parts = others.filter_map { |index, _| @lines[index].part }
        same = alike.select { |index, _| parts.include?(@lines[index].part) }
        same.empty? ? alike : same
      end
    end
  end
end
