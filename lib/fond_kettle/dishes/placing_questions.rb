# frozen_string_literal: true

module FondKettle
  module Dishes
    # Questions that a Placing leaves open: shown at the top of a dish, at the line itself, and on its plans.
    class PlacingQuestions
      # `lines` and `steps` of a dish, and their Placing.
      def initialize(lines, steps, placing)
        @lines = lines
        @steps = steps
        @placing = placing
      end

      # All questions, those that stop the plan first.
      def all
        [*stopped, *unplaced, *guessed]
      end

      # Questions about food that must not go in as it is written.
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

      # Questions about food without a place.
      def unplaced
        open = @placing.unplaced - @placing.stopped
        return [] if open.empty?

        ["Where #{open.one? ? 'does' : 'do'} #{names(open)} go in? No step names " \
         "#{open.one? ? 'it' : 'them'}, so " \
         "#{open.one? ? 'it stands' : 'they stand'} nowhere yet. Name #{open.one? ? 'it' : 'them'} in a " \
         "step."]
      end

      # Questions about food that is placed although no step names it.
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
