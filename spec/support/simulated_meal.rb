# frozen_string_literal: true

require_relative "../../app/meals/keep_time"
require_relative "../../app/meals/lay"

module Support
  # Cooks who make a meal by what its cards say: done on time, tapped late, one task in ten a third longer.
  # What the page said of serving is compared with when it really was.
  class SimulatedMeal
    MOST_LATE_S = 300
    LONGER_SHARE = 0.1
    # Nothing that stands overnight takes hours longer, s.
    LONGER = 1 / 3.0
    MOST_LONGER_S = 1200
    STEP_S = 60
    # What is due so soon is begun with the tap that ends the task before (Presenters::MealAtStove).
    SOON_S = 180
    MOST_S = 30 * 3600

    # `household`: with no cooks but these; `meal`: Meals::Meal that was never laid.
    def initialize(household, meal, seed)
      @household = household
      @random = Random.new(seed)
      @id, = FondKettle::App::LayMeal.new(household, meal.serve_at - 86_400).given_away(meal)
      @begun = {}
      @over = {}
      @taps = []
      @said = []
    end

    # False where there is no schedule for it.
    def placed?
      !record[:schedule].nil?
    end

    # Minutes by which the page was off, so many minutes before serving, by these minutes.
    def off_min(before_min)
      cooked
      before_min.to_h do |minutes|
        at = served_at - (minutes * 60)
        said = @said.reverse.find { |told, _| told <= at }
        [minutes, said && ((said.last - served_at) / 60)]
      end
    end

    def served_at
      @over.values.max
    end

    private

    def record
      @household.meals.find(@id)
    end

    def cooked
      return if @served

      FondKettle::App::CookMeal.new(@household, first_at).begin(@id)
      now = first_at
      until all_over?(now) || now > first_at + MOST_S
        told(now)
        begin_what_can(now)
        now += STEP_S
      end
      @served = true
    end

    def first_at
      @first_at ||= record[:meal].at(record[:schedule].starts.values.max)
    end

    def all_over?(now)
      @over.size == @lasts_s&.size && @over.values.max <= now
    end

    # The taps that were made by now, each with what follows from it.
    def told(now)
      due, @taps = @taps.partition { |at, _| at <= now }
      due.sort_by(&:first).each { |at, task, what| tap(at, task, what) }
      standing = @household.meals.standing(record)
      @said << [now, record[:meal].serve_at + (standing.late_min(now) * 60)]
    end

    def tap(at, task, what)
      tap = FondKettle::Meals::Tap.new(task: task, what: what, at: at)
      FondKettle::App::CookMeal.new(@household, at).tell(record, [["#{task} #{what}", tap]])
      FondKettle::App::KeepTime.new(@household, at).call(@id)
    end

    # Begins what the schedule, the food and the hands allow at a Time.
    def begin_what_can(now)
      current = record
      standing = FondKettle::Meals::Standing.new(current[:meal], current[:schedule])
      @lasts_s ||= standing.tasks.to_h { |task| [task.id, lasts_s(task)] }
      standing.tasks.each do |task|
        next if @begun.key?(task.id) || standing.starts_at(task) > now + SOON_S || !ready?(task, now)
        next if task.hands_on? && busy?(standing, standing.cook_of(task), now)

        begin_task(task, now)
      end
    end

    def lasts_s(task)
      planned_s = task.minutes * 60
      planned_s + (@random.rand < LONGER_SHARE ? [planned_s * LONGER, MOST_LONGER_S].min : 0)
    end

    # True where all that comes before a task is really over.
    def ready?(task, now)
      task.slot.after.all? do |after|
        before = after.least.negative? ? @begun[after.task] : @over[after.task]
        !@lasts_s.key?(after.task) || (before && before + (after.least.clamp(0..) * 60) <= now)
      end
    end

    def busy?(standing, cook, now)
      standing.tasks.any? do |task|
        task.hands_on? && standing.cook_of(task) == cook && @begun.key?(task.id) && @over[task.id] > now
      end
    end

    def begin_task(task, now)
      @begun[task.id] = now
      @over[task.id] = now + @lasts_s.fetch(task.id)
      @taps << [now + late_s, task.id, "begun"]
      @taps << [@over[task.id] + late_s, task.id, "over"]
    end

    def late_s
      @random.rand * MOST_LATE_S
    end
  end
end
