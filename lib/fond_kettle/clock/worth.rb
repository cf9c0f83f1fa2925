# frozen_string_literal: true

require_relative "../ground/value"
require_relative "slack"

module FondKettle
  module Clock
    # How good a schedule is, the first that differs decides: its span; how much of all the slack that tasks
    # with hands could have it lacks (Slack); how often a pair of hands turns to another dish; how long what
    # is ready waits (where it may not wait for ever); how early things start. All but `changes` in minutes;
    # the smaller the better.
    Worth = Value.define(:span_min, :tense_min, :changes, :hold_min, :early_min) do
      include Comparable

      # Compares two; the smaller is the better.
      def <=>(other)
        to_a <=> other.to_a
      end

      # Values that are compared, the most important first.
      def to_a
        [span_min, tense_min, changes, hold_min, early_min]
      end
    end

    # Works it out for the schedules of one Problem.
    class Worths
      HANDS = "cook"

      # `place`: places of tasks by id; `slack`: the problem's Slack, where its number counts.
      def initialize(problem, place, slack = nil)
        @slots = problem.slots
        @slack = slack
        @minutes = @slots.map(&:minutes)
        @waits = waits(problem, place)
        @hands = Worths.hands(@slots)
        @cooks = problem.resources.fetch(HANDS, 0)
      end

      # Places of Slots that keep a cook busy.
      def self.hands(slots)
        slots.each_index.select { |index| slots[index].uses.fetch(HANDS, 0).positive? }
      end

      # The worth of starts (minutes before serving, by place).
      def of(starts)
        Worth.new(span_min: starts.max, tense_min: tense(starts), hold_min: hold(starts),
                  changes: changes(starts), early_min: starts.sum)
      end

      # The cook of each task: [place, cook] in the order of the starts. Tasks in `fixed` (cook by place) keep
      # their cook; the others go to whoever is free, first to the one who has the same dish in hand.
      def hands(starts, fixed = {})
        free_at = Array.new(@cooks, Float::INFINITY)
        dishes = Array.new(@cooks)
        @hands.sort_by { |place| [-starts[place], fixed.key?(place) ? 0 : 1, place] }.flat_map do |place|
          takers(place, starts, free_at, dishes, fixed).map do |cook|
            free_at[cook] = starts[place] - @minutes[place]
            dishes[cook] = @slots[place].dish
            [place, cook]
          end
        end
      end

      private

      # [task, the one that waits for it (nil: serving), least minutes] where it may not wait for ever.
      def waits(problem, place)
        ends = problem.ends.select(&:most).map { |one| [place.fetch(one.task), nil, one.least] }
        problem.slots.each_with_index do |slot, here|
          slot.after.each { |after| ends << [place.fetch(after.task), here, after.least] if after.most }
        end
        ends
      end

      def tense(starts)
        @slack ? (@hands.size * Slack::MOST_MIN) - @slack.sum_min(starts) : 0
      end

      def hold(starts)
        @waits.sum do |task, other, least|
          starts[task] - @minutes[task] - (other ? starts[other] : 0) - least
        end
      end

      def changes(starts)
        return 0 if @cooks.zero?

        last = Array.new(@cooks)
        hands(starts).count do |place, cook|
          was = last[cook]
          last[cook] = @slots[place].dish
          was && was != last[cook]
        end
      end

      def takers(place, starts, free_at, dishes, fixed)
        return [fixed[place]] if fixed.key?(place)

        wanted = wanted(place, starts, fixed)
        free = free_at.each_index.select { |cook| free_at[cook] >= starts[place] }
        free.sort_by do |cook|
          [wanted.include?(cook) ? 1 : 0, dishes[cook] == @slots[place].dish ? 0 : 1, cook]
        end
            .first(@slots[place].uses.fetch(HANDS))
      end

      # Cooks that something of their own falls to before this is over.
      def wanted(place, starts, fixed)
        fixed.filter_map do |other, cook|
          cook if starts[other] < starts[place] && starts[other] > starts[place] - @minutes[place]
        end
      end
    end
  end
end
