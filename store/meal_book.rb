# frozen_string_literal: true

require "time"
require_relative "../lib/fond_kettle/formats/stored_meal"
require_relative "../lib/fond_kettle/formats/stored_plan"
require_relative "../lib/fond_kettle/ground/limits"
require_relative "../lib/fond_kettle/meals/standing"
require_relative "../lib/fond_kettle/stove/cook"
require_relative "database"

module FondKettle
  module Store
    # Meals: several dishes for one minute. A record is a frozen hash: the row, with :meal (Meals::Meal)
    # and :schedule (Meals::Schedule, nil where it cannot be met), :begun_at and :ended_at as Times.
    class MealBook
      # A dish as it is put into a meal; `grain`, `address` and `request` (the stored text of what its plan
      # was made of) nil for what is made beside the rice.
      Put = Value.define(:key, :title, :address, :grain, :pot_id, :plan, :request)

      ENDED = "This meal is over: it is only looked at now."
      BEGUN = "This meal is on the stove: what is left of it is planned anew there."
      SOMEBODY = "Somebody else changed this meal first. This is how it stands now: change it again."

      # Changes are recorded in the `journal`.
      def initialize(database, cooks, journal)
        @database = database
        @cooks = cooks
        @journal = journal
      end

      # Keeps a meal and its dishes (Put); returns its id.
      def add(meal, schedule, puts, now)
        @database.write do |db|
          id = @journal.noting(:meals) { db[:meals].insert(made_at: text(now), **row(meal, schedule)) }
          puts.each do |put|
            @journal.noting(:meal_dishes) do
              db[:meal_dishes].insert(meal_id: id, **put.to_h, plan: stored(put.plan))
            end
          end
          id
        end
      end

      # Raises NotFound.
      def find(id)
        @database.read { |db| whole(db, record(db, id)) }
      end

      # So long after it was to be eaten is a meal that nobody began still one of today's, s.
      STALE_S = 12 * 3600

      # Meals that are still to come or on the stove at `now`, the next one first.
      def to_come(now)
        open.select { |record| record[:begun_at] || record[:meal].serve_at > now - STALE_S }
      end

      # The meals that are planned or on the stove, the next one first.
      def open
        @database.read do |db|
          db[:meals].where(ended_at: nil).order(:serve_at, :id).map do |row|
            whole(db, row)
          end
        end
      end

      # [id, title] of the meal on the stove that a pot (a cook's id) is of, or nil.
      def of_pot(cook_id)
        @database.read do |db|
          db[:meal_cooks].join(:meal_dishes, id: :meal_dish_id).join(:meals, id: :meal_id)
                         .where(cook_id: cook_id, ended_at: nil).get([Sequel[:meals][:id],
                                                                      Sequel[:meals][:title]])
        end
      end

      # Rows of the dishes of a meal.
      def dishes(id)
        @database.read { |db| db[:meal_dishes].where(meal_id: id).order(:id).all }
      end

      # Changes a planned meal or one on the stove; `by_itself`: nobody did, and no page is out of date by it.
      # Raises Conflict.
      def change(id, lock_version, meal, schedule, by_itself: false)
        @database.write do |db|
          row = record(db, id)
          raise Conflict, ENDED if row[:ended_at]
          raise Conflict, SOMEBODY unless row[:lock_version] == lock_version

          @journal.noting(:meals, id) do
            db[:meals].where(id: id).update(lock_version: lock_version + 1, **row(meal, schedule),
                                            planned: Sequel[:planned] + (by_itself ? 0 : 1))
          end
        end
      end

      # Puts every pot of the meal on the stove, waiting, once; the block returns the ids of a dish's pots.
      # Raises Conflict when the meal is over.
      def begin(id, now)
        @database.write do |db|
          row = record(db, id)
          raise Conflict, ENDED if row[:ended_at]
          next if row[:begun_at]

          db[:meal_dishes].where(meal_id: id).exclude(address: nil).each do |dish|
            yield(dish).each { |cook_id| db[:meal_cooks].insert(meal_dish_id: dish[:id], cook_id: cook_id) }
          end
          db[:meals].where(id: id).update(begun_at: text(now), lock_version: Sequel[:lock_version] + 1)
        end
      end

      # The meal is over, or was never cooked: its pots that nobody began are off the stove.
      def end(id, now)
        @database.write do |db|
          cook_ids(db, id).each { |cook_id| leave(cook_id, now) }
          @journal.noting(:meals, id) do
            db[:meals].where(id: id).update(ended_at: text(now), lock_version: Sequel[:lock_version] + 1)
          end
        end
      end

      # Tells taps ([key, Meals::Tap] each), each once, however often it is handed over; the block is given
      # those that are new, and moves the pots. Raises NotFound, Conflict.
      def tell(id, taps, now)
        @database.write do |db|
          raise Conflict, ENDED if record(db, id)[:ended_at]

          known = db[:meal_taps].where(meal_id: id, key: taps.map(&:first)).select_map(:key)
          fresh = taps.uniq(&:first).reject { |tap| known.include?(tap.first) }
          fresh.each { |key, tap| insert(db, id, key, tap, now) }
          yield fresh.map(&:last) if fresh.any?
          db[:meals].where(id: id).update(lock_version: Sequel[:lock_version] + 1) if fresh.any?
          fresh.size
        end
      end

      # Tasks (ids) are done by other cooks (indexes) than was planned.
      def take(id, takers)
        @database.write do |db|
          before = whole(db, record(db, id))
          cooks = before[:meal].cooks.size
          taken = takers.select { |task, cook| before[:schedule]&.taken?(task, cook, cooks) }
          next if taken.empty?

          db[:meals].where(id: id).update(row(before[:meal].with(who: { **before[:meal].who, **taken }),
                                              before[:schedule].taken_by(taken)))
        end
      end

      # Meals::Standing of a record.
      def standing(record)
        taps = @database.read { |db| db[:meal_taps].where(meal_id: record[:id]).order(:at, :id).all }
        told = taps.map { |tap| Meals::Tap.new(task: tap[:task], what: tap[:what], at: Time.parse(tap[:at])) }
        Meals::Standing.new(record[:meal], record[:schedule], taps: told, cooks: pots(record))
      end

      private

      # What has only tasks is of the newest version.
      def stored(plan)
        Formats::StoredPlan.write(plan_version: Formats::StoredPlan::VERSION, **plan)
      end

      def pots(record)
        record[:meal].dishes.select { |dish| dish.cook_ids.any? }.to_h do |dish|
          cooks = dish.cook_ids.map { |id| @cooks.find(id) }
          [dish.key, cooks.map { |cook| Stove::Cook.new(cook[:plan], cook[:events]) }]
        end
      end

      def insert(db, id, key, tap, now)
        db[:meal_taps].insert(meal_id: id, key: key, task: tap.task, what: tap.what, at: precise(tap.at),
                              told_at: precise(now))
      end

      def leave(cook_id, now)
        cook = @cooks.find(cook_id)
        @cooks.leave(cook_id, now) if cook[:finished_at].nil? && cook[:left_at].nil? && cook[:events].empty?
      end

      def cook_ids(db, id)
        dishes = db[:meal_dishes].where(meal_id: id).select(:id)
        db[:meal_cooks].where(meal_dish_id: dishes).select_map(:cook_id)
      end

      def row(meal, schedule)
        { title: meal.title, serve_at: text(meal.serve_at), wishes: Formats::StoredMeal.wishes(meal),
          schedule: Formats::StoredMeal.schedule(schedule) }
      end

      def record(db, id)
        db[:meals].first(id: id) || raise(NotFound, "There is no such meal.")
      end

      def whole(db, row)
        cooks = db[:meal_cooks].join(:meal_dishes, id: :meal_dish_id).where(meal_id: row[:id])
                               .select_hash_groups(:key, :cook_id)
        dishes = db[:meal_dishes].where(meal_id: row[:id]).order(:id).map do |dish|
          Meals::MealDish.new(key: dish[:key], title: dish[:title], plan: Formats::StoredPlan.read(dish[:plan]),
                              cook_ids: cooks.fetch(dish[:key], []))
        end
        meal = Formats::StoredMeal.meal(row[:wishes], title: row[:title], serve_at: row[:serve_at],
                                                      dishes: dishes)
        times = row.slice(:made_at, :begun_at, :ended_at).transform_values { |at| at && Time.parse(at) }
        row.merge(meal: meal, schedule: Formats::StoredMeal.read_schedule(row[:schedule]), **times).freeze
      end

      def text(time)
        time.utc.iso8601
      end

      def precise(time)
        time.utc.iso8601(3)
      end
    end
  end
end
