# frozen_string_literal: true

require_relative "../../lib/fond_kettle/meals/pot_clock"

module Support
  # Somebody who cooks a pot by what the stove says: done on time, tapped late, one step in ten a third
  # longer. What the screen said of serving is compared with when it really was.
  class SimulatedCook
    MOST_LATE_MIN = 5.0
    LONGER_SHARE = 0.1
    LONGER = 4 / 3.0
    START = Time.utc(2026, 5, 9, 16, 0)

    # `plan`: as it is kept with a cook; `house`: hands, rings, ovens.
    def initialize(plan, seed, **house)
      @plan = plan
      @house = house
      @random = Random.new(seed)
      @lasts_s = plan[:tasks].to_h do |task|
        longer = @random.rand < LONGER_SHARE ? LONGER : 1
        [task[:id], (task[:timed_min] || task[:minutes]) * 60 * longer]
      end
      @begun = {}
      @taps = []
    end

    # Minutes by which the screen was off, so many minutes before serving, by these minutes.
    def off_min(before_min)
      cooked
      before_min.to_h do |minutes|
        at = served_at - (minutes * 60)
        [minutes, at >= START ? (clock(at).ready_at - served_at) / 60 : nil]
      end
    end

    # Minutes by which anything stood longer than its plan allows, at most, but for what the whole evening was
    # late by then.
    def stood_too_long_min
      cooked
      tasks.flat_map do |task|
        bounded = task[:after].select { |after| after[:gap].last }
        bounded.map { |after| stood_min(after[:task], task) - most_min(after, task) - late_min(task) }
      end.max
    end

    def served_at
      cooked
      @begun.map { |id, at| at + @lasts_s.fetch(id) }.max
    end

    private

    def tasks
      @plan[:tasks]
    end

    def stood_min(id, task)
      (@begun.fetch(task[:id]) - @begun.fetch(id) - @lasts_s.fetch(id)) / 60
    end

    # Minutes that something may stand, or that it does by the plan itself.
    def most_min(after, task)
      before = tasks.find { |one| one[:id] == after[:task] }
      [after[:gap].last, planned_min(task) - planned_min(before) - before[:minutes]].max
    end

    def late_min(task)
      [((@begun.fetch(task[:id]) - START) / 60) - planned_min(task), 0].max
    end

    # Minutes from the start at which a task starts by the plan.
    def planned_min(task)
      @plan[:starts].values.max - @plan[:starts].fetch(task[:id].to_sym)
    end

    # Begins one task after the other, each as soon as food and screen allow.
    def cooked
      return if @begun.size == tasks.size

      at_hand = tasks.first
      begin_task(at_hand, START)
      tasks.drop(1).each do |task|
        at = set_going_at(at_hand, task)
        next begin_task(task, at, "going") if at

        soonest = [free_at(at_hand), *befores(task)].max
        begin_task(task, [soonest, asked_at(at_hand, soonest)].max)
        at_hand = task
      end
    end

    def begin_task(task, at, kind = "task")
      @begun[task[:id]] = at
      tapped_at = [at + (@random.rand * MOST_LATE_MIN * 60), @taps.last&.at].compact.max
      @taps << FondKettle::Stove::Event.new(kind: kind, what: task[:id], at: tapped_at)
    end

    # When hands are free of a task: at its end, or at once where it goes on by itself.
    def free_at(task)
      @begun.fetch(task[:id]) + (task[:hands_on] ? @lasts_s.fetch(task[:id]) : 0)
    end

    # When the screen asks to set a task going beside the one at hand, which has the hands; nil: it does not.
    def set_going_at(at_hand, task)
      over = free_at(at_hand)
      return if !at_hand[:hands_on] || task[:hands_on]

      at = [@begun.fetch(at_hand[:id]), @taps.last.at, *befores(task)].max
      while at < over - 60
        return at if clock(at).next_at <= at + 30

        at += 60
      end
    end

    # When all that comes before a task is really over.
    def befores(task)
      task[:after].filter_map do |after|
        before = @begun[after[:task]]
        before && (before + @lasts_s.fetch(after[:task]) + (after[:gap].first * 60))
      end
    end

    # When the screen asks for the next task, as it knows from a Time on.
    def asked_at(at_hand, time)
      return time if at_hand[:hands_on]

      # The screen asks for it only once the one at hand was tapped.
      tapped_at = @taps.last.at
      [time, clock(tapped_at).next_at].max
    end

    # The clock of the screen at a Time.
    def clock(at)
      known = @taps.select { |event| event.at <= at }
      FondKettle::Meals::PotClock.new(FondKettle::Stove::Cook.new(@plan, known), at, **@house)
    end
  end
end
