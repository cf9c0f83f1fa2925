# frozen_string_literal: true

require_relative "../dish"
require_relative "../dish_step"
require_relative "../own_steps"
require_relative "../placing"
require_relative "../vessels/vessel_pots"
require_relative "../vessels/vessel_words"
require_relative "../../methods/request/made_in"
require_relative "graph_lines"
require_relative "graph_order"

module FondKettle
  module Dishes
    # A GraphDish as the planner takes it: a Dish with its steps' claims told, and where each step is done
    # (Methods::MadeIn).
    class PlannedGraph
      # Stages of a step by where it stands beside the rice, where it has no minute.
      STAGES = { "before" => "base", "with" => "boil", "rest" => "rest", "after" => "finish",
                 "beside" => "base" }.freeze
      # Kinds of steps that the way does itself: the rice's own washing and filling, and what it is cooked by.
      OF_THE_RICE = %w[rinse soak drain fill].freeze
      OF_THE_WAY = %w[boil low bake steam rest seal layer par-boil pour-off warm].freeze
      PAR_BOILS = [*OF_THE_RICE, "boil", "par-boil", "simmer", "heat-liquid", "pour-off"].freeze
      HEATS = %w[boil low bake steam].freeze
      BOILS = %w[boil par-boil].freeze
      # So much water to one of rice weighs most among the vessels.
      WATER_PARTS = 6.0
      LAYS = %w[lay-in stir sprinkle put-back layer].freeze
      WITH_RICE = %w[with rest].freeze
      PREHEAT = "preheat"
      SERVE = "serve"
      STEAM = "steam"

      # `graph`: a GraphDish that holds together (GraphCheck); `method`: the Methods::Method that it names,
      # nil: nobody knows it; `way`: what it keeps of its own (Way).
      def initialize(graph, method, way: Way.of)
        @graph = graph
        @method = method
        @way = way
        @order = GraphOrder.new(graph)
        @steps = @order.ordered.reject { |step| of_the_way?(step) }
        @lines = GraphLines.new(graph, @order.ordered, par_boiled: par_boiled?)
      end

      # Another GraphDish made the same way.
      def of(graph)
        PlannedGraph.new(graph, @method, way: @way)
      end

      # The GraphDish.
      attr_reader :graph

      # All of it as it was read, a hash of schema 2.
      def data
        @graph.data
      end

      # Its lines in the cook's own words.
      def written
        @graph.lines.map { |line| line.text || line.food }
      end

      # Care::Kinds of the steps at which each line of the Dish (its index) is there after it went in.
      def later_kinds
        @lines.later_kinds
      end

      # What the cook has still to say, one sentence each.
      def open
        @graph.questions
      end

      # The Dish.
      def dish
        @dish ||= begin
          steps = @steps.map { |step| dish_step(step) }
          own = @graph.to_h.slice(:title, :serves, :method, :grain, :rice_g)
          Dish.new(**own, pan_mm: nil, note: "", way: @way, lines: @lines.lines.freeze, placing: placing,
                          steps: steps.freeze, graph: self)
        end
      end

      # Methods::MadeIn in the rice's pot (Kit::Vessel) and the house's `kit` ([kind, Kit::Vessel]).
      def made_in(rice_pot, kit)
        pots = VesselPots.new(kinds, rice_pot, kit, weights, par_boils: par_boil_vessel)
        Methods::MadeIn.new(vessels: pots.vessels,
                            steps: @steps.each_with_index.map { |step, index| place(step, index) }.freeze,
                            rice_from: laid.flat_map(&:from).uniq.freeze)
      end

      private

      # What the rice's own stages do is planned by the way, with what the step takes; so is serving.
      def of_the_way?(step)
        return true if laid.include?(step) || anyway?(step)
        return with_rice?(step) && OF_THE_WAY.include?(step.kind) if WITH_RICE.include?(step.rice)

        par_boils?(step) || washes?(step) || heats_its_oven?(step)
      end

      # What is beside it is served with it, and parcels are steamed by the way that wraps them.
      def anyway?(step)
        (step.rice == "beside" && step.kind == SERVE) || (step.kind == STEAM && @method&.wrapped?)
      end

      # True where the way boils its rice in plenty of water before it is layered.
      def par_boiled?
        !@method.nil? && @method.sealed? && @method.phases.size > 1
      end

      # The oven of a way that bakes is heated once.
      def heats_its_oven?(step)
        step.kind == PREHEAT && @method&.oven?
      end

      # Steps at which the rice goes in, and those by which more is laid on it before it is heated.
      def laid
        @laid ||= begin
          steps = @order.ordered
          from = steps.index { |step| step.rice == "in" } || steps.size
          heated = steps.index { |step| step.rice == "with" && HEATS.include?(step.kind) } || steps.size
          more = steps[from...heated].to_a.select { |step| lays?(step) }
          steps.select { |step| step.rice == "in" } + more
        end
      end

      def lays?(step)
        step.rice == "with" && with_rice?(step) && LAYS.include?(step.kind)
      end

      # The rice alone is washed, soaked, drained.
      def washes?(step)
        OF_THE_RICE.include?(step.kind) && step.from.empty? && rice_only?(step) &&
          step.takes.all? { |take| take.line == @graph.rice_line }
      end

      # What is done to the rice in plenty of water before it is layered, and to that water.
      def par_boils?(step)
        PAR_BOILS.include?(step.kind) && step.rice == "before" && par_boiled? &&
          @graph.rice_holders.include?(step.vessel)
      end

      def with_rice?(step)
        step.vessel == @graph.rice_vessel.key && step.at_min.nil?
      end

      def rice_only?(step)
        return true if step.vessel == @graph.rice_vessel.key

        there = @graph.steps.select { |one| one.vessel == step.vessel }.flat_map(&:takes)
        there.all? { |take| take.line == @graph.rice_line }
      end

      def placing
        order = @order.ordered
        own = @steps.map { |step| @lines.claims[order.index(step)] }
        Placing.new(claims: own.freeze, guessed: {}.freeze, unplaced: [].freeze, stopped: [].freeze,
                    dripping: {}.freeze, told: true)
      end

      def dish_step(step)
        stage = stage(step)
        DishStep.of(say: VesselWords.sentence(step.say), stage: stage, kind: step.kind,
                    minutes: step.minutes.to_f, hands_on: step.hands_on, cue: step.until.to_s,
                    at_min: (step.at_min if stage == "minute"), oven_c: step.oven_c)
      end

      # What is done after the rice was heated is done at the end; so is what the way does at its end.
      def stage(step)
        return "minute" if step.rice == "with" && step.at_min
        return "finish" if step.rice == "with" && (late?(step) || ends?(step))

        STAGES.fetch(step.rice)
      end

      def late?(step)
        order = @order.ordered
        heated = order.rindex { |one| one.rice == "with" && with_rice?(one) && HEATS.include?(one.kind) }
        !heated.nil? && order.index(step) > heated
      end

      def ends?(step)
        !@method.nil? && @method.after.any? { |stage| stage.kind == step.kind }
      end

      def place(step, index)
        before = @order.before.fetch(step.id)
        Methods::MadeInStep.new(key: OwnSteps.key(index), id: step.id, vessel: step.vessel,
                                after: keys(before), from: step.from, g: step.g,
                                to: (step.to unless GraphVessel::AWAY.include?(step.to)),
                                share: step.share, heat: step.heat, lid: step.lid, state: step.state)
      end

      def keys(ids)
        indexes = ids.filter_map { |id| @steps.index { |step| step.id == id } }
        indexes.map { |index| OwnSteps.key(index) }.freeze
      end

      def kinds
        @graph.vessels.map { |vessel| [vessel.key, vessel.kind, vessel.name, vessel.rice] }
      end

      def weights
        by_id = @graph.lines.to_h { |line| [line.id, line.g.to_f] }
        found = @graph.steps.group_by(&:vessel).transform_values do |steps|
          steps.flat_map(&:takes).sum { |take| by_id.fetch(take.line) * take.share }
        end
        par_boil_vessel ? found.merge(par_boil_vessel => WATER_PARTS * @graph.rice_g) : found
      end

      # Key of the vessel in which the rice is boiled in plenty of water before it is layered, or nil.
      def par_boil_vessel
        boils = @graph.steps.select { |step| BOILS.include?(step.kind) && par_boils?(step) }
        boils.map(&:vessel).find { |key| key != @graph.rice_vessel.key }
      end
    end
  end
end
