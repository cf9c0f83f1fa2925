# frozen_string_literal: true

module FondKettle
  module Reading
    # A step of a dish of schema 2 (a hash) that is done in another vessel than it was read: what lay in the
    # old one goes along where the step puts nothing in, and comes back at the next step that is done there.
    class MovedStep
      # Before a kind of vessel that the dish does not have yet.
      NEW = "new-"
      OTHER = "other-"

      # `dish`: the hash; `step`: one of its steps.
      def initialize(dish, step)
        @dish = dish
        @step = step
      end

      # The dish with the step in the vessel of a key, or in a further one ("new-frying-pan").
      def to(key)
        key = further(key) if key.start_with?(NEW)
        old = @step["vessel"]
        return @dish if key == old

        before, after = parted
        gone, back = after.partition.with_index { |_, index| index < comes_back(after, old) }
        back[0] = with_pour(back.first, key) if back.any?
        steps = [*before, moved(key, old), *gone.map { |step| poured_from(step, old, key) }, *back]
        @dish.merge("steps" => steps, "vessels" => vessels(key))
      end

      private

      # Steps before this one, and behind it.
      def parted
        at = @dish["steps"].index(@step)
        [@dish["steps"].take(at), @dish["steps"].drop(at + 1)]
      end

      # The position at which something is done in the old vessel again.
      def comes_back(after, old)
        after.index { |step| step["vessel"] == old } || after.size
      end

      # A step that takes something out of the old vessel takes it out of the new one.
      def poured_from(step, old, key)
        from = step.fetch("from", []).map do |pour|
          pour["vessel"] == old ? pour.merge("vessel" => key) : pour
        end
        step.merge("from" => from)
      end

      def further(key)
        OTHER + key.delete_prefix(NEW)
      end

      def moved(key, old)
        from = @step.fetch("from", []).reject { |pour| pour["vessel"] == key }
        step = @step.merge("vessel" => key, "from" => from)
        @step.fetch("takes", []).empty? ? with_pour(step, old) : step
      end

      def with_pour(step, key)
        from = step.fetch("from", [])
        from.any? { |pour| pour["vessel"] == key } ? step : step.merge("from" => [*from, { "vessel" => key }])
      end

      def vessels(key)
        known = @dish.fetch("vessels", [])
        return known if known.any? { |one| one["key"] == key }

        [*known, { "key" => key, "kind" => key.delete_prefix(OTHER), "rice" => false }]
      end
    end
  end
end
