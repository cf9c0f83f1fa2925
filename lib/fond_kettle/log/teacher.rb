# frozen_string_literal: true

require_relative "../measure/rounding"
require_relative "../belief/lesson"
require_relative "outcome"

module FondKettle
  module Log
    # A first, bounded correction from earlier cooks of one grain in one pot: how
    # much more or less than the book the rice drinks there. Each cook says
    #   drinks = water that stayed in the pot / uptake that was found at the table
    # and the lesson is their mean, held back by one imaginary cook by the book.
    module Teacher
      MOST_OFF = 0.12
      MIN_PER_COOK = 2.0
      MOST_EXTRA_MIN = 6.0
      # Only the latest cooks count: bags and lids change.
      REMEMBERS = 6

      module_function

      # The Belief::Lesson of `cooks` (Finished, newest first) of a Larder::Grain;
      # Belief::NO_LESSON without any.
      def lesson(cooks, grain)
        cooks = cooks.first(REMEMBERS)
        return Belief::NO_LESSON if cooks.empty?

        drinks = 1 + (cooks.sum { |cook| drinks(cook, grain) - 1 } /
                      (cooks.size + 1)).clamp(-MOST_OFF, MOST_OFF)
        extra_min = [cooks.count { |cook| cook.outcome.short_of_time? } * MIN_PER_COOK, MOST_EXTRA_MIN].min
        estimate = Belief::NO_LESSON.estimate.taught(drinks, cooks.size)
        Belief::Lesson.new(estimate: estimate, extra_min: extra_min,
                           because: because(cooks, drinks, extra_min))
      end

      # Factor of water uptake that one cook shows; 1.0 is the published figure.
      def drinks(cook, grain)
        return 1.0 if cook.outcome.short_of_time?

        found = grain.uptake_for(cook.texture + cook.outcome.off_by)
        (cook.poured_g + cook.carried_g - cook.loss_g) / cook.rice_g / found
      end

      def because(cooks, drinks, extra_min)
        percent = ((drinks - 1) * 100).round
        last = cooks.first
        ["Last time, #{last.on}, #{last.poured_g.round} g gave #{table_words(last.outcome)}.",
         amount(percent, cooks.size),
         (if extra_min.positive?
            "#{Measure::Rounding.plain(extra_min)} min more on low, because a raw core was left in wet rice."
          end)]
          .compact.join(" ")
      end

      def amount(percent, count)
        counted = count == 1 ? "1 cook" : "#{count} cooks"
        return "After #{counted} the book's figure stands." if percent.zero?

        "After #{counted}, this rice in this pot is taken to drink #{percent.abs} % " \
          "#{percent.positive? ? 'more' : 'less'} than the book says (12 % at most)."
      end

      def table_words(outcome)
        grain = outcome.grain == "right" ? "grain just right" : "#{outcome.grain} grain"
        wetness = outcome.wetness == "right" ? "neither wet nor dry" : "a bit #{outcome.wetness}"
        "#{grain}, #{wetness}"
      end

      private_class_method :drinks, :because, :amount, :table_words
    end
  end
end
