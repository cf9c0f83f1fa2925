# frozen_string_literal: true

require_relative "../care/task"

module FondKettle
  module Dishes
    # A Scaled line, or a part of one, as a cook reads it at the step where it goes in.
    class LineWords
      # `words`: ServingWords.
      def initialize(words)
        @words = words
      end

      # A Care::Amount of a `share` of a Scaled.
      def amount(scaled, share)
        part = share >= 1 ? scaled : scaled.with(factor: scaled.factor * share)
        said = @words.say(part)
        Care::Amount.of(key: part.line.ingredient.key, what: part.line.name, g: part.g,
                        measured: said.words || said.weight, told: text(part.line, said))
      end

      # "3 leeks, in rings (450 g)", "45 g butter (3 tbsp)", "black pepper, to taste"; `said`: a
      # MeasuredAmount of the Line.
      def text(line, said)
        note = ", #{line.note}" unless line.note.empty? || line.note.start_with?("(")
        return "#{line.name}#{note}, to taste" unless said.g || said.counted

        first, second = [said.weight, said.words].compact.then { |list| said.counted ? list.reverse : list }
        "#{first} #{@words.named(line, said)}#{note}#{" (#{second})" if second}"
      end
    end
  end
end
