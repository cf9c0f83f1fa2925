# frozen_string_literal: true

require "json"
require_relative "../../../lib/fond_kettle/meals/pot_in_meal"
require_relative "../../helpers/numbers"

module FondKettle
  module Web
    module Presenters
      # The times of a pot at the stove: when it is ready, what goes on by itself, what is next and when.
      class StoveClock
        include Helpers::Numbers

        DUE = "Now"
        # What the next begins sooner than this is over, s.
        OVERLAP_S = 60

        # `cook`: Stove::Cook; `now`: a Time; `shelves`: House::Shelves; `standing`: Meals::Standing of the
        # meal that it is a pot of, with its Meals::MealDish; nil: of none.
        def initialize(cook, now, shelves, standing = nil, dish = nil)
          @cook = cook
          @now = now
          house = { hands: shelves.hands, rings: shelves.rings, ovens: shelves.ovens.size }
          @clock = if standing
                     Meals::PotInMeal.new(cook, now, standing, dish, **house)
                   else
                     Meals::PotClock.new(cook, now, **house)
                   end
        end

        # The Time when all of it is over.
        def ready_at
          @clock.ready_at
        end

        # "ready at 18:42"
        def ready
          "ready at #{hour(ready_at)}"
        end

        # All steps for a device that loses the kitchen, as JSON that cannot end its own element.
        def steps_json
          steps = @cook.tasks.map do |task|
            { **task.slice(:id, :say, :cue), minutes: @cook.lasting(task),
                                             cautions: @cook.cautions_at(task).map { |one| one[:say] },
                                             puts_in: task[:puts_in].to_s.split("; ") }
          end
          JSON.generate(steps).gsub("<", "\\u003c")
        end

        # What goes on by itself beside the step, one sentence each.
        def meanwhile
          beside.map { |going| "**Meanwhile** #{going.task[:say]}, until #{hour(going.ends_at)}" }
        end

        # "Then nothing to do until 18:08", nil: hands are wanted.
        def free
          "Then nothing to do until #{hour(@clock.next_at || ready_at)}" if @clock.free_min.positive?
        end

        # True where the next step is to begin now, while this one goes on.
        def due?
          !@cook.following.nil? && (on_its_own? || starts_before_end?) && @clock.due?
        end

        # True where the next step is set going now beside this one, which keeps its hands: by the way, or by
        # somebody else.
        def sets_going?
          due? && !on_its_own?
        end

        # The next step and when: "18:08, in 12 min: Rinse the rice"; "Now: …" where it is due; nil: there is
        # none, or nothing has begun.
        def following
          return if @cook.waiting? || @cook.following.nil?

          "#{due? ? DUE : next_when}: #{@cook.following[:say]}"
        end

        # The nearest Time at which something is due that the step's own clock does not tell, or nil.
        def rings_at
          next_at = @clock.next_at if on_its_own? || starts_before_end?
          [next_at, *beside.map(&:ends_at)].compact.select { |at| at > @now }.min
        end

        # What wants somebody, as a text, and the Time when it does: the next step where it is due, the end of
        # this one, what is next; nil: a pot that waits, or takes its time.
        def wanted
          return if @cook.waiting?
          return [@cook.following[:say], @clock.next_at] if due?

          at = [@cook.task_ends_at, rings_at].compact.min
          at && [side_by_side? && at == @clock.next_at ? @cook.following[:say] : @cook.task[:cue], at]
        end

        # True where the next step is begun while this one goes on.
        def side_by_side?
          on_its_own? && starts_before_end?
        end

        # True for a step that goes on without hands, and is not over.
        def on_its_own?
          !@cook.task[:hands_on] && at_work?
        end

        private

        # True where the next step starts while this one goes on.
        def starts_before_end?
          at_work? && !@cook.following.nil? && @clock.next_at < @cook.task_ends_at - OVERLAP_S
        end

        # True while this step is not over by its time.
        def at_work?
          ends_at = @cook.task_ends_at
          !@cook.waiting? && !ends_at.nil? && ends_at > @now
        end

        def beside
          @beside ||= @cook.waiting? ? [] : @clock.beside
        end

        def next_when
          at = @clock.next_at
          in_min = ((at - @now) / 60.0).ceil
          in_min.positive? ? "#{hour(at)}, in #{minutes(in_min)}" : hour(at)
        end
      end
    end
  end
end
