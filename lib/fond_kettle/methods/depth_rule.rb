# frozen_string_literal: true

require_relative "../phases/solve"
require_relative "../pot/depth"
require_relative "loading"
require_relative "trial"

module FondKettle
  module Methods
    # What a depth over the rice (mm; 0 is level with it) gives in this pot: liquid
    # in g, how the pot comes out with it, and from which to which batch of rice (g)
    # the rule holds there; nil where it holds for none.
    DepthRule = Value.define(:depth_mm, :liquid_g, :verdict, :holds)

    # Judges the rules of depth by the model.
    module DepthRules
      # A rule holds where it is within this of the model's liquid.
      CLOSE = 0.08
      # Batches that are tried, g of raw rice, each a fifth more than the last.
      BATCHES = (0..22).map { |step| (80 * (1.2**step)).round(1) }.freeze

      module_function

      # `plan`: a Plan; `depth_mm` over its rice.
      def judge(plan, depth_mm)
        liquid_g = [Pot::Depth.liquid_g(depth_mm, plan.load, plan.request.vessel), 0.0].max
        DepthRule.new(depth_mm: depth_mm, liquid_g: liquid_g, holds: holds(plan, depth_mm),
                      verdict: Trying.run(plan.request, liquid_g).verdict)
      end

      # The first and the last batch for which the rule is right, g.
      def holds(plan, depth_mm)
        right = BATCHES.select { |rice_g| close?(plan, depth_mm, rice_g) }
        right.empty? ? nil : [right.first, right.last]
      end

      def close?(plan, depth_mm, rice_g)
        potful = Loading.last(plan.request.with(rice_g: rice_g))
        load = potful.load
        return false if load.bed_ml > plan.request.vessel.volume_ml

        model_g = potful.solve.liquid_g
        model_g.positive? && ((Pot::Depth.liquid_g(depth_mm, load, plan.request.vessel) / model_g) - 1).abs <= CLOSE
      end

      private_class_method :holds, :close?
    end
  end
end
