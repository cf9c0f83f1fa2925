# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../care/kind"
require_relative "../care/task"
require_relative "../clock/slot"
require_relative "../reading/barred/barred_steps"
require_relative "../ground/errors"
require_relative "../ground/limits"
require_relative "meal_dish"
require_relative "stored_tasks"

module FondKettle
  module Meals
    # Reads what is made beside the rice, a line each, in the order in which it is done:
    #   Salad: Cut the cucumbers | cut | 8 min
    #   Salad: Dress it | mix | 2 min
    #   Fried onions | fry | 25 min
    # What stands before the colon is the dish; a line without one goes on with the dish above it.
    module JottedDishes
      # The dish of a line that names none.
      BESIDE = "Beside it"
      LONGEST = 60
      NAMED = /\A(?<name>[^:|]{1,#{LONGEST}}):\s+(?<rest>\S.*)\z/
      # Nobody knows what is in it: possibly raw, possibly an allergen.
      UNKNOWN = %w[jotted not-checked].freeze

      module_function

      # Dishes (MealDish) of a text, keyed from `first` on ("d4"). The block may give the stored plan of a
      # dish, of its title and lines; where it gives nil, nobody knows what is in it. Raises InvalidInput.
      def read(text, first: 1, &known)
        lines = text.lines.map(&:strip).reject(&:empty?)
        if lines.size > Limits::LINES
          raise InvalidInput.at("beside", "must be at most #{Limits::LINES} lines")
        end

        check_letters(lines)
        check_times(lines)
        named(lines).each_with_index.map do |(title, steps), index|
          plan = known&.call(title, steps) || plan(title, steps)
          MealDish.new(key: "d#{first + index}", title: title, plan: plan, cook_ids: [])
        end
      end

      # A reader of a cook's text has a budget.
      def check_letters(lines)
        most = Limits::LINE_LETTERS
        return if lines.all? { |line| line.size <= most }

        raise InvalidInput.at("beside", "must have lines of at most #{most} letters")
      end

      # A time that is not read is no reason to take a usual one.
      def check_times(lines)
        unread = Reading::BarredSteps.unread(lines.map { |line| line.sub(NAMED, '\k<rest>') }.join("\n"))
        raise InvalidInput.at("beside", "has a time that is not read: #{unread.first}") if unread.any?
      end

      # [[dish, its lines], …] in the order in which the dishes come.
      def named(lines)
        last = BESIDE
        dishes = lines.each_with_object({}) do |line, found|
          known = NAMED.match(line)
          last = known[:name].strip if known
          (found[last] ||= []) << (known ? known[:rest] : line)
        end
        dishes.to_a
      end

      # Keys of a stored plan that clock and stove need.
      def plan(title, lines)
        tasks = tasks(Reading::BarredSteps.read(lines.join("\n")))
        cautions = Care::Cautions.of(tasks, not_checked: title).reject { |caution, _| caution.needs.empty? }
        StoredTasks.plan(tasks, cautions)
      end

      def tasks(steps)
        steps.each_with_index.map do |step, index|
          kind = Care::Kinds.fetch(step.kind)
          Care::Task.new(slot: slot(step, kind, index, index.positive? && steps[index - 1]), kind: kind,
                         key: (index + 1).to_s, say: step.say, cue: step.cue, why: "",
                         hands_on: step.hands_on, timed_min: nil, heat: nil, watch: [], amounts: [],
                         facts: [*UNKNOWN, *("fat" if kind.fat)].freeze, lot: nil, core_c: nil, list: nil)
        end
      end

      def slot(step, kind, index, before)
        unless Limits::TASK_MIN.cover?(step.minutes)
          raise InvalidInput.at("beside", "must take at most #{Limits::TASK_MIN.max} min: #{step.say}")
        end

        min = step.minutes.zero? ? kind.usual_min : [step.minutes.ceil, 1].max
        uses = { "cook" => (1 if step.hands_on), "burner" => (1 if kind.burner?),
                 "oven" => (1 if kind.oven?) }.compact
        waits = before && Care::Kinds.fetch(before.kind).waits
        after = before ? [Clock::After.new(task: index.to_s, least: 0, most: waits)] : []
        Clock::Slot.of((index + 1).to_s, min, uses: uses, oven_c: (step.oven_c if kind.oven?), after: after)
      end

      private_class_method :check_letters, :check_times, :named, :plan, :tasks, :slot
    end
  end
end
