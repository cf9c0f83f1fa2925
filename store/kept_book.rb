# frozen_string_literal: true

require "time"
require_relative "../lib/fond_kettle/care/put_away"
require_relative "shelf"

module FondKettle
  module Store
    # Cooked food that is stored: in the kitchen while it cools, in refrigerator and freezer.
    class KeptBook < Shelf
      COOLING = "cooling"

      # A page of them.
      PAGE = 40

      def initialize(database, journal)
        super(database, :kept, journal)
        judge_unjudged
      end

      # All that is there, the oldest first.
      def there
        @database.read { present.order(:made_at).all.each(&:freeze) }
      end

      # Number of boxes whose name contains `words` (nil: all).
      def count(words = nil)
        @database.read { named(present, words).count }
      end

      # True when there is any box.
      def any?
        @database.read { present.any? }
      end

      # A page of what is there, what must be thrown away first, then what cools or is due by `soon`, then by
      # how long it keeps; `words`: of its name (nil: any).
      def page(number, now:, soon:, words: nil)
        over = Sequel.lit("(judged AND (use_by IS NULL OR use_by <= ?))", stamp(now))
        due = Sequel.lit("(NOT judged OR use_by <= ?)", stamp(soon))
        rank = Sequel.case([[over, 0], [due, 1]], 2)
        @database.read do
          named(present, words).order(rank, :use_by, :made_at, :id).limit(PAGE,
                                                                          PAGE * number).all.each(&:freeze)
        end
      end

      # The boxes that need attention by `soon`: cooling, expired, or nearly expired; at most `most`.
      def due(soon, most:)
        @database.read do
          present.where(Sequel.lit("NOT judged OR use_by IS NULL OR use_by <= ?", stamp(soon)))
                 .order(:use_by, :made_at).limit(most).all.each(&:freeze)
        end
      end

      # The boxes with a grain (its key) that may still be eaten, the first to expire first.
      def of_grain(grain, now:, most:)
        at = stamp(now)
        of_it = @database.remember([:kept, grain]) do
          present.where(grain: grain).order(:use_by, :made_at).all.each(&:freeze).freeze
        end
        of_it.reject { |one| one[:judged] && (one[:use_by].nil? || one[:use_by] <= at) }.first(most)
      end

      # The Care::PutAway of a record.
      def value(record)
        times = record.slice(:made_at, :moved_at, :thawed_at).transform_values { |at| at && Time.parse(at) }
        Care::PutAway.new(**record.slice(:portions, :g_each, :depth_mm, :vessel, :start_c, :below_60_min,
                                         :place, :place_c, :cooled_in), **times)
      end

      # Puts something away that came off the heat `made_at`, into a place, where it has been since
      # `moved_at` (nil: it still cools); returns the record.
      def put(attributes, made_at:, place:, moved_at:)
        cooled = moved_at ? { moved_at: stamp(moved_at), cooled_in: place } : {}
        put = { **attributes, place: place, made_at: stamp(made_at), **cooled }
        add(**put, **judged({ **NOTHING_KNOWN, **put }))
      end

      # Moves a box to another place of PutAway#places. Its cooling stays on record; a box that leaves the
      # freezer thaws.
      def move(id, lock_version, place, now)
        record = find(id)
        changed = { place: place, **moved(record, place, now) }
        change(id, lock_version, **changed, **judged({ **record, **changed }))
      end

      # Takes portions out; with the last one the box is gone.
      def take(id, lock_version, count, now)
        left = [find(id)[:portions] - count, 0].max
        change(id, lock_version, portions: left, gone_at: left.zero? ? stamp(now) : nil)
      end

      # All of it is thrown away.
      def throw_away(id, lock_version, now)
        change(id, lock_version, gone_at: stamp(now), thrown: true)
      end

      private

      NOTHING_KNOWN = { moved_at: nil, thawed_at: nil, place_c: nil, cooled_in: nil,
                        below_60_min: nil }.freeze
      private_constant :NOTHING_KNOWN

      def present
        @records.unordered.where(gone_at: nil)
      end

      def named(records, words)
        if words.to_s.strip.empty?
          records
        else
          records.where(Sequel.ilike(:what,
                                     "%#{records.escape_like(words.strip)}%"))
        end
      end

      def judged(record)
        return { judged: false, use_by: nil } if record[:place] == COOLING

        kept = value(record)
        use_by = kept.use_by(kept.moved_at || kept.made_at)
        { judged: true, use_by: use_by && stamp(use_by) }
      end

      # Of a kitchen that was kept before this was written down.
      def judge_unjudged
        old = @database.read { present.where(judged: false).exclude(place: COOLING).all }
        return if old.empty?

        @database.write { |db| old.each { |record| db[:kept].where(id: record[:id]).update(judged(record)) } }
      end

      def moved(record, place, now)
        return { moved_at: stamp(now), cooled_in: place } if record[:place] == COOLING

        record[:place] == Care::PutAway::FREEZER ? { thawed_at: stamp(now) } : {}
      end

      def stamp(time)
        time.utc.iso8601
      end
    end
  end
end
