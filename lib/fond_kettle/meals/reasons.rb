# frozen_string_literal: true

require_relative "../clock/mending"
require_relative "arranging"

module FondKettle
  module Meals
    # Why a task stands where it stands: `why` (:pinned, :serving, :follows, :hands, :resource,
    # :early), the task that it makes way for or nil, what they share, and from when to when it could
    # start as things are ordered, minutes before serving.
    Reason = Value.define(:why, :other, :resource, :least_min, :most_min)

    # Finds the reasons of a schedule.
    class Reasons
      # `schedule`: Schedule of `meal`.
      def initialize(meal, schedule, now: nil)
        @meal = meal
        @schedule = schedule
        @problem = Arranging.problem(meal, now: now)
        @windows = Clock::Mending.new(@problem, schedule.starts, schedule.span_min).windows
      end

      # The Reason of a task (its id).
      def of(id)
        least_min, most_min = @windows.fetch(id) { [@schedule.starts.fetch(id)] * 2 }
        why, other, resource = reason(@problem.slots.find { |slot| slot.id == id })
        Reason.new(why: why, other: other, resource: resource, least_min: least_min, most_min: most_min)
      end

      # Ids of tasks that cannot move: what makes it take as long as it takes.
      def critical
        @windows.filter_map { |id, (least, most)| id if least == most }
      end

      private

      def reason(slot)
        return [:pinned] if @meal.pins.key?(slot.id)
        return [:serving] if over(slot).zero?

        follows(slot) || shares(slot) || [:early]
      end

      def start(slot)
        @schedule.starts.fetch(slot.id)
      end

      def over(slot)
        start(slot) - slot.minutes
      end

      # What has to come right after it.
      def follows(slot)
        next_one = @problem.slots.find do |other|
          other.after.any? do |after|
            after.task == slot.id && !after.least.negative? && over(slot) - start(other) == after.least
          end
        end
        next_one && [:follows, next_one.id]
      end

      # What takes hands, ring or oven as soon as it is over.
      def shares(slot)
        (slot.uses.keys & %w[cook burner oven]).each do |name|
          other = @problem.slots.find { |one| one.uses.key?(name) && start(one) == over(slot) }
          return [name == "cook" ? :hands : :resource, other.id, name] if other
        end
        nil
      end
    end
  end
end
