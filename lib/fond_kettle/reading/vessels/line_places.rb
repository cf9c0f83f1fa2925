# frozen_string_literal: true

require_relative "vessel_course"

module FondKettle
  module Reading
    # How much of each line of a text has gone in somewhere, and in which vessel it lies.
    class LinePlaces
      # "Half the dill … dill over."
      STREWN = %w[sprinkle serve].freeze
      # Less than that of a line went in by the pinch.
      PINCH = 0.15
      # What is left of a line by rounding is nothing.
      NONE = 0.001

      # `lines`: ReadLines.
      def initialize(lines)
        @taken = Array.new(lines.size, 0.0)
        @at = Array.new(lines.size)
        @kept = Array.new(lines.size)
        @parted = Array.new(lines.size)
        @later = Array.new(lines.size, false)
        @been = Array.new(lines.size) { [] }
      end

      # Share of a line (its index) that goes in now, by what its words say of how much (a NamedLine's share);
      # without a word for it all of which no more than a pinch went in before, and at a `kind` by which it is
      # strewn what is left.
      def share(index, said, kind)
        left = 1.0 - @taken[index]
        return 0.0 if left < NONE || (said.nil? && @taken[index] >= PINCH && !STREWN.include?(kind))

        said.is_a?(Float) ? [said, left].min : left
      end

      # Notes that a share of a line went into a vessel; what of it lies on a plate is kept there.
      def take(index, share, vessel)
        aside = @at[index]
        keep([index], aside) if aside != vessel && VesselCourse::PLATES.include?(aside)
        @taken[index] += share
        put(index, vessel)
      end

      # True where a line lay in a vessel (key) before.
      def been?(index, vessel)
        @been[index].include?(vessel)
      end

      # The vessel (key) in which a line lies, or nil.
      def vessel(index)
        @at[index]
      end

      # The vessel in which the part of a line lies that was kept for later, or nil.
      def kept(index)
        @kept[index]
      end

      # True where something lies in a vessel, or a part of something is kept there.
      def used?(vessel)
        any?(vessel) || @kept.include?(vessel)
      end

      # Notes that a part of some lines was put into a vessel, for later; `later`: its words say so, and it is
      # used when it is spoken of.
      def keep(indexes, vessel, later: false)
        indexes.each do |index|
          @kept[index] = vessel
          @parted[index] = @at[index]
          @later[index] = later
        end
      end

      # True where a part of a line is kept until it is spoken of.
      def for_later?(index)
        @later[index]
      end

      # Where "the rest" of a line lies of which a part was kept: what was not kept, until that was used.
      def rest(index)
        @at[index] == @parted[index] ? @at[index] : @kept[index]
      end

      # Notes that what is in one vessel, or some lines of it, is in another now.
      def move(from, into, indexes = nil)
        @at.each_index do |index|
          put(index, into) if @at[index] == from && (indexes.nil? || indexes.include?(index))
        end
      end

      # Indexes of the lines that lie in a vessel.
      def in(vessel)
        @at.each_index.select { |index| @at[index] == vessel }
      end

      # Keys of the vessels in which something lies.
      def vessels
        @at.compact.uniq
      end

      # True where something lies in a vessel.
      def any?(vessel)
        @at.include?(vessel)
      end

      # Indexes of lines of which something may go in yet.
      def left
        @taken.each_index.select { |index| 1.0 - @taken[index] >= NONE }
      end

      # Indexes of lines of which nothing has gone in anywhere.
      def untaken
        @taken.each_index.select { |index| @taken[index].zero? }
      end

      private

      def put(index, vessel)
        @at[index] = vessel
        @been[index] |= [vessel]
      end
    end
  end
end
