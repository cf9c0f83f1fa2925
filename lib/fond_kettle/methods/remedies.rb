# frozen_string_literal: true

require_relative "../care/signs"
require_relative "rescue"
require_relative "loading"
require_relative "trial"

module FondKettle
  module Methods
    # What to do at the stove when the cook reports a sign, reckoned for one plan:
    # the model runs the pot as the sign says it is and asks for the way out of it.
    module Remedies
      # How far off the pot is taken to be: share of the planned liquid, share of
      # the planned time on the heat.
      OFF = { "chalky-dry" => [0.65, 1.0], "chalky-wet" => [1.0, 0.6], "wet" => [1.18, 1.0] }.freeze

      module_function

      # Remedy by sign (a key of Care::Signs), for `plan`: reckoned, or in words.
      def for(plan)
        reckoned = OFF.to_h { |sign, (water, time)| [sign, reckon(plan, water, time)] }.compact
        said = Care::Signs.all.transform_values(&:now).compact
        reckoned.merge(said.transform_values { |say| Methods::Remedy.of(say) })
      end

      def reckon(plan, water, time)
        stages = plan.stages.map do |stage|
          stage.off? || stage.until ? stage : stage.with(minutes: stage.minutes * time)
        end
        Methods::Rescue.for(plan.load, plan.liquid_g * water, stages.reject(&:off?), plan.setting).first
      end
      private_class_method :reckon
    end
  end
end
