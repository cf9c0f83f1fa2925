# frozen_string_literal: true

require "time"
require_relative "../lib/fond_kettle/ground/limits"
require_relative "../lib/fond_kettle/stove/cook"

module FondKettle
  module Store
    # Taps at the stove. Only a CookBook includes it. One tap is one write, and can be taken back for some
    # seconds with all its consequences.
    module Tapped
      # A tap: what was told with it ([kind, what] each), and when (a Time).
      LastTap = Value.define(:happened, :at)
      # Kinds of events from which something may follow.
      FOLLOWED = %w[seen sign found poured added].freeze
      # So long may it have been on its way here, s.
      ON_ITS_WAY_S = 2

      # Goes from task `from` to task `to` (ids), `at` a time not after now, and tells what else
      # happened ([kind, what] each) with the same tap; does nothing when another device has
      # already left `from`, or there is no such task. Raises NotFound, Conflict.
      def move(id, from, to, now, at: now, happened: [])
        @database.write do |db|
          cook = standing(open_cook(db, id))
          next unless cook.task[:id] == from && cook.tasks.any? { |task| task[:id] == to }

          at = [[at, cook.task_began_at].compact.max, now].min
          tell(db, id, cook, [*happened, ["task", to]], now, at)
        end
      end

      # Begins with a pot that waits, once, `at` a time not after now.
      def begin(id, now, at: now)
        @database.write do |db|
          cook = standing(open_cook(db, id))
          tell(db, id, cook, [["task", cook.task[:id]]], now, at) if cook.waiting?
        end
      end

      # Takes back that a pot was begun with, of which nothing more was told: it waits again.
      def wait_again(id)
        @database.write do |db|
          cook = standing(open_cook(db, id))
          db[:events].where(cook_id: id).delete if cook.events.one?
          forget_followed(db, id)
        end
      end

      # Stores that a cue was seen; the first sighting counts.
      def see(id, cue, now)
        @database.write do |db|
          cook = standing(open_cook(db, id))
          tell(db, id, cook, [["seen", cue]], now, now) unless cook.seen_cues.key?(cue)
        end
      end

      # Tells what happened ([kind, what] each), in one tap. Raises NotFound, Conflict.
      def note(id, happened, now)
        @database.write do |db|
          tell(db, id, standing(open_cook(db, id)), happened, now, now)
        end
      end

      # Adds what follows from what was told since it was last worked out, if anything was: the block gives
      # it ([kind, what] each) of the cook's record and those events, while nothing is locked. It belongs to
      # the last of them, and is taken back with it.
      def follow(id)
        record = find(id)
        rows = unfollowed(record)
        return if rows.empty?

        over = record[:finished_at] || record[:left_at]
        follows = over ? [] : yield(record, rows.map { |row| event(row) })
        @database.write { |db| followed(db, record, rows.last, follows) }
      end

      # Takes the last tap back, if that is not too long ago and not the first. Is it gone?
      # Raises NotFound, Conflict.
      def undo(id, now)
        @database.write do |db|
          cook = open_cook(db, id)
          next false unless cook[:last_tap] && now - cook[:last_tap].at <= Limits::UNDO_S + ON_ITS_WAY_S

          db[:events].where(cook_id: id, tapped_at: text(cook[:last_tap].at)).delete
          forget_followed(db, id)
          keep_poured(db, id, standing(open_cook(db, id)))
          true
        end
      end

      private

      # Of `cook` as it stood until now (Stove::Cook).
      def tell(db, id, cook, happened, now, at)
        keep_poured(db, id, with(db, id, cook, happened, now, at))
      end

      def unfollowed(record)
        since = record[:followed_to]
        @database.read do |db|
          db[:events].where(cook_id: record[:id], kind: FOLLOWED).where { id > since }.order(:id).all
        end
      end

      # What follows is kept where what it follows from still stands, and nobody was quicker.
      def followed(db, record, last, follows)
        cook = db[:cooks].where(id: record[:id], followed_to: record[:followed_to])
        return if cook.empty? || db[:events].where(**last.slice(:id, :tapped_at)).empty?

        follows.each do |kind, what|
          db[:events].insert(cook_id: record[:id], kind: kind, what: what.to_s, **last.slice(:at, :tapped_at))
        end
        cook.update(followed_to: last[:id])
      end

      # The ids of events that are gone are given out anew.
      def forget_followed(db, id)
        last = db[:events].where(cook_id: id).max(:id) || 0
        db[:cooks].where(id: id).where { followed_to > last }.update(followed_to: last)
      end

      # Keeps what happened; the cook as it stands then.
      def with(db, id, cook, happened, now, at)
        happened.each { |kind, what| insert_event(db, id, kind, what, at, now) }
        events = happened.map { |kind, what| Stove::Event.new(kind: kind, what: what.to_s, at: at) }
        Stove::Cook.new(cook.plan, [*cook.events, *events])
      end

      # What was poured in all stands in the cook's own row, too, for the log.
      def keep_poured(db, id, cook)
        db[:cooks].where(id: id).update(poured_g: cook.poured_g + cook.added_g)
      end

      def standing(record)
        Stove::Cook.new(record[:plan], record[:events])
      end

      # The tap that can be taken back: the last of several (LastTap), or nil.
      def last_tap(rows)
        at = rows.last&.fetch(:tapped_at)
        return if at.nil? || at == rows.first[:tapped_at]

        told = rows.select { |row| row[:tapped_at] == at }.map { |row| row.values_at(:kind, :what).freeze }
        LastTap.new(happened: told.freeze, at: Time.parse(at))
      end
    end
  end
end
