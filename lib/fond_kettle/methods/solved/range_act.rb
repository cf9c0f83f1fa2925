# frozen_string_literal: true

require_relative "../../belief/spread"
require_relative "../../ground/value"
require_relative "../../numeric/normal"
require_relative "../../numeric/root"
require_relative "../../pot/runs/cooking"

module FondKettle
  module Methods
    # The range as an act: water can be added, not taken out. Pour `pour_g`, keep `keep_g`
    # hot, and look at minute `look_min` after the heat went on.
    RangeAct = Value.define(:pour_g, :keep_g, :look_min)

    # Amount to pour at first, where the expected costs of too wet and of having to sprinkle balance
    # (docs/model.md: The range as an act).
    module Pouring
      # Narrower than this share of the liquid, there is nothing to be gained.
      WORTH_IT = 0.08
      # A sprinkle costs as much as rice this share of a verdict's step too wet: a guess.
      SPRINKLE = 0.4
      # Between these, sd, it is looked for: never more than planned, which is right already.
      SEARCH = (-3.0..0.0)
      CLOSE = 1e-6

      module_function

      # The RangeAct of a Plan, or nil where none is worth it; a broth is measured instead.
      def of(plan)
        return if plan.load.plenty? || plan.load.steamed? || plan.load.residue_g.positive? || plan.ledger

        wide_g = plan.spread.high_g - plan.spread.low_g
        return unless plan.liquid_g.positive? && wide_g > WORTH_IT * plan.liquid_g

        sd_g = wide_g / (2 * Belief::Spreading::Z80)
        pour_g = [plan.liquid_g + (share(sd_g, plan) * sd_g), plan.spread.low_g].max
        look_min = Pot::Cooking.run(plan.load, pour_g, plan.stages, plan.setting,
                                    step_min: Pot::Cooking::CUES_STEP_MIN).at("dry")
        look_min && RangeAct.new(pour_g: pour_g, keep_g: plan.spread.high_g - pour_g, look_min: look_min)
      end

      # The distance of that balance from the planned liquid, in sd: F(z) / f(z) = cost x step / sd.
      def share(sd_g, plan)
        columns = plan.load.grain.uptake
        step_g = (columns[:soft] - columns[:standard]) * plan.load.rice_g
        wanted = SPRINKLE * step_g / sd_g
        Numerics::Root.largest(SEARCH.min, SEARCH.max, close: CLOSE) do |z|
          Numerics::Normal.below(z) / Numerics::Normal.density(z) <= wanted
        end
      end
      private_class_method :share
    end
  end
end
