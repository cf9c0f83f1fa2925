# frozen_string_literal: true

require "digest"
require_relative "journal"
require_relative "old_requests"

module FondKettle
  module Store
    # The rows of what each cook has shown (texts of Formats::LinearisedJson), in the order in which they are
    # folded. With each stands a mark of the texts before it: where that is another by now, what it was worked
    # out after has changed since.
    class KeptLessons
      # Of a cook whose plan nobody knows nothing can be learned.
      UNKNOWN = OldRequests::NOT_KNOWN
      # Columns of a cook that stands in the log and was not forgotten.
      COUNTS = { removed_at: nil, forgotten_at: nil }.freeze

      # `mine`: the Shelf of what cooks said of their own water, which stands before every cook.
      def initialize(database, journal, mine)
        @database = database
        @journal = journal
        @mine = mine
      end

      # The text of a cook (its id), or nil.
      def of(cook_id)
        @database.read { |db| db[:lessons].where(cook_id: cook_id).get(:seen) }
      end

      # The texts of the cooks that teach, oldest first; of those that come before a finished cook's record
      # (nil: of all).
      def texts(before: nil)
        @database.read do |db|
          kept = db[:lessons].join(:cooks, id: :cook_id).where(teaches: true, **COUNTS)
                             .where(cook_id: db[:outcomes].select(:cook_id)).order(:finished_at, :cook_id)
          kept = kept.where(earlier(before)) if before
          kept.select_map(:seen)
        end
      end

      # The texts of the cooks' own water.
      def told
        @mine.all.map { |record| record[:seen] }
      end

      # Keeps a text in the place of what a finished cook's record had shown before (nil: nothing).
      def keep(cook, text)
        id = cook[:id]
        mark = mark(cook)
        @database.write do |db|
          @journal.noting(:lessons, id) do
            db[:lessons].where(cook_id: id).delete
            db[:lessons].insert(cook_id: id, seen: text, after: mark) if text
          end
        end
      end

      # Keeps a text that was worked out anew, where `was` still stands: it follows from what was changed, and
      # is no change of anybody's.
      def renew(cook, was, text)
        mark = mark(cook)
        @database.write do |db|
          db[:lessons].where(cook_id: cook[:id], seen: was).update(seen: text, after: mark)
        end
      end

      # Rows of the cooks that could teach, oldest first: id, what is kept of it, and whether it `counts`.
      def rows
        cooks = Sequel[:cooks]
        @database.read do |db|
          db[:cooks].join(:outcomes, cook_id: :id).left_join(:lessons, cook_id: cooks[:id])
                    .where(teaches: true).exclude(finished_at: nil).exclude(request: nil)
                    .exclude(request: UNKNOWN).order(:finished_at, cooks[:id])
                    .select(cooks[:id], :seen, :after, *COUNTS.keys)
                    .map { |row| { **row, counts: row.values_at(*COUNTS.keys).none? } }
        end
      end

      # Ids of the cooks whose text was worked out after others than stand before it now, oldest first.
      def outdated
        marks = marks_of(told)
        shown = rows.select { |row| row[:seen] && row[:counts] }
        shown.reject { |row| (row[:after] == marks.hexdigest).tap { marks << row[:seen] } }
             .map { |row| row[:id] }
      end

      private

      # What stands before a cook, as one mark.
      def mark(cook)
        marks_of([*told, *texts(before: cook)]).hexdigest
      end

      # Condition for what comes before a finished cook's record in the order of folding.
      def earlier(cook)
        at = Journal.text(cook[:finished_at])
        (Sequel[:finished_at] < at) | (Sequel.expr(finished_at: at) & (Sequel[:cook_id] < cook[:id]))
      end

      def marks_of(texts)
        texts.each_with_object(Digest::SHA256.new) { |text, marks| marks << text }
      end
    end
  end
end
