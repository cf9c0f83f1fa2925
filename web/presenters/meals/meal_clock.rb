# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/meals/ahead"
require_relative "../../../lib/fond_kettle/meals/reasons"
require_relative "../../../app/meals/arrange"
require_relative "../../../lib/fond_kettle/stove/cook"
require_relative "../../drawings/lanes"
require_relative "../../drawings/upright_lanes"
require_relative "meal_lanes"
require_relative "meal_words"
require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # A meal as it is planned: when to begin, whether that is the least, every task in its lane, and
      # one of them looked at more closely.
      class MealClock < Presenter
        # What is to be careful of with what is done the day before.
        AHEAD_CARE = "Cover it and keep it at 5 °C or below; raw meat and fish by themselves, at the bottom."
        # A task as the list has it.
        TaskRow = Value.define(:id, :at, :who, :mark, :dish, :say, :puts_in, :minutes, :cue, :critical,
                               :pinned, :cautions)
        # The task that is looked at: its row, why it stands there, how far it could move, who may do it.
        Looked = Value.define(:row, :why, :moves, :at, :who, :hands_on)

        attr_reader :record, :meal, :schedule

        # `record`: of Store::MealBook; `now`: a Time; `chosen`: the id of a task, or nil.
        def initialize(household, record, now, chosen: nil)
          super(household)
          @record = record
          @meal = record[:meal]
          @schedule = record[:schedule]
          @now = now
          @chosen = chosen if @meal.tasks.any? { |task| task.id == chosen }
        end

        def lead
          begin_at = meal.at(schedule.span_min)
          "Begin at **#{hour(begin_at)}**#{words.day_of(begin_at)}, eat at **#{hour(meal.serve_at)}**: " \
            "**#{minutes(schedule.span_min)}** in all#{bound}.#{patience}"
        end

        # True when it is proved that it cannot be shorter.
        def proved?
          schedule.proved?
        end

        # True when it is worth looking for a shorter one; false when the cook has pinned something.
        def seek?
          !proved? && meal.pins.empty?
        end

        # "Friday 27 November"
        def day
          meal.serve_at.strftime("%A %-d %B")
        end

        def drawings
          lanes = MealLanes.new(household, meal, schedule, critical: critical)
          [Drawings::Lanes, Drawings::UprightLanes].map do |kind|
            drawn = kind == Drawings::Lanes ? "wide" : "upright"
            kind.new(lanes.all, lanes.pots(drawn), serve_at: meal.serve_at, span_min: schedule.span_min,
                                                   now_min: now_min, chosen: @chosen).to_s
          end
        end

        # Tasks of the evening, in the order in which they start.
        def rows
          @rows ||= words.in_order(meal.tasks).map { |task| row(task) }
        end

        # Dishes by their mark: [mark, title, in which pot, and in how many rounds where these are several].
        def dishes
          meal.dishes.map { |dish| [words.mark(dish.key), dish.title, in_pot(dish)] }
        end

        # Tasks that are, or could be, done the day before: [id, say, dish, done then?].
        def ahead
          (Meals::Ahead.tasks(meal) + meal.every_task.select { |task| meal.ahead.include?(task.id) })
            .uniq(&:id).map do |task|
            [task.id, task.say, meal.dish(task.dish).title,
             meal.ahead.include?(task.id)]
          end
        end

        # The task that is looked at (Looked), or nil.
        def looked
          return unless @chosen

          task = meal.tasks.find { |one| one.id == @chosen }
          reason = reasons.of(task.id)
          Looked.new(row: row(task), why: words.why(reason), moves: moves(reason),
                     at: hour(words.starts_at(task)), who: meal.who[task.id], hands_on: task.hands_on?)
        end

        # Cooks to choose from: [key, name].
        def cooks
          meal.cooks.each_with_index.map { |name, index| [index.to_s, name] }
        end

        def ahead_care
          AHEAD_CARE
        end

        # The obstacle of a meal that cannot be met, as a sentence, and what would remove it: [key, words].
        def trouble
          ways = App::ArrangeMeal.new(@now).ways_out(meal)
          [words.conflict(ways.conflict), ways.all.map { |way| [way, words.way_out(way)] }]
        end

        private

        def in_pot(dish)
          return unless (name = dish.plan.dig(:vessel, :name))

          dish.rounds > 1 ? "#{name} in #{dish.rounds} rounds" : name
        end

        def words
          @words ||= MealWords.new(meal, schedule)
        end

        def patience
          over_min = App::ArrangeMeal.new(@now).over_min(meal, schedule)
          return unless over_min.positive?

          " What is ready waits up to **#{minutes(over_min)}** longer than it should: keep it hot, " \
            "60 °C or above."
        end

        def bound
          return ", and it cannot be shorter" if proved?

          ", at most **#{minutes(schedule.span_min - schedule.bound_min)}** more than the least there can be"
        end

        def now_min
          min = meal.before_min(@now)
          min if min.between?(0, schedule.span_min + 30)
        end

        def reasons
          @reasons ||= Meals::Reasons.new(meal, schedule)
        end

        # Ids of tasks that cannot move.
        def critical
          @critical ||= reasons.critical
        end

        def row(task)
          TaskRow.new(id: task.id, at: hour(words.starts_at(task)), who: words.names(task),
                      mark: words.mark(task.dish), dish: meal.dish(task.dish).title, say: task.say,
                      puts_in: task.puts_in, minutes: minutes(words.told_min(task)), cue: words.cue(task),
                      critical: critical.include?(task.id), pinned: meal.pins.key?(task.id),
                      cautions: words.cautions(task))
        end

        def moves(reason)
          if reason.least_min == reason.most_min
            return "It cannot start at another time as things are ordered."
          end

          "It could start between **#{hour(meal.at(reason.most_min))}** and " \
            "**#{hour(meal.at(reason.least_min))}** with everything else in this order."
        end
      end
    end
  end
end
