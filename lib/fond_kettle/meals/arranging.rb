# frozen_string_literal: true

require_relative "../clock/slot"
require_relative "meal"

module FondKettle
  module Meals
    # A meal as the clock's Problem: hands, rings and oven, who does what, the hours in which nothing
    # is done, what is lost, what is pinned, and that nothing starts before now.
    class Arranging
      DAY_MIN = 1440
      # So many nights back from serving nothing is done in the quiet hours.
      NIGHTS = 2

      # `now`: a Time before which nothing starts, or nil.
      def self.problem(meal, now: nil)
        new(meal, now).problem
      end

      # The arguments are those of `problem`.
      def initialize(meal, now)
        @meal = meal
        @now = now
        @tasks = meal.tasks
        @ids = @tasks.map(&:id)
      end

      # Result of `problem`.
      def problem
        Clock::Problem.of(@tasks.map do |task|
          slot(task.slot)
        end, ends: ends, resources: resources, windows: windows,
             away: [*nights, *lost], spans: spans)
      end

      private

      # Of the day before nothing is waited for any more; who is named has hands of their own.
      def slot(slot)
        after = slot.after.select { |one| @ids.include?(one.task) }
        cook = @meal.who[slot.id]
        uses = cook && slot.uses.key?("cook") ? { **slot.uses, "cook #{cook}" => 1 } : slot.uses
        slot.with(after: after, uses: uses)
      end

      def ends
        ends = @meal.dishes.flat_map(&:ends).select { |one| @ids.include?(one.task) }
        ends.map { |one| one.with(most: one.most && (one.most + @meal.patience_min)) }
      end

      def resources
        each = @meal.cooks.each_index.to_h { |cook| ["cook #{cook}", 1] }
        { "cook" => @meal.cooks.size, "burner" => @meal.rings, "oven" => @meal.shelves, **each,
          **spans.flat_map { |span| span.uses.keys }.to_h { |name| [name, 1] } }
      end

      def spans
        @spans ||= @meal.spans
      end

      def windows
        pinned = @meal.pins.slice(*@ids).map { |id, min| Clock::Window.new(task: id, least: min, most: min) }
        pinned + (@now ? soonest : [])
      end

      def soonest
        most = [(@meal.serve_at - @now).div(60), 0].max
        (@ids - @meal.pins.keys).map { |id| Clock::Window.new(task: id, least: 0, most: most) }
      end

      # The quiet hours of the last nights, minutes before serving; no longer ago than now.
      def nights
        return [] unless @meal.quiet

        (0..NIGHTS).filter_map { |back| night(@meal.serve_at - (back * DAY_MIN * 60)) }
      end

      # Of the evening before a day; nothing where it is eaten in the night.
      def night(day)
        from_h, to_h = @meal.quiet
        over = Time.new(day.year, day.month, day.day, to_h)
        began = Time.new(day.year, day.month, day.day, from_h) - (from_h > to_h ? DAY_MIN * 60 : 0)
        from_min, to_min = [began, over].map { |time| @meal.before_min(time) }
        return unless to_min.positive?

        Clock::Away.new(uses: { "cook" => @meal.cooks.size }, from_min: from_min, to_min: to_min)
      end

      def lost
        @meal.lost.filter_map do |one|
          from_min = [@meal.before_min(one.from), 0].max
          Clock::Away.new(uses: { one.resource => one.count }, from_min: from_min, to_min: 0)
        end
      end
    end
  end
end
