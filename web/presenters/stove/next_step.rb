# frozen_string_literal: true

module FondKettle
  module Web
    module Presenters
      # The next thing at a pot on the stove: the next step of its plan, or the look after something was put
      # right.
      class NextStep
        # What is tapped for a task that is set going beside the one at hand: with hands, or without.
        SET_GOING = { true => "Somebody has begun it", false => "It is on its way" }.freeze

        # `cook`: Stove::Cook; `trouble`: WrongPot; `times`: StoveClock.
        def initialize(cook, trouble, times)
          @cook = cook
          @trouble = trouble
          @times = times
        end

        # True while something is done about what is wrong, or is to be looked at after.
        def wrong?
          !@trouble.remedy.nil? || @trouble.look_after?
        end

        # The next thing and when it is due, as a text, or nil.
        def following
          wrong? ? @trouble.following : @times.following
        end

        # The next task where it is set going beside this one, as [id, what is tapped], or nil.
        def set_going
          task = @cook.following
          [task[:id], SET_GOING.fetch(task[:hands_on])] if !wrong? && @times.sets_going?
        end

        # True where the next step is to begin now, while this one goes on.
        def due?
          !wrong? && @times.due?
        end

        # The time until which there is nothing to do, as a text, or nil.
        def free
          @times.free unless @trouble.remedy
        end

        # The thing that wants somebody, as a text, and the Time when it does, or nil.
        def wanted
          @trouble.look_after? ? @trouble.wanted : @times.wanted
        end
      end
    end
  end
end
