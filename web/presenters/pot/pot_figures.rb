# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/methods/placing/amounts"
require_relative "../../drawings/glasses_drawing"

module FondKettle
  module Web
    module Presenters
      # How much rice and liquid a PotAnswer has, in the house's own measures.
      module PotFigures
        # The liquid, as the house's scale shows it: the cook's own, when it is given.
        def liquid
          weighed(@own_g || answer[:liquid][:g])
        end

        # The rice, weighed and in the house's cup.
        def rice
          weighed(answer[:rice][:g])
        end

        def rice_measured
          answer[:rice][:measured]
        end

        # The liquid in the house's cup.
        def measured
          @own_g ? spoken(@own_g, form) : answer[:liquid][:measured]
        end

        # The liquid as glasses to count (Drawings::GlassesDrawing).
        def water_glasses
          ml = Methods::Amounts.measured_ml(@own_g || answer[:liquid][:g], plan.load, form.kit.measures)
          Drawings::GlassesDrawing.new(ml, form.kit.measures, "water")
        end

        # The rice, too.
        def rice_glasses
          Drawings::GlassesDrawing.new(answer[:rice][:ml], form.kit.measures, "rice")
        end

        # Name of the liquid.
        def liquid_name
          "#{form.dish&.main_liquid&.name || 'water'}#{poured_how}#{', your way' if @own_g}"
        end

        # The way it goes in, when it does not just go into the pot.
        def poured_how
          return unless plan.load.steamed?

          times = plan.stages.count(&:sprinkle) * plan.load.steamer.batches
          times.zero? ? " to sprinkle" : " to sprinkle, in #{times} pours"
        end
      end
    end
  end
end
