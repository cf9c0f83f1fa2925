# frozen_string_literal: true

module FondKettle
  module Clock
    # What is in use minute by minute, of each resource, and how warm the oven is.
    class Occupied
      # `there`: how much there is of each, by name.
      def initialize(there)
        @there = there
        @used = Hash.new(0)
        @oven_c = {}
      end

      # Is there room for a Slot that starts so many minutes before serving?
      def room?(slot, start)
        minutes(slot, start).all? do |minute|
          (slot.oven_c.nil? || [nil, slot.oven_c].include?(@oven_c[minute])) &&
            slot.uses.all? { |name, amount| @used[[name, minute]] + amount <= @there.fetch(name, 0) }
        end
      end

      # Takes what it uses.
      def take(slot, start)
        minutes(slot, start).each do |minute|
          @oven_c[minute] = slot.oven_c if slot.oven_c
          slot.uses.each { |name, amount| @used[[name, minute]] += amount }
        end
      end

      private

      def minutes(slot, start)
        (start - slot.minutes)...start
      end
    end
  end
end
