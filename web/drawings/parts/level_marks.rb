# frozen_string_literal: true

require_relative "../../html/markup"

module FondKettle
  module Web
    module Drawings
      # Lines across a vessel with their labels on the right, each tied to its level
      # and kept apart so that none covers another.
      class LevelMarks
        Svg = Html::Markup
        APART = 29

        # `left`, `right`: the vessel's walls.
        def initialize(left, right)
          @left = left
          @right = right
        end

        # `marks`: [height, words, class] each; `lowest`: no label is lower, where that is given.
        def draw(marks, lowest: nil)
          marks.zip(raised(place(marks.map(&:first)), lowest))
               .map { |(level, words, klass), label| mark(level, label, words, klass) }.join
        end

        private

        # Label heights from the top down.
        def place(heights)
          last = -100.0
          heights.each_with_index.sort.each_with_object(Array.new(heights.size)) do |(wanted, index), placed|
            last = [wanted, last + APART].max
            placed[index] = last
          end
        end

        # All of them so much higher that the last is not too low.
        def raised(heights, lowest)
          too_low = lowest && heights.any? ? [heights.max - lowest, 0].max : 0
          heights.map { |height| height - too_low }
        end

        def mark(level, label, words, klass)
          Svg.tag("path", d: "M#{@left} #{level} H#{@right} L#{@right + 34} #{label - 4} h8",
                          class: "mark #{klass}") +
            Svg.text(words, x: @right + 46, y: label, class: "label#{' strong' if klass.include?('strong')}")
        end
      end
    end
  end
end
