# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "name_forms"

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
        groups.flat_map do |alike|
          next alike if alike.size == 1 || together?(alike, said, open)

          own = alike.select { |index, _| own_marks(index, alike).intersect?(said.to_a) }
          own.size > 1 ? own : [best(alike, alone, said, open)]
        end
      end

      private

      # Words that only this one of some lines has: "red chillies, green chillies".
      def own_marks(index, alike)
        own = @marks[index] - (alike.map(&:first) - [index]).flat_map { |other| @marks[other] }
        own & NameForms.raw(@lines[index].food)
      end

      # "The peppers", of a red one and a green one of which nothing was taken.
      def together?(alike, said, open)
        plural = "#{@names[alike.first.first].last}s"
        said.include?(plural) && alike.all? { |index, _| open.include?(index) && single?(index, plural) } &&
          alike.map { |index, _| @lines[index].ingredient }.uniq.one?
      end

      def single?(index, plural)
        !@lines[index].food.downcase.include?(plural)
      end

      def best(alike, alone, said, open)
        marks = alike.to_h { |index, _| [index, (@marks[index] & said.to_a).size] }
        of_part(alike.select { |index, _| marks[index] == marks.values.max }, alone)
          .min_by { |index, _| [open.include?(index) ? 0 : 1, plain?(index) ? 0 : 1, open.index(index).to_i] }
      end

      # True for what the larder calls by that name alone: "the oil" is no sesame oil.
      def plain?(index)
        food = @lines[index].ingredient
        !food.nil? && Larder::Names.ours.words(food.name) == [@names[index].last]
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
