# frozen_string_literal: true

require_relative "../clock/slot"
require_relative "meal_dish"

module FondKettle
  module Meals
    # With less time until serving there may be too little, s.
    SOON_S = 12 * 3600

    # Several dishes on the table at the same minute.
    #   title, serve_at   what it is called, when it is eaten (a Time)
    #   cooks             names, a pair of hands each
    #   rings, shelves    of the stove and the oven
    #   quiet             hours of the day in which nothing is done by hand, [from, to], or nil
    #   dishes            MealDish
    #   ahead             ids of tasks that are done the day before
    #   pins              minutes before serving by id of what must start then
    #   who               the cook (index) by id of what somebody is to do
    #   lost              what is not there any more (LostResource)
    #   patience_min      minutes more that what is ready may wait for serving
    #   longer            minutes more that a task takes, by id
    #   base_at           when it was to be eaten before anything slipped (a Time, nil: as it is)
    #   guests_min        minutes by which the guests come later than that
    #   gone              names of cooks who were called away
    #   dropped           keys of dishes that are not made after all
    #   held_until        a Time before which nothing more is begun, or nil
    #   vessels           true where two dishes never want one pan at the same minute; false: there are others
    Meal = Value.define(:title, :serve_at, :cooks, :rings, :shelves, :quiet, :dishes, :ahead, :pins, :who,
                        :lost, :patience_min, :longer, :base_at, :guests_min, :gone, :dropped, :vessels,
                        :held_until) do
      # A Meal with the given attributes; the others take their defaults.
      def self.of(title:, serve_at:, dishes:, **given)
        new(cooks: ["Cook"], rings: 1, shelves: 1, quiet: nil, ahead: [], pins: {}, who: {}, lost: [],
            patience_min: 0, longer: {}, base_at: nil, guests_min: 0, gone: [], dropped: [], vessels: true,
            held_until: nil, title: title, serve_at: serve_at, dishes: dishes, **given)
      end

      # True when it is eaten so soon after `time` that there may be too little time for it.
      def soon?(time)
        serve_at - time < SOON_S
      end

      # Time at which it is wanted on the table; delays in the kitchen do not move it.
      def wanted_at
        (base_at || serve_at) + (guests_min * 60)
      end

      # Minutes by which it is eaten later than that.
      def late_min
        ((serve_at - wanted_at) / 60.0).round
      end

      # The dishes that are made.
      def made
        dishes.reject { |dish| dropped.include?(dish.key) }
      end

      # All Tasks, dish by dish, those of the day before included.
      def every_task
        made.flat_map(&:tasks).map { |task| longer.key?(task.id) ? lengthened(task) : task }
      end

      # All Tasks of the evening itself.
      def tasks
        every_task.reject { |task| ahead.include?(task.id) }
      end

      # Clock::Span of the vessels that its dishes hold on the evening itself.
      def spans
        ids = tasks.map(&:id)
        vessels ? made.flat_map { |dish| dish.spans(ids) } : []
      end

      # The MealDish of a key, or nil.
      def dish(key)
        dishes.find { |dish| dish.key == key }
      end

      # The moment that is so many minutes before serving.
      def at(before_min)
        serve_at - (before_min * 60)
      end

      # Minutes before serving of a moment, whole, the earlier one.
      def before_min(time)
        ((serve_at - time) / 60.0).ceil
      end

      private

      def lengthened(task)
        task.with(slot: task.slot.with(minutes: task.minutes + longer.fetch(task.id)))
      end
    end

    # So much of a resource that is not there from a moment on: a ring out of gas, a cook called away.
    LostResource = Value.define(:resource, :count, :from)
  end
end
