# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # The copies of a kitchen, and what can be given away of it.
      class Copies < Presenter
        # A kitchen that runs makes one a day: after so long something keeps it from it, s.
        LATE_S = 2 * 86_400
        COUNTED = [%w[pot pots], %w[dish dishes], %w[cook cooks]].freeze
        # A copy's file name, when it was made, and what is in it, in words.
        CopyLine = Value.define(:name, :made, :held, :size)

        # "5 pots, 13 dishes, 7 cooks, last used Fri 27 Nov, 14:40"
        def self.summary(contents)
          counts = COUNTED.zip([contents.pots, contents.dishes,
                                contents.cooks]).map do |(one, several), count|
            "#{count} #{count == 1 ? one : several}"
          end
          last = contents.until_at
          [*counts, last ? "last cooked #{last.getlocal.strftime('%a %-d %b %Y, %H:%M')}" : "never cooked in"]
            .join(", ")
        end

        # A sentence on what was taken in: how many by table.
        def self.taken_in(added)
          return "All of it was here already." if added.empty?

          "Taken in: #{added.map { |table, count| "#{count} #{table.to_s.tr('_', ' ')}" }.join(', ')}."
        end

        # `copies`: Store::DatedCopies::DatedCopy, the newest first.
        def initialize(household, copies, now)
          super(household)
          @copies = copies
          @now = now
        end

        # One sentence: when the last copy was made.
        def lead
          return "There is no copy of this kitchen yet." if @copies.empty?

          "The last copy was made **#{moment(@copies.first.made_at)}**."
        end

        # The trouble with the copies, or nil.
        def trouble
          return unless @copies.any? && @copies.first.made_at < @now - LATE_S

          "No copy was made for two days: is the disk full, or the folder not to be written in?"
        end

        # CopyLine of each copy.
        def all
          @copies.map do |copy|
            CopyLine.new(name: copy.name, made: moment(copy.made_at), held: Copies.summary(copy.contents),
                         size: "#{(copy.bytes / 1024.0).ceil} kB")
          end
        end

        # The parts that can be given away by themselves: name and words.
        def parts
          [["log", "The log"], *House::SHELF_KINDS.map { |key, kind| [key.to_s, kind.title] }]
        end

        # The folder of the kitchen, for whoever wants to copy the copies elsewhere.
        def folder
          File.join(household.path, "copies")
        end
      end
    end
  end
end
