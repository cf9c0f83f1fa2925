# frozen_string_literal: true

require_relative "../../numeric/polyline"
require_relative "../../pot/depth"
require_relative "../solved/last_pot"
require_relative "trial"

module FondKettle
  module Methods
    # What a depth over the rice (mm; 0 is level with it) gives in this pot: liquid
    # in g, how the pot comes out with it, and from which to which batch of rice (g)
    # the rule holds there; nil where it holds for none.
    DepthRule = Value.define(:depth_mm, :liquid_g, :comes_out, :holds)

    # Judges the rules of depth by the model.
    module DepthRules
      # A rule holds where it is within this of the model's liquid.
      CLOSE = 0.08
      # Batches that are tried, g of raw rice, each a fifth more than the last.
      BATCHES = (0..22).map { |step| (80 * (1.2**step)).round(1) }.freeze
      # Of these so many apart are solved.
      EVERY = 4

      module_function

      # `plan`: a Plan; `depth_mm` over its rice.
      def judge(plan, depth_mm)
        liquid_g = [Pot::Depth.liquid_g(depth_mm, plan.load, plan.request.vessel), 0.0].max
        DepthRule.new(depth_mm: depth_mm, liquid_g: liquid_g, holds: holds(plan, depth_mm),
                      comes_out: Trying.run(plan.request, liquid_g).comes_out)
      end

      # The first and the last batch for which the rule is right, g.
      def holds(plan, depth_mm)
        vessel = plan.request.vessel
        potfuls = BATCHES.lazy.map { |rice_g| LastPot.of(plan.request.with(rice_g: rice_g)) }
        inside = potfuls.take_while { |potful| potful.load.bed_ml <= vessel.volume_ml }.to_a
        right = inside.zip(model_g(inside)).select do |potful, model_g|
          close?(Pot::Depth.liquid_g(depth_mm, potful.load, vessel), model_g)
        end
        right.empty? ? nil : right.values_at(0, -1).map { |potful, _| potful.load.rice_g }
      end

      # Liquid of each, g: every EVERY one is solved, those between lie on a line, for
      # what a batch loses hardly bends with its size.
      def model_g(potfuls)
        solved = potfuls.each_slice(EVERY).map(&:first) | potfuls.last(1)
        balance = nil
        points = solved.map do |potful|
          balance = potful.roughly(like: balance)
          [potful.load.rice_g, balance.liquid_g]
        end
        potfuls.map { |potful| Numerics::Polyline.at(points, potful.load.rice_g) }
      end

      def close?(rule_g, model_g)
        model_g.positive? && ((rule_g / model_g) - 1).abs <= CLOSE
      end

      private_class_method :holds, :model_g, :close?
    end
  end
end
