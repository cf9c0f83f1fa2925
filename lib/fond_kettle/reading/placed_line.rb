# frozen_string_literal: true

module FondKettle
  module Reading
    # A line of a dish of schema 2 (a hash) that goes in at another step than it was read, or at one more.
    class PlacedLine
      HALF = 0.5

      # `dish`: the hash; `line`: the id of a line.
      def initialize(dish, line)
        @dish = dish
        @line = line
      end

      # The dish with all of it at the step of an id, and nowhere else.
      def at(step)
        put { |one| without(one).then { |left| one["id"] == step ? left + [taken(1)] : left } }
      end

      # All of it that goes in nowhere else at the step of an id, and no more where it was only guessed (the
      # id of a step, or nil).
      def at_instead(step, guess)
        rest = rest(guess)
        put do |one|
          left = one["id"] == guess ? without(one) : takes(one)
          one["id"] == step ? left + [taken(rest)] : left
        end
      end

      # Half of what goes in goes in at the step of an id.
      def half_at(step)
        put do |one|
          left = takes(one).map { |take| mine?(take) ? taken(take.fetch("share", 1) * HALF) : take }
          one["id"] == step ? left + [taken(HALF)] : left
        end
      end

      private

      def put
        @dish.merge("steps" => @dish["steps"].map { |step| step.merge("takes" => yield(step)) })
      end

      def takes(step)
        step.fetch("takes", [])
      end

      def without(step)
        takes(step).reject { |take| mine?(take) }
      end

      # Share of it that goes in at no step but the guessed one; all, where nothing is left.
      def rest(guess)
        elsewhere = @dish["steps"].reject { |one| one["id"] == guess }.sum { |one| share(one) }
        left = (1 - elsewhere).round(4)
        left.positive? ? left : 1
      end

      def share(step)
        takes(step).select { |take| mine?(take) }.sum { |take| take.fetch("share", 1) }
      end

      def mine?(take)
        take["line"] == @line
      end

      def taken(share)
        { "line" => @line, "share" => share }
      end
    end
  end
end
