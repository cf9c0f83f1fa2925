# frozen_string_literal: true

require "json"
require_relative "../ground/value"
require_relative "delays"
require_relative "ends"
require_relative "hands"
require_relative "sights"
require_relative "broth_advice"
require_relative "water"
require_relative "weighing"

module FondKettle
  module Stove
    # Something that happened at the stove, `at` a Time: its `kind`, and `what` it was.
    #   task      a task began, and is the one at hand: its id
    #   going     a task was set going beside the one at hand: its id
    #   seen      a cue was seen
    #   look      a look with a decision: a key of Care::Looks
    #   sign      something is wrong: a key of Care::Signs
    #   found     what stands in the pot and what a bite shows: "film pin"
    #   remedy    what to do about it, as JSON
    #   mended    that was done
    #   replan    what the boil changes for the end of a task: its id and minutes, as JSON
    #   outlook   what comes out as it stands (Methods::ComesOut)
    #   lifted    the lid was, for so many seconds ("lid": nobody said how long)
    #   poured    what was poured in all, g
    #   held      what of it is kept hot for later, g
    #   added     what was poured later, g
    #   salted    tasted and salted, g ("" where nobody weighed it)
    #   took-out, put-back   what was
    #   weighed-before, weighed-after   what the pot weighed, g (Weighing)
    #   boiled    a probe at the boil, °C
    #   measured  a thermometer was read, °C
    #   tally     so many pieces more were made (below 0: fewer)
    #   standing  a broth was measured, g
    Event = Value.define(:kind, :what, :at)

    # Progress of a cook, worked out only from its plan (the stored hash, of the newest version) and its
    # events, so that any device and any restart gets the same answer. Tasks are known by their ids. A pot
    # that nobody has begun has no events, and stands at its first task.
    class Cook
      include Delays
      include Ends
      include Hands
      include Sights
      include Water
      include Weighing

      # Events by which a task begins.
      BEGINS = %w[task going].freeze

      attr_reader :plan, :events

      # `events`: Event, in the order in which they were told.
      def initialize(plan, events)
        @plan = plan
        @events = events.freeze
        freeze
      end

      # The plan's tasks, in the order in which they are done.
      def tasks
        @plan.fetch(:tasks)
      end

      # True when nobody has begun it.
      def waiting?
        latest.nil?
      end

      # The task at hand.
      def task
        waiting? ? tasks.first : by_id(latest.what)
      end

      # The cautions that stand at a task: hashes of `code`, `say` and, of a plan of today, `short`.
      def cautions_at(task)
        plan[:cautions].select { |caution| task[:cautions].include?(caution[:code]) }
      end

      # Its place among the tasks, from 0.
      def position
        tasks.index(task)
      end

      # The next task that has not begun, or nil.
      def following
        to_come.first
      end

      # The task before it, or nil.
      def previous
        position.positive? ? tasks[position - 1] : nil
      end

      # True at the last task.
      def last?
        following.nil?
      end

      # The tasks that are still to come.
      def to_come
        tasks.drop(position + 1) - set_going
      end

      # The tasks that were set going beside the one at hand then.
      def set_going
        ids = @events.select { |event| event.kind == "going" }.map(&:what)
        tasks.select { |task| ids.include?(task[:id]) }
      end

      # Time when this task began, or nil.
      def task_began_at
        latest&.at
      end

      # The last reading of a thermometer in this task, in °C, or nil.
      def measured_c
        last_reading("measured")
      end

      # The last measured amount of a broth in this task, in g, or nil.
      def standing_g
        last_reading("standing")
      end

      # The action that follows from that amount (BrothAdvice), or nil.
      def standing
        standing_g && plan[:base] && BrothAdvice.of(plan[:base], standing_g)
      end

      # True when that reading is as hot as the task asks; false when nothing was measured.
      def hot_enough?
        !measured_c.nil? && measured_c >= task[:core_c]
      end

      # Name of food by its key, for people. Older events have the name itself in the place of the key.
      def food_name(key)
        amounts.find { |amount| amount[:what] == key }&.fetch(:name) || key
      end

      # What of these keys (names in older events) the plan puts in, in g; 0 when nobody weighed it.
      def food_g(key)
        named = amounts.select { |amount| [amount[:what], amount[:name]].include?(key) }
        named.sum { |amount| amount[:g].to_f }
      end

      # Keys of food that is in the pot, up to this task, and can be taken out.
      def in_pot
        amounts(tasks.take(position + 1)).map { |amount| amount[:what] }.uniq - out_of_pot
      end

      # Keys of food that was taken out and is not back yet.
      def out_of_pot
        @events.each_with_object([]) do |event, out|
          out << event.what if event.kind == "took-out"
          out.delete(event.what) if event.kind == "put-back"
        end
      end

      # The Time when a task (its id) last began, or nil.
      def began_at(id)
        @events.reverse.find { |event| BEGINS.include?(event.kind) && event.what == id }&.at
      end

      private

      def amounts(tasks = self.tasks)
        tasks.flat_map { |task| task[:amounts] || [] }
      end

      def latest
        @events.reverse.find { |event| event.kind == "task" }
      end

      def by_id(id)
        tasks.find { |task| task[:id] == id }
      end

      # Number that was read last in this task, or nil.
      def last_reading(kind)
        reading = this_task.reverse.find { |event| event.kind == kind }
        reading && Float(reading.what)
      end

      # Events since the task at hand began.
      def this_task
        waiting? ? [] : @events.drop(@events.rindex { |event| event.kind == "task" })
      end
    end
  end
end
