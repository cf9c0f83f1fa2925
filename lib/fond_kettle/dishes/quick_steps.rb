# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../measure/numeral"
require_relative "../measure/rounding"
require_relative "dish_step"

module FondKettle
  module Dishes
    # Reads what is to be done for a dish, a line each:
    #   Soften the leeks in the butter | fry | 8 min | until they slump
    #   Add the peas | at 10 min | takes peas, mint
    #   Crumble the cheese over it | finish
    #   Leave the beans on low | simmer | 40 min | wait
    # What it does is said by its kind, never read from the words.
    module QuickSteps
      AT = /\A(?:at|after)\s+/i
      TAKES = /\Atakes\s+/i
      # What a cook calls the time of a step, and its key.
      PLACES = STEP_STAGES.except("minute")
                          .flat_map { |key, words| [[key, key], [words, key]] }.to_h
                          .merge("at the end" => "finish").freeze
      MINUTES = /\A(?<number>.+?)\s*(?:min|minutes|mins)\z/i

      module_function

      # All DishSteps of `text`; a word between bars that says nothing of the kind
      # becomes part of what to do, so that nothing is lost.
      def read(text)
        text.lines.map(&:strip).reject(&:empty?).map { |line| step(line) }.freeze
      end

      # The text of DishSteps: what `read` reads.
      def write(steps)
        steps.map { |step| [step.say, *marks(step)].join(" | ") }.join("\n")
      end

      def marks(step)
        [step.time, (step.kind unless step.kind == Care::Kinds::OWN),
         ("#{Measure::Rounding.plain(step.minutes)} min" if step.minutes.positive?),
         ("wait" unless step.hands_on),
         ("takes #{step.takes.join(', ')}" if step.takes),
         ("until #{step.cue}" unless step.cue.empty?)].compact
      end

      def step(line)
        say, *words = line.split("|").map(&:strip)
        known = {}
        words.each { |word| say = "#{say}, #{word}" unless take(word, known) }
        DishStep.of(say: say.to_s, **known)
      end

      # True where `word` says something of the step.
      def take(word, known)
        found = minutes(word) || place(word) || at_minute(word) || manner(word)
        found && known.update(found)
      end

      def minutes(word)
        number = MINUTES.match(word)&.then { |found| Measure::Numeral.read(found[:number])&.first }
        number && { minutes: number }
      end

      def place(word)
        stage = PLACES[word.downcase]
        { stage: stage } if stage
      end

      def at_minute(word)
        at = AT.match(word) && minutes(word.sub(AT, ""))
        at && { stage: "minute", at_min: at[:minutes] }
      end

      def manner(word)
        return { kind: word.downcase } if kind?(word)
        return { hands_on: false } if word.casecmp?("wait")

        if word.match?(TAKES)
          return { takes: word.sub(TAKES, "").split(",").map(&:strip).reject(&:empty?).freeze }
        end

        { cue: word.sub(/\Auntil\s+/i, "") } if word.match?(/\Auntil\s/i)
      end

      # What the step does, said by a kind that a dish may use.
      def kind?(word)
        Care::Kinds.for_own_steps.include?(word.downcase)
      end
      private_class_method :marks, :step, :take, :minutes, :place, :at_minute, :manner, :kind?
    end
  end
end
