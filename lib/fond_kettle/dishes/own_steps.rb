# frozen_string_literal: true

require_relative "../methods/library"
require_relative "dish"

module FondKettle
  module Dishes
    # A method with a dish's own steps in place of its base and after its finish.
    module OwnSteps
      WHY = "As this dish is made."

      module_function

      # The Method of `dish`, which keeps its own base where the dish says nothing.
      def method(method, dish)
        base, after = STEP_SECTIONS.keys.map { |stage| steps(dish, stage) }
        method.with(phases: phases(method, base), after: [*method.after, *after].freeze)
      end

      # The base goes under the rice where that is done.
      def phases(method, base)
        return method.phases if base.empty?

        [*method.phases[0...-1], method.last_phase.with(base: base)].freeze
      end

      def steps(dish, stage)
        dish.steps.select { |step| step.stage == stage }.each_with_index.map do |step, index|
          Methods::Stage.new(**Methods::Library::BLANK_STAGE, key: "dish-#{index + 1}",
                                                              section: STEP_SECTIONS.fetch(stage),
                                                              kind: step.kind, say: plain(step.say),
                                                              minutes: step.minutes,
                                                              hands_on: step.hands_on, why: WHY,
                                                              cue: plain(step.cue.empty? ? "it is " \
                                                                "done" : step.cue))
        end.freeze
      end

      # A cook's words are not a template.
      def plain(text)
        text.gsub("%{", "% {")
      end

      private_class_method :phases, :steps, :plain
    end
  end
end
