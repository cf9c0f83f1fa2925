# frozen_string_literal: true

require_relative "../../kit/atmosphere"
require_relative "../../kit/burner"
require_relative "../../kit/dish_vessels"
require_relative "../../vessels/contents"
require_relative "../../vessels/effects/simmer"
require_relative "../../vessels/effects/take_out"
require_relative "../../vessels/standing"
require_relative "../../vessels/step"
require_relative "base_graph"
require_relative "food_load"
require_relative "plenty_pot"

module FondKettle
  module Methods
    # The rice's vessel until the rice goes in, and what is in it then: the load of the rice by all ways
    # (docs/model.md: Food in a vessel). Liquids that are poured with the model's own are not in it.
    class RiceVessel
      # Food that is lifted out of a broth gives all it brings in so many minutes, and carries so much of its
      # weight away as liquid (docs/model.md: Taken out).
      GIVES_MIN = Vessels::Effects::Simmer::GIVES_MIN
      CARRIED = Vessels::Effects::TakeOut::CARRIED
      # Where the rice's vessel stands on no ring, its base is fried in a usual pan.
      PAN_NAME = "frying pan"
      # A plan asks for it a few times, of requests that differ in nothing that it goes by.
      LAST = {}.compare_by_identity
      MOST_KEPT = 20
      private_constant :LAST, :MOST_KEPT

      # That of a Request, in which its last phase is done.
      def self.of(request)
        text = request.method.last_phase
        vessel = PlentyPot.new(request, text).vessel
        last = LAST[request.additions]
        return last if last&.same?(request, text, vessel)

        LAST.clear if LAST.size >= MOST_KEPT
        in_base = request.method.layered? && request.made_in.nil?
        foods = in_base ? request.in_base : request.additions.reject(&:poured)
        LAST[request.additions] = new(request, text, vessel, [*foods, *request.aside])
      end

      # Its Kit::Vessel.
      attr_reader :vessel

      # `request`: a Request; `text`: the PhaseText of its base; `vessel` (Kit::Vessel) in which it is made;
      # `foods`: the Additions in it.
      def initialize(request, text, vessel, foods)
        @request = request
        @text = text
        @vessel = vessel
        @foods = foods
        @base = BaseGraph.new(text, foods, request.choices.onion, request.made_in)
      end

      # True where it is that of another request too: same food, stages, pot and fire.
      def same?(request, text, vessel)
        @text.base.equal?(text.base) && @vessel == vessel && @request.burner == request.burner &&
          @request.altitude_m == request.altitude_m && @request.choices.onion == request.choices.onion &&
          @request.poured == request.poured && @request.made_in == request.made_in &&
          @request.method.layered? == request.method.layered?
      end

      # True when something is done to its food before the rice goes in.
      def worked?
        @base.changing.any?
      end

      # Contents when the rice goes in, what was lifted out of a broth not among them.
      def contents
        @contents ||= with_foods { |food| !out?(food) }
      end

      # The vessel that it is fried in (Vessels::Setting).
      def setting
        @setting ||= begin
          on_ring = @request.burner.kind.on_ring
          there = on_ring ? [@vessel, @request.burner] : [usual_pan, Kit::Burner.usual("gas")]
          Vessels::Setting.of(*there, altitude_m: @request.altitude_m)
        end
      end

      # The vessel (Vessels::Setting) in which the steps of one of the dish are done, by its key.
      def setting_of(key)
        @settings ||= @base.settings(setting)
        @settings.fetch(key)
      end

      # Rows of the steps in it (Vessels::Row), the last when the rice goes in.
      def rows
        @rows ||= @base.graph(setting).rows
      end

      # The Row of a step by its key, or nil.
      def row(key)
        rows.find { |row| row.step.key == key }
      end

      # The Row of a stage (StageText) that changes food of which somebody has said how much, or nil.
      def changed_row(stage)
        row(stage.key) if @base.changing.include?(stage)
      end

      # Minutes of a Row, of all that is in the vessel at once.
      def minutes(row)
        return row.minutes unless for_all_pots?(row)

        for_all_pots(row).before.after(row.does, setting_of(row.step.vessel)).minutes
      end

      # A Row with what is in the vessel at once: of all rounds in one pot, and of all pots in a pan beside
      # them.
      def for_all_pots(row)
        return row unless for_all_pots?(row)

        row.with(**%i[before contents].to_h { |part| [part, row.public_send(part).part(@request.pots)] })
      end

      # True where meat or the like in its base is raw when the rice goes in, or was seared only.
      def raw_in_base?
        return @request.in_layers.base.raw if @request.method.layered?

        simmered = @request.made_in.nil? && @text.broth && @text.broth.minutes.to_f >= Vessels::Standing::THROUGH_MIN
        !simmered && Vessels::Standing.raw?(with_foods { |food| !late?(food) })
      end

      # True where something raw goes in with the rice.
      def raw_beside_rice?
        !@request.method.layered? && Vessels::Standing.raw?(with_foods { |food| late?(food) })
      end

      # Water that food left in the broth it was lifted out of, in g.
      def left_g
        share = @text.broth ? [@text.broth.minutes.to_f / GIVES_MIN, 1.0].min : 0.0
        everything.foods.select { |food| out?(food) }.sum(0.0) do |food|
          given_g = food.giving_g * share
          given_g - (CARRIED * (food.mass_g - given_g))
        end
      end

      # Water that its food would have brought, had it not been fried or cooked down, in g.
      def dried_g
        return 0.0 unless worked?

        everything.foods.sum { |food| [food.steam_g, food.ingredient.brings * food.raw_g].min }
      end

      # Attributes of Pot::Load: water, heat capacity, room (FoodLoad).
      def load
        FoodLoad.of(contents, poured: @request.poured, left_g: left_g).merge(dried_g: dried_g)
      end

      # Temperature of its food, in °C: of a broth its boil, of what nothing was done to `cold_c`.
      def temp_c(cold_c)
        return Kit::Atmosphere.boiling_point_c(@request.altitude_m) if @text.broth
        return cold_c unless worked? || @foods.any?(&:start_c)

        FoodLoad.temp_c(contents, cold_c)
      end

      private

      def for_all_pots?(row)
        @request.pots > 1 && (@request.rounds? || @request.made_in&.beside?(row.step.key))
      end

      def usual_pan
        Kit::DishVessels.fetch(Kit::DishVessels::PAN).usual.with(name: PAN_NAME)
      end

      def everything
        @everything ||= worked? ? rows.last.contents : plain
      end

      # All of it as it was weighed.
      def plain
        @base.lines.each_value.reduce(Vessels::Contents.of) { |contents, food| contents.taking(food) }
      end

      # Contents when the rice goes in, of the foods for which the block is true.
      def with_foods(&)
        everything.with(foods: everything.foods.select(&).freeze)
      end

      # True for what goes in with the rice.
      def late?(food)
        rows.last.step.takes.map(&:first).include?(food.line)
      end

      def out?(food)
        !@foods[food.line].out.nil?
      end
    end
  end
end
