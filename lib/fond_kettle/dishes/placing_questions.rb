# frozen_string_literal: true

module FondKettle
  module Dishes
    # What a Placing leaves open, asked in words: at the dish's top, where it is written, and on its plans.
    class PlacingQuestions
      # Of a dish's lines and steps and their Placing.
      def initialize(lines, steps, placing)
        @lines = lines
        @steps = steps
        @placing = placing
      end

      # Every question, what is stopped first.
      def all
        [*stopped, *unplaced, *guessed]
      end

      # What must not go in as it is written.
      def stopped
        liquid = @placing.stopped.map do |index|
          "#{name(index).capitalize} never goes into deep hot fat: it would boil over and burn. " \
            "It stands nowhere yet: name it in another step."
        end
        wet = @placing.dripping.map do |step, indexes|
          "#{names(indexes).capitalize} #{indexes.one? ? 'comes' : 'come'} wet to “#{@steps[step].say}”: " \
            "in so much hot fat water spits and boils over. Wipe it dry first, and lay it in by handfuls."
        end
        [*liquid, *wet]
      end

      # What stands nowhere until it is said.
      def unplaced
        open = @placing.unplaced - @placing.stopped
        return [] if open.empty?

        ["Where #{open.one? ? 'does' : 'do'} #{names(open)} go in? No step names " \
         "#{open.one? ? 'it' : 'them'}, so " \
         "#{open.one? ? 'it stands' : 'they stand'} nowhere yet. Name #{open.one? ? 'it' : 'them'} in a " \
         "step."]
      end

      # What is planned somewhere though no step names it.
      def guessed
        @placing.guessed.group_by(&:last).map do |step, pairs|
          indexes = pairs.map(&:first)
          "Where #{indexes.one? ? 'does' : 'do'} #{names(indexes)} go in? No step names " \
            "#{indexes.one? ? 'it' : 'them'}: planned into “#{@steps[step].say}”. Say so, or name another " \
            "step."
        end
      end

      private

      def name(index)
        @lines[index].name
      end

      def names(indexes)
        *first, last = indexes.map { |index| name(index) }
        first.empty? ? last : "#{first.join(', ')} and #{last}"
      end
    end
  end
end
