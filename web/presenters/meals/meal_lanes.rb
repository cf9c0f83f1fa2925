# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/meals/arranging"
require_relative "../../../lib/fond_kettle/stove/cook"
require_relative "../../../lib/fond_kettle/stove/one_pot"
require_relative "../../drawings/lane"
require_relative "../../drawings/pot_picture"
require_relative "meal_words"
require_relative "../pot_views"

module FondKettle
  module Web
    module Presenters
      # The lanes of a meal: who and what is busy with which task when.
      class MealLanes
        # So many lanes of what only waits are shown.
        MOST_WAITING = 2

        # `critical`: ids; `standing`: Meals::Standing at the stove, or nil.
        def initialize(household, meal, schedule, critical: [], standing: nil)
          @household = household
          @meal = meal
          @schedule = schedule
          @critical = critical
          @standing = standing
          @words = MealWords.new(meal, schedule)
          @tasks = @words.in_order(meal.tasks)
        end

        # Drawings::Lane: hands, rings, oven, waiting.
        def all
          @all ||= [*hands, *shared("burner", "ring", @meal.rings), *shared("oven", "oven", 1), *waiting]
        end

        # Each pot where it first comes on a ring or into the oven (Drawings::PotOnLane). `drawn` keeps the
        # ids of two drawings apart.
        def pots(drawn)
          @meal.dishes.select { |dish| dish.plan[:vessel] }.filter_map do |dish|
            bars = all.each_index.select { |index| fire?(all[index]) }
                      .flat_map { |index| all[index].bars.map { |bar| [index, bar] } }
            index, first = bars.select { |_, bar| own_pot?(dish, bar) }.max_by { |_, bar| bar.from_min }
            index && pot(dish, index, first.from_min, drawn)
          end
        end

        private

        attr_reader :words

        def fire?(lane)
          %w[ring oven].include?(lane.kind)
        end

        def own_pot?(dish, bar)
          bar.mark == words.mark(dish.key) && @tasks.find { |task| task.id == bar.id }.kind.in_pot
        end

        def pot(dish, index, at_min, drawn)
          cook = Stove::Cook.new(dish.plan, [])
          filled = cook.tasks.index { |task| task[:kind] == Stove::OnePot::FILL }
          seen = PotViews.cook(cook, filled ? 0 : nil, comes_out: nil)
          return unless seen

          svg = Drawings::PotPicture.new(seen, "#{drawn}-#{dish.key}").to_s
          wide, high = svg[/viewBox="0 0 (\d+ \d+)"/, 1].split.map(&:to_f)
          Drawings::PotOnLane.new(lane: index, at_min: at_min, drawing: svg, wide: wide, high: high)
        end

        def hands
          @meal.cooks.each_with_index.map do |name, cook|
            lane(name, "hands", @tasks.select { |task| @schedule.hands.fetch(task.id, []).include?(cook) })
          end
        end

        # Whoever is free takes it, a dish stays where it is if it can.
        def shared(resource, word, count)
          places = Array.new([count, 1].max) { [] }
          @tasks.select { |task| task.slot.uses.key?(resource) }.each do |task|
            task.slot.uses.fetch(resource).times { free(places, task)&.push(task) }
          end
          places.each_with_index.filter_map do |tasks, index|
            next if tasks.empty? && resource == "oven"

            lane(count > 1 ? "#{word.capitalize} #{index + 1}" : word.capitalize, word, tasks)
          end
        end

        def free(places, task)
          open = places.select { |tasks| tasks.empty? || @schedule.over_min(tasks.last) >= start_min(task) }
          open.find { |tasks| tasks.last&.dish == task.dish } || open.find(&:empty?) || open.first
        end

        def waiting
          places = Array.new(MOST_WAITING) { [] }
          @tasks.reject { |task| task.slot.uses.any? }.each { |task| free(places, task)&.push(task) }
          places.reject(&:empty?).map { |tasks| lane("Waits", "waiting", tasks) }
        end

        def lane(name, kind, tasks)
          Drawings::Lane.new(name: name, kind: kind, bars: tasks.map { |task| bar(task) })
        end

        def start_min(task)
          @schedule.starts.fetch(task.id)
        end

        def bar(task)
          Drawings::Bar.new(id: task.id, from_min: start_min(task), to_min: @schedule.over_min(task),
                            mark: words.mark(task.dish), label: task.kind.word, state: state(task),
                            critical: @critical.include?(task.id), pinned: @meal.pins.key?(task.id))
        end

        def state(task)
          return unless @standing

          if @standing.over?(task) then "over"
          elsif @standing.begun?(task) then "begun"
          end
        end
      end
    end
  end
end
