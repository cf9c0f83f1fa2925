# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/bench/bench"
require_relative "../../lib/fond_kettle/dishes/scaling"
require_relative "../../lib/fond_kettle/dishes/vessels/vessel_pots"
require_relative "../../lib/fond_kettle/formats/request/graph_dish_reader"
require_relative "../../lib/fond_kettle/formats/stored_dish"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/house/composition"
require_relative "../../lib/fond_kettle/kit/burner"
require_relative "../../lib/fond_kettle/kit/dish_vessels"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/methods/loads/rice_vessel"
require_relative "../../lib/fond_kettle/methods/solved/solved"
require_relative "../../lib/fond_kettle/vessels/step"

module FondKettle
  module App
    # Lays the bench of a dish in the pots of this house, and stores nothing.
    class LayBench
      RICE = Formats::GraphDishReader::RICE
      USUAL_FIRE = "gas"
      # Degree to which rice is boiled before it is laid in, where nobody says.
      USUAL_DONE = 0.7

      # `household`: a Store::Household.
      def initialize(household)
        @household = household
      end

      # The Dishes::Bench of a dish of schema 2 (a hash) as it is written, also of one that does not hold
      # together or names no rice yet; nil: it is made in nothing. `planned`: the Dishes::Dish that it is,
      # where somebody knows it.
      def of_told(data, planned: nil)
        data = data.except(*RICE) unless RICE.all? { |key| data[key] }
        planned_bench(planned || plannable(data)) || as_told(reader(data).as_told)
      rescue InvalidInput
        nil
      end

      # The Dishes::Bench of a Dishes::Dish `factor` times as written, in the pots of a Methods::Request;
      # `plan`: the Methods::Plan that came of it, where there is one.
      def of_request(dish, factor, request, plan: nil)
        lines = Dishes::Scaling.lines(dish, factor, pan_mm: request.vessel.diameter_mm, pans: request.pots)
        setting = Methods::RiceVessel.of(request).setting
        Dishes::Bench.new(dish.graph.graph, request.made_in.vessels, setting,
                          grams: grams(lines), main: dish.main_liquid&.written, pots: request.pots,
                          rice: rice(dish, request, plan).times(request.pots))
      end

      private

      def reader(data)
        Formats::GraphDishReader.new(data, names: @household.names, stored: true)
      end

      # The Dishes::Dish of a dish of schema 2, or nil.
      def plannable(data)
        return unless data.key?(RICE.first)

        Formats::StoredDish.of(data, names: @household.names, library: @household.library, stored: true)
      rescue InvalidInput
        nil
      end

      # nil where it cannot be planned.
      def planned_bench(dish)
        of_request(dish, 1.0, composition(dish).request) if dish
      rescue Error
        nil
      end

      def composition(dish)
        amount = House::Quantity.of(by: "amount", amount: dish.rice_g)
        wishes = House::Wishes.of(method: @household.library.fetch(dish.method), dish: dish,
                                  grain: Larder::Grains.fetch(dish.grain), quantity: amount)
        House::Composition.new(wishes, @household.shelves, log: @household.lessons)
      end

      # A Dishes::Bench in the house's pots, with the liquid that its lines name.
      def as_told(graph)
        vessels = Dishes::VesselPots.new(graph.vessel_kinds, rice_pot, kit, graph.weights_g).vessels
        setting = Vessels::Setting.of(rice_pot, fire, altitude_m: @household.shelves.altitude_m)
        rice = Dishes::BenchRice.as_written(graph.grain, graph.rice_g) unless graph.side?
        Dishes::Bench.new(graph, vessels, setting, rice: rice)
      end

      def kit
        pots.map { |pot| [Kit::DishVessels.of(pot), pot] }
      end

      def pots
        @household.shelves.pots
      end

      def rice_pot
        @rice_pot ||= pots.find { |pot| Kit::DishVessels.of(pot) == Kit::DishVessels::POT } ||
                      Kit::DishVessels.fetch(Kit::DishVessels::POT).usual
      end

      def fire
        @household.shelves.burners.find { |burner| burner.kind.on_ring } || Kit::Burner.usual(USUAL_FIRE)
      end

      # g of each line, by its id.
      def grams(lines)
        known = lines.select { |scaled| scaled.g && scaled.line.written }
        known.group_by { |scaled| scaled.line.written }.transform_values { |all| all.sum(&:g) }
      end

      # A Dishes::BenchRice by the water model; a sealed pot's, without a plan, by how far it is boiled first.
      def rice(dish, request, plan)
        return in_layers(dish, request) if request.method.sealed? && plan.nil?

        solved = plan || Methods::Solved.of(request)
        load = solved.load
        done = solved.sealed ? solved.sealed.par_cook.done : 0.0
        measured = !load.plenty? && !request.method.steamed? && done.zero?
        Dishes::BenchRice.new(grain: dish.grain, grams: load.rice_g, uptake: load.uptake, done: done,
                              plenty: load.plenty?, steamed: request.method.steamed?,
                              liquid_g: (solved.poured_g if measured))
      end

      def in_layers(dish, request)
        written = Dishes::BenchRice.as_written(dish.grain, request.rice_g)
        written.with(done: request.in_layers.done || USUAL_DONE)
      end
    end
  end
end
