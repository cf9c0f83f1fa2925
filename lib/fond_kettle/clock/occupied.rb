# frozen_string_literal: true

module FondKettle
  module Clock
    # The use of each resource minute by minute, and the temperature of the oven.
    class Occupied
      # `there`: how much there is of each, by name.
      def initialize(there)
        @there = there
        @used = Hash.new(0)
        @oven_c = Hash.new { |ovens, minute| ovens[minute] = [] }
      end

      # Takes what all of some slots use ([slot, start] each), where there is room for all of them at
      # once; is there?
      def take(pairs)
        taken = pairs.take_while { |slot, start| room?(slot, start) && use(slot, start, 1) }
        return true if taken.size == pairs.size

        taken.each { |slot, start| use(slot, start, -1) }
        false
      end

      private

      # Is there room for a Slot that starts so many minutes before serving?
      def room?(slot, start)
        minutes(slot, start).all? do |minute|
          warm?(slot, minute) &&
            slot.uses.all? { |name, amount| @used[[name, minute]] + amount <= @there.fetch(name, 0) }
        end
      end

      # An oven in use has one temperature.
      def warm?(slot, minute)
        slot.oven_c.nil? || @oven_c[minute].empty? || @oven_c[minute].include?(slot.oven_c)
      end

      def use(slot, start, times)
        minutes(slot, start).each do |minute|
          slot.uses.each { |name, amount| @used[[name, minute]] += amount * times }
          next unless slot.oven_c

          times.positive? ? @oven_c[minute] << slot.oven_c : @oven_c[minute].delete_at(-1)
        end
      end

      def minutes(slot, start)
        (start - slot.minutes)...start
      end
    end
  end
end
