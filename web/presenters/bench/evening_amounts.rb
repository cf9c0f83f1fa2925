# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/dishes/serving_words"

module FondKettle
  module Web
    module Presenters
      # Amounts of a dish's lines that go in tonight, as the slip has them.
      class EveningAmounts
        TO_TASTE = "to taste"

        # `lines`: Dishes::Scaled of a supper; `house`: Measure::House; `told`: texts of what the plan works
        # out itself, by the id of the line.
        def initialize(lines, house, told)
          @lines = lines.group_by { |scaled| scaled.line.written }
          @told = told
          @words = Dishes::ServingWords.new(house)
        end

        # "7 (840 g)", "165 g (3/4 jam glass)": a `share` of the line of an id.
        def say(id, share)
          return @told[id] if @told[id]

          scaled = whole(@lines.fetch(id, []))
          return TO_TASTE unless scaled

          said = @words.say(scaled.with(factor: scaled.factor * share))
          first, second = [said.weight, said.words].compact.then { |list| said.counted ? list.reverse : list }
          second ? "#{first} (#{second})" : first
        end

        private

        # One Scaled of what goes in at several places.
        def whole(parts)
          first = parts.first
          return first if parts.size < 2 || !first.g&.positive?

          first.with(factor: first.factor * parts.sum(&:g) / first.g)
        end
      end
    end
  end
end
