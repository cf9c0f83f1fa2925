# frozen_string_literal: true

require_relative "../method/school"

module FondKettle
  module Evening
    # A method with a dish's own steps in place of its base and after its finish.
    module OwnSteps
      WHY = "As this dish is made."

      module_function

      # The School of `dish`, which keeps its own base where the dish says nothing.
      def school(school, dish)
        base, after = %w[base finish].map { |stage| steps(dish, stage) }
        school.with(base: base.empty? ? school.base : base, after: [*school.after, *after].freeze)
      end

      def steps(dish, stage)
        dish.steps.select { |step| step.stage == stage }.each_with_index.map do |step, index|
          Method::BaseStep.new(key: stage == "base" ? "base" : "dish-#{index + 1}", say: plain(step.say),
                               minutes: step.minutes, colours: {},
                               hands_on: step.hands_on, cue: plain(step.cue.empty? ? "it is done" : step.cue), why: WHY)
        end.freeze
      end

      # A cook's words are not a template.
      def plain(text)
        text.gsub("%{", "% {")
      end

      private_class_method :steps, :plain
    end
  end
end
