# frozen_string_literal: true

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
      SIGNS = { "chalky-dry" => "Chalky centre, pot dry", "chalky-wet" => "Chalky centre, liquid still there",
                "wet" => "Cooked, but wet", "burnt" => "Smells burnt", "soggy-top" => "Soggy top",
                "mushy" => "Burst, mushy",
                "clumps" => "Grains clump" }.freeze
      WORDS = {
        "burnt" => "Do not scrape. Move the top to a clean pot; a flat pan under it if it has to cook on.",
        "soggy-top" => "A cloth under the lid, tied up clear of the flame, and rest on.",
        "mushy" => "Spread it out on a tray to stop it.",
        "clumps" => "Let it cool a little, then separate it with a wet paddle."
      }.freeze

      module_function

      # Remedy by sign, for `plan`.
      def for(plan)
        reckoned = OFF.to_h { |sign, (water, time)| [sign, reckon(plan, water, time)] }.compact
        reckoned.merge(WORDS.transform_values { |say| Methods::Remedy.of(say) })
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
