# frozen_string_literal: true

require_relative "../../care/signs"
require_relative "rescue"
require_relative "../loads/loading"
require_relative "trial"

module FondKettle
  module Methods
    # Remedies at the stove when the cook reports a sign, computed for one plan: the model runs the pot as the
    # sign describes it and looks for the way out.
    module Remedies
      # How far off the pot is taken to be: share of the planned liquid, share of
      # the planned time on the heat.
      OFF = { "chalky-dry" => [0.65, 1.0], "chalky-wet" => [1.0, 0.6], "wet" => [1.18, 1.0] }.freeze

      module_function

      # Remedy by sign (a key of Care::Signs), for `plan`: reckoned, or in words; of a sign that has none of
      # them, what can be done in such a vessel, and what cannot be undone.
      def for(plan)
        reckoned = OFF.to_h do |sign, (water, time)|
          [sign, reckon(plan, water, time) || otherwise(plan, sign)]
        end
        said = Care::Signs.all.transform_values(&:now).compact
        reckoned.merge(said.transform_values { |say| Methods::Remedy.of(say) })
      end

      def otherwise(plan, sign)
        words = Care::Signs.all.fetch(sign).otherwise
        Methods::Remedy.of(words.fetch(plan.load.lies_in), add_g: words[:water_share] * plan.load.rice_g,
                                                           minutes: words[:minutes])
      end

      def reckon(plan, water, time)
        stages = plan.stages.map do |stage|
          stage.off? || stage.until ? stage : stage.with(minutes: stage.minutes * time)
        end
        pot = [plan.load, plan.liquid_g * water, stages.reject(&:off?), plan.setting]
        run = Pot::Cooking.run(*pot, step_min: Pot::Cooking::CUES_STEP_MIN)
        Methods::Rescue.for(run, *pot).first
      end
      private_class_method :reckon, :otherwise
    end
  end
end
