# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../ground/limits"
require_relative "../../measure/degrees"
require_relative "../../measure/durations"
require_relative "../../measure/rounding"
require_relative "../../dishes/step_times"
require_relative "barred_step"
require_relative "vessel_heading"

module FondKettle
  module Reading
    # Reads what is to be done for a dish, a line each:
    #   Soften the leeks in the butter | fry | 8 min | until they slump
    #   Add the peas | at 10 min | takes peas, mint
    #   Crumble the cheese over it | finish
    #   Leave the beans on low | simmer | 1 h 30 | wait
    #   Roast the squash at 200 °C | bake | 30 min
    # A line that ends with a colon and names a vessel is its heading: "For the onions (pan):", "In the pot:".
    # What it does is said by its kind, never read from the words; a time that stands in them counts.
    module BarredSteps
      AT = /\A(?:at|after)\s+/i
      TAKES = /\Atakes\s+/i
      # What a cook calls the time of a step, and its key. A word that is a kind too ("boil", "rest") is
      # the kind: the moment is said in full ("at the boil", "while it rests").
      PLACES = Dishes::STEP_STAGES.except("minute")
                                  .flat_map { |key, words| [[key, key], [words, key]] }.to_h
                                  .merge("at the end" => "finish", "at boil" => "boil")
                                  .except(*Care::Kinds.for_own_steps).freeze
      # What speaks of a time.
      TIME = /\A[\d½¼¾⅓⅔⅛]|\b(?:min|mins|minutes?|h|hrs?|hours?|nights?|overnight|days?|seconds?)\b/i
      # The heading of steps in the rice's own pot, after those of another vessel.
      BACK = "In the pot:"
      # More bars than anybody writes: the rest stays as it is.
      MOST_BARS = 40
      UNREAD = "“%s” is not read as a time and not counted: write it like 15 min, 1 h 30, half an hour, " \
               "overnight."

      module_function

      # All BarredSteps of `text`; a word between bars that says nothing of the kind
      # becomes part of what to do, so that nothing is lost.
      def read(text)
        with_vessels(text).map { |line, vessel| step(line).with(vessel: vessel) }.freeze
      end

      # Text of BarredSteps, as `read` reads it.
      def write(steps)
        written = steps.slice_when { |one, next_one| one.vessel != next_one.vessel }.flat_map do |under|
          [under.first.vessel&.heading || BACK, *under.map { |step| [step.say, *marks(step)].join(" | ") }]
        end
        (written.first == BACK ? written.drop(1) : written).join("\n")
      end

      # Sentences about words of `text` that name a time and are not read as one; no usual time replaces them
      # silently.
      def unread(text)
        lines(text).flat_map do |line|
          step = step(line)
          lost = step.minutes.zero? ? parts(line).drop(1).reject { |word| take(word, {}) }.grep(TIME) : []
          lost << Dishes::StepTimes.new(step.say).unread if lost.empty? && step.minutes.zero?
          lost.compact.map { |word| format(UNREAD, word) }
        end
      end

      # True for a heading that names a vessel.
      def heading?(row)
        !VesselHeading.heading(row).nil?
      end

      # True where bars of a row say what only a step has: a kind, what it takes, until when.
      def step?(row)
        parts(row).drop(1).any? { |word| manner(word) }
      end

      # Lines that are steps.
      def lines(text)
        with_vessels(text).map(&:first)
      end

      # [line, VesselHeading of the heading that it stands under, or nil] of each step.
      def with_vessels(text)
        vessel = nil
        text.lines.map(&:strip).reject(&:empty?).filter_map do |line|
          heading = VesselHeading.heading(line)
          next [line, vessel] unless heading

          vessel = heading == :rice ? nil : heading
          nil
        end
      end

      def marks(step)
        [step.time, (step.kind unless step.kind == Care::Kinds::OWN),
         ("#{Measure::Rounding.plain(step.minutes, 2)} min" if step.minutes.positive?),
         ("#{Measure::Rounding.plain(step.oven_c, 2)} °C" if step.oven_c),
         ("wait" unless step.hands_on),
         ("takes #{step.takes.join(', ')}" if step.takes),
         ("until #{step.cue}" unless step.cue.empty?)].compact
      end

      def step(line)
        say, *words = parts(line)
        known = {}
        say = [say, *words.reject { |word| take(word, known) }].join(", ")
        BarredStep.of(say: say, **spoken(say, known), **known)
      end

      def parts(line)
        say, *words = line.split("|", MOST_BARS).map(&:strip)
        [say.to_s, *words]
      end

      # Settings that the words of a step name and no bar does. Nobody has to stand by a step that goes on by
      # itself.
      def spoken(say, known)
        minutes = Dishes::StepTimes.new(say).minutes unless known.key?(:minutes)
        kind = Care::Kinds.fetch(known.fetch(:kind, Care::Kinds::OWN))
        oven_c = Measure::Degrees.first(say) if kind.oven? && !known.key?(:oven_c)
        { minutes: minutes, oven_c: (oven_c if oven_c && Limits::OVEN_C.cover?(oven_c)),
          hands_on: (false if kind.unattended?) }.compact
      end

      # True where `word` says something of the step.
      def take(word, known)
        found = minutes(word) || place(word) || at_minute(word) || oven(word) || manner(word)
        found && known.update(found)
      end

      def minutes(word)
        minutes = Measure::Durations.read(word)
        { minutes: minutes } if minutes
      end

      # "200 °C", "at 400 F"
      def oven(word)
        bare = word.sub(/\A(?:at|in\s+(?:the|an)\s+oven(?:\s+(?:at|of))?)\s+/i, "")
        found_c = Measure::Degrees.first(bare)
        { oven_c: found_c } if found_c && bare.size < 20 && Limits::OVEN_C.cover?(found_c)
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

      # The step's kind, when `word` names one that a dish may use.
      def kind?(word)
        Care::Kinds.for_own_steps.include?(word.downcase)
      end
      private_class_method :lines, :with_vessels, :marks, :step, :parts, :spoken, :take, :minutes, :oven,
                           :place, :at_minute, :manner, :kind?
    end
  end
end
