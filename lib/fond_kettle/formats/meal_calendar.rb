# frozen_string_literal: true

require "icalendar"

module FondKettle
  module Formats
    # A meal's tasks and its serving as a calendar file (iCalendar), each an event of its own under an
    # id that stays the same however often it is written.
    module MealCalendar
      module_function

      # The text. `id`: what the meal is known by in this kitchen; `now`: when it is written.
      def call(meal, schedule, id:, now:)
        calendar = Icalendar::Calendar.new
        calendar.prodid = "-//Fond Kettle//meals//EN"
        meal.tasks.sort_by { |task| -schedule.starts.fetch(task.id) }
            .each { |task| add(calendar, task(meal, schedule, task), "#{id}-#{task.id}", now) }
        add(calendar, { at: meal.serve_at, min: 0, say: "On the table: #{meal.title}", more: "" },
            "#{id}-serve", now)
        calendar.to_ical
      end

      def task(meal, schedule, task)
        who = schedule.hands.fetch(task.id, []).map { |cook| meal.cooks[cook] }
        { at: meal.at(schedule.starts.fetch(task.id)), min: task.minutes,
          say: [*who, meal.dish(task.dish).title, task.say].join(": "), more: more(task) }
      end

      def more(task)
        cue = task.told[:cue].to_s
        [task.puts_in, cue.empty? ? "" : "Look for: #{cue}"].reject(&:empty?).join("\n")
      end

      def add(calendar, about, uid, now)
        calendar.event do |event|
          event.uid = "#{uid.gsub(/[^A-Za-z0-9.-]+/, '-')}@fond-kettle"
          event.dtstamp = utc(now)
          event.dtstart = utc(about[:at])
          event.dtend = utc(about[:at] + (about[:min] * 60))
          event.summary = about[:say]
          event.description = about[:more] unless about[:more].empty?
        end
      end

      def utc(time)
        Icalendar::Values::DateTime.new(time.utc, "tzid" => "UTC")
      end
      private_class_method :task, :more, :add, :utc
    end
  end
end
