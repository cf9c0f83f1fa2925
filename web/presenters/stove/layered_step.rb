# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/methods/solved/comes_out"
require_relative "../../../lib/fond_kettle/pot/heat/more_heat"
require_relative "../../../lib/fond_kettle/pot/piece"
require_relative "../../helpers/numbers"

module FondKettle
  module Web
    module Presenters
      # Parts of a step at the stove of a pot of layers: rice that is drained sooner or later, how much longer
      # a piece needs.
      class LayeredStep
        include Helpers::Numbers

        # What nobody knows the cut of is measured soon again, minutes.
        SOON_MIN = 5

        # `cook`: Stove::Cook.
        def initialize(cook)
          @cook = cook
        end

        # The further minutes, by the cut of the thickest piece; an unknown piece is measured again soon.
        def more_min(measured_c)
          cut = @cook.plan[:cut]
          return SOON_MIN unless cut

          Pot::MoreHeat.minutes(Pot::Cut.new(shape: cut[:shape], mm: cut[:mm], safe_c: nil, tender_min: 0.0),
                                measured_c, @cook.task[:core_c], @cook.plan[:boil_c])
        end

        # Results of draining the rice sooner or later than planned, one sentence each.
        def drained
          return [] unless @cook.task[:kind] == "par-boil"

          runs = (@cook.plan[:drained] || []).slice_when { |one, other| one[:verdict] != other[:verdict] }
          runs.map do |same|
            from = same.first[:minutes]
            to = same.last[:minutes]
            "Drained after #{[from, to].map { |min| plain((min * 2).round / 2.0) }.uniq.join(' to ')} min: " \
              "#{Methods::ComesOut.words(same.first[:verdict])}"
          end
        end
      end
    end
  end
end
