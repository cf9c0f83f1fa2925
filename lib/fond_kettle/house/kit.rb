# frozen_string_literal: true

require_relative "../kit/burner"
require_relative "../kit/oven"
require_relative "../kit/vessel"

module FondKettle
  module House
    # The things of the shelves that a plan uses: the chosen ones, or those that suit the method, or the
    # method's own usual pot and fire.
    class Kit
      # `chosen`: ids by :pot, :cup, :burner and :oven; `wide_mm`: the width of pot that a
      # dish is written for, or nil; `takes` says whether a pot takes all that is wanted (nil:
      # that is not asked).
      def initialize(shelves, method, chosen, wide_mm: nil, takes: nil)
        @takes = takes
        @shelves = shelves
        @method = method
        @chosen = chosen
        @wide_mm = wide_mm
      end

      # The fields whose choice is on no shelf any more.
      def missing
        { pot: @shelves.pots, cup: @shelves.cups, burner: @shelves.burners,
          oven: @shelves.ovens }.filter_map do |field, there|
          field if @chosen[field] && !pick(there, field)
        end
      end

      # The pot (FondKettle::Kit::Vessel) of the house that is used, or nil where it has none.
      def pot
        @pot ||= pick(@shelves.pots, :pot) || suiting(@method)
      end

      # Number of pots that are just like the one in use.
      def alike
        [of_kind(@method).count { |one| one.with(id: nil, name: "") == pot&.with(id: nil, name: "") }, 1].max
      end

      # The cup that comes first, or nil where the house has none.
      def cup
        pick(@shelves.cups, :cup) || @shelves.cups.first
      end

      # The measures, the chosen cup first (Measure::House).
      def measures
        @measures ||= @shelves.measures(cup)
      end

      # The FondKettle::Kit::Oven.
      def oven
        pick(@shelves.ovens, :oven) || @shelves.ovens.first || FondKettle::Kit::USUAL_OVEN
      end

      # [vessel, burner] for any method, as a comparison asks.
      def for_method(method)
        [vessel(method), burner(method)]
      end

      # A cooker's bowl goes under the cooker's lid, any other pot under its own.
      def vessel(method = @method)
        own = method.vessel_kind == @method.vessel_kind ? pot : of_kind(method).first
        own ? own.as(method.vessel_kind) : usual_pot(method)
      end

      # The FondKettle::Kit::Burner.
      def burner(method = @method)
        fitting = @shelves.burners.select { |burner| burner.kind == method.vessel_kind }
        fitting.find { |burner| burner.id == @chosen[:burner] } || fitting.first ||
          FondKettle::Kit::Burner.usual(method.burner[:source], nil, vessel(method))
      end

      # Attributes of a Methods::Request.
      def to_h
        { vessel: vessel, burner: burner, oven: oven, measures: measures, rings: @shelves.rings,
          pots_there: alike, kit: @shelves.pots }
      end

      private

      def pick(there, field)
        there.find { |one| one.id == @chosen[field] }
      end

      def of_kind(method)
        @shelves.pots.select { |pot| pot.kind == method.vessel_kind }
      end

      # As wide as the dish is written for, else the first; where that does not take it all, the
      # smallest that does, else the largest.
      def suiting(method)
        pots = of_kind(method)
        wanted = @wide_mm ? pots.min_by { |pot| (pot.diameter_mm - @wide_mm).abs } : pots.first
        wanted.nil? || @takes.nil? || @takes.call(wanted) ? wanted : roomier(pots, wanted)
      end

      def roomier(pots, wanted)
        larger = pots.select { |pot| pot.volume_ml > wanted.volume_ml }.sort_by(&:volume_ml)
        larger.find { |pot| @takes.call(pot) } || pots.max_by(&:volume_ml)
      end

      # As wide as the dish is written for, where the house has none.
      def usual_pot(method)
        FondKettle::Kit::Vessel.new(id: nil, name: "A usual pot", lid_factor: nil, floor_mm: nil,
                                    **method.vessel,
                                    **(@wide_mm ? { diameter_mm: @wide_mm } : {}))
      end
    end
  end
end
