# frozen_string_literal: true

require "time"
require_relative "../lib/fond_kettle/formats/stored_plan"
require_relative "../lib/fond_kettle/log/outcome"
require_relative "../lib/fond_kettle/stove/cook"
require_relative "database"
require_relative "tapped"

module FondKettle
  module Store
    # Cooks, what happened at the stove and how they came out. A cook is a frozen
    # hash: the row, with :plan parsed, :events (Stove::Event), :last_tap (Tapped::Tap), :outcome, and
    # :pending: is what follows from a tap still to be worked out?
    class CookBook
      include Tapped

      STILL_COOKING = "This pot is still on the stove: finish it there first."
      FINISHED_ALREADY = "This pot was finished already, perhaps on another device."

      # Changes are recorded in the `journal`.
      def initialize(database, journal)
        @database = database
        @journal = journal
      end

      # Starts a cook at `now` with a plan (hash); returns its id. `pot_no` of `pots`: one of
      # several equal pots; the first is begun with, the others wait (`waits`: for a meal, all do).
      # `happened`: what is told of it from the start ([kind, what] each): water of the cook's own, and
      # what comes of it. `request`: the stored text of the request that the plan was made of (nil: a plan of
      # before, of which nobody knows).
      def start(title:, grain:, pot_id:, address:, plan:, now:, request: nil, pot_no: 1, pots: 1,
                happened: [], waits: pot_no > 1)
        @database.write do |db|
          id = db[:cooks].insert(title: title, grain: grain, pot_id: pot_id, address: address,
                                 plan: Formats::StoredPlan.write(plan), request: request,
                                 pot_no: pot_no, pots: pots,
                                 planned_g: plan[:liquid][:g], poured_g: plan[:liquid][:g],
                                 started_at: text(now))
          begun = waits ? [] : [["task", plan[:tasks].first[:id]]]
          tell(db, id, Stove::Cook.new(plan, []), [*happened, *begun], now, now)
          # What comes of it came with it.
          db[:cooks].where(id: id).update(followed_to: db[:events].max(:id)) if happened.any?
          id
        end
      end

      # True before the first cook.
      def none?
        @database.read { |db| db[:cooks].empty? }
      end

      # Raises NotFound.
      def find(id)
        @database.remember([:cook, id]) { |db| whole(db, row(db, id)) }
      end

      # The cooks on the stove, the newest first, whole.
      def on_the_stove
        @database.read do |db|
          db[:cooks].where(finished_at: nil, left_at: nil).reverse(:id).map { |row| whole(db, row) }
        end
      end

      # True where a pot is on the stove.
      def busy?
        @database.read { |db| !db[:cooks].where(finished_at: nil, left_at: nil).empty? }
      end

      # Leaves a pot that was never cooked: it is neither on the stove nor in the log.
      def leave(id, now)
        @database.write do |db|
          open_cook(db, id)
          noting(id) { db[:cooks].where(id: id).update(left_at: text(now)) }
        end
      end

      # Finished cooks, newest first, at most `most`, with their outcomes; only those with `word` in their
      # title or note, of a `month` ("2026-11"), and for an `eater` (an id), where they are given.
      def finished(most: 100, word: "", month: "", eater: nil)
        @database.read do |db|
          found = in_log(db).where(Sequel.like(:finished_at, "#{db[:cooks].escape_like(month)}%"))
          found = found.where(about(db, word)) unless word.empty?
          found = found.where(seated(eater)) if eater
          with_outcomes(db, found.reverse(:finished_at).limit(most))
        end
      end

      # The months in which something was cooked ("2026-11"), the newest first.
      def months
        month = Sequel.function(:substr, :finished_at, 1, 7).as(:month)
        @database.read { |db| in_log(db).select(month).distinct.reverse(:month).map(:month) }
      end

      # When each was cooked last: texts of the log's times by their titles.
      def last_cooked
        last = Sequel.function(:max, :finished_at).as(:last)
        @database.read { |db| in_log(db).group(:title).select(:title, last).as_hash(:title, :last) }
      end

      # Raises Conflict when it was finished before. `bag_id`: the bag of its rice, nil: none.
      def finish(id, now, bag_id = nil)
        @database.write do |db|
          open_cook(db, id)
          noting(id) do
            db[:cooks].where(id: id)
                      .update(finished_at: text(now), bag_id: bag_id, lock_version: Sequel[:lock_version] + 1)
          end
        end
      end

      # Records the outcome of a finished cook; `lock_version` nil for the first; `teaches`: whether the next
      # pot learns from it (Log::Credible). Raises Conflict while it cooks, or when somebody was faster.
      def judge(id, outcome, lock_version, teaches: true)
        @database.write do |db|
          raise Conflict, STILL_COOKING unless row(db, id)[:finished_at]

          @journal.noting(:outcomes, id) do
            lock_version ? change_outcome(db, id, outcome, lock_version) : add_outcome(db, id, outcome)
          end
          noting(id) { db[:cooks].where(id: id).update(teaches: teaches) }
        end
      end

      # Takes a finished cook out of the log: it teaches nothing any more, and can be put back. Raises
      # NotFound; Conflict where it is still on the stove.
      def remove(id, now)
        @database.write do |db|
          raise Conflict, STILL_COOKING unless row(db, id)[:finished_at]

          noting(id) { db[:cooks].where(id: id).update(removed_at: text(now)) }
        end
      end

      private

      def noting(id, &)
        @journal.noting(:cooks, id, &)
      end

      # Condition for a word in title or note.
      def about(db, word)
        like = "%#{db[:cooks].escape_like(word)}%"
        noted = db[:outcomes].where(Sequel.ilike(:note, like)).select(:cook_id)
        Sequel.ilike(:title, like) | { id: noted }
      end

      # Condition for who sat at the table: the address of a plan, as PlanFields writes it, names them.
      def seated(eater)
        Sequel.like(Sequel.join(["&", :address, "&"]), "%&who[]=#{eater}&%")
      end

      def in_log(db)
        db[:cooks].where(removed_at: nil).exclude(finished_at: nil)
      end

      def add_outcome(db, id, outcome)
        if db[:outcomes].where(cook_id: id).any?
          raise Conflict, "How this pot came out was written down already."
        end

        db[:outcomes].insert(cook_id: id, **outcome.to_h)
      end

      def change_outcome(db, id, outcome, lock_version)
        changed = db[:outcomes].where(cook_id: id, lock_version: lock_version)
                               .update(**outcome.to_h, lock_version: lock_version + 1)
        raise Sequel::NoExistingObject if changed.zero?
      end

      def row(db, id)
        db[:cooks].first(id: id) || raise(NotFound, "This pot is not in the log.")
      end

      def open_cook(db, id)
        cook = whole(db, row(db, id))
        raise Conflict, FINISHED_ALREADY if cook[:finished_at] || cook[:left_at]

        cook
      end

      def whole(db, row)
        # What follows from a tap stands with it, though it came later.
        rows = db[:events].where(cook_id: row[:id]).order(:tapped_at, :id).all
        parsed(row, db[:outcomes].first(cook_id: row[:id]))
          .merge(events: rows.map { |one| event(one) }.freeze, last_tap: last_tap(rows),
                 version: "#{rows.size}-#{rows.map { |one| one[:id] }.max}",
                 pending: rows.any? { |one| FOLLOWED.include?(one[:kind]) && one[:id] > row[:followed_to] })
          .freeze
      end

      def event(row)
        Stove::Event.new(**row.slice(:kind, :what), at: Time.parse(row[:at]))
      end

      def with_outcomes(db, dataset)
        rows = dataset.all
        outcomes = db[:outcomes].where(cook_id: rows.map { |row| row[:id] }).to_hash(:cook_id)
        rows.map { |row| parsed(row, outcomes[row[:id]]).freeze }
      end

      def parsed(row, outcome)
        row.merge(plan: Formats::StoredPlan.read(row[:plan]), started_at: Time.parse(row[:started_at]),
                  finished_at: row[:finished_at] && Time.parse(row[:finished_at]), outcome: outcome)
      end

      def insert_event(db, cook_id, kind, what, at, now)
        db[:events].insert(cook_id: cook_id, kind: kind, what: what.to_s, at: text(at), tapped_at: text(now))
      end

      def text(time)
        time.utc.iso8601(3)
      end
    end
  end
end
