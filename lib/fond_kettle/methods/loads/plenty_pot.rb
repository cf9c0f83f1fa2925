# frozen_string_literal: true

require_relative "../../kit/vessel"
require_relative "../../pot/fit"
require_relative "food_load"
require_relative "../request/pot_stages"
require_relative "../request/washed"

module FondKettle
  module Methods
    # The pot in which rice boils open in plenty of water, and how much water that holds: at most three
    # quarters full with water and rice (docs/model.md: Food in a vessel). A larger pot of the house comes
    # first, then less water, but never under six parts; what is too much all the same goes in rounds.
    class PlentyPot
      LEAST_PARTS = 6.0

      # `request`: a Request; `text`: one of its PhaseTexts that has parts of water.
      def initialize(request, text)
        @request = request
        @text = text
      end

      # The Kit::Vessel: the request's own, or the dish's, or of the house's others the smallest that holds
      # all of it, else the largest; where the house has none, the method's usual one.
      def vessel
        return @request.vessel unless @text.vessel

        @vessel ||= told || holding || others.max_by(&:volume_ml) || usual
      end

      # Parts of water to one of rice, as wanted or as many as the pot holds.
      def parts
        most = (room_ml - rice_ml) / @request.rice_g
        return wanted if most >= wanted || most < LEAST_PARTS

        most.floor(1)
      end

      # True when it is less water than was wanted.
      def less?
        parts < wanted
      end

      # True when the pot holds the batch in that many rounds.
      def holds?(rounds)
        (parts * @request.rice_g) + rice_ml <= room_ml * rounds
      end

      private

      def wanted
        chosen = @request.choices.parts if last?
        (chosen || @text.parts).to_f
      end

      def room_ml(pot = vessel)
        Pot::Fitting::OPEN_SHARE * pot.volume_ml
      end

      # Of the grain itself, soaked as it is, for water fills what is between; and of the food with it.
      def rice_ml
        @rice_ml ||= begin
          taken_per_g = Washed.state(@request).taken_per_g
          grain = @request.grain
          kernels_ml_g = grain.bed_ml_per_g(taken_per_g) - grain.voids_ml_per_g(taken_per_g)
          (@request.rice_g * kernels_ml_g) + food_ml
        end
      end

      def food_ml
        return 0.0 if @request.method.sealed? || !last?

        FoodLoad.plain(@request.additions).fetch(:bulk_ml)
      end

      def last?
        @text.key == @request.method.last_phase.key
      end

      # The pots of the house that stand on a ring, but for the one that is layered, and those in which the
      # dish is made where there are others; clay is never boiled hard in where there is another.
      def others
        @others ||= begin
          there = @request.kit.select { |pot| pot.kind.on_ring && pot.id != @request.vessel.id }
          there = first_of(there, there - (@request.made_in&.taken || []))
          hardy = there.reject { |pot| pot.material == PotStages::CLAY }
          first_of(there, hardy).map { |pot| lidded(pot) }
        end
      end

      def first_of(all, better)
        better.empty? ? all : better
      end

      # The pot in which the dish says that it is boiled.
      def told
        pot = @request.made_in&.par_boil_pot
        pot && lidded(pot)
      end

      def lidded(pot)
        pot.with(lid: @text.vessel[:lid] || pot.lid)
      end

      def holding
        need_ml = (wanted * @request.rice_g) + rice_ml
        others.select { |pot| room_ml(pot) >= need_ml }.min_by(&:volume_ml)
      end

      def usual
        Kit::Vessel.new(id: nil, name: "another pot", lid_factor: nil, floor_mm: nil, **@text.vessel)
      end
    end
  end
end
