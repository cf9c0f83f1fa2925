# frozen_string_literal: true

require_relative "../clock/slot"
require_relative "../ground/value"
require_relative "kind"

module FondKettle
  module Care
    # Something that goes in: the key of its grain or ingredient (or WATER), its name for people (`what`),
    # grams (nil: nobody knows) and how the house measures it. `poured_off`: it is not eaten. `told`: as the
    # cook reads it, "3 leeks, in rings (450 g)"; nil where another amount of the same task tells it.
    Amount = Value.define(:key, :what, :g, :measured, :poured_off, :told) do
      const_set(:WATER, "water")

      # An Amount of food, which is eaten.
      def self.of(key:, what:, g:, measured:, told:)
        new(key: key, what: what, g: g, measured: measured, poured_off: false, told: told)
      end
    end

    # What is done one after the other: `head` before the `lines`, `tail` after them.
    Checklist = Value.define(:head, :lines, :tail) do
      # Amount in one sentence, as the slip writes it.
      def to_s
        "#{head}: #{lines.join('; ')}. #{tail}"
      end
    end

    # A step in time: a Clock::Slot with what there is to do.
    #   slot       id, whole minutes, what it uses, what it comes after
    #   kind       Kind
    #   key        its name within its part of the method's file; only for texts
    #   say, cue, why   what to do, what to look for, why
    #   hands_on   it keeps a cook busy
    #   timed_min  exact minutes where the food is timed, else nil; what the stove counts
    #   heat       what the burner is at, "oven", or nil
    #   watch      cues that can be tapped at the stove
    #   amounts    what goes in at it (Amount)
    #   lot        of which of several equal pots that is: "In each pot"; nil for one pot
    #   core_c     what a thermometer must show at it, °C, or nil
    #   list       where it is done line by line: Checklist, else nil
    #   facts      what is so in its vessel, for the cautions: "closed", "lid:foil",
    #              "material:clay", "in:raw-meat" …
    Task = Value.define(:slot, :kind, :key, :say, :cue, :why, :hands_on, :timed_min, :heat, :watch, :amounts,
                        :lot, :core_c, :facts, :list) do
      # Unique in its plan.
      def id
        slot.id
      end

      # Whole minutes, for the clock.
      def minutes
        slot.minutes
      end

      # Food that goes in at this task, as a cook reads it: "300 g basmati (1 1/2 glasses); 386 g water".
      def puts_in
        told = amounts.filter_map(&:told).join("; ")
        lot && !told.empty? ? "#{lot}: #{told}" : told
      end

      # Minutes as they are told: exact where the food is timed.
      def told_min
        timed_min || minutes.to_f
      end
    end
  end
end
