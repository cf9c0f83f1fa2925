# frozen_string_literal: true

require "time"
require_relative "../lib/fond_kettle/care/put_away"
require_relative "shelf"

module FondKettle
  module Store
    # What is kept of what was cooked: in the kitchen while it cools, in refrigerator and freezer.
    class KeptBook < Shelf
      COOLING = "cooling"

      def initialize(database)
        super(database, :kept)
      end

      # What is there, the oldest first.
      def there
        all.select { |record| record[:gone_at].nil? }.sort_by { |record| record[:made_at] }
      end

      # What there is with a grain (its key) in it.
      def of_grain(grain)
        there.select { |record| record[:grain] == grain }
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
        add(**attributes, place: place, made_at: stamp(made_at), **cooled)
      end

      # Into another place of PutAway#places: how it cooled is what it was, what leaves the freezer thaws.
      def move(id, lock_version, place, now)
        record = find(id)
        change(id, lock_version, place: place, **moved(record, place, now))
      end

      # So many portions are taken out; with the last it is gone.
      def take(id, lock_version, count, now)
        left = [find(id)[:portions] - count, 0].max
        change(id, lock_version, portions: left, gone_at: left.zero? ? stamp(now) : nil)
      end

      # All of it is thrown away.
      def throw_away(id, lock_version, now)
        change(id, lock_version, gone_at: stamp(now), thrown: true)
      end

      private

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
