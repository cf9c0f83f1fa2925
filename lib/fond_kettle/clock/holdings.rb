# frozen_string_literal: true

require_relative "../ground/value"
require_relative "network"
require_relative "paths"

module FondKettle
  module Clock
    # The use of a resource from the start of one task to the end of another, by their places (`head` and
    # `last`: the same where one task uses it for as long as it lasts): so much of it, for `least_min` at the
    # least. `own`: [head, last] of a span over which it is not counted, or nil.
    Holding = Value.define(:head, :last, :amount, :least_min, :own)

    # Finds what holds a resource: tasks and spans.
    class Holdings
      # True where the bounds of a Network have the last task of a Span over before its first one begins.
      def self.backwards?(network, span)
        from, to = [span.from, span.to].map { |id| network.place.fetch(id) }
        before_min = Paths.least_min(network, from, to)
        !before_min.nil? && before_min > network.minutes[to]
      end

      # `problem`: Problem; `network`: its Network.
      def initialize(problem, network)
        @problem = problem
        @network = network
        @spans = problem.spans.map { |span| [span, *places(span)] }
      end

      # Holdings of a resource (its name), those of tasks first.
      def of(name)
        @problem.slots.each_with_index.filter_map { |slot, place| task(slot, place, name) } +
          @spans.filter_map { |span, head, last| span(span, head, last, name) }
      end

      private

      def places(span)
        [span.from, span.to].map { |id| @network.place.fetch(id) }
      end

      # nil for a task that uses none of it, or only within a span that holds it.
      def task(slot, place, name)
        amount = slot.uses.fetch(name, 0)
        return unless amount.positive?

        _, head, last = @spans.find { |span, _| span.uses.key?(name) && span.tasks.include?(slot.id) }
        return if head && within?(place, head, last)

        Holding.new(head: place, last: place, amount: amount, least_min: slot.minutes,
                    own: head && [head, last])
      end

      def span(span, head, last, name)
        amount = span.uses.fetch(name, 0)
        return unless amount.positive?

        least_min = [Paths.least_min(@network, last, head).to_i + @network.minutes[last], 0].max
        Holding.new(head: head, last: last, amount: amount, least_min: least_min, own: nil)
      end

      # True where the bounds alone keep a task between the ends of a span.
      def within?(place, head, last)
        before = Paths.least_min(@network, place, head)
        after = Paths.least_min(@network, last, place)
        !before.nil? && !after.nil? && before >= 0 &&
          after - @network.minutes[place] >= -@network.minutes[last]
      end
    end
  end
end
