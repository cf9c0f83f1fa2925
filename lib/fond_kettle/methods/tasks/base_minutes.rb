# frozen_string_literal: true

require_relative "../loads/base_cooking"
require_relative "../loads/base_graph"
require_relative "../loads/hot_start"
require_relative "../loads/rice_vessel"
require_relative "../made/steaming"

module FondKettle
  module Methods
    # Minutes of a step of a base that depend on its amount, not on its file.
    module BaseMinutes
      # The kind of a base that makes the liquid hot and goes by its amount.
      MAKES_HOT = "heat-liquid"

      module_function

      # Minutes of a StageText of the base of a PhaseText, solved as `phase`; `heat_min`: what its steamer
      # takes to boil. Nil where it takes what its file says.
      def of(request, stage, text, phase, heat_min)
        case stage.kind
        when MAKES_HOT then HotStart.minutes(request, text, phase)
        when Steaming::KIND then heat_min
        when BaseCooking::KIND then cooked_min(request, stage)
        when *BaseGraph::CHANGES then fried_min(request, stage)
        end
      end

      # A base of the method's own takes as long as what is in it; a dish's own step as its cook says.
      def cooked_min(request, stage)
        cooking = BaseCooking.new(request)
        cooking.minutes(stage.minutes) if cooking.any? && stage.slot
      end

      # Frying and cooking down last until this much food is in its state, where somebody has said how much,
      # and no cook how long.
      def fried_min(request, stage)
        return if stage.own_minutes? || (!stage.own? && stage.kind != BaseGraph::FRIES)
        return if stage.fried_to(request.choices.onion).nil?

        vessel = RiceVessel.of(request)
        row = vessel.changed_row(stage)
        vessel.minutes(row).ceil.to_f if row&.minutes&.positive?
      end
      private_class_method :cooked_min, :fried_min
    end
  end
end
