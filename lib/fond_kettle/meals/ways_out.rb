# frozen_string_literal: true

require_relative "../clock/contradiction"
require_relative "../clock/placement"
require_relative "ahead"
require_relative "schedule"

module FondKettle
  module Meals
    # Something that would make a meal possible: its `key` (:cook, :ring, :shelf, :both, :vessels, :ahead,
    # :quiet, :wait, :later), so much of it (`count`: one more, minutes), the tasks that it is about, and how
    # long it would all take. Each was tried.
    WayOut = Value.define(:key, :count, :tasks, :span_min)

    # The obstacles of a meal that cannot be met, and the changes that would remove them.
    class WaysOut
      # Minutes that what is ready may wait longer, or serving be later, tried in turn.
      MINUTES = [5, 10, 20, 30, 45, 60].freeze
      # Orders looked at for one way.
      EFFORT = 250
      NEEDS = { cook: "cook", ring: "burner", shelf: "oven" }.freeze

      # `meal`: a Meal; `now`: a Time before which nothing starts, or nil; `stop`: asked whether enough was
      # tried.
      def initialize(meal, now: nil, stop: -> { false })
        @meal = meal
        @now = now
        @stop = stop
        @problem = Arranging.problem(meal, now: now)
      end

      # The Clock::Contradiction, or nil where none was shown.
      def conflict
        @conflict ||= Clock::Conflicts.of(@problem)
      end

      # WayOut of those tried with which the meal can be met.
      def all
        single = [*NEEDS.map { |key, name| more(key, name) }, vessels, ahead, quiet, wait, later].compact
        single.empty? ? [both].compact : single
      end

      private

      def tried(key, count, tasks, problem)
        return if @stop.call

        placed = Clock::Placement.shortest(problem, effort: EFFORT, stop: @stop)
        placed && WayOut.new(key: key, count: count, tasks: tasks, span_min: placed.span_min)
      end

      def more(key, name)
        there = @problem.resources.fetch(name)
        wanted = [there + 1, @problem.slots.filter_map { |slot| slot.uses[name] }.max.to_i].max
        tried(key, wanted - there, [], @problem.with(resources: { **@problem.resources, name => wanted }))
      end

      # A pair of hands and a ring, where neither frees it alone.
      def both
        there = @problem.resources
        tried(:both, 1, [], @problem.with(resources: { **there, "cook" => there.fetch("cook") + 1,
                                                                "burner" => there.fetch("burner") + 1 }))
      end

      # Other pans where two dishes want the same one.
      def vessels
        tried(:vessels, 1, [], @problem.with(spans: [])) if @problem.spans.any?
      end

      # The day before, all that can be done then.
      def ahead
        ids = Ahead.tasks(@meal).map(&:id) - @meal.ahead
        return if ids.empty?

        meal = @meal.with(ahead: @meal.ahead | ids)
        tried(:ahead, ids.size, ids, Arranging.problem(meal, now: @now))
      end

      # The quiet hours, too.
      def quiet
        return unless @meal.quiet

        tried(:quiet, 1, [], Arranging.problem(@meal.with(quiet: nil), now: @now))
      end

      # The least that what is ready may wait longer before it is served.
      def wait
        MINUTES.each do |min|
          ends = @problem.ends.map { |one| one.with(most: one.most && (one.most + min)) }
          found = tried(:wait, min, ends.map(&:task), @problem.with(ends: ends))
          return found if found
        end
        nil
      end

      # Served later, where there is too little time until then.
      def later
        return unless @now

        MINUTES.each do |min|
          meal = @meal.with(serve_at: @meal.serve_at + (min * 60))
          found = tried(:later, min, [], Arranging.problem(meal, now: @now))
          return found if found
        end
        nil
      end
    end
  end
end
