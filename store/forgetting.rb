# frozen_string_literal: true

require "time"
require_relative "../lib/fond_kettle/ground/value"
require_relative "journal"

module FondKettle
  module Store
    # Forgets what the cooks of the log have taught, and tells it bag by bag: a forgotten cook stays in the
    # log, and teaches nothing until it may again.
    class Forgetting
      # The cooks of one bag (`bag_id` nil: of a grain's rice that came from none), oldest first.
      #   name        the bag's, or nil
      #   cooks       ids of those that teach; `forgotten`: of those that were forgotten
      #   from, till  Times at which the first and the last of all of them were finished
      Bag = Value.define(:grain, :bag_id, :name, :cooks, :forgotten, :from, :till)

      # Changes are recorded in the `journal`.
      def initialize(database, journal)
        @database = database
        @journal = journal
      end

      # Bags, the one that was cooked from last first.
      def bags
        @database.remember(:taught_bags) do
          taught.group_by { |row| row.values_at(:grain, :bag_id) }.values.map { |rows| bag(rows) }
                .sort_by(&:till).reverse.freeze
        end
      end

      # Forgets what some cooks (ids) have taught.
      def forget(ids, now)
        put(ids, Journal.text(now))
      end

      # Has them teach again.
      def learn_again(ids)
        put(ids, nil)
      end

      private

      # The finished cooks that could teach, oldest first, with the names of their bags.
      def taught
        cooks = Sequel[:cooks]
        @database.read do |db|
          db[:cooks].join(:lessons, cook_id: :id).left_join(:bags, id: cooks[:bag_id])
                    .where(cooks[:removed_at] => nil, teaches: true).exclude(finished_at: nil)
                    .order(:finished_at, cooks[:id])
                    .select(cooks[:id], cooks[:grain], :bag_id, :name, :finished_at, :forgotten_at).all
        end
      end

      def bag(rows)
        forgotten, cooks = rows.partition { |row| row[:forgotten_at] }
        from, till = rows.map { |row| Time.parse(row[:finished_at]) }.minmax
        Bag.new(**rows.last.slice(:grain, :bag_id, :name), cooks: ids(cooks), forgotten: ids(forgotten),
                                                           from: from, till: till)
      end

      def ids(rows)
        rows.map { |row| row[:id] }.freeze
      end

      def put(ids, forgotten_at)
        @database.write do |db|
          @journal.noting(:cooks, *ids) { db[:cooks].where(id: ids).update(forgotten_at: forgotten_at) }
        end
      end
    end
  end
end
