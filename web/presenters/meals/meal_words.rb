# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/dishes/dish_step"
require_relative "../../../lib/fond_kettle/ground/words"
require_relative "../../../lib/fond_kettle/meals/meal_dish"
require_relative "../../helpers/numbers"

module FondKettle
  module Web
    module Presenters
      # Texts on the tasks of a meal, its conflicts and the ways out of them.
      class MealWords
        include Helpers::Numbers

        MARKS = ("A".."Z").to_a.freeze
        RESOURCES = Words.of("resources")
        RESOURCES_MANY = Words.of("resources-many")
        VESSEL = Meals::MealDish.vessel("")

        # `meal`: Meals::Meal; `schedule`: Meals::Schedule, nil while the meal cannot be met.
        def initialize(meal, schedule)
          @meal = meal
          @schedule = schedule
        end

        # The letter of a dish, by its key.
        def mark(key)
          MARKS[meal.dishes.index { |dish| dish.key == key }]
        end

        # Tasks in the order of their starts.
        def in_order(tasks)
          tasks.sort_by.with_index { |task, index| [-schedule.starts.fetch(task.id), index] }
        end

        # Time when a task starts.
        def starts_at(task)
          meal.at(schedule.starts.fetch(task.id))
        end

        # Names of those who do it, or nil when it needs no hands.
        def names(task)
          cooks = schedule.hands[task.id]
          cooks&.map { |cook| meal.cooks[cook] }&.join(" and ")
        end

        # Minutes of a task, as its food is timed.
        def told_min(task)
          task.told[:timed_min] || task.minutes
        end

        # The cue of a task, or nil when it has none of its own.
        def cue(task)
          cue = task.told[:cue].to_s
          cue unless cue.empty? || cue == Dishes::DONE
        end

        # Texts of a task's cautions.
        def cautions(task)
          codes = task.told[:cautions] || []
          known = meal.dish(task.dish).plan.fetch(:cautions, [])
          known.select { |one| codes.include?(one[:code]) }
        end

        # A task as it is named among others: "“Rinse the rice” (Leek pilaf)".
        def named(id)
          "#{quoted(id)} (#{meal.dish(known_task(id).dish).title})"
        end

        # Its name among those of its own dish: "“Rinse the rice”".
        def quoted(id)
          "“#{known_task(id).say[/\A[^.:,(]+/].strip}”"
        end

        # ", on Thursday", where it is not the day of serving.
        def day_of(time)
          time.to_date == meal.serve_at.to_date ? "" : " on #{time.strftime('%A')}"
        end

        # The reason why a task stands where it does, as a sentence.
        def why(reason)
          case reason.why
          when :pinned then "You pinned it there."
          when :serving then "It is over just when you eat."
          when :follows then "#{named(reason.other)} comes right after it."
          when :hands then "After it the same hands are wanted for #{named(reason.other)}."
          when :resource
            "After it the #{RESOURCES.fetch(reason.resource)} is wanted for #{named(reason.other)}."
          else "It could wait, but what comes after it is done in this order."
          end
        end

        # The conflict of a meal that cannot be met, as a sentence.
        def conflict(found)
          unless found
            return "No order was found in which everything can be done. Whether there is one is not known."
          end

          who = found.tasks.map { |id| named(id) }
          several = who.size > 6 ? [*who.first(5), "#{who.size - 5} more"] : who
          list = several.size > 1 ? "#{several[0..-2].join(', ')} and #{several.last}" : several.first
          "#{conflict_head(found)} #{list}."
        end

        # A way out, as a sentence.
        def way_out(way)
          all = "then it takes **#{minutes(way.span_min)}**"
          case way.key
          when :cook then "#{counted('cook', way.count)} more: #{all}"
          when :ring then "#{counted('burner', way.count)} more: #{all}"
          when :shelf then "#{counted('oven', way.count)} more: #{all}"
          when :both then "#{counted('cook', way.count)} and #{counted('burner', way.count)} more: #{all}"
          when :ahead then "#{way.count} steps the day before: #{all}"
          when :vessels then "Another pan where two dishes want the same one: #{all}"
          when :quiet then "Work in the quiet hours, too: #{all}"
          when :wait then "What is ready waits up to #{way.count} min longer, kept hot: #{all}"
          else "Eat #{way.count} min later: #{all}"
          end
        end

        private

        attr_reader :meal, :schedule

        def known_task(id)
          (@known_tasks ||= meal.every_task.to_h { |one| [one.id, one] }).fetch(id)
        end

        # What is in the way: the beginning of the sentence.
        def conflict_head(found)
          return "These contradict one another:" unless found.resource

          there = counted(found.resource, found.there)
          return "With #{there} these cannot all be done in time:" unless found.busy_min

          from, to = [found.from_min, found.to_min].map { |min| hour(meal.at(min)) }
          "Between #{from} and #{to} there is **#{found.busy_min} min** of work for #{there}, and room for " \
            "#{(found.from_min - found.to_min) * found.there}:"
        end

        # "1 ring", "3 rings", "the wide pan alone"; hands of one cook by name are theirs.
        def counted(resource, count)
          return "the #{resource.delete_prefix(VESSEL).downcase} alone" if resource.start_with?(VESSEL)

          words = count == 1 ? RESOURCES : RESOURCES_MANY
          "#{count} #{words.fetch(resource) { RESOURCES.fetch('cook') }}"
        end
      end
    end
  end
end
