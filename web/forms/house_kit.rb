# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/burner"
require_relative "../../lib/fond_kettle/kit/oven"
require_relative "../../lib/fond_kettle/kit/vessel"
require_relative "../../lib/fond_kettle/larder/grain"
require_relative "../../lib/fond_kettle/measure/cup"

module FondKettle
  module Web
    module Forms
      # What of the cupboard a plan uses: as chosen, else what suits the method,
      # else the method's own usual pot and fire.
      class HouseKit
        # `chosen`: ids by field (:pot, :cup, :burner, :oven); `wide_mm`: the width of pot
        # that the dish is written for, or nil.
        def initialize(household, method, chosen, wide_mm: nil)
          @household = household
          @method = method
          @chosen = chosen
          @wide_mm = wide_mm
        end

        %i[eaters pots cups burners ovens bags].each { |shelf| define_method(shelf) { @household.shelf(shelf).all } }

        # The fields whose choice is gone from the cupboard.
        def missing
          { pot: pots, cup: cups, burner: burners, oven: ovens }.filter_map do |field, records|
            field if @chosen[field] && !pick(records, field)
          end
        end

        def pot
          fitting = pots.select { |pot| (pot[:lid] == "cooker") == cooker?(@method) }
          pick(pots, :pot) || fitting.find { |pot| pot[:diameter_mm] == @wide_mm } || fitting.first
        end

        def cup
          pick(cups, :cup) || cups.first
        end

        # What the house measures by, the chosen cup first.
        def measures
          @measures ||= @household.measures(cup)
        end

        def oven
          record = pick(ovens, :oven) || ovens.first
          record ? @household.value(:ovens, record) : Kit::USUAL_OVEN
        end

        # The eaters of those ids, as the core's values.
        def seated(ids)
          eaters.select { |eater| ids.include?(eater[:id].to_s) }.map { |record| @household.value(:eaters, record) }
        end

        # Vessel and burner for any method, as the side-by-side view asks.
        def for_method(method)
          [vessel(method), burner(method)]
        end

        # A cooker's bowl goes under the cooker's lid, any other pot under its own.
        def vessel(method = @method)
          record = cooker?(method) == cooker?(@method) ? pot : pots.find { |pot| (pot[:lid] == "cooker") == cooker?(method) }
          return usual_pot(method) unless record

          vessel = @household.value(:pots, record)
          return vessel.with(lid: "cooker") if cooker?(method)

          vessel.lid == "cooker" ? vessel.with(lid: "ordinary") : vessel
        end

        def burner(method = @method)
          fitting = burners.select { |record| (record[:source] == "cooker") == cooker?(method) }
          record = fitting.find { |burner| burner[:id] == @chosen[:burner] } || fitting.first
          record ? @household.value(:burners, record) : Kit::Burner.usual(method.burner[:source])
        end

        # What a Request takes of it.
        def to_h
          { vessel: vessel, burner: burner, oven: oven, measures: measures, rings: [rings, 1].max }
        end

        # Burners of the stove: a cooker stands beside it.
        def rings
          burners.count { |burner| burner[:source] != "cooker" }
        end

        # The grain as the house's own bag has it: its habits and its crop.
        def bag_grain(grain)
          bag = bags.find { |record| record[:grain] == grain.key }
          bag ? grain.drinking(bag[:drinks] * Larder::CROP_UPTAKE.fetch(bag[:crop])) : grain
        end

        private

        # As wide as the dish is written for, where the cupboard has none.
        def usual_pot(method)
          Kit::Vessel.new(id: nil, name: "A usual pot", lid_factor: nil, **method.vessel,
                          **(@wide_mm ? { diameter_mm: @wide_mm } : {}))
        end

        def cooker?(method)
          method.burner[:source] == "cooker"
        end

        def pick(records, field)
          records.find { |record| record[:id] == @chosen[field] }
        end
      end
    end
  end
end
