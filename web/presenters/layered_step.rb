# frozen_string_literal: true

require_relative "../../lib/fond_kettle/pot/more_heat"
require_relative "../../lib/fond_kettle/pot/piece"

module FondKettle
  module Web
    module Presenters
      # What a step at the stove says of a pot of layers: what is laid in, rice that is drained sooner
      # or later, how much longer a piece wants.
      module LayeredStep
        # What nobody knows the cut of is measured soon again, minutes.
        SOON_MIN = 5

        # So much longer, by how the thickest piece is cut; what nobody knows of is measured soon again.
        def more_min(measured_c)
          cut = cook.plan[:cut]
          return SOON_MIN unless cut

          Pot::MoreHeat.minutes(Pot::Cut.new(shape: cut[:shape], mm: cut[:mm], safe_c: nil, tender_min: 0.0),
                                measured_c, task[:core_c], cook.plan[:boil_c])
        end

        # What is laid in line by line, or nil.
        def list
          task[:list] unless remedy
        end

        # What comes of rice that is drained sooner or later than planned, a sentence each.
        def drained
          return [] unless task[:kind] == "par-boil"

          runs = (cook.plan[:drained] || []).slice_when { |one, other| one[:verdict] != other[:verdict] }
          runs.map do |same|
            from = same.first[:minutes]
            to = same.last[:minutes]
            "Drained after #{[from, to].map { |min| plain((min * 2).round / 2.0) }.uniq.join(' to ')} min: " \
              "#{same.first[:verdict]}"
          end
        end
      end
    end
  end
end
