# frozen_string_literal: true

require_relative "../../measure/durations"
require_relative "../../measure/numeral"
require_relative "rice_course"

module FondKettle
  module Reading
    # At which minute of the rice's cooking a step is done, by its words: "the peas for the last 3 minutes",
    # "after 10 minutes, add the prawns".
    module ToldMinute
      LAST = /\b(?:last|final)\s+(?=\S)/i
      # "With 4 minutes to go"
      TO_GO = /\b(?:with|when\s+there\s+(?:are|is))\s+(?=\S[^,.;]{0,20}\s(?:to\s+go|left)\b)/i
      AFTER = /\bafter\s+(?:about\s+)?(?=\S)/i
      # "Turn it once at 20"
      AT = /\bat\s+(?=\d+\W*\z|\d+\s*min)/i
      # "For the last 5", at the end.
      BARE = /\A(?:\d+|#{Measure::Numeral::WORD})(?=\W*\z|\s+(?:to|so)\b)/i
      # What the rice is cooked by.
      COOKS = %w[low bake boil steam].freeze

      module_function

      # Minutes from the boil, or nil: nobody said. `steps`: ReadSteps before it.
      def of(step, steps)
        return unless step.rice == RiceCourse::WITH

        say = step.clause.say
        return laid_later(step, steps) if COOKS.include?(step.kind) && !say.match?(TO_GO)

        after = told(say, AFTER) || told(say, AT)
        return after if after

        last = last(say)
        cooked = cooked_min(steps, step.vessel) if last
        cooked - last if cooked && cooked > last
      end

      # Minutes before the end at which it goes in, or nil.
      def last(say)
        told(say, LAST) || told(say, TO_GO)
      end

      # The minute of something that is laid on rice already on low: "prawns on top, lid, 5".
      def laid_later(step, steps)
        return if step.takes.empty? || step.clause.minutes.nil?

        before = steps.select { |one| one.rice == RiceCourse::WITH && one.vessel == step.vessel }
        minutes = before.select { |one| one.kind == step.kind }.filter_map { |one| one.clause.minutes }
        minutes.sum if minutes.any?
      end

      # The minutes that stand behind some words.
      def told(say, words)
        behind = words.match(say)&.post_match
        return unless behind

        time = Measure::Durations.all(behind).first
        return time.minutes if time && behind.byteslice(0, time.from).strip.empty?

        count = behind[BARE]
        count && Measure::Numeral.read(count).first.to_f
      end

      def cooked_min(steps, vessel)
        found = steps.select { |one| one.rice != RiceCourse::BEFORE && one.vessel == vessel }
        found.reverse.find { |one| COOKS.include?(one.kind) && one.clause.minutes }&.clause&.minutes
      end
      private_class_method :laid_later, :told, :cooked_min
    end
  end
end
