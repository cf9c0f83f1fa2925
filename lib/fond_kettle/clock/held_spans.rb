# frozen_string_literal: true

require_relative "slot"

module FondKettle
  module Clock
    # Spans of a schedule in the middle of which it is planned anew: what holds something since before now
    # holds it from now on, by a task of a minute that begins now.
    class HeldSpans
      # Minutes of that task.
      NOW_MIN = 1

      # `spans`: Spans; `begun`: ids of tasks that have begun; `now_min`: before the new serving.
      def initialize(spans, begun, now_min)
        @now_min = now_min
        left = spans.reject { |span| begun.include?(span.to) }
        @going, @whole = left.partition { |span| begun.include?(span.from) }
        @begun = begun
      end

      # Slots that begin now, one for each span that has begun.
      def slots
        @going.map { |span| Slot.of(now_id(span), NOW_MIN) }
      end

      # Windows of these.
      def windows
        @going.map { |span| Window.new(task: now_id(span), least: @now_min, most: @now_min) }
      end

      # Spans of what is left.
      def spans
        [*@whole, *@going.map { |span| span.with(from: now_id(span)) }]
          .map { |span| span.with(tasks: span.tasks - @begun) }
      end

      private

      def now_id(span)
        "held since before now: #{span.id}"
      end
    end
  end
end
