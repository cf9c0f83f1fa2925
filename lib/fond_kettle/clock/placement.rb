# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "crowds"
require_relative "descent"
require_relative "lost"
require_relative "network"
require_relative "paths"
require_relative "slot"

module FondKettle
  module Clock
    # Places the tasks of a meal so that the span is as small as can be, then food waits
    # least, then hands turn least from dish to dish, then all is as late as it can be. The same
    # problem gives the same answer. docs/clock.md has the method.
    class Placement
      # Orders looked at in all: for each task, at the most, and fewer of many tasks, as each takes longer.
      EFFORT_EACH = 40
      EFFORT = 1_500
      OF_ALL = 150_000
      # What waits longer is not worth a schedule, minutes.
      LONGEST_OVER_MIN = 60
      # So many tasks are named of those in one another's way.
      MOST_NAMED = 8

      # The Placed of a Problem; `effort`: orders looked at in all; `from`: starts (minutes before
      # serving by id) to make better, another way with each `seed`; `stop`: asked now and then
      # whether that is enough. Raises InvalidInput, with the bounds or the resource in conflict.
      def self.place(problem, effort: nil, from: nil, stop: nil, seed: 0)
        new(problem, effort || usual_effort(problem.slots.size), stop, seed).place(from)
      end

      # Orders that are worth looking at for so many tasks.
      def self.usual_effort(tasks)
        [EFFORT_EACH * tasks, EFFORT, OF_ALL / [tasks, 1].max].min
      end

      # The same, or, where neither a schedule was found nor that there is none, one in which what is
      # ready waits up to an hour longer than it may (`over_min`).
      def self.nearest(problem, stop: nil)
        new(problem, usual_effort(problem.slots.size), stop, 0).place(nil, patient: true)
      end

      # The same without making it better than as short as it can be; nil where none was found, for those who
      # try one thing after the other and tell nobody why.
      def self.shortest(problem, effort:, stop: nil)
        new(problem, effort, stop, 0).shortest
      end

      # The plainest Placed: one task after the other in the given order, which must put each after those that
      # it follows, whatever waits.
      def self.in_turn(slots)
        before_min = span_min = slots.sum(&:minutes)
        starts = slots.to_h do |slot|
          before_min -= slot.minutes
          [slot.id, before_min + slot.minutes]
        end
        Placed.new(starts: starts, span_min: span_min, bound_min: 0, over_min: 0)
      end

      # The arguments are those of `place`.
      def initialize(problem, effort, stop, seed)
        @seed = seed
        @problem = problem
        @effort = effort
        @stop = stop || -> { false }
        @network = Network.new(problem)
        @crowds = Crowds.new(problem, @network)
      end

      # The Placed. Raises InvalidInput.
      def place(from, patient: false)
        check
        descended(from, polish: true)
      rescue Lost => e
        nearest = near(e) if patient
        nearest || raise(InvalidInput.at("resources", e.shown ? crowded : unknown(e.looked)))
      end

      # A Placed that is as short as it can be, or nil.
      def shortest
        return if asks_too_much? || @network.widest.nil?

        each_by_itself || descended(nil, polish: false)
      rescue Lost
        nil
      end

      private

      def descended(from, polish:)
        descent = Descent.new(@problem, @network, @crowds, @effort, @stop, @seed)
        descent.begin(from&.values_at(*@network.place.keys))
        descent.shorten
        descent.better if polish
        Placed.new(starts: descent.starts, span_min: descent.span_min, bound_min: descent.bound_min,
                   over_min: 0)
      end

      # All as late as can be, each by itself, where nothing is in another's way then: the longest path, and
      # so the shortest of all. Most plans of one pot are this. Nil for any other.
      def each_by_itself
        low = @network.widest.first
        return unless @crowds.at(low).empty?

        starts = @network.place.transform_values { |place| low[place] }
        span_min = starts.values.max
        Placed.new(starts: starts, span_min: span_min, bound_min: span_min, over_min: 0)
      end

      # What waits no longer than that is better than no schedule.
      def near(lost)
        return unless lost.nearest && lost.over_min <= LONGEST_OVER_MIN

        Placed.new(starts: lost.nearest, span_min: lost.nearest.values.max, bound_min: 0,
                   over_min: lost.over_min)
      end

      def check
        @problem.slots.each { |slot| check_uses(slot, "tasks") }
        @problem.spans.each { |span| check_uses(span, "spans") }
        return if @network.widest

        ids = Paths.contradiction(@network).map { |place| @problem.slots[place].id }
        raise InvalidInput.at("tasks", contradicting(ids))
      end

      # Names the tasks; where their bounds only drive one another on and on, all of them.
      def contradicting(ids)
        ids = @problem.slots.map(&:id) if ids.empty?
        named = ids.first(MOST_NAMED).join(", ")
        more = " and #{ids.size - MOST_NAMED} more" if ids.size > MOST_NAMED
        return "must not contradict itself: the bounds of #{named}" if ids.one?

        "must not contradict one another: the bounds of #{named}#{more}"
      end

      def asks_too_much?
        [*@problem.slots, *@problem.spans].any? { |one| too_much(one) }
      end

      # [name, amount] of what a Slot or a Span asks more of than there is, or nil.
      def too_much(one)
        one.uses.find { |resource, amount| amount > @problem.resources.fetch(resource, 0) }
      end

      # `one`: a Slot or a Span.
      def check_uses(one, field)
        name, wanted = too_much(one)
        return unless name

        there = @problem.resources.fetch(name, 0)
        raise InvalidInput.at("#{field}.#{one.id}.uses", "must be at most #{there} of #{name}",
                              received: wanted)
      end

      def unknown(looked)
        "may be too little: in #{looked} orders none was found that meets the bounds; whether there is one " \
          "is not known"
      end

      def crowded
        resource = @crowds.resources.max_by { |one| busy_min(one) / one.there.to_f }
        "must be more: with #{resource.there} of #{resource.name} the bounds cannot be met"
      end

      def busy_min(resource)
        resource.least.zip(resource.amounts).sum { |least_min, amount| least_min * amount }
      end
    end
  end
end
