# frozen_string_literal: true

require "json"
require "set"
require "time"
require_relative "../care/kind"
require_relative "../clock/contradiction"
require_relative "../clock/holdings"
require_relative "../clock/network"
require_relative "../clock/placement"
require_relative "../ground/limits"
require_relative "../ground/schema"
require_relative "clock_schema"
require_relative "request/unknown_keys"

module FondKettle
  module Formats
    # Reads a clock request, places it and answers. Every failure is InvalidInput with
    # the field's path.
    class ClockReader
      # How many of a resource there may be.
      MOST = 50
      OPEN = %w[uses resources].freeze

      # `data`: the parsed JSON. Raises InvalidInput.
      def initialize(data)
        @data = UnknownKeys.checked(data, CLOCK_SCHEMA)
        @raw = data
        check
      end

      # The tasks to be placed (Clock::Problem).
      def problem
        Clock::Problem.of(slots, ends: ends, resources: resources, spans: spans)
      end

      # When it is served: a Time, of which no zone is meant.
      attr_reader :serve_at

      # The contract's answer as a hash. Raises InvalidInput where it cannot be met.
      def answer
        placed = Clock::Placement.place(problem)
        { starts: placed.starts.transform_values { |min| (serve_at - (min * 60)).strftime("%Y-%m-%dT%H:%M") },
          span_minutes: placed.span_min, lower_bound_minutes: placed.bound_min }
      rescue InvalidInput => e
        raise named(e)
      end

      private

      # The same, with the tasks that are in one another's way, where that can be shown.
      def named(error)
        found = error.problems.first[:field] == "resources" && Clock::Conflicts.of(problem)
        return error unless found && !found.resource.nil?

        list = found.tasks.join(", ")
        if found.busy_min
          stretch = "; they have #{found.busy_min} min of work on it between #{found.from_min} and " \
                    "#{found.to_min} min before serving"
        end
        InvalidInput.at("resources", "must be more: with #{found.there} of #{found.resource} the bounds of " \
                                     "#{list} cannot be met#{stretch}")
      end

      def check
        unless @data[:tasks].size.between?(1, Limits::TASKS)
          raise InvalidInput.at("tasks", "must list between 1 and #{Limits::TASKS}")
        end

        twice = @data[:tasks].map { |task| task[:id] }.tally.find { |_, count| count > 1 }
        raise InvalidInput.at("tasks", "must have ids of their own", received: twice.first) if twice

        @serve_at = read_time
      end

      # A moment of the kitchen's own clock; no zone is meant.
      def read_time
        Time.strptime("#{@data[:serve_at]} UTC", "%Y-%m-%dT%H:%M %Z")
      rescue ArgumentError
        raise InvalidInput.at("serve_at", "must be a time such as 2026-05-09T19:00",
                              received: @data[:serve_at])
      end

      def slots
        @data[:tasks].each_with_index.map do |task, index|
          Clock::Slot.of(task[:id], task[:minutes],
                         uses: counts(@raw["tasks"][index]["uses"], "tasks.#{index}.uses"),
                         oven_c: task[:oven_c], after: after(task, index), dish: task[:dish])
        end
      end

      def after(task, index)
        (task[:after] || []).each_with_index.map do |given, place|
          least, most = bounds(given[:gap] || [0, nil], "tasks.#{index}.after.#{place}.gap")
          Clock::After.new(task: given[:task], least: least, most: most)
        end
      end

      def ends
        (@data[:ends] || []).each_with_index.map do |finish, index|
          least, most = bounds(finish[:before_serve], "ends.#{index}.before_serve")
          Clock::End.new(task: finish[:task], least: least, most: most)
        end
      end

      # [least, most], most nil for any.
      def bounds(pair, field)
        least, most = pair
        whole = least.is_a?(Integer) && (most.nil? || most.is_a?(Integer))
        if whole && least.abs <= Limits::TASK_MIN.max &&
           (most.nil? || most.between?(least, Limits::TASK_MIN.max))
          return [least, most]
        end

        raise InvalidInput.at(field,
                              "must be whole minutes, the smaller first, of at most " \
                              "#{Limits::TASK_MIN.max}, or null")
      end

      # Spans; each is refused that names no task, or is over before it begins.
      def spans
        (@data[:spans] || []).each_with_index.map do |span, index|
          uses = counts(@raw["spans"][index]["uses"], "spans.#{index}.uses")
          { from: span[:from], to: span[:to] }.each { |key, id| known(id, "spans.#{index}.#{key}") }
          (span[:tasks] || []).each_with_index { |id, place| known(id, "spans.#{index}.tasks.#{place}") }
          Clock::Span.new(**span, uses: uses, tasks: span[:tasks] || []).tap { |one| check_span(one, index) }
        end
      end

      def known(id, field)
        @ids ||= @data[:tasks].to_set { |task| task[:id] }
        return if @ids.include?(id)

        raise InvalidInput.at(field, "must name one of the tasks", received: id)
      end

      # What the bounds of the tasks alone say.
      def network
        @network ||= Clock::Network.new(Clock::Problem.of(slots, ends: ends))
      end

      def check_span(span, index)
        return unless Clock::Holdings.backwards?(network, span)

        raise InvalidInput.at("spans.#{index}.to", "must not be over before “#{span.from}” begins",
                              received: span.to)
      end

      def resources
        counts(@raw["resources"], "resources")
      end

      # How much of each, by name; what a resource is called is the caller's.
      def counts(given, field)
        (given || {}).each do |name, count|
          next if count.is_a?(Integer) && count.between?(0, MOST)

          raise InvalidInput.at("#{field}.#{name}", "must be a whole number between 0 and #{MOST}")
        end
      end
    end
  end
end
