# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../measure/rounding"

module FondKettle
  module Dishes
    # When a dish's own step is done: before the rice, once it is done, or in between (a moment
    # of Methods::Moments, "minute" so many minutes after the boil).
    STEP_STAGES = { "base" => "base", "finish" => "finish", "soak" => "while it soaks",
                    "boil" => "at the boil", "minute" => "at %s min", "dry" => "when dry",
                    "off" => "before it rests", "rest" => "while it rests" }.freeze

    # What is to be seen where a step says nothing.
    DONE = "it is done"

    # Something to do for the dish beside what its method does; `kind` (a key of
    # Care::Kinds) is what it does, "own" where nobody said; `at_min` minutes after the boil,
    # where that is its stage; `oven_c` how hot the oven is, where it is done in one, °C.
    DishStep = Value.define(:say, :stage, :kind, :minutes, :hands_on, :cue, :at_min, :oven_c) do
      # A DishStep with the given attributes; the others take their defaults.
      def self.of(say:, **said)
        new(stage: "base", kind: "own", minutes: 0.0, hands_on: true, cue: "", at_min: nil, oven_c: nil,
            say: say, **said)
      end

      # True for a step that is done neither before the rice nor after it.
      def between?
        !%w[base finish].include?(stage)
      end

      # Time of the step as a cook writes it: "base", "at 10 min", "when dry".
      def time
        format(STEP_STAGES.fetch(stage), at_min && Measure::Rounding.plain(at_min))
      end
    end
  end
end
