# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../household"
require_relative "../journal"

module FondKettle
  module Store
    # Takes a part of another kitchen (its log, a shelf, a dish) into this one, beside what is here: what is
    # here already is not taken twice, and nothing that is here is changed. One act, that can be taken back.
    class Merging
      # What tells two records apart is not where they stand.
      PLACE = %i[id lock_version removed_at].freeze

      # `from` is the household of the part.
      def initialize(household, from)
        @household = household
        @from = from
        @added = Hash.new(0)
      end

      # Takes it in. Returns [how many of each table were added, the id of the journal's entry (nil: nothing
      # was)].
      def call(text, now)
        _, entry = @household.journal.act(text, kind: "addition", path: "/safekeeping", now: now) do
          methods
          House::SHELF_KINDS.each_key { |table| records(table, @household.shelf(table)) }
          records(:dishes, @household.dishes)
          cooks
        end
        @household.lessons.bring_forward
        [@added, entry]
      end

      private

      def rows(table)
        @from.database.read { |db| db[table].all }
      end

      # A way of that name that is here already stays as it is.
      def methods
        @from.method_texts.each do |key, text|
          next if @household.method_text(key)

          @household.put_method(key, text)
          @added[:methods] += 1
        end
      end

      # The id here of each record there, by its id there.
      def records(table, shelf)
        here = shelf.all.map(&:dup)
        rows(table).to_h do |row|
          plain = row.except(*PLACE)
          same = here.find { |record| record.except(*PLACE) == plain }
          [row[:id], (same || add(table, shelf, plain, row))[:id]]
        end
      end

      # A pot that is known by name only there is known by name only here.
      def add(table, shelf, plain, row)
        @added[table] += 1 unless row[:removed_at]
        shelf.add(**plain, **row.slice(:removed_at))
      end

      def cooks
        found = rows(:cooks)
        return if found.empty?

        pots = records(:pots, @household.shelf(:pots))
        found.each { |cook| cook(cook, pots) unless known?(cook) }
      end

      def known?(cook)
        @household.database.read { |db| db[:cooks].where(cook.slice(:title, :grain, :started_at)).any? }
      end

      def cook(cook, pots)
        @household.database.write do |db|
          id = @household.journal.noting(:cooks) do
            db[:cooks].insert(**cook.except(:id), pot_id: pots[cook[:pot_id]], bag_id: nil)
          end
          %i[events outcomes].each { |table| belonging(db, table, cook[:id], id) }
        end
        @added[:cooks] += 1
      end

      def belonging(db, table, there, id)
        @from.database.read { |from| from[table].where(cook_id: there).all }
             .each { |row| db[table].insert(**row.except(:id), cook_id: id) }
      end
    end
  end
end
