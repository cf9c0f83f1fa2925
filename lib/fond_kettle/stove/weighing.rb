# frozen_string_literal: true

module FondKettle
  module Stove
    # The pot on a scale: once filled, before it goes on the heat, and again before it is opened. What is gone
    # in between went past the lid. Asked for where it would tell enough (the plan's `worth`).
    module Weighing
      BEFORE = "weighed-before"
      AFTER = "weighed-after"

      # The kind of weighing that is asked for at the task at hand; nil: none.
      def weighs
        kind = weighing_at(position) unless waiting?
        kind unless kind == AFTER && !weighed_g.key?(BEFORE)
      end

      # The kind of weighing that belongs to the task in a place; nil: none, or it would tell too little.
      def weighing_at(place)
        return if worth("weight").nil?
        return BEFORE if place + 1 == tasks.index { |task| task[:stage] }

        AFTER if place == tasks.rindex { |task| task[:stage] }
      end

      # Its weights, g, by kind.
      def weighed_g
        events.select { |event| [BEFORE, AFTER].include?(event.kind) }
              .to_h { |event| [event.kind, Float(event.what)] }
      end

      # The share by which the next pot's water would be known more closely, were something shown ("weight",
      # a cue); nil where it is not worth asking.
      def worth(kind)
        plan.fetch(:worth, []).find { |one| one[:kind] == kind }&.fetch(:share)
      end
    end
  end
end
